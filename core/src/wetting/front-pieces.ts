import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Front, FrontStrips, PairFront } from './front.ts';

/** A front between two breaks: its strips all finished at its end. */
export interface FrontPiece {
  readonly strips: number;
  readonly front: Front | PairFront;
  /** It is applied, left to dwell while other work is done, and come back to. */
  readonly leftAlone: boolean;
  /** From its begin to its end, with the soaking before it; without the wait in which it is left alone. */
  readonly minutes: number;
}

/** As much of the pace of a front as says where it is cut. */
export interface PiecePace {
  readonly areaSquareMetres: number;
  readonly soakMinutes: number;
  readonly dwell: { readonly fromMinutes: number };
  readonly mixMinutes: number;
}

/** How its strips follow each other, and how many people are at it, each at a part of their own. */
export interface PieceWay {
  readonly people: number;
  readonly rhythmOf: (strips: FrontStrips) => Front | PairFront | null;
}

/** Cut where all strips are finished, so that nobody is at it for longer than the longest front; as even as strips allow. */
export function piecesOf(
  strips: FrontStrips,
  pace: PiecePace,
  { people, rhythmOf }: PieceWay,
): readonly FrontPiece[] | null {
  const piece = (count: number): FrontPiece | null => {
    const front = rhythmOf({ ...strips, strips: count });
    if (!front) return null;
    const leftAlone = front.mode !== 'pair' && isLeftAlone(front, strips.strips, pace.areaSquareMetres);
    const wait = leftAlone ? front.firstWait : 0;
    return { strips: count, front, leftAlone, minutes: pace.soakMinutes + front.duration - wait };
  };
  const whole = piece(strips.strips);
  if (!whole) return null;
  const longest = TRADE_DEFAULTS.longestFrontMinutes;
  const goesOn = ({ minutes, front }: FrontPiece) =>
    minutes > longest || pace.soakMinutes + appliedFor(front, pace) > pace.mixMinutes;
  if (strips.strips < people) return null;
  const least = Math.min(strips.strips, people * Math.ceil(whole.minutes / longest / people));
  for (let cuts = least; cuts <= strips.strips; cuts += 1) {
    const most = Math.ceil(strips.strips / cuts);
    const first = piece(most);
    if (!first) return null;
    if (goesOn(first) && most > 1) continue;
    const fewer = most * cuts - strips.strips;
    const second = fewer > 0 && most > 1 ? piece(most - 1) : null;
    if (fewer > 0 && !second) continue;
    return Array.from({ length: cuts }, (_, i) => (i < cuts - fewer || !second ? first : second));
  }
  return people === 1 ? [whole] : null;
}

/** Minutes to the last of the mix that is put on: its last strip dwells for a while, unless it is misted meanwhile. */
function appliedFor(
  { duration, mist }: Pick<Front, 'duration' | 'mist'>,
  { dwell }: Pick<PiecePace, 'dwell'>,
): number {
  return duration - (mist ? 0 : dwell.fromMinutes);
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
export function mistsOf(pieces: readonly FrontPiece[]): number {
  return Math.max(
    ...pieces.map(({ front: { mode, mist, exposure } }) => {
      if (mist === null) return 0;
      // A pair mists in what its periods leave: its rounds take no time of their own.
      return Math.ceil(exposure / (mist.workMinutes + (mode === 'pair' ? 0 : mist.roundMinutes)));
    }),
  );
}
