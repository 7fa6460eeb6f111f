import { say } from '../messages/message.ts';
import type { NaturalPiece } from '../wetting/natural-pieces.ts';

/** What a strip is called: by what it is by itself, where it is something. */
export type StripName = 'strip' | NaturalPiece;

/** "2 panels" */
export function countedInWords(what: StripName, count: number): string {
  return say(`front/count/${what}`, { count });
}
