import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { isMadeOnce } from '../mixing/mix-lasts.ts';
import { applicationsOf } from '../supply/planned-mix.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import type { Stage } from '../treatment/stage.ts';
import type { WetCyclePlan } from '../wet-cycle/wet-cycle-plan.ts';
import { WHOLE } from './work-builder.ts';
import { makingSeconds } from './making-seconds.ts';
import type { WorkBuilder } from './work-builder.ts';

/**
 * The making of mixes that do not last the day: anew right before each piece of the work that they are for. All else is made while
 * setting out.
 */
export class MixWork {
  /** All makings: they wait for nothing but that all is set out. */
  readonly makings: string[] = [];
  private readonly builder: WorkBuilder;
  private readonly visitHours: number;
  private readonly mixOf: ReadonlyMap<string, PlannedMix>;

  constructor(builder: WorkBuilder, mixes: readonly PlannedMix[], visitHours: number) {
    this.builder = builder;
    this.visitHours = visitHours;
    this.mixOf = new Map(
      mixes.flatMap((mix) => applicationsOf(mix).map(({ stage }) => [stage, mix] as const)),
    );
  }

  /**
   * Something mixed for like applications before operations that are done one after the other.
   *
   * @param applied in one go, on one or several surfaces
   * @param cycles that they are part of, where they are part of one
   */
  before(operations: readonly string[], applied: readonly Stage[], cycles: readonly WetCyclePlan[]): void {
    const [first] = applied;
    const mix = this.mixOf.get(first?.id ?? '');
    if (!first || !mix) return;
    if (isMadeOnce(CATALOGUE.agent(mix.agent), this.visitHours)) return;
    operations.forEach((operation, i) => {
      const id = i === 0 ? `${first.id}.mix` : `${first.id}.mix-${i + 1}`;
      const making = this.fresh(id, mix, operation, { applied, cycles, share: 1 / operations.length });
      this.builder.lags.push({
        from: making,
        anchor: 'finish',
        to: operation,
        minSeconds: 0,
        maxSeconds: 60 * TRADE_DEFAULTS.freshWithinMinutes,
        rule: 'mix-before-apply',
      });
      this.makings.push(making);
    });
  }

  /** Made right before one operation, of whose work it is a part. */
  private fresh(
    id: string,
    mix: PlannedMix,
    operation: string,
    {
      applied,
      cycles,
      share,
    }: {
      readonly applied: readonly Stage[];
      readonly cycles: readonly WetCyclePlan[];
      readonly share: number;
    },
  ): string {
    const { cluster, zone, place } = this.builder.operation(operation);
    return this.builder.add(
      { id, cluster, seconds: makingSeconds(mix, litresOf(mix, applied) * share), zone, place },
      {
        task: 'mix',
        parts: applied.map((stage) => ({
          surface: stage.surface,
          cycle: cycles.find(({ apply }) => apply.id === stage.id)?.id ?? null,
          share: WHOLE,
          areaSquareMetres: null,
        })),
        stages: applied.map((stage) => stage.id),
        section: null,
        areaSquareMetres: null,
        mixes: [mix.stage],
      },
      { before: operation },
    );
  }
}

function litresOf(mix: PlannedMix, applied: readonly Stage[]): number {
  const ids = new Set(applied.map(({ id }) => id));
  return applicationsOf(mix).reduce((sum, { stage, litres }) => sum + (ids.has(stage) ? litres : 0), 0);
}
