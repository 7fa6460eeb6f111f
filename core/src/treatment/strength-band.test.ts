import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { ApplyTemplate } from '../catalogue/method.ts';
import { dwellAt, dwellOn } from './dwell-guidance.ts';
import { strengthBand } from './strength-band.ts';

function applyOf(method: string): ApplyTemplate {
  const stage = CATALOGUE.method(method).stages.find((s) => s.kind === 'apply');
  if (stage?.kind !== 'apply') throw new Error(`${method} puts nothing on`);
  return stage;
}
const hypochlorite = CATALOGUE.agent('hypochlorite');

describe('the band of a strength', () => {
  const soft = applyOf('soft-wash-hypochlorite');

  it('is the trade’s share of what is wanted, never stronger than the method is anywhere', () => {
    const rust = applyOf('rust-phosphoric');
    const acid = CATALOGUE.agent('phosphoric-acid');
    expect(rust.strengthGramsPerLitre).toEqual([100, 120, 150, 200]);
    expect(strengthBand(rust, 120, 2, acid)).toEqual({ weakest: 96, strongest: 150 });
    expect(strengthBand(rust, 200, 4, acid)).toEqual({ weakest: 160, strongest: 200 });
  });

  it('of a soft wash lets one tank do what is covered and what is less', () => {
    const [visible, covered, caked] = [8, 10, 15].map((wanted, i) =>
      strengthBand(soft, wanted, i + 2, hypochlorite),
    );
    expect(Math.max(visible?.weakest ?? 0, covered?.weakest ?? 0)).toBeLessThanOrEqual(
      Math.min(visible?.strongest ?? 0, covered?.strongest ?? 0),
    );
    expect(visible?.strongest).toBeGreaterThanOrEqual(caked?.weakest ?? Infinity);
  });

  it('is cut by the span of the agent, as a label cuts it short', () => {
    const labelled = { ...hypochlorite, strengthSpan: { from: 7, to: 9 } };
    expect(strengthBand(soft, 8, 2, labelled)).toEqual({ weakest: 7, strongest: 9 });
  });

  it('is what the method names where it names one', () => {
    const neutral = applyOf('neutral-wash');
    const detergent = CATALOGUE.agent('neutral-detergent');
    expect(strengthBand(neutral, 10, 2, detergent)).toEqual({ weakest: 8, strongest: 20 });
  });

  it('of what is ready to use is what it is', () => {
    const ready = CATALOGUE.agents.find(({ stock }) => stock.form === 'ready');
    if (!ready) throw new Error('nothing is ready to use');
    expect(strengthBand(soft, 1000, 1, ready)).toEqual({ weakest: 1000, strongest: 1000 });
  });
});

describe('a dwell under another strength', () => {
  it('is done later or sooner, within the bounds that it had', () => {
    const dwell = dwellOn({ from: 8, to: 15 }, 3, 18);
    expect(dwellAt(dwell, 0.8).expectedMinutes).toBeGreaterThan(dwell.expectedMinutes);
    expect(dwellAt(dwell, 1.25).expectedMinutes).toBeLessThan(dwell.expectedMinutes);
    expect(dwellAt(dwell, 0.1).expectedMinutes).toBe(15);
    expect(dwellAt(dwell, 10).expectedMinutes).toBe(8);
    expect(dwellAt(dwell, 1)).toEqual(dwell);
  });
});
