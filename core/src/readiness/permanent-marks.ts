import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { PermanentMark } from '../catalogue/permanent-mark.ts';
import type { Mark } from '../survey/mark.ts';

/** The permanent mark that a mark was settled as; null while it is open, or where it is dirt after all. */
export function permanentMarkOf({ settledAs }: Pick<Mark, 'settledAs'>): PermanentMark | null {
  return CATALOGUE.permanentMarks.find((m) => m.id === settledAs) ?? null;
}
