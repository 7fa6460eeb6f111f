import { isPlainRinse } from './plain-rinse.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { say } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { formatFlow, formatHoseBore, formatLength } from '../quantity/shown-quantity.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { needsPermission, waterFlow } from '../survey/water-point.ts';
import type { WaterPoint } from '../survey/water-point.ts';
import type { Schedule, SequenceProblem } from '../sequence/problem.ts';
import { flowThroughHose } from '../water/hose-loss.ts';
import type { TiedWork } from '../water/refill-pauses.ts';
import { tankLine } from '../water/tank-line.ts';
import type { TankInput, TankLine, WaterUse } from '../water/tank-line.ts';
import { litresByMaking } from '../supply/planned-mix.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import type { PlannedSurface } from '../wet-cycle/planned-surface.ts';
import { isByHose, stageFlow, stageLitres } from './stage-water.ts';
import type { PlannedOperation } from './work-builder.ts';

/** Water that one point brings to the vehicle. */
export interface WaterSource {
  readonly point: string;
  readonly name: string;
  /** What arrives, L/min; null while nobody knows its flow. */
  readonly litresPerMinute: number | null;
  readonly measured: boolean;
  /** What the tap itself gives, L/min. */
  readonly tapLitresPerMinute: number | null;
  /** The hose to it, not the tap, is what holds the flow back. */
  readonly heldByHose: boolean;
  readonly sum: string;
}

export interface WaterPlan {
  readonly uses: readonly WaterUse[];
  readonly sources: readonly WaterSource[];
  readonly peakLitresPerMinute: number;
  /** From the first to the last of what is held by greatest lags: something is wet in between. */
  readonly tied: readonly TiedWork[];
  /** What the line was worked out from. */
  readonly input: TankInput;
  readonly line: TankLine;
  /** With taps that nobody has measured giving all that they are likely to; null where each is known. */
  readonly atBest: TankLine | null;
}

/** What of a plan draws water. */
interface WateredPlan {
  readonly work: {
    readonly planned: readonly PlannedOperation[];
    readonly problem: Pick<SequenceProblem, 'lags' | 'fronts'>;
  };
  readonly surfaces: readonly PlannedSurface[];
  readonly mixes: readonly PlannedMix[];
}

/** Without a tank pumps hold this much, L. */
const LEAST_BUFFER_LITRES = 1;

/** What is drawn over the day of a schedule, what comes in, and how the tank stands in between. */
export function visitWater(derivation: WateredPlan, schedule: Schedule, survey: FacedSurvey): WaterPlan {
  const uses = usesOf(derivation, schedule, survey);
  const sources = survey.waterPoints.flatMap((point) => sourceOf(point, survey));
  const { tank } = survey.job.house.gear;
  const [least, most] = TRADE_DEFAULTS.tapLitresPerMinute;
  const supply = (unmeasured: number) =>
    sources.reduce((sum, s) => sum + (s.litresPerMinute ?? unmeasured), 0);
  const input: TankInput = {
    capacityLitres: tank?.litres ?? LEAST_BUFFER_LITRES,
    startLitres: tank ? Math.min(tank.startLitres ?? tank.litres, tank.litres) : LEAST_BUFFER_LITRES,
    supplyLitresPerMinute: supply(least),
    uses,
    refills: [],
    untilMinute: schedule.makespan / 60,
  };
  return {
    uses,
    sources,
    peakLitresPerMinute: peakOf(uses),
    tied: tiedWork(derivation.work.problem, schedule),
    input,
    line: tankLine(input),
    atBest: sources.some((s) => s.litresPerMinute === null)
      ? tankLine({ ...input, supplyLitresPerMinute: supply(most) })
      : null,
  };
}

/** Minutes in which a front is wet, or an operation must follow another before long. */
function tiedWork(
  { lags, fronts }: Pick<SequenceProblem, 'lags' | 'fronts'>,
  { placements }: Schedule,
): readonly TiedWork[] {
  const placed = new Map(placements.map((p) => [p.operation, p]));
  const tied = (from: string | undefined, to: string | undefined): readonly TiedWork[] => {
    const [first, last] = [placed.get(from ?? ''), placed.get(to ?? '')];
    return first && last ? [{ from: first.start / 60, to: last.finish / 60 }] : [];
  };
  return [
    ...lags.flatMap(({ from, to, maxSeconds }) => (maxSeconds === null ? [] : tied(from, to))),
    ...fronts.flatMap(({ strips }) =>
      tied(strips[0]?.apply[0]?.operation, strips.at(-1)?.finish.at(-1)?.operation),
    ),
  ];
}

