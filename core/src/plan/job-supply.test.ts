import { describe, expect, it } from '@jest/globals';
import { demo } from '../test/demo-survey.ts';
import { jobSupply } from './job-supply.ts';
import { plan } from './plan.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 1 };

describe('the supply of a whole job', () => {
  const survey = demo('hill-observatory');

  it('is that of all its visits, each as it is planned', () => {
    const made = plan(survey, OPTIONS);
    const products = jobSupply(survey, made.visit?.fronts ?? []);
    expect(made.visits.length).toBeGreaterThan(1);
    for (const { product, amount, byVisit } of products) {
      expect(byVisit).toHaveLength(made.visits.length);
      expect(byVisit.reduce((sum, each) => sum + each, 0)).toBeCloseTo(amount, 2);
      expect(byVisit[0]).toBe(made.products.find((p) => p.product === product)?.amount ?? 0);
    }
    const later = plan({ ...survey, job: { ...survey.job, visit: 2 } }, OPTIONS);
    for (const { product, amount } of later.products)
      expect(products.find((p) => p.product === product)?.byVisit[1]).toBeCloseTo(amount, 1);
    expect(later.products.length).toBeGreaterThan(0);
  });
});
