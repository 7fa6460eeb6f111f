import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { leastSupply, tankLine } from './tank-line.ts';
import type { TankInput } from './tank-line.ts';

const TANK: TankInput = {
  capacityLitres: 600,
  startLitres: 600,
  supplyLitresPerMinute: 8,
  refills: [],
  untilMinute: 240,
  uses: [{ from: 0, to: 240, litresPerMinute: 21 * 0.6 }],
};

describe('the level of a tank', () => {
  it('of 600 L at 21 L/min and 60 % trigger, with 8 from the tap, is dry after 130 min', () => {
    const line = tankLine(TANK);
    expect(line.firstDryMinute).toBeCloseTo(130.4, 1);
    expect(line.shortLitres).toBeCloseTo((240 - 130.435) * 4.6, 0);
    expect(line.usedLitres).toBeCloseTo(3024, 6);
    expect(leastSupply(TANK)).toBeCloseTo(10.1, 6);
    expect(tankLine({ ...TANK, supplyLitresPerMinute: leastSupply(TANK) }).firstDryMinute).toBeNull();
  });

  it('takes no more than it holds, and a refill where it comes', () => {
    const idle = tankLine({ ...TANK, startLitres: 500, uses: [] });
    expect(idle.points.map((p) => [p.minute, p.litres])).toEqual([
      [0, 500],
      [12.5, 600],
      [240, 600],
    ]);
    const truck = tankLine({ ...TANK, refills: [{ minute: 120, litres: 500 }] });
    expect(truck.firstDryMinute).toBeCloseTo(130.4 + 500 / 4.6, 0);
  });

  it('keeps its books: start, supply, refills and shortage come to use, end and overflow', () => {
    const use = fc.record({
      from: fc.integer({ min: 0, max: 100 }),
      long: fc.integer({ min: 1, max: 100 }),
      litresPerMinute: fc.integer({ min: 1, max: 30 }),
      byHose: fc.boolean(),
    });
    fc.assert(
      fc.property(
        fc.array(use, { maxLength: 6 }),
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 0, max: 300 }),
        (list, supply, start) => {
          const uses = list.map(({ from, long, ...use }) => ({ from, to: from + long, ...use }));
          const input = {
            ...TANK,
            uses,
            supplyLitresPerMinute: supply,
            startLitres: start,
            capacityLitres: 300,
          };
          const line = tankLine(input);
          const end = line.points.at(-1)?.litres ?? 0;
          const came = start + supply * 240 + line.shortLitres;
          expect(came).toBeGreaterThanOrEqual(line.usedLitres + end - 1e-6);
          for (const point of line.points) {
            expect(point.litres).toBeGreaterThanOrEqual(-1e-9);
            expect(point.litres).toBeLessThanOrEqual(300 + 1e-9);
          }
          expect(line.firstDryMinute === null).toBe(line.shortLitres < 1e-6);
          const more = tankLine({ ...input, supplyLitresPerMinute: supply + 1 });
          expect(more.shortLitres).toBeLessThanOrEqual(line.shortLitres + 1e-6);
          if (list.length > 0)
            expect(
              tankLine({ ...input, supplyLitresPerMinute: leastSupply(input) }).firstDryMinute,
            ).toBeNull();
        },
      ),
    );
  });

  it('counts a hose at what the taps give: alone it empties nothing, beside a pump it takes all that comes', () => {
    const hose = { from: 0, to: 240, litresPerMinute: 20, byHose: true };
    const alone = tankLine({ ...TANK, uses: [hose] });
    expect(alone.firstDryMinute).toBeNull();
    expect(alone.usedLitres).toBeCloseTo(8 * 240, 6);
    expect(alone.lateLitres).toBeCloseTo(12 * 240, 6);
    expect(tankLine({ ...TANK, uses: [hose, ...TANK.uses] }).firstDryMinute).toBeCloseTo(600 / 12.6, 6);
    // Two of them share what there is.
    expect(tankLine({ ...TANK, uses: [hose, hose] }).usedLitres).toBeCloseTo(8 * 240, 6);
    expect(tankLine({ ...TANK, uses: [hose], supplyLitresPerMinute: 50 }).usedLitres).toBeCloseTo(4800, 6);
  });

  it('names value, limit and way out for a slip', () => {
    expect(() => tankLine({ ...TANK, capacityLitres: 0 })).toThrow('tank 0 L must be above 0 L');
    expect(() => tankLine({ ...TANK, startLitres: 700 })).toThrow('start level 700 L is outside 0 to 600 L');
    expect(() => tankLine({ ...TANK, supplyLitresPerMinute: -1 })).toThrow(
      'supply -1 L/min is below 0 L/min',
    );
  });
});
