import { say } from '../messages/message.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { isWet } from '../protection/work-phase.ts';
import type { Stage } from '../treatment/stage.ts';
import type { JoinedFront } from '../wet-cycle/joined-front.ts';
import type { WetCyclePlan } from '../wet-cycle/wet-cycle-plan.ts';
import { workedWith } from './stage-set-up.ts';
import { frontWork, joinedWork } from './front-work.ts';
import type { FrontEnds } from './front-work.ts';
import type { MixWork } from './mix-work.ts';
import { stageSeconds } from './stage-seconds.ts';
import { plainRinse } from './plain-rinse.ts';
import { WHOLE } from './work-builder.ts';
import type { Group, WorkBuilder } from './work-builder.ts';

/**
 * Stages that one person does one after the other, in pieces of half an hour at most: over one surface, several stages only where all
 * of them are one piece; or over several surfaces that are worked as one, piece by piece so many of them.
 *
 * @param surfaces the stages of each surface, alike on all
 */
export function untiedGroup(
  builder: WorkBuilder,
  mixing: MixWork,
  surfaces: readonly (readonly Stage[])[],
  zone: string,
): Group {
  const [stages] = surfaces;
  const [stage] = stages ?? [];
  if (!stages || !stage) throw new RangeError('work without a stage');
  const ids =
    surfaces.length === 1 ? untiedPieces(builder, stages, zone) : untiedRounds(builder, surfaces, zone);
  builder.inOrder(ids);
  stages.forEach((_, i) => {
    mixing.before(
      ids,
      surfaces.flatMap((own) => own[i] ?? []),
      [],
    );
  });
  return { first: ids, last: ids, wet: stages.some(isWet) };
}

function untiedPieces(builder: WorkBuilder, stages: readonly Stage[], zone: string): readonly string[] {
  const [stage] = stages;
  if (!stage) return [];
  const seconds = workSeconds(stages);
  const pieces = stages.length > 1 ? 1 : Math.max(1, Math.ceil(seconds / TRADE_DEFAULTS.longestPieceSeconds));
  const areas = new Set(stages.map((one) => one.areaSquareMetres));
  const areaSquareMetres = areas.size === 1 ? stage.areaSquareMetres / pieces : null;
  return Array.from({ length: pieces }, (_, i) => {
    const id = `${stage.id}.${i + 1}`;
    const share = { from: i / pieces, to: (i + 1) / pieces };
    return builder.add(
      {
        id,
        cluster: id,
        seconds: seconds / pieces,
        ...workedWith(stages, zone),
        place: stage.surface,
      },
      {
        task: 'work',
        parts: [{ surface: stage.surface, cycle: null, share, areaSquareMetres }],
        stages: stages.map((one) => one.id),
        section: pieces > 1 ? say('section/one', { number: i + 1, count: pieces }) : null,
        areaSquareMetres,
      },
    );
  });
}

/** Once over all surfaces, or over as many as half an hour lets. */
function untiedRounds(
  builder: WorkBuilder,
  surfaces: readonly (readonly Stage[])[],
  zone: string,
): readonly string[] {
  // While one surface waits for its reading, work goes on at the next.
  const secondsOf = (some: readonly (readonly Stage[])[]) =>
    some.flat().reduce((sum, stage) => sum + stageSeconds(stage), 0) + waitSeconds(some[0] ?? []);
  const total = secondsOf(surfaces);
  const rounds = Math.min(surfaces.length, Math.ceil(total / TRADE_DEFAULTS.longestPieceSeconds));
  const each = Math.ceil(surfaces.length / Math.max(1, rounds));
  const ids: string[] = [];
  for (let from = 0; from < surfaces.length; from += each) {
    const own = surfaces.slice(from, from + each);
    const stages = own.flat();
    const [first] = stages;
    if (!first) continue;
    const id = `${first.id}.round`;
    const parts = own.flatMap(([stage]) =>
      stage
        ? [
            {
              surface: stage.surface,
              cycle: null,
              share: WHOLE,
              areaSquareMetres: stage.areaSquareMetres,
            },
          ]
        : [],
    );
    builder.add(
      {
        id,
        cluster: id,
        seconds: secondsOf(own),
        ...workedWith(stages, zone),
        place: first.surface,
      },
      {
        task: 'work',
        parts,
        stages: stages.map((one) => one.id),
        section: null,
        areaSquareMetres: parts.reduce((sum, part) => sum + part.areaSquareMetres, 0),
      },
    );
    ids.push(id);
  }
  return ids;
}

