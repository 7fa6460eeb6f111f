import { describe, expect, it } from '@jest/globals';
import { stripLay } from './strip-lay.ts';

describe('how strips lie', () => {
  it.each<[string, number, number, number, number, number, number]>([
    ['a wall, at full height', 90, 0, 6, 60, 6, 1],
    ['a leaning wall', 75, 1, 4, 60, 3, 1],
    ['a level floor, as far as one goes at once', 0, 0, 0, 100, 5, 1],
    ['a small level floor', 0, 0, 0, 9, 3, 1],
    ['a soffit', 180, 3, 3, 30, 5, 1],
    ['a drive that falls, longer than one goes at once', 4, 0, 0, 144, 4, 3],
    ['a ramp whose heights are known', 5.74, 0, 0.4, 30, 4, 1],
    ['a roof whose slope is 7 m', 35, 3, 7.015, 60, 3.5, 2],
    ['a porch roof', 30, 2.5, 4, 12, 3, 1],
  ])('%s', (_, tiltDegrees, footMetres, topMetres, area, length, lifts) => {
    const lay = stripLay({ tiltDegrees, footMetres, topMetres }, area);
    expect(lay.squareMetresPerMetre).toBeCloseTo(length, 1);
    expect(lay.lifts).toBe(lifts);
  });
});
