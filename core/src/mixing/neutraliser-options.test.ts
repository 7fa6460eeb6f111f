import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { catchNeutraliserGrams } from './neutraliser.ts';
import { NEUTRALISER_OPTIONS, neutralisersFor } from './neutraliser-options.ts';

/** Molar masses, g/mol, and the equivalents that react. */
const MOLAR: Readonly<Record<string, readonly [number, number]>> = {
  'ascorbic acid': [176.12, 1],
  'sodium bicarbonate': [84.007, 1],
  'soda ash': [105.99, 2],
  'citric acid anhydrous': [192.12, 3],
  'citric acid monohydrate': [210.14, 3],
  'oxalic acid dihydrate': [126.07, 2],
  'available chlorine': [70.906, 1],
  'hydrogen chloride': [36.461, 1],
  // Two of its three protons react by pH 8.
  'phosphoric acid': [97.994, 2],
  'sodium hydroxide': [39.997, 1],
};

describe('neutralisers', () => {
  it('are dosed as their reactions go', () => {
    const equivalent = (name: string) => {
      const [mass, count] = MOLAR[name] ?? [NaN, 1];
      return mass / count;
    };
    const known = NEUTRALISER_OPTIONS.filter((o) => o.name in MOLAR);
    expect(known).toHaveLength(8);
    for (const { name, active, gramsPerGram } of known)
      expect(Math.abs(gramsPerGram - equivalent(name) / equivalent(active))).toBeLessThan(0.01);
  });

  it('of chlorine by thiosulfate lie between sulfate and tetrathionate, and are never taken before an acid', () => {
    const [thiosulfate, ascorbic] = neutralisersFor('available chlorine', false);
    expect(thiosulfate?.span?.[0]).toBeCloseTo(248.18 / (4 * 70.906), 2);
    expect(thiosulfate?.span?.[1]).toBeCloseTo((2 * 248.18) / 70.906, 1);
    expect(ascorbic?.name).toBe('ascorbic acid');
    expect(neutralisersFor('available chlorine', true).map((o) => o.name)).toEqual(['ascorbic acid']);
  });

  it('of a catch tank go by the grams of active in it', () => {
    expect(catchNeutraliserGrams(CATALOGUE.agent('hypochlorite'), 100)).toBeCloseTo(279, 0);
    expect(catchNeutraliserGrams(CATALOGUE.agent('citrate-gel'), 100)).toBe(0);
  });
});
