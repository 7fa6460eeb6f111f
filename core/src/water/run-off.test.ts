import { describe, expect, it } from '@jest/globals';
import { runOffLedger } from './run-off.ts';

const GIVEN = {
  appliedLitres: 40,
  rinseLitres: 360,
  leavingShare: 0.9,
  reusedLitres: 60,
  captureLitres: 200,
};

describe('the ledger of a catch', () => {
  it('accounts for every litre', () => {
    expect(runOffLedger(GIVEN)).toEqual({
      leavingLitres: 360,
      caughtLitres: 360,
      reusedLitres: 60,
      takenAwayLitres: 300,
      overflowLitres: 160,
      emptyings: 1,
    });
    expect(runOffLedger({ ...GIVEN, reusedLitres: 900 }).takenAwayLitres).toBe(0);
    expect(runOffLedger({ ...GIVEN, captureLitres: 0 }).emptyings).toBe(0);
  });

  it('refuses more than all', () => {
    expect(() => runOffLedger({ ...GIVEN, leavingShare: 1.2 })).toThrow(
      'share that leaves the faces 1.2 is outside 0 to 1',
    );
  });
});
