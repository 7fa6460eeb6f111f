import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Surface } from '../survey/surface.ts';
import { takeOffFace } from '../takeoff/take-off.ts';
import { MILD_AIR, surface } from '../test/treated-wall.ts';
import { methodMinutes } from './method-minutes.ts';
import type { WorkPlace } from './method-minutes.ts';

const place = (material: string, more: Partial<Surface> = {}, there: Partial<WorkPlace> = {}): WorkPlace => {
  const face = surface(material, { topMetres: 2.5, ...more });
  return {
    surface: { ...face, takeOff: takeOffFace(face, 'metric') },
    shaded: false,
    schools: {},
    air: MILD_AIR,
    catalogue: CATALOGUE,
    ...there,
  };
};
const minutes = (method: string, areaSquareMetres: number, at: WorkPlace, severity: 1 | 2 | 3 | 4 = 2) =>
  methodMinutes(CATALOGUE.method(method), { severity, areaSquareMetres }, at);

describe('the minutes of a method on a face', () => {
  it('are area by rate where nothing dwells', () => {
    // 40 m² at √(15 · 40) = 24.5 m²/h: 98 min; sizes are rounded to within 4 %.
    const { minutes: time, isWorkable } = minutes('weed-by-hand', 40, place('flags'));
    expect(time).toBeGreaterThan(98 * 0.96);
    expect(time).toBeLessThan(98 * 1.04);
    expect(isWorkable).toBe(true);
  });

  it('grow with dirt, shade and height', () => {
    const base = minutes('weed-by-hand', 40, place('flags')).minutes;
    expect(minutes('weed-by-hand', 40, place('flags'), 4).minutes / base).toBeCloseTo(2, 6);
    expect(minutes('weed-by-hand', 40, place('flags', {}, { shaded: true })).minutes / base).toBeCloseTo(
      1.25,
      6,
    );
    expect(minutes('weed-by-hand', 40, place('flags', { topMetres: 6 })).minutes / base).toBeCloseTo(1.2, 6);
  });

  it('are longer on stone that drinks, where strips are small and misted', () => {
    const onPaint = minutes('neutral-wash', 40, place('painted-render')).minutes;
    const onStone = minutes('neutral-wash', 40, place('limestone')).minutes;
    expect(onStone).toBeGreaterThan(onPaint * 1.2);
  });

  it('say where no rhythm holds', () => {
    const hot = { ...MILD_AIR, temperatureC: 38, humidity: 0.15, windMetresPerSecond: 6 };
    const dry = place('limestone', {}, { air: hot, schools: { 'pre-wet': 'never' } });
    expect(minutes('neutral-wash', 40, dry).isWorkable).toBe(false);
    expect(minutes('neutral-wash', 40, place('painted-render')).isWorkable).toBe(true);
  });

  it('count what is left on by its application, and waits for days not at all', () => {
    const biocide = minutes('leave-on-biocide', 40, place('granite')).minutes;
    expect(biocide).toBeLessThan(40);
    const killer = minutes('weed-systemic', 40, place('flags')).minutes;
    expect(killer).toBeLessThan(70);
  });
});
