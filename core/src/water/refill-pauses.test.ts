import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { refillPauses } from './refill-pauses.ts';
import type { TiedWork } from './refill-pauses.ts';
import { tankLine } from './tank-line.ts';
import type { TankInput } from './tank-line.ts';

const TANK: TankInput = {
  capacityLitres: 600,
  startLitres: 600,
  supplyLitresPerMinute: 8,
  refills: [],
  untilMinute: 240,
  uses: [{ from: 0, to: 240, litresPerMinute: 12.6 }],
};

/** The day minute by minute, with a clock of its own: water is drawn only outside the pauses. */
function lasts(
  input: TankInput,
  pauses: NonNullable<ReturnType<typeof refillPauses>>,
  tied: readonly TiedWork[] = [],
): boolean {
  const step = 0.05;
  let [level, worked] = [input.startLitres, 0];
  for (let now = 0; worked < input.untilMinute; now += step) {
    const resting = pauses.some((p) => now >= p.from && now < p.from + p.minutes);
    // Nothing that is wet waits; a moment before its end and after its beginning may be the rounding of a step.
    if (resting && tied.some((t) => worked > t.from + 1.1 && worked < t.to - 1.1)) return false;
    const drawn = resting
      ? 0
      : input.uses.reduce((sum, u) => sum + (worked >= u.from && worked < u.to ? u.litresPerMinute : 0), 0);
    level = Math.min(input.capacityLitres, level + (input.supplyLitresPerMinute - drawn) * step);
    if (level < -step * 60) return false;
    if (!resting) worked += step;
  }
  return true;
}

describe('pauses in which the tap fills the tank', () => {
  it('are none where the water lasts', () => {
    expect(refillPauses({ ...TANK, supplyLitresPerMinute: 12.6 })).toEqual([]);
  });

  it('begin where the tank would run dry, and bring what the rest of the day is short of', () => {
    const [pause, ...more] = refillPauses(TANK) ?? [];
    // Dry after 130 min; 504 L are short, at 8 L/min a good hour.
    expect(pause).toEqual({ from: 130, minutes: 65 });
    expect(more).toEqual([]);
  });

  it('are several where the tank holds less than is short', () => {
    const small = { ...TANK, capacityLitres: 100, startLitres: 100 };
    const pauses = refillPauses(small) ?? [];
    expect(pauses.length).toBeGreaterThan(3);
    expect(lasts(small, pauses)).toBe(true);
  });

  it('help nothing where no tap runs, or a full tank bears no minute of what is drawn', () => {
    expect(refillPauses({ ...TANK, supplyLitresPerMinute: 0 })).toBeNull();
    expect(refillPauses({ ...TANK, capacityLitres: 1, startLitres: 1 })).toBeNull();
  });

  it('wait before what cannot, and are none where that alone draws more than a full tank', () => {
    const tied = [{ from: 100, to: 160 }];
    const pauses = refillPauses(TANK, tied) ?? [];
    expect(pauses[0]?.from).toBe(100);
    expect(lasts(TANK, pauses, tied)).toBe(true);
    expect(
      refillPauses({ ...TANK, capacityLitres: 100, startLitres: 100 }, [{ from: 0, to: 240 }]),
    ).toBeNull();
  });

  it('hold on any day, by a clock that shares nothing with them', () => {
    const use = fc.record({
      from: fc.integer({ min: 0, max: 100 }),
      long: fc.integer({ min: 5, max: 100 }),
      litresPerMinute: fc.integer({ min: 1, max: 15 }),
    });
    const span = fc
      .record({ from: fc.integer({ min: 0, max: 90 }), long: fc.integer({ min: 5, max: 40 }) })
      .map(({ from, long }) => ({ from, to: from + long }));
    fc.assert(
      fc.property(
        fc.array(use, { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 100, max: 400 }),
        fc.array(span, { maxLength: 3 }),
        (list, supply, tank, tied) => {
          const uses = list.map(({ from, long, litresPerMinute }) => ({
            from,
            to: from + long,
            litresPerMinute,
          }));
          const input = {
            ...TANK,
            uses,
            supplyLitresPerMinute: supply,
            startLitres: tank,
            capacityLitres: tank,
          };
          const pauses = refillPauses(input, tied);
          if (pauses === null) return;
          expect(pauses.length === 0).toBe(tankLine(input).firstDryMinute === null);
          expect(lasts(input, pauses, tied)).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });
});
