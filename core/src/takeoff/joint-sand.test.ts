import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { jointSand } from './joint-sand.ts';

const BLOCKS = { lengthMillimetres: 240, widthMillimetres: 160, jointMillimetres: 4, depthMillimetres: 60 };

describe('sand for joints', () => {
  it('is the joint share of the face times depth and density', () => {
    const { kilogramsPerSquareMetre, sum } = jointSand(BLOCKS, 1600);
    expect(kilogramsPerSquareMetre.toFixed(2)).toBe('3.88');
    expect(sum).toBe('(1 − 240 × 160 ÷ (244 × 164)) × 60 mm × 1600 kg/m³ = 3.88 kg/m²');
  });

  it('grows with the joint and with its depth, and never fills more than the whole bed', () => {
    const paving = fc.record({
      lengthMillimetres: fc.integer({ min: 40, max: 1200 }),
      widthMillimetres: fc.integer({ min: 40, max: 1200 }),
      jointMillimetres: fc.integer({ min: 1, max: 49 }),
      depthMillimetres: fc.integer({ min: 10, max: 299 }),
    });
    fc.assert(
      fc.property(paving, (laid) => {
        const { kilogramsPerSquareMetre: sand } = jointSand(laid, 1600);
        const wider = jointSand({ ...laid, jointMillimetres: laid.jointMillimetres + 1 }, 1600);
        const deeper = jointSand({ ...laid, depthMillimetres: laid.depthMillimetres + 1 }, 1600);
        expect(wider.kilogramsPerSquareMetre).toBeGreaterThan(sand);
        expect(deeper.kilogramsPerSquareMetre).toBeGreaterThan(sand);
        expect(sand).toBeLessThan((laid.depthMillimetres / 1000) * 1600);
      }),
    );
  });

  it.each([
    ['a negative joint', { jointMillimetres: -4 }, 'joint -4 mm is outside 1 mm to 50 mm'],
    [
      'a block typed in metres',
      { lengthMillimetres: 0.24 },
      'length of a block 0.24 mm is outside 40 mm to 1200 mm',
    ],
    ['a joint without depth', { depthMillimetres: 0 }, 'depth of the joints 0 mm is outside 10 mm to 300 mm'],
  ])('refuses %s with the limit', (_, more, message) => {
    expect(() => jointSand({ ...BLOCKS, ...more }, 1600)).toThrow(message);
  });
});
