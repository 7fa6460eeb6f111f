import { faced } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import { productAmounts } from '../supply/product-amounts.ts';
import type { ProductAmount } from '../supply/product-amounts.ts';
import { decidedWays } from './decided-fronts.ts';
import type { DecidedFront } from './decided-fronts.ts';
import { derivedFigures } from './derivation.ts';

/** What one product takes over the whole job. */
export interface JobProduct extends ProductAmount {
  /** L or kg of each visit, from the first. */
  readonly byVisit: readonly number[];
}

/**
 * Products of the whole job, over all its visits, in whole containers bought together.
 * @param fronts of the visit that is planned, as they were decided: how they are worked says how often they are misted
 */
export function jobSupply(survey: Survey, fronts: readonly DecidedFront[]): readonly JobProduct[] {
  const figuresOf = (visit: number) =>
    derivedFigures(
      faced({ ...survey, job: { ...survey.job, visit } }),
      visit === survey.job.visit ? decidedWays(fronts) : undefined,
    );
  const first = figuresOf(1);
  const all = [first, ...first.visits.slice(1).map(({ number }) => figuresOf(number))];
  const { catalogue } = faced(survey);
  return productAmounts(
    all.flatMap(({ mixes }) => mixes),
    catalogue,
  ).map((whole) => ({
    ...whole,
    byVisit: all.map(({ products }) => products.find((p) => p.product === whole.product)?.amount ?? 0),
  }));
}
