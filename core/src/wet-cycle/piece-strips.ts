import { pairStrips, soloStrips } from '../wetting/front-strips.ts';
import type { StripTimes } from '../wetting/front-strips.ts';
import type { CycleFront } from '../wetting/cycle-front.ts';
import type { FrontPiece } from '../wetting/front-pieces.ts';

/** When each strip of a piece is applied, misted and finished; minutes from its first drop of product or pre-wetting hose. */
export function pieceStrips(
  { strips }: CycleFront,
  { strips: count, front }: FrontPiece,
): readonly StripTimes[] {
  const piece = { ...strips, strips: count };
  return front.mode === 'pair' ? pairStrips(piece, front) : soloStrips(piece, front);
}
