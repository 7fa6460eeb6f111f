import type { Agent } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { SequenceProblem, Schedule } from '../sequence/problem.ts';
import { applicationsOf } from '../supply/planned-mix.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { groupsThatGoTogether } from './vessels.ts';
import type { PlannedOperation } from './work-builder.ts';

/** Which sprayer carries which mix when. */
export interface SprayerLoads {
  /** Sprayers that hold something which is used again, at the fullest moment. */
  readonly atOnce: number;
  /** Seconds from the start of the visit: that moment, and the mixes that are in sprayers then. */
  readonly fullest: { readonly at: number; readonly mixes: readonly PlannedMix[] };
  /** Sprayers that it takes: those that are there, or more. */
  readonly count: number;
  /** Times that a sprayer is rinsed out for another mix, with as many as are there. */
  readonly rinses: number;
  /** The name of the sprayer by {@link sprayerUse}. */
  readonly names: ReadonlyMap<string, string>;
}

interface SprayedPlan {
  readonly surfaces: readonly TreatedSurface[];
  readonly mixes: readonly PlannedMix[];
  readonly work: {
    readonly planned: readonly PlannedOperation[];
    readonly problem: Pick<SequenceProblem, 'holds'>;
  };
}

interface Use {
  readonly operation: string;
  readonly mix: PlannedMix;
  readonly from: number;
  readonly to: number;
}

interface Sprayer {
  readonly name: string;
  /** Agents that go together: what it carries is of one such group. */
  group: number | null;
  holds: PlannedMix | null;
  busyUntil: number;
}

/** One use of a sprayer: an operation with an agent. */
export const sprayerUse = (operation: string, agent: string) => `${operation} ${agent}`;

/**
 * The sprayers of a decided day: each holds one mix; one that is needed again for the same is taken first, then an empty one, then one is
 * rinsed out, the one whose mix is wanted latest. What opposes each other never shares one: where too few are free, one more is counted.
 */
export function sprayerLoads(plan: SprayedPlan, schedule: Schedule, count: number): SprayerLoads {
  const uses = usesOf(plan, schedule);
  const rack = new Rack(uses, count);
  const names = new Map<string, string>();
  uses.forEach((use, i) => {
    names.set(sprayerUse(use.operation, use.mix.agent), rack.take(use, uses.slice(i + 1)));
  });
  return { ...fullestMoment(uses), count: rack.sprayers.length, rinses: rack.rinses, names };
}

/** The sprayers of a company, as they are filled over the day. */
class Rack {
  readonly sprayers: Sprayer[];
  rinses = 0;
  private readonly groups: readonly (readonly Agent[])[];

  constructor(uses: readonly Use[], count: number) {
    this.sprayers = Array.from({ length: count }, (_, i) => emptySprayer(i));
    this.groups = groupsThatGoTogether(
      [...new Set(uses.map(({ mix }) => mix.agent))].map((id) => CATALOGUE.agent(id)),
    );
  }

  /** @returns the name of the sprayer that is taken */
  take(use: Use, later: readonly Use[]): string {
    const group = this.groups.findIndex((agents) => agents.some(({ id }) => id === use.mix.agent));
    const wantedAgain = ({ holds }: Sprayer) => later.find(({ mix }) => mix === holds)?.from ?? Infinity;
    const own = this.sprayers.filter((one) => one.group === group && one.busyUntil <= use.from);
    const sprayer =
      own.find(({ holds }) => holds === use.mix) ??
      this.empty(group) ??
      [...own].sort((a, b) => wantedAgain(b) - wantedAgain(a))[0] ??
      this.another();
    if (sprayer.holds !== null && sprayer.holds !== use.mix) this.rinses += 1;
    sprayer.group = group;
    sprayer.holds = use.mix;
    sprayer.busyUntil = use.to;
    return sprayer.name;
  }

  /** One that nothing was in yet, unless the last are wanted for what may not go into any other. */
  private empty(group: number): Sprayer | undefined {
    const empty = this.sprayers.filter((one) => one.group === null);
    const without = this.groups.filter(
      (_, i) => i !== group && !this.sprayers.some((one) => one.group === i),
    );
    const hasNone = !this.sprayers.some((one) => one.group === group);
    return hasNone || empty.length > without.length ? empty[0] : undefined;
  }

  private another(): Sprayer {
    const more = emptySprayer(this.sprayers.length);
    this.sprayers.push(more);
    return more;
  }
}

const emptySprayer = (i: number): Sprayer => ({
  name: `sprayer ${i + 1}`,
  group: null,
  holds: null,
  busyUntil: 0,
});

function usesOf({ surfaces, mixes, work }: SprayedPlan, { placements }: Schedule): readonly Use[] {
  const sprayed = new Set(
    surfaces.flatMap(({ treatment }) =>
      (treatment?.stages ?? []).flatMap(({ id, apply, tool }) =>
        apply && tool !== null && CATALOGUE.tool(tool).machines.includes('sprayer') ? [id] : [],
      ),
    ),
  );
  const mixOf = new Map(
    mixes.flatMap((mix) => applicationsOf(mix).map(({ stage }) => [stage, mix] as const)),
  );
  const placed = new Map(placements.map((placement) => [placement.operation, placement]));
  const heldUntil = new Map(work.problem.holds.map(({ from, to }) => [from, placed.get(to)?.start ?? 0]));
  return work.planned
    .flatMap(({ id, task, stages }): Use[] => {
      const placement = placed.get(id);
      if (task === 'mix' || !placement) return [];
      const { start: from, finish } = placement;
      const own = new Set(stages.flatMap((stage) => (sprayed.has(stage) ? (mixOf.get(stage) ?? []) : [])));
      return [...own].map((mix) => ({
        operation: id,
        mix,
        from,
        to: Math.max(finish, heldUntil.get(id) ?? 0),
      }));
    })
    .sort((a, b) => a.from - b.from || (a.operation < b.operation ? -1 : 1));
}

/** When the most sprayers hold something: each from its first use of a mix to the last, or of what is made anew each time to its end. */
function fullestMoment(uses: readonly Use[]): Pick<SprayerLoads, 'atOnce' | 'fullest'> {
  const spans = [...new Set(uses.map(({ mix }) => mix))].flatMap((mix) => {
    const sprayers: { mix: PlannedMix; from: number; to: number }[] = [];
    for (const use of uses.filter((one) => one.mix === mix)) {
      const free = mix.makings ? undefined : sprayers.find(({ to }) => to <= use.from);
      if (free) free.to = use.to;
      else sprayers.push({ mix, from: use.from, to: use.to });
    }
    return sprayers;
  });
  let most: readonly { readonly mix: PlannedMix }[] = [];
  let at = 0;
  for (const { from } of spans) {
    const loaded = spans.filter((span) => span.from <= from && from < span.to);
    if (loaded.length > most.length) [most, at] = [loaded, from];
  }
  return { atOnce: most.length, fullest: { at, mixes: [...new Set(most.map(({ mix }) => mix))] } };
}
