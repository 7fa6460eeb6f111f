import { describe, expect, it } from '@jest/globals';
import { CAUSTIC_KELVIN_PER_GRAM_PER_LITRE, dissolving } from './heat-of-dissolving.ts';

describe('dissolving caustic', () => {
  it('warms by the heat of solution', () => {
    // 44.5 kJ/mol over 40.00 g/mol, into 4.18 kJ/(L·K), gives 0.266; with the mix's smaller heat capacity about 0.28.
    expect(CAUSTIC_KELVIN_PER_GRAM_PER_LITRE).toBeCloseTo(44.5 / 40 / 4.18, 1);
    expect(dissolving(40)).toMatchObject({ ok: true, kelvin: 11.200000000000001, steps: 1 });
  });

  it('is done step by step above 15 K', () => {
    expect(dissolving(60)).toMatchObject({ ok: true, steps: 2 });
    expect(dissolving(60).text).toContain('60 g/L from solid warms the mix by 17 K: dissolve it in 2 parts');
  });

  it('is refused above 100 g/L, with the ways out', () => {
    expect(dissolving(100).ok).toBe(true);
    const refused = dissolving(120);
    expect(refused.ok).toBe(false);
    expect(refused.text).toContain('Buy it as a liquid, or use a weaker mix');
  });
});
