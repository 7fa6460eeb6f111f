import { decimal } from '../quantity/rounding.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { thinnestCoat } from '../takeoff/coats.ts';
import type { TreatedSurface } from '../treatment/treated-surface.ts';
import type { Warning } from './warning.ts';

/** Rounding of a coverage to litres on a square metre is no thinner coat. */
const ROUNDING = 0.001;

/** Coats that are spread thinner than the product achieves anything, each with the least that does. */
export function coverageWarnings(
  surfaces: readonly TreatedSurface[],
  survey: FacedSurvey,
): readonly Warning[] {
  const catalogue = survey.catalogue;
  return surfaces.flatMap(({ surface, treatment }) =>
    (treatment?.stages ?? []).flatMap(({ apply }): readonly Warning[] => {
      if (!apply) return [];
      const most = catalogue.agent(apply.agent).usefulSquareMetresPerLitre;
      const thinnest = thinnestCoat(apply);
      if (most === null || thinnest >= 1 / most - ROUNDING) return [];
      const called = catalogue.product(apply.agent)?.name ?? catalogue.agent(apply.agent).name;
      return [
        {
          rule: 'too-thin',
          severity: 'warn',
          surface: surface.id,
          text: `${surface.name}: a litre of ${called} is spread over ${decimal(1 / thinnest, 1)} m², and above ${decimal(most, 1)} m² it achieves nothing: put on at least ${decimal(1 / most, 2)} L/m² a coat, or look at the coverage on the label again.`,
        },
      ];
    }),
  );
}
