import { describe, expect, it } from '@jest/globals';
import type { CycleWetLine } from '@etappe/core';
import { tankLineLayout } from './tank-line-layout.ts';
import { wetLineLayout } from './wet-line-layout.ts';

const CYCLE: CycleWetLine = {
  moments: [
    { minute: 0, film: 0.2, left: 0.2 },
    { minute: 10, film: 0.1, left: 0.15 },
    { minute: 20, film: 0, left: 0.1 },
  ],
  mists: [8, 30],
  dwell: { from: 5, latest: 15 },
  filmMinutes: 17,
  dryOutMinutes: 34,
  dryAt: 0.03,
  untilMinute: 20,
};

describe('the wet line', () => {
  it('places dwell, mists and dry-out on one axis, and leaves out what lies beyond it', () => {
    const layout = wetLineLayout(CYCLE, 600);
    expect(layout.dwell?.x).toBeCloseTo(layout.xOf(5), 6);
    expect((layout.dwell?.x ?? 0) + (layout.dwell?.width ?? 0)).toBeCloseTo(layout.xOf(15), 6);
    expect(layout.mistXs).toEqual([layout.xOf(8)]);
    expect(layout.dryOutX).toBeNull();
    expect(wetLineLayout({ ...CYCLE, dryOutMinutes: 18 }, 600).dryOutX).toBeCloseTo(layout.xOf(18), 6);
    expect(layout.minuteAt(layout.xOf(7))).toBeCloseTo(7, 6);
    expect([layout.minuteAt(-50), layout.minuteAt(9999)]).toEqual([0, 20]);
  });
});

describe('the tank line', () => {
  it('marks the dry minute and the full hours of the day', () => {
    const tank = {
      points: [
        { minute: 0, litres: 100 },
        { minute: 60, litres: 0 },
        { minute: 120, litres: 0 },
      ],
      firstDryMinute: 60,
      shortLitres: 40,
      usedLitres: 200,
      lateLitres: 0,
    };
    const layout = tankLineLayout(tank, 100, 120, 8.5 * 3600, 600);
    expect(layout.hours.map((h) => h.second / 3600)).toEqual([9, 10]);
    expect(layout.dryX).toBeCloseTo((layout.start + layout.end) / 2, 6);
    expect(tankLineLayout({ ...tank, firstDryMinute: null }, 100, 120, 0, 600).dryX).toBeNull();
  });
});
