import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { lot } from '../test/provided-job.ts';
import { lotAfterUse, lotBeforeUse, recordedUseSchema, shelfBefore } from './lot-use.ts';

describe('what was used of a lot', () => {
  it('is taken off what is left, to the millilitre', () => {
    expect(lotAfterUse(lot({ left: 10 }), 3.2)).toEqual(lot({ left: 6.8 }));
    expect(lotAfterUse(lot({ left: 0.3 }), 0.1 + 0.2).left).toBe(0);
  });

  it('is refused where it is nothing, or more than there is, with the way out', () => {
    expect(() => lotAfterUse(lot({ left: 2 }), 5)).toThrow(
      'of lot A-1 stock shows 2 left: weigh or dip it and correct the stock first',
    );
    for (const amount of [0, -1, NaN]) expect(() => lotAfterUse(lot(), amount)).toThrow('must be above 0');
    expect(recordedUseSchema.validate({ id: 'x', job: 'y', lot: '', amount: -1 }).error).toBeDefined();
  });

  it('is still there for the plan of the job that used it, and put back whole when it is taken back', () => {
    const amounts = fc.record({
      left: fc.integer({ min: 1, max: 20_000_000 }),
      share: fc.double({ min: 0.0001, max: 1, noNaN: true }),
    });
    fc.assert(
      fc.property(amounts, ({ left, share }) => {
        const before = lot({ left: left / 1000 });
        const amount = Math.max(1, Math.floor(left * share)) / 1000;
        const after = lotAfterUse(before, amount);
        expect(after.left).toBeGreaterThanOrEqual(0);
        expect(lotBeforeUse(after, amount)).toEqual(before);
        expect(shelfBefore([after, lot({ id: 'b' })], [{ id: 'u', lot: 'a', amount }])).toEqual([
          before,
          lot({ id: 'b' }),
        ]);
      }),
    );
  });
});