/** One person, with the wait before a reading. */
function workSeconds(stages: readonly Stage[]): number {
  return stages.reduce((sum, one) => sum + stageSeconds(one), 0) + waitSeconds(stages);
}

/** Stages one after the other that one person does in one go: dry work, or wet work with the readings that end it. */
export function together(stages: readonly Stage[]): readonly (readonly Stage[])[] {
  const groups: Stage[][] = [];
  for (const stage of stages) {
    const group = groups.at(-1);
    const last = group?.at(-1);
    const all = [...(group ?? []), stage];
    const goesOn =
      last?.cycle === null &&
      stage.cycle === null &&
      workSeconds(all) <= TRADE_DEFAULTS.longestPieceSeconds &&
      (isWet(stage) === isWet(last) || stage.kind === 'reading');
    if (group && goesOn) group.push(stage);
    else groups.push([stage]);
  }
  return groups;
}

/** What is put on to neutralise works for a while before it is read. */
const waitSeconds = (stages: readonly Stage[]) =>
  stages.slice(1).filter(({ kind }) => kind === 'reading').length * TRADE_DEFAULTS.neutraliserWorksSeconds;

/**
 * A wet cycle as a front, with the mix before it: mixed again before what is mixed has stood too long.
 *
 * @param isRinsedNext the whole of it is rinsed by what follows
 */
export function cycleGroup(
  builder: WorkBuilder,
  mixing: MixWork,
  cycle: WetCyclePlan,
  zone: string,
  isRinsedNext: boolean,
): Group {
  const ends = cycle.front
    ? frontWork(builder, cycle, cycle.front, zone)
    : leaveOnPieces(builder, cycle, zone);
  mixing.before(ends.first, [cycle.apply], [cycle]);
  const last =
    (cycle.front?.lifts ?? 1) > 1 && !isRinsedNext ? [clearRinse(builder, cycle, zone, ends)] : ends.last;
  return { first: ends.first, last, wet: isWet(cycle.apply) };
}

/** What was rinsed off the strips above ran over those that were finished before. */
function clearRinse(builder: WorkBuilder, cycle: WetCyclePlan, zone: string, ends: FrontEnds): string {
  const id = plainRinse(builder, {
    id: `${cycle.id}.clear-rinse`,
    task: 'clear-rinse',
    surface: cycle.surface,
    cycle: cycle.id,
    zone,
    areaSquareMetres: cycle.areaSquareMetres,
  });
  builder.allAfter([id], ends.last, 'rinsed-clear');
  return id;
}

/** A front over several surfaces, with the one mix before it. */
export function joinedGroup(builder: WorkBuilder, mixing: MixWork, joined: JoinedFront, zone: string): Group {
  const ends = joinedWork(builder, joined, zone);
  const { cycles } = joined;
  const applied = cycles.map(({ apply }) => apply);
  mixing.before(ends.first, applied, cycles);
  return { first: ends.first, last: ends.last, wet: true };
}

/** What is left on, in pieces of half an hour at most. */
function leaveOnPieces(builder: WorkBuilder, cycle: WetCyclePlan, zone: string): FrontEnds {
  const stages = [...(cycle.preWet ? [cycle.preWet] : []), cycle.apply, ...cycle.finishing];
  const seconds = 60 * cycle.minutes;
  const pieces = Math.max(1, Math.ceil(seconds / TRADE_DEFAULTS.longestPieceSeconds));
  const ids = Array.from({ length: pieces }, (_, i) => {
    const id = `${cycle.id}.piece-${i + 1}`;
    return builder.add(
      {
        id,
        cluster: id,
        seconds: seconds / pieces,
        ...workedWith(stages, zone),
        place: cycle.surface,
      },
      {
        task: 'work',
        parts: [
          {
            surface: cycle.surface,
            cycle: cycle.id,
            share: { from: i / pieces, to: (i + 1) / pieces },
            areaSquareMetres: cycle.areaSquareMetres / pieces,
          },
        ],
        stages: stages.map((s) => s.id),
        section: pieces === 1 ? null : say('section/one', { number: i + 1, count: pieces }),
        areaSquareMetres: cycle.areaSquareMetres / pieces,
      },
    );
  });
  builder.inOrder(ids);
  return { first: ids, last: ids };
}
