import type { FacedSurvey } from '../survey/face.ts';
import { jetsOn } from '../visit/jet-match.ts';
import type { FiguredPlan } from '../plan/derivation.ts';
import { stageLitres } from '../visit/stage-water.ts';

/** What a visit takes of mixes, products and water, and how small its fronts get. */
export interface SupplyFigures {
  readonly mixLitres: number;
  readonly products: readonly {
    readonly product: string;
    readonly name: string;
    readonly amount: number;
    readonly unit: 'L' | 'kg';
  }[];
  readonly waterLitres: number;
  /** Strips of all fronts. */
  readonly strips: number;
  /** The least of any front that may be wet at once, m²; null where nothing is worked in fronts. */
  readonly leastWet: { readonly squareMetres: number; readonly surface: string } | null;
  /** The fastest drying of any face in its hardest hour, mm/h. */
  readonly fastestDrying: number;
  readonly unworkable: number;
  /** Jets that break the limit of their face at full pressure. */
  readonly jetsOverLimit: number;
}

/** The supply of a derivation, before anybody looks for a sequence. */
export function supplyFigures(derivation: FiguredPlan, survey: FacedSurvey): SupplyFigures {
  const { mixes, products, surfaces } = derivation;
  const { house } = survey.job;
  const cycles = surfaces.flatMap((p) => p.cycles.map((cycle) => ({ cycle, name: p.surface.name })));
  const stages = surfaces.flatMap((p) => p.treatment?.stages ?? []);
  const fronts = cycles.flatMap(({ cycle: { front }, name }) => (front ? [{ front, name }] : []));
  const [first, ...more] = fronts;
  const least =
    first &&
    more.reduce((a, b) => (b.front.greatestWetSquareMetres < a.front.greatestWetSquareMetres ? b : a), first);
  return {
    mixLitres: mixes.reduce((sum, mix) => sum + mix.litres, 0),
    products: products.map(({ product, name, called, amount, unit }) => ({
      product,
      name: called ?? name,
      amount,
      unit,
    })),
    waterLitres: stages.reduce((sum, s) => sum + stageLitres(s, s.areaSquareMetres, house), 0),
    strips: fronts.reduce((sum, { front }) => sum + front.stripCount, 0),
    leastWet: least ? { squareMetres: least.front.greatestWetSquareMetres, surface: least.name } : null,
    fastestDrying: Math.max(0, ...cycles.map(({ cycle }) => cycle.clocks.evaporationMillimetresPerHour)),
    unworkable: cycles.filter(({ cycle }) => cycle.unworkable !== null).length,
    jetsOverLimit: jetsOn(surfaces, survey).filter((j) => j.kilopascal > j.limitKilopascal).length,
  };
}
