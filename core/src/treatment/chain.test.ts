import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Surface } from '../survey/surface.ts';
import { chainStages } from './chain.ts';
import { surface, finding, treat } from '../test/treated-wall.ts';

describe('pre-wetting', () => {
  const kinds = (on: Surface, preWet: string) =>
    treat(on, [finding('surface-rust')], { schools: { 'pre-wet': preWet } }).stages.map((s) => s.kind);
  it('is for thirsty faces by default', () => {
    expect(kinds(surface('concrete'), 'thirsty-only')).toContain('pre-wet');
    expect(kinds(surface('painted-render', { finish: 'painted' }), 'thirsty-only')).not.toContain('pre-wet');
  });
  it('follows the school of the house', () => {
    expect(kinds(surface('concrete'), 'never')).not.toContain('pre-wet');
    expect(kinds(surface('painted-render', { finish: 'painted' }), 'always')).toContain('pre-wet');
  });
  it('opens the cycle of the application that follows it', () => {
    const stages = treat(surface('concrete'), [finding('surface-rust')]).stages;
    const preWet = stages.find((s) => s.kind === 'pre-wet');
    expect(preWet?.cycle).toBe(stages.find((s) => s.kind === 'apply')?.cycle);
  });
});

describe('a chain of stages', () => {
  it('ties an application to what ends its dwell and to nothing after', () => {
    const on = surface('larch-boards');
    const stages = chainStages(
      [
        {
          method: CATALOGUE.method('oxygen-wash-wood'),
          severity: 2,
          areaSquareMetres: 20,
          against: [],
          cautions: [],
          solids: [],
          doorStripSquareMetres: 0,
        },
      ],
      {
        surface: on,
        catalogue: CATALOGUE,
        shaded: false,
        ammonia: false,
        temperatureCelsius: 18,
        schools: {},
      },
    );
    expect(stages.map((s) => [s.kind, s.cycle])).toEqual([
      ['clear', null],
      ['apply', 1],
      ['wash', 1],
      ['rinse', null],
      ['apply', 2],
      ['rinse', 2],
    ]);
  });

  it('gives every stage an id of its own', () => {
    const t = treat(surface('concrete'), [
      finding('surface-rust'),
      finding('mineral-oil'),
      finding('green-algae'),
    ]);
    const ids = t.stages.map((s) => s.id);
    expect(new Set(ids).size).toBe(ids.length);
  });
});
