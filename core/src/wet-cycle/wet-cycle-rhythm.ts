import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Surface } from '../survey/surface.ts';
import type { ApplyDetail, Stage } from '../treatment/stage.ts';
import { rinseWindow, sectionArea } from '../wetting/section-area.ts';
import type { WetCycle } from '../wetting/section-area.ts';
import type { FaceAir } from './face-hours.ts';
import { wetClocks } from './wet-clocks.ts';
import type { WetClocks } from './wet-clocks.ts';

const PER_HOUR = 60;

/** One wet cycle and all that its size hangs on, but for how much of it is taken. */
export interface CycleConditions {
  readonly surface: Surface;
  readonly stages: readonly Stage[];
  readonly air: FaceAir;
  readonly catalogue: Catalogue;
  readonly alone: boolean;
}

/** The stages of one cycle with their rates and clocks; without a rhythm where the agent is left on. */
export interface CycleParts {
  readonly preWet: Stage | null;
  readonly apply: Stage & { readonly apply: ApplyDetail };
  readonly finishing: readonly Stage[];
  readonly clocks: WetClocks;
  /** m²/min. */
  readonly applyRate: number;
  readonly finishRate: number;
  readonly rhythm: Rhythm | null;
}

/**
 * What the size of a section hangs on.
 * @param input stages of one cycle in their order, with exactly one application
 */
export function cycleParts({ surface, stages, air, catalogue, alone }: CycleConditions): CycleParts {
  const preWet = stages.find((s) => s.kind === 'pre-wet') ?? null;
  const apply = stages.find(
    (s): s is Stage & { apply: ApplyDetail } => s.kind === 'apply' && s.apply !== null,
  );
  if (!apply) throw new Error('a wet cycle has an application');
  const finishing = stages.filter((s) => s !== preWet && s !== apply);
  const clocks = wetClocks(surface, apply.apply, preWet?.minutes ?? 0, air, catalogue);
  const applyRate = (apply.rate?.squareMetresPerHour ?? PER_HOUR) / PER_HOUR / apply.apply.coats;
  const { dwell, needs } = apply.apply;
  const finishRate =
    1 / finishing.reduce((sum, s) => sum + PER_HOUR / (s.rate?.squareMetresPerHour ?? PER_HOUR), 0);
  const common = { preWet, apply, finishing, clocks, applyRate, finishRate };
  if (!dwell || finishing.length === 0) return { ...common, rhythm: null };
  const { areaSquareMetres } = apply;
  return {
    ...common,
    rhythm: chosenRhythm({ applyRate, finishRate, dwell, clocks, needs, alone, areaSquareMetres }),
  };
}

/** Whether not even the smallest piece can be worked. */
export function isTooSmall({ greatest }: Rhythm, areaSquareMetres: number): boolean {
  return greatest < Math.min(TRADE_DEFAULTS.smallestSectionSquareMetres, areaSquareMetres);
}

/** The rhythm that one wet cycle is worked in. */
export interface Rhythm {
  readonly cycle: WetCycle;
  readonly greatest: number;
  readonly mist: { readonly intervalMinutes: number; readonly squareMetresPerMinute: number } | null;
  readonly handsOn: boolean;
  readonly needs: 'film' | 'not-dry';
}

interface RhythmInput {
  readonly applyRate: number;
  readonly finishRate: number;
  readonly dwell: { readonly fromMinutes: number; readonly toMinutes: number };
  readonly clocks: WetClocks;
  readonly needs: 'film' | 'not-dry';
  readonly alone: boolean;
  readonly areaSquareMetres: number;
}

/** Without mist where that leaves at least a strip; with mist passes where they give a larger section. */
function chosenRhythm(given: RhythmInput): Rhythm {
  const wet = given.needs === 'film' ? given.clocks.filmMinutes : given.clocks.dryOutMinutes;
  const dry = pacedCycle(given, Math.min(given.dwell.toMinutes, wet));
  const dryArea = sectionArea(dry, given.alone);
  const plain: Rhythm = { cycle: dry, greatest: dryArea, mist: null, handsOn: false, needs: given.needs };
  if (wet >= given.dwell.toMinutes || dryArea >= TRADE_DEFAULTS.stripSquareMetres) return plain;

  const interval = wet * TRADE_DEFAULTS.mistMargin;
  const rate = given.applyRate * TRADE_DEFAULTS.mistSpeedFactor;
  const handsOn = interval < TRADE_DEFAULTS.handsOnMistMinutes;
  if (interval < TRADE_DEFAULTS.shortestMistIntervalMinutes) return plain;
  const misted = pacedCycle(given, given.dwell.toMinutes, { interval, rate });
  // The first mist follows the application, and the last strip is rinsed before the last mist dries; whoever stays with
  // the section mists on while scrubbing.
  const betweenMists =
    TRADE_DEFAULTS.mistMargin *
    Math.min(given.applyRate * interval, interval / (1 / rate + 1 / given.finishRate));
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

/**
 * The cycle with its slack: the full one where the crew leaves a section to dwell; little where somebody stays with it,
 * which is where the whole of a section so sized is over within minutes.
 */
function pacedCycle(given: RhythmInput, latest: number, mist?: WetCycle['mist']): WetCycle {
  const withSlack = (slack: number): WetCycle => ({
    applyRate: given.applyRate,
    rinseRate: given.finishRate,
    dwellFrom: given.dwell.fromMinutes,
    latest,
    stripArea: TRADE_DEFAULTS.stripSquareMetres,
    slack,
    ...(mist ? { mist } : {}),
  });
  const close = withSlack(TRADE_DEFAULTS.handsOnSlackMinutes);
  const area = Math.min(given.areaSquareMetres, sectionArea(close, true));
  const window = area > 0 ? rinseWindow(close, area) : null;
  const over = window ? window.earliest + area / given.finishRate : Infinity;
  return over <= TRADE_DEFAULTS.handsOnCycleMinutes ? close : withSlack(TRADE_DEFAULTS.slackMinutes);
}
