import { decimal } from '../quantity/rounding.ts';
import type { JobWeather } from '../survey/job-detail.ts';
import type { Surface } from '../survey/surface.ts';
import type { ApplyDetail, Stage } from '../treatment/stage.ts';
import {
  DEFAULT_SLACK_MINUTES,
  STRIP_SQUARE_METRES,
  rinseWindow,
  sectionArea,
} from '../wetting/section-area.ts';
import type { RinseWindow, WetCycle } from '../wetting/section-area.ts';
import { wetClocks } from './wet-clocks.ts';
import type { WetClocks } from './wet-clocks.ts';

export interface MistPlan {
  readonly intervalMinutes: number;
  readonly passes: number;
  readonly squareMetresPerMinute: number;
}

/** One cycle of a treatment cut into sections that stay inside their wet window. */
export interface WetCyclePlan {
  readonly id: string;
  readonly surface: string;
  readonly preWet: Stage | null;
  readonly apply: Stage & { readonly apply: ApplyDetail };
  /** What ends the dwell: scrub, wash, rinse; empty for a leave-on. */
  readonly finishing: readonly Stage[];
  readonly areaSquareMetres: number;
  readonly sectionCount: number;
  readonly sectionSquareMetres: number;
  readonly clocks: WetClocks;
  readonly dwell: { readonly fromMinutes: number; readonly latestMinutes: number } | null;
  readonly mist: MistPlan | null;
  /** hands-on: one person stays with it throughout; watched: its dwell is used for other work. */
  readonly mode: 'watched' | 'hands-on' | 'leave-on';
  readonly window: RinseWindow | null;
  readonly applyMinutes: number;
  readonly finishMinutes: number;
  /** The sum behind the section size, line by line. */
  readonly sum: readonly string[];
  /** Why it cannot be worked now, with the ways out; null when it can. */
  readonly unworkable: string | null;
}

/** Mist passes come this share of the wet window before its end. Trade default. */
const MIST_MARGIN = 0.8;
/** Spreading a mist over what is wet goes faster than a coat. Trade default. */
const MIST_SPEED_FACTOR = 1.5;
/** Below this interval one person does nothing but keep it wet. */
const HANDS_ON_MIST_MINUTES = 4;
/** A whole cycle under it is one continuous operation. */
const HANDS_ON_CYCLE_MINUTES = 10;
const SHORTEST_MIST_INTERVAL_MINUTES = 1 / 3;
const SMALLEST_SECTION_SQUARE_METRES = 0.5;
const HANDS_ON_SLACK_MINUTES = 0.5;
const PER_HOUR = 60;
/** Lags are whole seconds: a bridge that fits to the last of them is planned with one pass more. */
const ROUNDING_MINUTES = 0.1;

export interface CycleInput {
  readonly surface: Surface;
  readonly stages: readonly Stage[];
  readonly weather: JobWeather;
  readonly alone: boolean;
  /** 1 for the greatest sections, less for smaller ones. */
  readonly sectionFactor: number;
}

/**
 * The sections of one wet cycle: sized by rates, dwell and clocks, misted where the surface dries too soon.
 * @param input stages of one cycle in their order, with exactly one application
 */
