import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { boostBar, flowThroughHose, hoseLoss, longestHose } from './hose-loss.ts';

describe('what a hose eats', () => {
  it.each([
    [15, 60, 9.5, 9.4, 1],
    [15, 60, 7.9, 22.8, 1],
    [18, 50, 12.7, 2.7, 1],
    // Three quarters of an inch.
    [18, 50, 19.05, 0.39, 2],
  ])('%p L/min through %p m of %p mm: %p bar', (flow, metres, inner, bar, digits) => {
    expect(hoseLoss(flow, metres, inner)).toBeCloseTo(bar, digits);
  });

  it('is nothing without flow or length, and laminar where it trickles', () => {
    expect([hoseLoss(0, 60, 9.5), hoseLoss(15, 0, 9.5)]).toEqual([0, 0]);
    expect(hoseLoss(0.2, 10, 19)).toBeCloseTo(2 * hoseLoss(0.1, 10, 19), 9);
  });

  it('bounds the useful length', () => {
    const metres = longestHose(15, 9.5, 20);
    expect(hoseLoss(15, metres, 9.5)).toBeCloseTo(20, 6);
    expect(longestHose(0, 9.5, 20)).toBe(Infinity);
  });

  it('never lets more through by being longer or narrower, nor less with a booster', () => {
    const inner = fc.constantFrom<number[]>(7.9, 9.5, 12.7, 19);
    const metres = fc.double({ min: 1, max: 150, noNaN: true });
    fc.assert(
      fc.property(metres, metres, inner, fc.double({ min: 0.5, max: 10, noNaN: true }), (a, b, d, bar) => {
        const [short, long] = [Math.min(a, b), Math.max(a, b)];
        const through = (length: number, diameter = d) => flowThroughHose(bar, length, diameter, 40);
        expect(through(long)).toBeLessThanOrEqual(through(short) + 1e-6);
        expect(through(short)).toBeLessThanOrEqual(through(short, d * 1.2) + 1e-6);
        const boosted = flowThroughHose(bar, short, d, 40, { shutOffBar: 4, greatestLitresPerMinute: 45 });
        expect(boosted).toBeGreaterThanOrEqual(through(short) - 1e-6);
      }),
    );
  });

  it('is helped by a booster the less the more flows', () => {
    const booster = { shutOffBar: 4, greatestLitresPerMinute: 40 };
    expect([boostBar(booster, 0), boostBar(booster, 20), boostBar(booster, 50)]).toEqual([4, 3, 0]);
  });

  it('names value, limit and way out for a slip', () => {
    expect(() => hoseLoss(15, -3, 9.5)).toThrow('hose length -3 m is below 0 m');
    expect(() => hoseLoss(15, 3, 0)).toThrow('inner diameter 0 mm must be above 0 mm');
    expect(() => longestHose(15, 9.5, 0)).toThrow('pressure that may be lost 0 bar must be above 0 bar');
  });
});
