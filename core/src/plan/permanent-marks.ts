import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { PermanentMark } from '../catalogue/permanent-mark.ts';
import type { Mark } from '../survey/mark.ts';

/** The permanent mark that a mark was settled as; null while it is open, or where it is dirt after all. */
export function permanentMarkOf({ settledAs }: Pick<Mark, 'settledAs'>): PermanentMark | null {
  return CATALOGUE.permanentMarks.find((m) => m.id === settledAs) ?? null;
}

/** What the customer is told of marks that stay, by place. */
export function permanentExpectations(survey: {
  readonly surfaces: readonly { readonly id: string; readonly name: string }[];
  readonly marks: readonly Mark[];
}): readonly { readonly place: string; readonly text: string }[] {
  return survey.marks.flatMap((mark) => {
    const permanent = permanentMarkOf(mark);
    const surface = survey.surfaces.find((s) => s.id === mark.surface);
    if (!permanent || !surface) return [];
    return [
      {
        place: mark.where === '' ? surface.name : `${surface.name}, ${mark.where}`,
        text: permanent.expectation,
      },
    ];
  });
}