export function wetCyclePlan(input: CycleInput): WetCyclePlan {
  const { surface, stages, weather } = input;
  const preWet = stages.find((s) => s.kind === 'pre-wet') ?? null;
  const apply = stages.find(
    (s): s is Stage & { apply: ApplyDetail } => s.kind === 'apply' && s.apply !== null,
  );
  if (!apply) throw new Error('a wet cycle has an application');
  const finishing = stages.filter((s) => s !== preWet && s !== apply);
  const clocks = wetClocks(surface, apply.apply, preWet?.minutes ?? 0, weather);
  const applyRate = (apply.rate?.squareMetresPerHour ?? PER_HOUR) / PER_HOUR / apply.apply.coats;
  const base = {
    id: `${surface.id}.cycle-${String(apply.cycle ?? 0)}`,
    surface: surface.id,
    preWet,
    apply,
    finishing,
    areaSquareMetres: apply.areaSquareMetres,
    clocks,
  };
  const { dwell } = apply.apply;
  if (!dwell || finishing.length === 0) return leaveOnPlan(base, applyRate);

  const finishRate =
    1 / finishing.reduce((sum, s) => sum + PER_HOUR / (s.rate?.squareMetresPerHour ?? PER_HOUR), 0);
  const rhythm = chosenRhythm({
    applyRate,
    finishRate,
    dwell,
    clocks,
    needs: apply.apply.needs,
    alone: input.alone,
  });
  const greatest = Math.min(rhythm.greatest, base.areaSquareMetres);
  const wanted = Math.max(Math.min(greatest, SMALLEST_SECTION_SQUARE_METRES), greatest * input.sectionFactor);
  const sectionCount = Math.max(1, Math.ceil(base.areaSquareMetres / Math.max(wanted, 0.01) - 1e-6));
  const sectionSquareMetres = base.areaSquareMetres / sectionCount;
  const window = rinseWindow(rhythm.cycle, sectionSquareMetres);
  const tooSmall = rhythm.greatest < Math.min(SMALLEST_SECTION_SQUARE_METRES, base.areaSquareMetres);
  const unworkable = tooSmall || !window ? unworkableText(rhythm, dwell, clocks) : null;
  const finishMinutes = sectionSquareMetres / finishRate;
  return {
    ...base,
    sectionCount: unworkable ? 1 : sectionCount,
    sectionSquareMetres: unworkable ? base.areaSquareMetres : sectionSquareMetres,
    dwell: { fromMinutes: dwell.fromMinutes, latestMinutes: rhythm.cycle.latest },
    mist:
      rhythm.mist && window
        ? {
            ...rhythm.mist,
            passes: mistPasses(rhythm.mist.intervalMinutes, window, finishMinutes, rhythm.handsOn),
          }
        : null,
    mode:
      rhythm.handsOn || (window && window.earliest + finishMinutes <= HANDS_ON_CYCLE_MINUTES)
        ? 'hands-on'
        : 'watched',
    window,
    applyMinutes: sectionSquareMetres / applyRate,
    finishMinutes,
    sum: sumLines(
      rhythm,
      clocks,
      base.areaSquareMetres,
      sectionCount,
      sectionSquareMetres,
      input.sectionFactor,
    ),
    unworkable,
  };
}

interface Rhythm {
  readonly cycle: WetCycle;
  readonly greatest: number;
  readonly mist: Omit<MistPlan, 'passes'> | null;
  readonly handsOn: boolean;
  readonly needs: 'film' | 'not-dry';
}

/** Without mist where that leaves at least a strip; with mist passes where they give a larger section. */
function chosenRhythm(given: {
  applyRate: number;
  finishRate: number;
  dwell: { fromMinutes: number; toMinutes: number };
  clocks: WetClocks;
  needs: 'film' | 'not-dry';
  alone: boolean;
}): Rhythm {
  const wet = given.needs === 'film' ? given.clocks.filmMinutes : given.clocks.dryOutMinutes;
  const cycle = (latest: number, slack: number): WetCycle => ({
    applyRate: given.applyRate,
    rinseRate: given.finishRate,
    dwellFrom: given.dwell.fromMinutes,
    latest,
    stripArea: STRIP_SQUARE_METRES,
    slack,
  });
  const slackFor = (latest: number) =>
    latest - given.dwell.fromMinutes < 2 * DEFAULT_SLACK_MINUTES
      ? HANDS_ON_SLACK_MINUTES
      : DEFAULT_SLACK_MINUTES;
  const dryLatest = Math.min(given.dwell.toMinutes, wet);
  const dry = cycle(dryLatest, slackFor(dryLatest));
  const dryArea = sectionArea(dry, given.alone);
  const plain: Rhythm = { cycle: dry, greatest: dryArea, mist: null, handsOn: false, needs: given.needs };
  if (wet >= given.dwell.toMinutes || dryArea >= STRIP_SQUARE_METRES) return plain;

  const interval = wet * MIST_MARGIN;
  const rate = given.applyRate * MIST_SPEED_FACTOR;
  const handsOn = interval < HANDS_ON_MIST_MINUTES;
  if (interval < SHORTEST_MIST_INTERVAL_MINUTES) return plain;
  const misted: WetCycle = {
    ...cycle(given.dwell.toMinutes, slackFor(given.dwell.toMinutes)),
    mist: { interval, rate },
  };
  // The first mist follows the application, and the last strip is rinsed before the last mist dries; whoever stays with
  // the section mists on while scrubbing.
  const betweenMists =
    MIST_MARGIN * Math.min(given.applyRate * interval, interval / (1 / rate + 1 / given.finishRate));
  const area = Math.min(sectionArea(misted, given.alone || handsOn), handsOn ? Infinity : betweenMists);
  if (area <= dryArea) return plain;
  return {
    cycle: misted,
    greatest: area,
    mist: { intervalMinutes: interval, squareMetresPerMinute: rate },
    handsOn,
    needs: given.needs,
  };
}

