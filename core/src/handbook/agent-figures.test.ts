import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { provenanceOf } from '../catalogue/data/provenances.ts';
import { companyValues } from '../company/company-values.ts';
import { EMPTY_HANDBOOK } from '../company/company-handbook.ts';
import { agentFigures } from './agent-figures.ts';

describe('where figures come from', () => {
  it('is said of an agent with a range', () => {
    const figures = new Map(agentFigures(CATALOGUE.agent('hypochlorite')).map((f) => [f.id, f]));
    expect(figures.get('ph')).toMatchObject({ type: 'data-sheet', range: { least: 10.5, most: 11.5 } });
    expect(figures.get('mix-life')).toMatchObject({ figure: 24, range: { least: 12, most: 48 } });
    expect(figures.get('strongest')).toMatchObject({ type: 'label', range: null });
    expect(figures.has('spread')).toBe(false);
  });

  it('is said of whatever a company may set, beside the default', () => {
    const [jet] = companyValues('material', 'block-paving', EMPTY_HANDBOOK);
    expect(jet?.provenance).toEqual({ type: 'trade-default', range: { least: 90, most: 210 } });
    const drinks = companyValues('material', 'limestone', EMPTY_HANDBOOK).find((v) =>
      v.value.path.startsWith('sorptivity'),
    );
    expect(drinks?.provenance).toEqual({ type: 'standard', range: { least: 0.06, most: 0.24 } });
  });

  it('has a range for every number of the catalogue that is set, but for what a label says and for points', () => {
    const bare = (['material', 'condition', 'agent', 'method'] as const).flatMap((kind) => {
      const list = {
        material: 'materials',
        condition: 'conditions',
        agent: 'agents',
        method: 'methods',
      } as const;
      return CATALOGUE[list[kind]].flatMap(({ id }) =>
        companyValues(kind, id, EMPTY_HANDBOOK)
          .filter(({ value, provenance }) => typeof value.shipped === 'number' && provenance.range === null)
          .map(({ value }) => value.path.replace(/\d+/g, '#')),
      );
    });
    expect([...new Set(bare)].sort()).toEqual(['stages.#.coats', 'strengthSpan.to']);
  });

  it('never leaves what there can be: pH 0 to 14, grades 1 to 5', () => {
    const [, lowest] = companyValues('material', 'granite', EMPTY_HANDBOOK);
    expect(lowest?.provenance.range).toEqual({ least: 0, most: 0.5 });
    const [risk] = companyValues('method', 'soft-wash-hypochlorite', EMPTY_HANDBOOK);
    expect(risk?.provenance.range).toEqual({ least: 1, most: 2 });
  });

  it('is a trade default where nothing better is known', () => {
    expect(provenanceOf('school', 'setting', 'wet')).toEqual({ type: 'trade-default', range: null });
  });
});
