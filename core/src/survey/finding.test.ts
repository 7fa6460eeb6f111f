import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { findingSchema } from './finding.ts';
import type { Finding } from './finding.ts';

const read = (fields: object) =>
  findingSchema.validate({ surface: 'yard', severity: 3, ...fields }) as { value: Finding };

describe('a finding whose share nobody said', () => {
  it('lies where such a stain usually does, and growth on all of the surface', () => {
    expect(read({ contaminant: 'mineral-oil' }).value.share).toBe(0.25);
    expect(read({ contaminant: 'chewing-gum' }).value.share).toBe(0.1);
    expect(read({ contaminant: 'green-algae' }).value.share).toBe(1);
  });

  it('lies on all of the zone that was drawn around it', () => {
    expect(read({ contaminant: 'mineral-oil', zone: 'under-the-van' }).value.share).toBe(1);
  });

  it('is left as somebody said it', () => {
    expect(read({ contaminant: 'mineral-oil', share: 0.8 }).value.share).toBe(0.8);
  });

  it('spreads as it gets worse', () => {
    for (const { id, usualShare = [] } of CATALOGUE.contaminants)
      expect([id, ...usualShare]).toEqual([id, ...[...usualShare].sort((a, b) => a - b)]);
  });
});
