import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { phaseId } from '../protection/work-phase.ts';
import type { WorkPhase } from '../protection/work-phase.ts';
import type { Stage } from '../treatment/stage.ts';
import { cycleGroup, joinedGroup, together, untiedGroup } from './cycle-work.ts';
import type { JoinedPhase, PhaseStages } from './joined-phases.ts';
import type { MixWork } from './mix-work.ts';
import type { Group, WorkBuilder } from './work-builder.ts';

/** A phase of the work on one face as groups that follow each other. */
export interface PhaseGroups {
  readonly phase: WorkPhase;
  readonly groups: readonly Group[];
  /** What waits where the phase waits for others: its first wet work; dry work may come before. */
  readonly waits: readonly string[];
  readonly ends: readonly string[];
}

/** What a phase begins with, for what it waits after the phase before. */
interface Chained {
  readonly groups: readonly Group[];
  readonly beginsWith: Stage;
}

/** The phases of faces as groups of operations; what is worked as one is made once. */
export class PhaseWork {
  private readonly builder: WorkBuilder;
  private readonly mixing: MixWork;
  private readonly joined: ReadonlyMap<string, JoinedPhase>;
  private readonly made = new Map<JoinedPhase, Chained>();

  constructor(builder: WorkBuilder, mixing: MixWork, joined: readonly JoinedPhase[]) {
    this.builder = builder;
    this.mixing = mixing;
    this.joined = new Map(
      joined.flatMap((one) => one.phases.map(({ phase }) => [phaseId(phase), one] as const)),
    );
  }

  /** The phases of one surface: each begins after the one before. */
  chain(phases: readonly PhaseStages[], zone: string): readonly PhaseGroups[] {
    let lastGroup: Group | undefined;
    return phases.flatMap((one): PhaseGroups[] => {
      const joined = this.joined.get(phaseId(one.phase));
      const { groups, beginsWith } = joined ? this.once(joined, zone) : this.groupsOf([one], null, zone);
      const [first] = groups;
      const last = groups.at(-1);
      if (!first || !last) return [];
      if (lastGroup) this.builder.allAfter(first.first, lastGroup.last, 'chain-order', settles(beginsWith));
      lastGroup = last;
      const begin = one.phase.part === 'stays' ? first : last;
      const waits = (groups.find((group) => group.wet) ?? begin).first;
      return [{ phase: one.phase, groups, waits, ends: last.last }];
    });
  }

  private once(joined: JoinedPhase, zone: string): Chained {
    const chained = this.made.get(joined);
    if (chained) return chained;
    const fresh = this.groupsOf(joined.phases, joined.fronts, zone);
    this.made.set(joined, fresh);
    return fresh;
  }

  /** Group after group over all surfaces; each waits for the one before. */
  private groupsOf(
    phases: readonly PhaseStages[],
    fronts: JoinedPhase['fronts'] | null,
    zone: string,
  ): Chained {
    const all = phases.map(({ stages }) => groupedStages(stages));
    const groups: Group[] = [];
    const [own = []] = all;
    own.forEach((stages, i) => {
      const [stage] = stages;
      if (!stage) return;
      const now = this.group(
        all.flatMap((groupsOn) => (groupsOn[i] ? [groupsOn[i]] : [])),
        phases[0]?.cycles.findIndex(({ apply }) => stage.cycle !== null && apply.cycle === stage.cycle) ?? -1,
        { phases, fronts, zone, isRinsedNext: own[i + 1]?.some(({ kind }) => kind === 'rinse') ?? false },
      );
      const previous = groups.at(-1);
      if (previous) this.follow(previous, now, stages);
      groups.push(now);
    });
    const [beginsWith] = own[0] ?? [];
    if (!beginsWith) throw new RangeError('a phase has stages');
    return { groups, beginsWith };
  }

  private follow(previous: Group, now: Group, stages: readonly Stage[]): void {
    const [stage] = stages;
    const [first] = now.first;
    if (!stage || first === undefined) return;
    this.builder.allAfter(now.first, previous.last, 'chain-order', settles(stage));
    // What was rinsed off is brought to rest before the residual film dries in.
    if (stages.some(({ kind }) => kind === 'neutralise'))
      this.builder.soon.push({
        after: previous.last,
        then: first,
        withinSeconds: TRADE_DEFAULTS.neutraliseSoonSeconds,
      });
  }

  private group(
    surfaces: readonly (readonly Stage[])[],
    cycle: number,
    {
      phases,
      fronts,
      zone,
      isRinsedNext,
    }: {
      readonly phases: readonly PhaseStages[];
      readonly fronts: JoinedPhase['fronts'] | null;
      readonly zone: string;
      readonly isRinsedNext: boolean;
    },
  ): Group {
    if (cycle < 0) return untiedGroup(this.builder, this.mixing, surfaces, zone);
    const front = fronts?.[cycle];
    if (front) return joinedGroup(this.builder, this.mixing, front, zone);
    const plan = phases[0]?.cycles[cycle];
    if (!plan) throw new RangeError('stages of a cycle without one');
    return cycleGroup(this.builder, this.mixing, plan, zone, isRinsedNext);
  }
}

/** Stages in the groups in which they are done; those of a cycle are one front. */
function groupedStages(stages: readonly Stage[]): readonly (readonly Stage[])[] {
  const seen = new Set<number>();
  return together(stages).filter(([stage]) => {
    const cycle = stage?.cycle ?? null;
    if (cycle === null) return true;
    if (seen.has(cycle)) return false;
    seen.add(cycle);
    return true;
  });
}

/** What was put on to neutralise works before it is read. */
const settles = ({ kind }: Stage) => (kind === 'reading' ? TRADE_DEFAULTS.neutraliserWorksSeconds : 0);
