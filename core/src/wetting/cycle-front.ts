import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { keptBy } from '../quantity/kept.ts';
import { pairFront, soloFront } from './front.ts';
import { mistsOf, piecesOf } from './front-pieces.ts';
import type { FrontPiece } from './front-pieces.ts';
import type { NaturalPieces } from './natural-pieces.ts';
import { stripCounts } from './strip-counts.ts';
import type { StripLay } from './strip-lay.ts';
import type { Front, FrontStrips, PairFront } from './front.ts';

/** What a front hangs on: paces in m²/min, times in min. */
export interface FrontPace extends StripLay {
  readonly areaSquareMetres: number;
  /** What it falls into by itself; null where strips may be of any width. */
  readonly natural: NaturalPieces | null;
  readonly applyRate: number;
  /** All that ends the contact or follows it. */
  readonly finishRate: number;
  /** Of the scrubbing that comes before the rinse or the wash, which counts as contact; Infinity where there is none. */
  readonly agitateRate: number;
  /** Of plain water right before the application; null where none is wanted. */
  readonly preWetRate: number | null;
  /** Minutes that the surface drinks before its first strip. */
  readonly soakMinutes: number;
  /** Changes of tool from one strip to the next, where one person does all of it, and for each of a pair. */
  readonly toolChanges: { readonly alone: number; readonly leader: number; readonly follower: number };
  readonly dwell: { readonly fromMinutes: number; readonly toMinutes: number };
  /** How long what is applied stays wet. */
  readonly wetMinutes: number;
  /** How long after the front has begun one making of what is applied, or misted, serves. */
  readonly mixMinutes: number;
}

/** Who works a front: one person, two of whom one applies and the other finishes, or several at a part each. */
export type Hands = 'one' | 'pair' | 'shared';

/** How one wet cycle is worked, strip by strip. */
export interface CycleFront {
  readonly hands: Hands;
  readonly natural: NaturalPieces | null;
  /** How many of its strips stand one above the other. */
  readonly lifts: number;
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
  return keptFront(pace);
}

const KEPT_FRONTS = 5000;
/** Hours and edits ask the same again and again; what stays wet past the dwell is worked alike, however long it stays wet. */
const keptFront = keptBy(
  ({ natural, toolChanges, dwell, wetMinutes, ...pace }: FrontPace) => [
    pace.areaSquareMetres,
    pace.squareMetresPerMetre,
    pace.lifts,
    natural?.what ?? null,
    natural?.count ?? null,
    pace.applyRate,
    pace.finishRate,
    pace.agitateRate,
    pace.preWetRate,
    pace.soakMinutes,
    toolChanges.alone,
    dwell.fromMinutes,
    dwell.toMinutes,
    Math.min(wetMinutes, dwell.toMinutes),
    pace.mixMinutes,
  ],
  (pace) => byOnes(pace, 1),
  KEPT_FRONTS,
);

/**
 * The same in equal parts for as many people as there are and as have enough to do, each at a part of their own.
 *
 * @returns null where a part would be too small to send somebody else to it
 */
export function sharedFront(pace: FrontPace, people: number): CycleFront | null {
  const { leastPieceSquareMetres } = TRADE_DEFAULTS;
  const most = Math.min(people, Math.floor(pace.areaSquareMetres / leastPieceSquareMetres));
  for (let parts = most; parts > 1; parts -= 1) {
    const front = byOnes(pace, parts);
    const smallest = Math.min(...(front?.pieces.map(({ strips }) => strips) ?? []));
    if (front && smallest * front.stripSquareMetres >= leastPieceSquareMetres) return front;
  }
  return null;
}

function byOnes(pace: FrontPace, people: number): CycleFront | null {
  const counts = stripCounts(pace);
  const widestOf = (isWanted: Wanted) =>
    MISTED_OR_NOT.flatMap(
      (misted) =>
        widest(counts, (count) => frontOf(pace, { count, misted, people, rhythmOf: soloFront, isWanted })) ??
        [],
    );
  const flowing = widestOf(isFlowing);
  return bestOf(flowing.length > 0 ? flowing : widestOf(() => true), people === 1 ? 'one' : 'shared');
}

/**
 * The front of a surface that two people work, one applying and the other finishing behind: the widest strips with which it
 * takes hardly longer than with the best.
 *
 * @returns null where the two would not be at it at the same time, or cannot keep it
 */
