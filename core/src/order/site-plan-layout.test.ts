import { describe, expect, it } from '@jest/globals';
import type { SitePlan } from './site-plan.ts';
import { NUMBER_RADIUS, sitePlanLayout } from './site-plan-layout.ts';

const surface = (number: number, x: number, y: number, width = 4, height = 2) => ({
  id: `s${number}`,
  name: `Surface ${number}`,
  number,
  band: y < 0 ? ('floor' as const) : ('wall' as const),
  x,
  y,
  width,
  height,
  isInScope: true,
});
const mark = (letter: string, x: number) => ({ letter, kind: 'protect' as const, x, text: letter });
const PLAN: SitePlan = {
  widthMetres: 20,
  topMetres: 6,
  depthMetres: 3,
  sides: [{ name: 'North', about: 'N', x: 0, width: 20 }],
  surfaces: [
    surface(1, 0, 0),
    surface(2, 0.2, 0.5, 0.5, 0.5),
    surface(3, 0.3, 0.4, 0.5, 0.5),
    surface(4, 16, -3, 4, 3),
  ],
  marks: [mark('a', 2), mark('b', 2), mark('c', 2), mark('d', 20)],
};

describe('the drawing of a site plan', () => {
  it('stands walls on the ground, floors below it, all within the drawing', () => {
    const { surfaces, ground, width, height } = sitePlanLayout(PLAN, 1000);
    expect(surfaces[0]?.y).toBeCloseTo(ground - (surfaces[0]?.height ?? 0));
    expect(surfaces[3]?.y).toBeGreaterThan(ground);
    for (const box of surfaces) {
      expect(box.x + box.width).toBeLessThanOrEqual(width + 1e-6);
      expect(box.y + box.height).toBeLessThanOrEqual(height);
    }
  });

  it('keeps numbers and letters apart', () => {
    const { numbers, marks } = sitePlanLayout(PLAN, 1000);
    const apart = (spots: readonly { readonly x: number; readonly y: number }[], least: number) => {
      spots.forEach((one, i) => {
        for (const other of spots.slice(i + 1))
          expect(Math.hypot(one.x - other.x, one.y - other.y)).toBeGreaterThanOrEqual(least);
      });
    };
    expect(numbers.map(({ number }) => number)).toEqual([1, 2, 3, 4]);
    apart(numbers, 2 * NUMBER_RADIUS);
    apart(marks, 19);
  });

  it('is no higher for a tower, and is drawn of nothing at all', () => {
    const tall = { ...PLAN, topMetres: 60, surfaces: [surface(1, 0, 0, 4, 60)] };
    expect(sitePlanLayout(tall, 1000).height).toBeLessThan(400);
    const none = { ...PLAN, widthMetres: 0, depthMetres: 0, sides: [], surfaces: [], marks: [] };
    expect(Number.isFinite(sitePlanLayout(none, 1000).height)).toBe(true);
  });
});
