import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { say } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { formatArea, formatLength } from '../quantity/shown-quantity.ts';
import type { ApplyDetail, Stage } from '../treatment/stage.ts';
import type { CycleFront, FrontPace } from '../wetting/cycle-front.ts';
import { countedInWords } from './piece-words.ts';
import { cycleParts } from './cycle-parts.ts';
import type { CycleConditions } from './cycle-parts.ts';
import type { WetClocks } from '../wetting/wet-clocks.ts';

/** The id of a cycle of a surface by its number in the treatment. */
export const cycleId = (surface: string, number: number) => `${surface}.cycle-${number}`;

/** One cycle of a treatment as it is worked. */
export interface WetCyclePlan {
  readonly id: string;
  readonly surface: string;
  readonly preWet: Stage | null;
  readonly apply: Stage & { readonly apply: ApplyDetail };
  /** What ends the dwell: scrub, wash, rinse; empty for a leave-on. */
  readonly finishing: readonly Stage[];
  readonly areaSquareMetres: number;
  readonly clocks: WetClocks;
  readonly dwell: { readonly fromMinutes: number; readonly latestMinutes: number } | null;
  readonly mode: 'front' | 'leave-on';
  /** Null for a leave-on, and where it cannot be worked. */
  readonly front: CycleFront | null;
  /** Of its pieces one after the other, with their waits. */
  readonly minutes: number;
  /** The sum behind the front, line by line. */
  readonly sum: readonly string[];
  /** Why it cannot be worked now, with the ways out; null when it can. */
  readonly unworkable: string | null;
}

/**
 * How one wet cycle is worked: as a front by its rates, dwell and clocks, misted where the surface dries too soon; in one go
 * where the agent is left on.
 */
export function wetCyclePlan(input: CycleConditions): WetCyclePlan {
  const { preWet, apply, finishing, clocks, applyRate, pace, front } = cycleParts(input);
  const { areaSquareMetres } = apply;
  const base = {
    id: cycleId(input.surface.id, apply.cycle ?? 0),
    surface: input.surface.id,
    preWet,
    apply,
    finishing,
    areaSquareMetres,
    clocks,
  };
  if (!pace) {
    const minutes = areaSquareMetres / applyRate;
    const sum = say('cycle/leave-on', {
      area: formatArea(areaSquareMetres, 'metric'),
      rate: decimal(applyRate, 1),
      minutes: decimal(minutes, 0),
    });
    return { ...base, dwell: null, mode: 'leave-on', front: null, minutes, sum: [sum], unworkable: null };
  }
  return {
    ...base,
    dwell: { fromMinutes: pace.dwell.fromMinutes, latestMinutes: latestRinse(pace, front) },
    mode: 'front',
    front,
    minutes: front?.minutes ?? 0,
    sum: sumLines(pace, front, clocks),
    unworkable: front ? null : unworkableText(pace, apply.apply.needs, clocks),
  };
}

/** The latest that a strip may be finished. */
function latestRinse({ dwell, wetMinutes }: FrontPace, front: CycleFront | null): number {
  return front?.strips.mist ? dwell.toMinutes : Math.min(dwell.toMinutes, wetMinutes);
}

function unworkableText(pace: FrontPace, needs: ApplyDetail['needs'], clocks: WetClocks): string {
  const { smallestStripSquareMetres, frontSlackMinutes, toolChangeMinutes } = TRADE_DEFAULTS;
  const { dwell, wetMinutes, finishRate, applyRate, toolChanges } = pace;
  const from = decimal(dwell.fromMinutes, 1);
  const spare = Math.min(dwell.toMinutes, wetMinutes) - dwell.fromMinutes - frontSlackMinutes;
  if (spare >= 0) {
    const piece = Math.min(smallestStripSquareMetres, pace.areaSquareMetres);
    return say('cycle/too-slow', {
      piece: formatArea(piece, 'metric'),
      minutes: decimal(piece / finishRate + piece / applyRate + toolChanges.alone * toolChangeMinutes, 1),
      from,
      spare: decimal(spare, 1),
    });
  }
  return say('cycle/too-dry', {
    clock:
      needs === 'film'
        ? say('cycle/film-gone', { minutes: decimal(clocks.filmMinutes, 1) })
        : say('cycle/dried-on', { minutes: decimal(clocks.dryOutMinutes, 1) }),
    from,
    slack: decimal(frontSlackMinutes, 1),
    short: decimal(-spare, 1),
  });
}

function sumLines(pace: FrontPace, front: CycleFront | null, clocks: WetClocks): readonly string[] {
  return [
    ...dryingLines(clocks),
    say('cycle/pace', {
      apply: decimal(pace.applyRate, 2),
      finish: decimal(pace.finishRate, 2),
      from: decimal(pace.dwell.fromMinutes, 1),
      to: decimal(latestRinse(pace, front), 1),
      slack: decimal(TRADE_DEFAULTS.frontSlackMinutes, 1),
    }),
    ...(front ? frontLines(pace, front) : []),
  ];
}

function dryingLines(clocks: WetClocks): readonly string[] {
  const held = decimal(clocks.heldKilogramsPerSquareMetre, 2);
  const dew =
    clocks.dewySurfaceC === undefined ? [] : [say('cycle/dew', { celsius: decimal(clocks.dewySurfaceC, 0) })];
  if (clocks.evaporationMillimetresPerHour <= 0) return [say('cycle/nothing-dries', { held }), ...dew];
  return [
    say('cycle/drying', {
      evaporation: decimal(clocks.evaporationMillimetresPerHour, 2),
      held,
      absorbed:
        clocks.absorbedKilogramsPerSquareMetre > 0
          ? decimal(clocks.absorbedKilogramsPerSquareMetre, 2)
          : 'no',
      film: decimal(clocks.filmMinutes, 1),
      dryOut: decimal(clocks.dryOutMinutes, 1),
    }),
    ...dew,
  ];
}

function stripsLine(
  { natural, stripMetres }: CycleFront,
  facts: { readonly area: string; readonly strips: string; readonly each: string },
): string {
  return natural
    ? say('cycle/natural', { ...facts, all: countedInWords(natural.what, natural.count) })
    : say('cycle/strips', { ...facts, width: formatLength(stripMetres, 'metric') });
}

function frontLines(pace: FrontPace, front: CycleFront): readonly string[] {
  const { strips, pieces, soakMinutes } = front;
  const times = {
    apply: decimal(strips.apply, 1),
    finish: decimal(strips.finish, 1),
    from: decimal(strips.from, 1),
    limit: decimal(strips.limit, 1),
  };
  return [
    stripsLine(front, {
      area: formatArea(pace.areaSquareMetres, 'metric'),
      strips: countedInWords('strip', front.stripCount),
      each: formatArea(front.stripSquareMetres, 'metric'),
    }),
    say('cycle/strip-times', times),
    ...(strips.mist
      ? [
          say('cycle/mist', {
            interval: decimal(strips.mist.window, 1),
            rate: decimal(front.stripSquareMetres / strips.mist.each, 1),
          }),
        ]
      : []),
    ...(soakMinutes > 0 ? [say('cycle/soak', { minutes: decimal(soakMinutes, 0) })] : []),
    ...pieces.map((piece) =>
      say('cycle/front', {
        strips: piece.strips,
        minutes: decimal(piece.minutes, 0),
        exposure: decimal(piece.front.exposure, 1),
      }),
    ),
    ...(pieces.length > 1
      ? [say('cycle/breaks', { breaks: pieces.length - 1, longest: TRADE_DEFAULTS.longestFrontMinutes })]
      : []),
  ];
}