function usesOf(
  { work, surfaces, mixes }: WateredPlan,
  schedule: Schedule,
  survey: FacedSurvey,
): readonly WaterUse[] {
  const { house } = survey.job;
  const stages = new Map(surfaces.flatMap((p) => (p.treatment?.stages ?? []).map((s) => [s.id, s] as const)));
  const planned = new Map(work.planned.map((p) => [p.id, p]));
  const mixWater = waterOfMixes(mixes, work.planned);
  const litresOf = (operation: PlannedOperation): number => {
    if (operation.mixes) return mixWater.get(operation.id) ?? 0;
    if (isPlainRinse(operation.task))
      return (operation.areaSquareMetres ?? 0) * TRADE_DEFAULTS.plainRinseLitresPerSquareMetre;
    return operation.stages.reduce((sum, id) => {
      const stage = stages.get(id);
      if (!stage) return sum;
      const part = operation.parts.find(({ surface }) => surface === stage.surface);
      return sum + stageLitres(stage, part?.areaSquareMetres ?? stage.areaSquareMetres, house);
    }, 0);
  };
  const byHose = (operation: PlannedOperation): boolean => {
    const wetted = operation.stages
      .flatMap((id) => stages.get(id) ?? [])
      .filter((stage) => stageFlow(stage, house) > 0);
    return !operation.mixes && wetted.every(isByHose);
  };
  return schedule.placements.flatMap(({ operation, start, finish }) => {
    const work = planned.get(operation);
    const litres = work ? litresOf(work) : 0;
    const [from, to] = [start / 60, finish / 60];
    return work && litres > 0 && to > from
      ? [{ from, to, litresPerMinute: litres / (to - from), byHose: byHose(work) }]
      : [];
  });
}

/** The water of mixes by the operations in which they are made. */
function waterOfMixes(
  mixes: readonly PlannedMix[],
  planned: readonly PlannedOperation[],
): ReadonlyMap<string, number> {
  const litres = new Map<string, number>();
  for (const mix of mixes) {
    const water = mix.batches.reduce(
      (sum, { count, card }) =>
        sum + count * card.parts.reduce((all, p) => (p.role === 'water' ? all + (p.litres ?? 0) : all), 0),
      0,
    );
    for (const [id, made] of litresByMaking(mix, planned))
      litres.set(id, (litres.get(id) ?? 0) + (water * made) / mix.litres);
  }
  return litres;
}

function sourceOf(point: WaterPoint, { job }: FacedSurvey): readonly WaterSource[] {
  if (point.permission === 'refused' || needsPermission(point)) return [];
  const flow = waterFlow(point);
  const source = {
    point: point.id,
    name: point.name,
    measured: flow?.measured ?? false,
    tapLitresPerMinute: flow?.litresPerMinute ?? null,
  };
  if (!flow) return [{ ...source, litresPerMinute: null, heldByHose: false, sum: unknownFlow(job.units) }];
  const { hoses, booster } = job.house.gear;
  // Which of them is laid is not known: the narrowest holds the flow back.
  const supply = hoses.filter((h) => h.use === 'supply').map((h) => h.innerMillimetres);
  const inner = supply.length === 0 ? 0 : Math.min(...supply);
  const { units } = job;
  const said = say(flow.measured ? 'water/flow/measured' : 'water/flow/told', {
    flow: formatFlow(flow.litresPerMinute, units),
  });
  if (point.distanceMetres === null || inner === 0)
    return [{ ...source, litresPerMinute: flow.litresPerMinute, heldByHose: false, sum: said }];
  const bar = point.pressureBar ?? TRADE_DEFAULTS.tapBar;
  const arrives = flowThroughHose(bar, point.distanceMetres, inner, flow.litresPerMinute, booster);
  const held = arrives < flow.litresPerMinute - 0.05;
  const hose = say(point.pressureBar === null ? 'water/hose/assumed' : 'water/hose', {
    length: formatLength(point.distanceMetres, units),
    inner: formatHoseBore(inner, units),
    bar: decimal(bar, 1),
  });
  return [
    {
      ...source,
      litresPerMinute: arrives,
      heldByHose: held,
      sum: held
        ? say('water/let-through', { flow: said, hose, arrives: formatFlow(arrives, units) })
        : say('water/let-all-through', { flow: said, hose }),
    },
  ];
}

function unknownFlow(units: UnitSystem): string {
  const [least, most] = TRADE_DEFAULTS.tapLitresPerMinute;
  return say('water/flow-unknown', { least: formatFlow(least, units), most: formatFlow(most, units) });
}

/** The most that is drawn at once: uses sorted by what begins and ends. */
function peakOf(uses: readonly WaterUse[]): number {
  const changes = uses
    .flatMap((u) => [[u.from, u.litresPerMinute] as const, [u.to, -u.litresPerMinute] as const])
    .sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  let [drawn, peak] = [0, 0];
  for (const [, more] of changes) {
    drawn += more;
    peak = Math.max(peak, drawn);
  }
  return peak;
}
