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
  /** It is applied, left to dwell while other work is done, and come back to. */
  readonly leftAlone: boolean;
  /** Work on it, with the soaking before it and the waits in which nobody leaves it. */
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
 * The front of a surface that one person keeps wet and within its dwell: the widest strips of natural widths, from several reaches to a
 * part of one, that need no wait at each; misted where that is shorter. Else single strips with a wait.
 *
 * @returns null where not even the smallest piece can be worked
 */
export function cycleFront(pace: FrontPace): CycleFront | null {
  const counts = stripCounts(pace);
  const dries = pace.wetMinutes < pace.dwell.toMinutes;
  const ways = [
    widest(counts, (count) => frontOf(pace, count, false, isFlowing)),
    dries ? widest(counts, (count) => frontOf(pace, count, true, isFlowing)) : null,
  ].filter((way) => way !== null);
  const [first, second] =
    ways.length > 0
      ? ways
      : [false, true].flatMap(
          (misted) => widest(counts, (count) => frontOf(pace, count, misted, always)) ?? [],
        );
  if (!first) return null;
  const best = second && second.minutes < first.minutes - 1e-6 ? second : first;
  const wet = (way: StripFront) => way.out * way.stripSquareMetres;
  return { ...best, greatestWetSquareMetres: Math.max(wet(first), second ? wet(second) : 0) };
}

type StripFront = Omit<CycleFront, 'greatestWetSquareMetres'>;

function widest(
  counts: readonly number[],
  frontOfCount: (count: number) => StripFront | null,
): StripFront | null {
  for (const count of counts) {
    const front = frontOfCount(count);
    if (front) return front;
  }
  return null;
}

const always = () => true;
/** Applied ahead and finished behind, without a wait at each strip. */
const isFlowing = ({ mode }: Front, strips: number) => mode !== 'single' || strips === 1;

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
  isWanted: (front: Front, strips: number) => boolean,
): StripFront | null {
  const { areaSquareMetres } = pace;
  const strips = stripTimes(pace, count, misted);
  if (!strips) return null;
  const whole = soloFront(strips);
  if (!whole || !isWanted(whole, count)) return null;
  const pieces = piecesOf(strips, pace);
  if (!pieces?.every(({ front }) => isWanted(front, count))) return null;
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
function piecesOf(strips: FrontStrips, pace: FrontPace): readonly FrontPiece[] | null {
  const piece = (count: number): FrontPiece | null => {
    const front = soloFront({ ...strips, strips: count });
    if (!front) return null;
    const leftAlone = isLeftAlone(front, strips.strips, pace.areaSquareMetres);
    const wait = leftAlone ? front.firstWait : 0;
    return { strips: count, front, leftAlone, minutes: pace.soakMinutes + front.duration - wait };
  };
  const whole = piece(strips.strips);
  if (!whole) return null;
  const longest = TRADE_DEFAULTS.longestFrontMinutes;
  const least = Math.min(strips.strips, Math.ceil(whole.minutes / longest));
  for (let cuts = least; cuts <= strips.strips; cuts += 1) {
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

/** Only a piece that is worth coming back to, or the whole surface, for as long as other work is worth taking up. */
function isLeftAlone(
  { mode, mist, out, firstWait }: Front,
  strips: number,
  areaSquareMetres: number,
): boolean {
  const { leastAbsenceMinutes, leastPieceSquareMetres } = TRADE_DEFAULTS;
  const applied = (out * areaSquareMetres) / strips;
  return (
    mist === null &&
    mode !== 'single' &&
    firstWait >= leastAbsenceMinutes &&
    applied >= Math.min(leastPieceSquareMetres, areaSquareMetres) - 1e-6
  );
}

/** Rounds that a strip is there for at most. */
function mistsOf(pieces: readonly FrontPiece[]): number {
  return Math.max(
    ...pieces.map(({ front: { mist, exposure } }) =>
      mist === null ? 0 : Math.ceil(exposure / (mist.workMinutes + mist.roundMinutes)),
    ),
  );
}