function mistPasses(interval: number, window: RinseWindow, finishMinutes: number, handsOn: boolean): number {
  const until = handsOn ? window.earliest : window.earliest + finishMinutes;
  return Math.max(handsOn ? 1 : 0, Math.ceil((until + ROUNDING_MINUTES) / interval) - 1);
}

function leaveOnPlan(
  base: Pick<
    WetCyclePlan,
    'id' | 'surface' | 'preWet' | 'apply' | 'finishing' | 'areaSquareMetres' | 'clocks'
  >,
  applyRate: number,
): WetCyclePlan {
  return {
    ...base,
    sectionCount: 1,
    sectionSquareMetres: base.areaSquareMetres,
    dwell: null,
    mist: null,
    mode: 'leave-on',
    window: null,
    applyMinutes: base.areaSquareMetres / applyRate,
    finishMinutes: 0,
    sum: [
      `${decimal(base.areaSquareMetres, 1)} m² ÷ ${decimal(applyRate, 1)} m²/min = ${decimal(base.areaSquareMetres / applyRate, 0)} min, left on`,
    ],
    unworkable: null,
  };
}

function unworkableText(rhythm: Rhythm, dwell: { fromMinutes: number }, clocks: WetClocks): string {
  const clock =
    rhythm.needs === 'film'
      ? `film is gone after ${decimal(clocks.filmMinutes, 1)} min`
      : `product dries on after ${decimal(clocks.dryOutMinutes, 1)} min`;
  const spare = rhythm.cycle.latest - rhythm.cycle.dwellFrom - rhythm.cycle.slack;
  return `Not workable in this weather: the ${clock}, the dwell needs ${decimal(dwell.fromMinutes, 1)} min and ${decimal(rhythm.cycle.slack, 1)} min of slack, so ${decimal(Math.max(0, -spare), 1)} min are short. Wait for shade or a cooler hour, or pick a method that is rinsed as you go.`;
}

function sumLines(
  rhythm: Rhythm,
  clocks: WetClocks,
  area: number,
  count: number,
  each: number,
  factor: number,
): readonly string[] {
  const { cycle } = rhythm;
  return [
    `evaporation ${decimal(clocks.evaporationMillimetresPerHour, 2)} mm/h, ${decimal(clocks.heldKilogramsPerSquareMetre, 2)} kg/m² held: film ${decimal(clocks.filmMinutes, 1)} min, dry-out ${decimal(clocks.dryOutMinutes, 1)} min`,
    `apply ${decimal(cycle.applyRate, 2)}, scrub and rinse ${decimal(cycle.rinseRate, 2)} m²/min; dwell ${decimal(cycle.dwellFrom, 1)} to ${decimal(cycle.latest, 1)} min, ${decimal(cycle.slack, 1)} min kept as slack`,
    ...(rhythm.mist
      ? [
          `mist passes within ${decimal(rhythm.mist.intervalMinutes, 1)} min, ${decimal(rhythm.mist.squareMetresPerMinute, 1)} m²/min`,
        ]
      : []),
    `greatest section ${decimal(rhythm.greatest, 1)} m²${factor < 1 ? `, taken at ${decimal(factor * 100, 0)} %` : ''}: ${decimal(area, 1)} m² in ${String(count)} × ${decimal(each, 1)} m²`,
  ];
}
