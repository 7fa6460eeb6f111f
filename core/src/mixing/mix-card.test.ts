import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { mixCard } from './mix-card.ts';

describe('the mix card', () => {
  it('adds water, then stock, then surfactant, by the jug', () => {
    const card = mixCard(CATALOGUE.agent('hypochlorite'), 20, 30, 'metric');
    expect(card.parts.map((p) => [p.role, p.litres])).toEqual([
      ['water', 15.12],
      ['stock', 4.8],
      ['surfactant', 0.08],
    ]);
    expect(card.strengthGramsPerLitre).toBe(30);
  });

  it('says the strength after rounding', () => {
    const card = mixCard(CATALOGUE.agent('hypochlorite'), 8.3, 10, 'metric');
    expect(card.parts[1]?.litres).toBe(0.7);
    expect(card.strengthGramsPerLitre).toBe(10.5);
  });

  it('weighs powders by their hydrate', () => {
    const card = mixCard(CATALOGUE.agent('percarbonate'), 12.34, 80, 'metric');
    expect(card.litres).toBe(12.4);
    expect(card.parts.find((p) => p.role === 'powder')?.grams).toBe(990);
  });

  it('rounds what brings an agent to rest up, for it must suffice', () => {
    const card = mixCard(CATALOGUE.agent('sodium-ascorbate'), 11.5, 2.79, 'metric');
    expect(card.parts.find((p) => p.role === 'powder')?.grams).toBe(35);
  });

  it('leaves a ready product alone', () => {
    expect(mixCard(CATALOGUE.agent('neutral-biocidal'), 7, 1000, 'metric').parts).toHaveLength(1);
  });

  it('keeps the parts together equal to the mix and close to its target', () => {
    const liquids = CATALOGUE.agents.filter((a) => a.stock.form === 'liquid');
    fc.assert(
      fc.property(
        fc.constantFrom(...liquids),
        fc.double({ min: 2, max: 500, noNaN: true }),
        fc.double({ min: 5, max: 100, noNaN: true }),
        fc.constantFrom('metric' as const, 'us' as const),
        (agent, litres, target, units) => {
          const card = mixCard(agent, litres, target, units);
          const sum = card.parts.reduce((total, p) => total + (p.litres ?? 0), 0);
          expect(Math.abs(sum - card.litres)).toBeLessThan(0.002);
          expect(Math.abs(card.strengthGramsPerLitre - target)).toBeLessThan(Math.max(0.15 * target, 0.6));
        },
      ),
    );
  });
});
