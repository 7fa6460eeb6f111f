import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Face } from '../survey/face.ts';

/** What a surface falls into by itself, and is worked by: nineteen stones, eight panes. */
export interface NaturalPieces {
  readonly what: NaturalPiece;
  readonly count: number;
}

export type NaturalPiece =
  'stone' | 'pane' | 'panel' | 'bay' | 'tread' | 'board' | 'slab' | 'post' | 'door' | 'piece';

/** By the name that people give to a surface. */
const BY_NAME: readonly (readonly [RegExp, NaturalPiece])[] = [
  [/\b(treads?|steps?|stairs?)\b/i, 'tread'],
  [/\b(panels?|fences?|fencing|sheets?)\b/i, 'panel'],
  [/\b(panes?|windows?|glass|glazing|skylights?)\b/i, 'pane'],
  [/\b(bays?|arches|arch)\b/i, 'bay'],
  [/\b(boards?|planks?|decking|deck)\b/i, 'board'],
  [/\b(slabs?|flags?|flagstones?)\b/i, 'slab'],
  [/\b(posts?|columns?|pillars?|bollards?|piers?)\b/i, 'post'],
  [/\b(doors?|gates?|shutters?)\b/i, 'door'],
  [/\b(stones?|headstones?|gravestones?|memorials?|kerbs?)\b/i, 'stone'],
];

/** So many are no longer looked at one by one. */
const MOST_PIECES = 400;

/**
 * The equal pieces of a surface, as its size counts them; null where it counts none, or where each is large enough to be worked
 * strip by strip itself.
 *
 * @example naturalPieces({ name: 'Panes, street side', takeOff: … 8(1.2x0.9) … }) // { what: 'pane', count: 8 }
 */
export function naturalPieces({ name, takeOff }: Pick<Face, 'name' | 'takeOff'>): NaturalPieces | null {
  if (!takeOff.ok || takeOff.pieces === null || takeOff.pieces > MOST_PIECES) return null;
  if (takeOff.squareMetres / takeOff.pieces >= TRADE_DEFAULTS.leastPieceSquareMetres) return null;
  const named = BY_NAME.find(([words]) => words.test(name));
  return { what: named?.[1] ?? 'piece', count: takeOff.pieces };
}
