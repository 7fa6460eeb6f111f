import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { rinseWindow, sectionArea } from './section-area.ts';

const cycle = { applyRate: 6, rinseRate: 2.5, dwellFrom: 12, latest: 18, stripArea: 3, slack: 0 };

describe('section size', () => {
  it('of strips of 3 m² is 21.4 m², and 8.6 m² with 3 min of slack', () => {
    expect(sectionArea(cycle, false)).toBeCloseTo(21.4, 1);
    expect(sectionArea({ ...cycle, slack: 3 }, false)).toBeCloseTo(8.6, 1);
  });

  it('of a single strip is 10.6 m²', () => {
    expect(sectionArea({ ...cycle, stripArea: 100 }, false)).toBeCloseTo(10.6, 1);
  });

  it('keeps one person from starting to rinse before the application ends', () => {
    expect(sectionArea({ ...cycle, dwellFrom: 1, latest: 60 }, true)).toBe(9);
  });

  it('is bound by what one mist pass reaches before the film is gone', () => {
    expect(sectionArea({ ...cycle, mist: { interval: 1.15, rate: 5 } }, false)).toBeCloseTo(5.75, 2);
  });

  it('is nothing when the window is shorter than the dwell', () => {
    expect(sectionArea({ ...cycle, latest: 12 }, false)).toBe(0);
  });

  it('leaves every strip of any section a dwell inside its bounds', () => {
    const rate = fc.double({ min: 0.3, max: 10, noNaN: true });
    fc.assert(
      fc.property(
        rate,
        rate,
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 3.5, max: 30, noNaN: true }),
        fc.double({ min: 0.2, max: 1, noNaN: true }),
        (applyRate, rinseRate, dwellFrom, span, part) => {
          const given = { applyRate, rinseRate, dwellFrom, latest: dwellFrom + span, stripArea: 3, slack: 3 };
          const area = part * sectionArea(given, false);
          const window = rinseWindow(given, area);
          if (window === null) throw new Error('a section within its size has a window');
          // The dwell of any point lies between these two, whichever strip it is in.
          for (const start of [window.earliest, window.latest]) {
            for (const whole of [0, 1]) {
              const place = whole * area;
              const meanDwell = start + place / rinseRate - place / applyRate;
              expect(meanDwell).toBeGreaterThanOrEqual(dwellFrom - 1e-6);
              expect(meanDwell).toBeLessThanOrEqual(given.latest - given.slack + 1e-6);
            }
          }
        },
      ),
    );
  });
});
