import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { soloFront } from '../wetting/front.ts';
import type { Front, FrontStrips } from '../wetting/front.ts';

/** What a front hangs on: paces in m²/min, times in min. */
export interface FrontPace {
  readonly areaSquareMetres: number;
  /** Of a strip that is one metre wide, m². */
  readonly squareMetresPerMetre: number;
  readonly applyRate: number;
  /** All that ends the contact or follows it. */
  readonly finishRate: number;
  /** Of the scrubbing that comes before the rinse or the wash, which counts as contact; Infinity where there is none. */
  readonly agitateRate: number;
  /** Of plain water right before the application; null where none is wanted. */
  readonly preWetRate: number | null;
  /** Minutes that the surface drinks before its first strip. */
  readonly soakMinutes: number;
  /** Changes of tool from one strip to the next. */
  readonly toolChanges: number;
  readonly dwell: { readonly fromMinutes: number; readonly toMinutes: number };
  /** How long what is applied stays wet. */
  readonly wetMinutes: number;
}

/** A front between two breaks: its strips all finished at its end. */
export interface FrontPiece {
  readonly strips: number;
  readonly front: Front;
  /** With the soaking before it. */
  readonly minutes: number;
}

/** How one wet cycle is worked, strip by strip. */
export interface CycleFront {
  readonly stripCount: number;
  readonly stripSquareMetres: number;
  readonly stripMetres: number;
  /** Of all strips. */
  readonly strips: FrontStrips;
  readonly pieces: readonly FrontPiece[];
  /** Wet at once at most. */
  readonly out: number;
  /** What could be wet at once of it in any rhythm that holds. */
  readonly greatestWetSquareMetres: number;
  readonly soakMinutes: number;
  /** Mists that a strip gets at most. */
  readonly mistsEach: number;
  readonly minutes: number;
}

/**
 * The shortest front of a surface that one person keeps wet and within its dwell: strips of natural widths, from several reaches to a
 * part of one; without mists where that is as short. Of equals the widest.
 *
 * @returns null where not even the smallest piece can be worked
 */
export function cycleFront(pace: FrontPace): CycleFront | null {
  const fronts = stripCounts(pace).flatMap((count) =>
    [false, true].flatMap((misted) => frontOf(pace, count, misted) ?? []),
  );
  const [first, ...others] = fronts;
  if (!first) return null;
  const best = others.reduce((a, b) => (b.minutes < a.minutes - 1e-6 ? b : a), first);
  return { ...best, greatestWetSquareMetres: Math.max(...fronts.map((f) => f.out * f.stripSquareMetres)) };
}

/** Strips of several reaches, of one, of natural parts of it; each count once, the widest strips first. */
function stripCounts({ areaSquareMetres, squareMetresPerMetre }: FrontPace): readonly number[] {
  const { reachMetres, stripReaches, smallestStripSquareMetres } = TRADE_DEFAULTS;
  const most = Math.max(1, Math.floor(areaSquareMetres / smallestStripSquareMetres));
  const counts = stripReaches.map((reaches) =>
    Math.max(1, Math.ceil(areaSquareMetres / (reaches * reachMetres * squareMetresPerMetre) - 1e-6)),
  );
  return [...new Set([1, ...counts, most])].filter((count) => count <= most).sort((a, b) => a - b);
}

function frontOf(
  pace: FrontPace,
  count: number,
  misted: boolean,
): Omit<CycleFront, 'greatestWetSquareMetres'> | null {
  const { areaSquareMetres } = pace;
  const strips = stripTimes(pace, count, misted);
  if (!strips) return null;
  const pieces = piecesOf(strips, pace.soakMinutes);
  if (!pieces) return null;
  const stripSquareMetres = areaSquareMetres / count;
  const out = Math.max(...pieces.map(({ front }) => front.out));
  if (out > 1 && out * stripSquareMetres > TRADE_DEFAULTS.greatestWetSquareMetres) return null;
  return {
    stripCount: count,
    stripSquareMetres,
    stripMetres: stripSquareMetres / pace.squareMetresPerMetre,
    strips,
    pieces,
    out,
    soakMinutes: pace.soakMinutes,
    mistsEach: mistsOf(pieces),
    minutes: pieces.reduce((sum, piece) => sum + piece.minutes, 0),
  };
}

/** The times of one strip; null where mists would bring nothing. */
function stripTimes(pace: FrontPace, count: number, misted: boolean): FrontStrips | null {
  const { applyRate, finishRate, agitateRate, preWetRate, toolChanges, dwell, wetMinutes } = pace;
  const strip = pace.areaSquareMetres / count;
  if (misted && wetMinutes >= dwell.toMinutes) return null;
  const window = wetMinutes * TRADE_DEFAULTS.mistMargin;
  if (misted && window < TRADE_DEFAULTS.shortestMistIntervalMinutes) return null;
  const latest = misted ? dwell.toMinutes : Math.min(dwell.toMinutes, wetMinutes);
  if (latest <= TRADE_DEFAULTS.frontSlackMinutes) return null;
  return {
    strips: count,
    apply: strip / applyRate + (preWetRate === null ? 0 : strip / preWetRate),
    finish: strip / finishRate + toolChanges * TRADE_DEFAULTS.toolChangeMinutes,
    from: Math.max(0, dwell.fromMinutes - strip / agitateRate),
    limit: latest - TRADE_DEFAULTS.frontSlackMinutes,
    mist: misted ? { each: strip / (applyRate * TRADE_DEFAULTS.mistSpeedFactor), window } : null,
  };
}

/** Cut where all strips are finished, so that nobody is at it for longer than the longest front; as even as strips allow. */
function piecesOf(strips: FrontStrips, soak: number): readonly FrontPiece[] | null {
  const piece = (count: number): FrontPiece | null => {
    const front = soloFront({ ...strips, strips: count });
    return front && { strips: count, front, minutes: soak + front.duration };
  };
  const whole = piece(strips.strips);
  if (!whole) return null;
  const longest = TRADE_DEFAULTS.longestFrontMinutes;
  for (let cuts = Math.ceil(whole.minutes / longest); cuts <= strips.strips; cuts += 1) {
    const most = Math.ceil(strips.strips / cuts);
    const first = piece(most);
    if (!first) return null;
    if (first.minutes > longest && most > 1) continue;
    const fewer = most * cuts - strips.strips;
    const second = fewer > 0 && most > 1 ? piece(most - 1) : null;
    if (fewer > 0 && !second) continue;
    return Array.from({ length: cuts }, (_, i) => (i < cuts - fewer || !second ? first : second));
  }
  return [whole];
}

/** Rounds that a strip is there for at most. */
function mistsOf(pieces: readonly FrontPiece[]): number {
  return Math.max(
    ...pieces.map(({ front: { mist, exposure } }) =>
      mist === null ? 0 : Math.ceil(exposure / (mist.workMinutes + mist.roundMinutes)),
    ),
  );
}
