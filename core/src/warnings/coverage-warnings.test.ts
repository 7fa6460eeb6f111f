import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { workedStages } from '../catalogue/method.ts';
import { NO_RESTRICTIONS, productFaults } from '../company/product.ts';
import type { LabelRestrictions } from '../company/product.ts';
import { thinnestCoat } from '../takeoff/coats.ts';
import { planOf, product, surveyWith } from '../test/provided-job.ts';

const bare = {
  id: 'plinth',
  material: 'sandstone',
  side: 'north',
  size: '12x4',
  topMetres: 4,
  findings: [{ contaminant: 'unprotected-face', severity: 2 }],
};
const labelled = (label: Partial<LabelRestrictions>) =>
  planOf(
    surveyWith(
      { surfaces: [bare] },
      { products: [product({ name: 'Stone guard', label: { ...NO_RESTRICTIONS, ...label } })] },
    ),
  );
const mixOf = (plan: ReturnType<typeof planOf>) => plan.mixes.find((m) => m.agent === 'silane-impregnator');
const thin = (plan: ReturnType<typeof planOf>) =>
  plan.warnings.flatMap((w) => (w.rule === 'too-thin' ? [w.text] : []));

describe('coats by the label', () => {
  it('takes the second by its own coverage, thirst of the stone included', () => {
    const thirst = CATALOGUE.material('sandstone').thirstFactor;
    const mix = mixOf(labelled({ squareMetresPerLitre: 2.5, nextCoatSquareMetresPerLitre: 4 }));
    expect(mix?.litres).toBeCloseTo(34.32 * thirst, 0);
    expect(mix?.sum).toBe(`48 m² × (0.72 L/m² + 0.45 L/m²) + 10 % waste = ${mix?.litres} L`);
  });

  it('takes it in proportion where the label gives one coverage for all', () => {
    const [first, half] = [labelled({ squareMetresPerLitre: 2.5 }), labelled({ squareMetresPerLitre: 1.25 })];
    expect(mixOf(half)?.litres).toBeCloseTo(2 * (mixOf(first)?.litres ?? 0), 0);
  });
});

describe('a coverage above the useful one', () => {
  it('is warned of with the figure, the limit and the way out; the least that helps is not', () => {
    expect(thin(labelled({}))).toEqual([]);
    const [text] = thin(labelled({ squareMetresPerLitre: 20 }));
    expect(text).toMatch(
      /^Plinth: one litre of Stone guard is spread over [\d.]+ m², and past 6 m² it does nothing\. Put on at least 0.17 L\/m² a coat/,
    );
    const thirst = CATALOGUE.material('sandstone').thirstFactor;
    expect(
      thin(labelled({ squareMetresPerLitre: 5 * thirst, nextCoatSquareMetresPerLitre: 6 * thirst })),
    ).toEqual([]);
  });

  it('goes by the label where that is stricter, never where it is looser', () => {
    expect(thin(labelled({ mostSquareMetresPerLitre: 2 }))[0]).toContain('past 2 m²');
    expect(thin(labelled({ squareMetresPerLitre: 30, mostSquareMetresPerLitre: 40 }))[0]).toContain(
      'past 6 m²',
    );
  });

  it('is in no method of the catalogue, on any material that it is for', () => {
    let looked = 0;
    for (const method of CATALOGUE.methods)
      for (const stage of workedStages(method)) {
        const most = stage.kind === 'apply' ? CATALOGUE.agent(stage.agent).usefulSquareMetresPerLitre : null;
        if (stage.kind !== 'apply' || most === null) continue;
        for (const { thirstFactor } of CATALOGUE.materials.filter((m) =>
          method.families.includes(m.family),
        )) {
          looked += 1;
          expect(thinnestCoat(stage) * thirstFactor).toBeGreaterThanOrEqual(1 / most - 0.001);
        }
      }
    expect(looked).toBeGreaterThan(100);
  });

  it('is refused on a label that contradicts itself', () => {
    const { id: _, ...own } = product({
      label: { ...NO_RESTRICTIONS, squareMetresPerLitre: 8, mostSquareMetresPerLitre: 6 },
    });
    expect(productFaults(own, CATALOGUE.agent('silane-impregnator'))).toEqual([
      {
        path: 'label.squareMetresPerLitre',
        message: '8 m² from a litre are more than the 6 m² up to which it is of use: read the label again',
      },
    ]);
  });
});
