import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { SHIPPED } from '../company/company-catalogue.ts';
import { surface } from '../test/treated-wall.ts';
import { surfaceState } from '../treatment/surface-state.ts';
import { inRankOrder, pointsInWords, rankedMethod, withFactors } from './method-ranking.ts';

describe('ranking', () => {
  const on = surface('granite');
  const dry = surfaceState(on, {
    surfaces: [on],
    features: [],
    catalogue: SHIPPED,
    job: { weather: { temperatureC: 18 }, house: { schools: {} } },
  });
  const question = {
    contaminant: 'green-algae',
    severity: 2,
    state: dry,
    schools: {},
    catalogue: CATALOGUE,
  } as const;
  it('counts harm around double where run-off reaches water', () => {
    const method = CATALOGUE.method('soft-wash-hypochlorite');
    const points = (drainsToWater: boolean) =>
      rankedMethod(method, { ...question, state: { ...dry, drainsToWater } }).points;
    expect(points(false) - points(true)).toBeCloseTo(method.harmAround);
  });

  it('does not depend on the order of the catalogue', () => {
    const ranked = ['leave-on-biocide', 'neutral-soak-stone', 'soft-wash-hypochlorite'].map((id) =>
      rankedMethod(CATALOGUE.method(id), { ...question, contaminant: 'lichen' }),
    );
    expect(inRankOrder([...ranked].reverse())).toEqual(inRankOrder(ranked));
  });

  it('opens its points to their sum', () => {
    const ranked = rankedMethod(CATALOGUE.method('soft-wash-hypochlorite'), question);
    expect(pointsInWords(ranked).text).toContain(
      'points: result 5 of 5: +15; risk to the surface 1 of 5: −2; harm around 4 of 5: −4; water 9.3 L/m²: −0.8',
    );
    const slow = { id: 'time', name: 'Time', figure: '41 min on 40 m²', points: -1.6 };
    expect(withFactors(ranked, [slow]).points).toBeCloseTo(ranked.points - 1.6);
  });
});
