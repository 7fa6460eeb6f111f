import { decimal } from '../quantity/numbers.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { thinnestCoat } from '../takeoff/coats.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { warning } from './warning.ts';
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
      const thin = {
        place: surface.name,
        product: catalogue.product(apply.agent)?.name ?? catalogue.agent(apply.agent).name,
        spread: decimal(1 / thinnest, 1),
        most: decimal(most, 1),
        least: decimal(1 / most, 2),
      };
      return [warning('too-thin', 'warn', thin, surface.id)];
    }),
  );
}
