import type { CompanyCatalogue } from '../company/company-catalogue.ts';
import { listed } from '../quantity/words.ts';
import type { FaceReach } from '../readiness/face-reach.ts';
import { NO_SET_UP } from '../sequence/problem.ts';
import type { Lag } from '../sequence/problem.ts';
import { warning } from '../warnings/warning.ts';
import type { Warning } from '../warnings/warning.ts';
import { standLegs } from './stand-legs.ts';
import { WHOLE } from './work-builder.ts';
import type { PlannedOperation, StandAct, WorkBuilder } from './work-builder.ts';

/** What waits for the visit to begin, and what the visit waits for before it ends. */
export interface StandWork {
  readonly first: readonly string[];
  readonly last: readonly string[];
  /** What would take a second pair of hands, where nobody else is there. */
  readonly warnings: readonly Warning[];
}

/** Of what is to be done: by whom, where, with what before and after it. */
interface StandTask {
  readonly id: string;
  readonly act: StandAct;
  readonly reach: FaceReach;
  readonly minutes: number;
  readonly after: readonly string[];
  readonly before: readonly string[];
}

/**
 * What people stand on, with the hands it takes: a tower goes up, from face to face and down again by two at once, a lift is brought by
 * one; a ladder from which somebody works is footed by somebody else for as long. Tower and lift come to each face in turn, in an order
 * that what waits for what allows.
 *
 * @param reaches of the faces that are worked, in walking order
 * @param lags of all work that is in the builder, and what people have fixed
 * @param zoneOf the side of a face
 * @param hands people who are there all day: a second one helps where there is one
 */
export function standWork(
  builder: WorkBuilder,
  reaches: readonly FaceReach[],
  lags: readonly Lag[],
  {
    catalogue,
    zoneOf,
    hands,
  }: {
    readonly catalogue: Pick<CompanyCatalogue, 'weight'>;
    readonly zoneOf: (surface: string) => string;
    readonly hands: number;
  },
): StandWork {
  const isHelped = hands > 1;
  const worked = builder.planned.filter(isWorkedUp);
  const names = (some: readonly FaceReach[]) => listed(some.map(({ name }) => name));
  const at = (reach: FaceReach) =>
    worked.filter(({ parts }) => parts.some(({ surface }) => surface === reach.surface));
  const footed = reaches.filter((reach) => reach.footed && at(reach).length > 0);
  const onTower = reaches.filter((reach) => reach.lifting === 'tower' && at(reach).length > 0);
  if (isHelped) for (const reach of footed) for (const own of at(reach)) footLadder(builder, own, reach);
  const ends = STANDS.flatMap((kind) => moves(kind));
  return {
    first: ends.map(({ first }) => first),
    last: ends.map(({ last }) => last),
    warnings: isHelped
      ? []
      : [
          ...(footed.length > 0 ? [warning('stand-alone/ladder', 'warn', { places: names(footed) })] : []),
          ...(onTower.length > 0 ? [warning('stand-alone/tower', 'warn', { places: names(onTower) })] : []),
        ],
  };

  function moves(kind: 'tower' | 'lift'): readonly { readonly first: string; readonly last: string }[] {
    const faces = reaches.filter(({ lifting }) => lifting === kind);
    const legs = standLegs(
      builder.operations,
      lags,
      faces.map((reach) => ({ face: reach.surface, operations: at(reach).map(({ id }) => id) })),
    );
    const minutes = (weight: string) => catalogue.weight(weight).value;
    const ids = legs.flatMap(({ face, operations }, i): readonly string[] => {
      const reach = faces.find(({ surface }) => surface === face);
      if (!reach) return [];
      const isFirst = i === 0;
      const up = kind === 'tower' && isFirst;
      const cameBefore = legs.slice(0, i).filter((leg) => leg.face === face).length;
      return moved({
        id: cameBefore === 0 ? `${kind}.${face}` : `${kind}.${face}.${cameBefore + 1}`,
        act: kind === 'lift' ? 'lift-move' : isFirst ? 'tower-up' : 'tower-move',
        reach,
        minutes: minutes(up ? 'stand-up' : 'other-stand'),
        after: legs[i - 1]?.operations ?? [],
        before: operations,
      });
    });
    const lastLeg = legs.at(-1);
    const reach = faces.find(({ surface }) => surface === lastLeg?.face);
    const [first] = ids;
    if (!lastLeg || !reach || first === undefined) return [];
    if (kind === 'lift') return lastLeg.operations.map((last) => ({ first, last }));
    const [down = first] = moved({
      id: 'tower.down',
      act: 'tower-down',
      reach,
      minutes: minutes('stand-down'),
      after: lastLeg.operations,
      before: [],
    });
    return [{ first, last: down }];
  }

  /** @returns the operation of whoever leads */
  function moved({ id, act, reach, minutes, after, before }: StandTask): readonly string[] {
    const place = reach.surface;
    const zone = zoneOf(place);
    const add = (own: string, helps: boolean) => {
      const setUp = { ...NO_SET_UP, place: zone };
      return builder.add(
        { id: own, cluster: id, seconds: 60 * minutes, zone, place, begins: setUp, ends: setUp },
        { ...aboutStand(place), standing: { act, helps } },
      );
    };
    const lead = add(id, false);
    if (isHelped && act !== 'lift-move') builder.lags.push(atOnce(lead, add(`${id}.help`, true)));
    builder.allAfter([lead], after, 'stand');
    builder.allAfter(before, [lead], 'stand');
    return [lead];
  }
}

const STANDS = ['tower', 'lift'] as const;

/** What is done on a face from what reaches its top: neither what is mixed on the ground nor the rinse of its foot. */
function isWorkedUp({ task }: PlannedOperation): boolean {
  return task !== 'mix' && task !== 'foot-rinse';
}

/** Somebody at the foot of a ladder, from when the other goes up until they are down. */
function footLadder(builder: WorkBuilder, { id }: PlannedOperation, { surface }: FaceReach): void {
  const { cluster, zone, seconds, place } = builder.operation(id);
  const setUp = { ...NO_SET_UP, place: zone };
  const footing = builder.add(
    { id: `${id}.foot`, cluster, seconds, zone, place, begins: setUp, ends: setUp },
    { ...aboutStand(surface), standing: { act: 'ladder-foot', helps: true } },
    { after: id },
  );
  builder.lags.push(atOnce(id, footing));
}

const aboutStand = (surface: string) => ({
  task: 'stand' as const,
  parts: [{ surface, cycle: null, share: WHOLE, areaSquareMetres: null }],
  stages: [],
  section: null,
  areaSquareMetres: null,
});

const atOnce = (from: string, to: string): Lag => ({
  from,
  anchor: 'start',
  to,
  minSeconds: 0,
  maxSeconds: 0,
  rule: 'two-at-once',
});
