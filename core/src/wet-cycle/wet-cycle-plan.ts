import { say } from '../messages/message.ts';
import { formatArea } from '../quantity/shown-quantity.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { decimal } from '../quantity/numbers.ts';
import type { ApplyDetail, Stage } from '../treatment/stage.ts';
import { rinseWindow } from '../wetting/section-area.ts';
import type { RinseWindow } from '../wetting/section-area.ts';
import type { WetClocks } from './wet-clocks.ts';
import { cycleParts, isTooSmall } from './wet-cycle-rhythm.ts';
import type { CycleConditions, Rhythm } from './wet-cycle-rhythm.ts';

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
  /** What could be wet at once, however large the face is; 0 where it cannot be worked. */
  readonly greatestSquareMetres: number;
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

/** Lags are whole seconds: a bridge that fits to the last of them is planned with one pass more. */
const ROUNDING_MINUTES = 0.1;

/** A cycle with how large its sections are taken. */
export interface CycleInput extends CycleConditions {
  /** 1 for the greatest sections, less for smaller ones. */
  readonly sectionFactor: number;
}

/**
 * The sections of one wet cycle: sized by rates, dwell and clocks, misted where the surface dries too soon.
 * @param input stages of one cycle in their order, with exactly one application
 */
export function wetCyclePlan(input: CycleInput): WetCyclePlan {
  const { surface } = input;
  const { preWet, apply, finishing, clocks, applyRate, finishRate, rhythm } = cycleParts(input);
  const base = {
    id: `${surface.id}.cycle-${apply.cycle ?? 0}`,
    surface: surface.id,
    preWet,
    apply,
    finishing,
    areaSquareMetres: apply.areaSquareMetres,
    clocks,
  };
  const { dwell } = apply.apply;
  if (!dwell || !rhythm) return leaveOnPlan(base, applyRate);

  const greatest = Math.min(rhythm.greatest, base.areaSquareMetres);
  const wanted = Math.max(
    Math.min(greatest, TRADE_DEFAULTS.smallestSectionSquareMetres),
    greatest * input.sectionFactor,
  );
  const sectionCount = withRoomForMist(
    Math.max(1, Math.ceil(base.areaSquareMetres / Math.max(wanted, 0.01) - 1e-6)),
    base.areaSquareMetres,
    rhythm,
  );
  const sectionSquareMetres = base.areaSquareMetres / sectionCount;
  const window = rinseWindow(rhythm.cycle, sectionSquareMetres);
  const unworkable =
    isTooSmall(rhythm, base.areaSquareMetres) || !window ? unworkableText(rhythm, dwell, clocks) : null;
  const finishMinutes = sectionSquareMetres / finishRate;
  return {
    ...base,
    sectionCount: unworkable ? 1 : sectionCount,
    sectionSquareMetres: unworkable ? base.areaSquareMetres : sectionSquareMetres,
    greatestSquareMetres: unworkable ? 0 : rhythm.greatest,
    dwell: { fromMinutes: dwell.fromMinutes, latestMinutes: rhythm.cycle.latest },
    mist:
      rhythm.mist && window
        ? {
            ...rhythm.mist,
            passes: mistPasses(rhythm.mist.intervalMinutes, window, finishMinutes, rhythm.handsOn),
          }
        : null,
    mode:
      rhythm.handsOn || (window && window.earliest + finishMinutes <= TRADE_DEFAULTS.handsOnCycleMinutes)
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

/** As many sections as it takes that the passes over one fit between its application and the latest rinse. */
function withRoomForMist(sections: number, area: number, rhythm: Rhythm): number {
  const { mist, cycle, handsOn } = rhythm;
  if (!mist || handsOn) return sections;
  const fits = (count: number) => {
    const each = area / count;
    const window = rinseWindow(cycle, each);
    if (!window) return true;
    const finish = each / cycle.rinseRate;
    const passes = mistPasses(mist.intervalMinutes, window, finish, false);
    const pass = each / mist.squareMetresPerMinute + ROUNDING_MINUTES;
    return each / cycle.applyRate + passes * pass <= window.latest && pass <= mist.intervalMinutes - finish;
  };
  const most = Math.max(sections, Math.floor(area / TRADE_DEFAULTS.smallestSectionSquareMetres));
  for (let count = sections; count <= most; count += 1) if (fits(count)) return count;
  return sections;
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
    greatestSquareMetres: base.areaSquareMetres,
    dwell: null,
    mist: null,
    mode: 'leave-on',
    window: null,
    applyMinutes: base.areaSquareMetres / applyRate,
    finishMinutes: 0,
    sum: [
      say('cycle/leave-on', {
        area: formatArea(base.areaSquareMetres, 'metric'),
        rate: decimal(applyRate, 1),
        minutes: decimal(base.areaSquareMetres / applyRate, 0),
      }),
    ],
    unworkable: null,
  };
}

function unworkableText(rhythm: Rhythm, dwell: { fromMinutes: number }, clocks: WetClocks): string {
  const spare = rhythm.cycle.latest - rhythm.cycle.dwellFrom - rhythm.cycle.slack;
  const from = decimal(dwell.fromMinutes, 1);
  if (spare >= 0) {
    const piece = TRADE_DEFAULTS.smallestSectionSquareMetres;
    const minutes = decimal(piece / rhythm.cycle.rinseRate, 1);
    return say('cycle/too-slow', {
      piece: formatArea(piece, 'metric'),
      minutes,
      from,
      spare: decimal(spare, 1),
    });
  }
  return say('cycle/too-dry', {
    clock:
      rhythm.needs === 'film'
        ? say('cycle/film-gone', { minutes: decimal(clocks.filmMinutes, 1) })
        : say('cycle/dried-on', { minutes: decimal(clocks.dryOutMinutes, 1) }),
    from,
    slack: decimal(rhythm.cycle.slack, 1),
    short: decimal(-spare, 1),
  });
}

function sumLines(
  rhythm: Rhythm,
  clocks: WetClocks,
  area: number,
  count: number,
  each: number,
  factor: number,
): readonly string[] {
  const { cycle, mist } = rhythm;
  const section = {
    greatest: formatArea(rhythm.greatest, 'metric'),
    area: formatArea(area, 'metric'),
    count,
    each: formatArea(each, 'metric'),
  };
  return [
    say('cycle/drying', {
      evaporation: decimal(clocks.evaporationMillimetresPerHour, 2),
      held: decimal(clocks.heldKilogramsPerSquareMetre, 2),
      film: decimal(clocks.filmMinutes, 1),
      dryOut: decimal(clocks.dryOutMinutes, 1),
    }),
    say('cycle/pace', {
      apply: decimal(cycle.applyRate, 2),
      finish: decimal(cycle.rinseRate, 2),
      from: decimal(cycle.dwellFrom, 1),
      to: decimal(cycle.latest, 1),
      slack: decimal(cycle.slack, 1),
    }),
    ...(mist
      ? [
          say('cycle/mist', {
            interval: decimal(mist.intervalMinutes, 1),
            rate: decimal(mist.squareMetresPerMinute, 1),
          }),
        ]
      : []),
    factor < 1
      ? say('cycle/section/taken', { ...section, percent: decimal(factor * 100, 0) })
      : say('cycle/section', section),
  ];
}