export function pairedFront(pace: FrontPace): CycleFront | null {
  const counts = stripCounts(pace);
  const ways = MISTED_OR_NOT.flatMap((misted) =>
    counts.flatMap(
      (count) =>
        frontOf(pace, { count, misted, people: 1, rhythmOf: pairFront, isWanted: isSideBySide }) ?? [],
    ),
  );
  const shortest = Math.min(...ways.map(({ minutes }) => minutes));
  const nearly = ways.filter(({ minutes }) => minutes <= shortest * TRADE_DEFAULTS.pairNearlyAsQuick);
  return bestOf(nearly.slice(0, 1), 'pair');
}

const MISTED_OR_NOT = [false, true] as const;

type StripFront = Omit<CycleFront, 'hands' | 'greatestWetSquareMetres'>;
type Rhythm = Front | PairFront;
type Wanted = (front: Rhythm, strips: number) => boolean;

/** A way to cut and to work a front. */
interface FrontWay {
  readonly count: number;
  readonly misted: boolean;
  /** How many are at it, each at a part of their own. */
  readonly people: number;
  readonly rhythmOf: (strips: FrontStrips) => Rhythm | null;
  readonly isWanted: Wanted;
}

/** The first, unless a later one is quicker. */
function bestOf(ways: readonly StripFront[], hands: Hands): CycleFront | null {
  const [first] = ways;
  if (!first) return null;
  const best = ways.reduce((a, b) => (b.minutes < a.minutes - 1e-6 ? b : a), first);
  const wet = ways.map((way) => way.out * way.stripSquareMetres);
  return { ...best, hands, greatestWetSquareMetres: Math.max(...wet) };
}

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

/** Applied ahead and finished behind, without a wait at each strip. */
const isFlowing: Wanted = ({ mode }, strips) => mode !== 'single' || strips === 1;
/** The one has begun to finish before the other has applied all. */
const isSideBySide: Wanted = (front) => front.mode === 'pair' && front.lead < front.leaderFree;

function frontOf(pace: FrontPace, way: FrontWay): StripFront | null {
  const { areaSquareMetres } = pace;
  const { count, rhythmOf, isWanted } = way;
  const strips = stripTimes(pace, way);
  if (!strips) return null;
  const whole = rhythmOf(strips);
  if (!whole || !isWanted(whole, count)) return null;
  const pieces = piecesOf(strips, pace, way);
  if (!pieces?.every(({ front }) => isWanted(front, count))) return null;
  const stripSquareMetres = areaSquareMetres / count;
  const out = Math.max(...pieces.map(({ front }) => front.out));
  if (out > 1 && out * stripSquareMetres > TRADE_DEFAULTS.greatestWetSquareMetres) return null;
  return {
    natural: pace.natural,
    lifts: pace.lifts,
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
function stripTimes(pace: FrontPace, { count, misted, rhythmOf }: FrontWay): FrontStrips | null {
  const { applyRate, finishRate, agitateRate, preWetRate, toolChanges, dwell, wetMinutes } = pace;
  const strip = pace.areaSquareMetres / count;
  if (misted && wetMinutes >= dwell.toMinutes) return null;
  const window = wetMinutes * TRADE_DEFAULTS.mistMargin;
  if (misted && window < TRADE_DEFAULTS.shortestMistIntervalMinutes) return null;
  const latest = misted ? dwell.toMinutes : Math.min(dwell.toMinutes, wetMinutes);
  if (latest <= TRADE_DEFAULTS.frontSlackMinutes) return null;
  const changes = rhythmOf === pairFront ? toolChanges : { leader: 0, follower: toolChanges.alone };
  return {
    strips: count,
    apply:
      strip / applyRate +
      (preWetRate === null ? 0 : strip / preWetRate) +
      changes.leader * TRADE_DEFAULTS.toolChangeMinutes,
    finish: strip / finishRate + changes.follower * TRADE_DEFAULTS.toolChangeMinutes,
    from: Math.max(0, dwell.fromMinutes - strip / agitateRate),
    limit: latest - TRADE_DEFAULTS.frontSlackMinutes,
    mist: misted ? { each: strip / (applyRate * TRADE_DEFAULTS.mistSpeedFactor), window } : null,
  };
}
