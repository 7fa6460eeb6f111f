import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { FaceAir } from './face-hours.ts';
import type { Surface } from '../survey/surface.ts';
import { testSurface } from '../test/entities.ts';
import { chainStages } from '../treatment/chain.ts';
import { lieOf } from './wet-clocks.ts';
import { wetCyclePlan } from './wet-cycle-plan.ts';

const MILD: FaceAir = {
  temperatureC: 18,
  humidity: 0.65,
  windMetresPerSecond: 2,
  netRadiationWattsPerSquareMetre: 250,
};
const surface = (material: string, more: Partial<Surface> = {}) =>
  testSurface(material, { size: '10x4', ...more });
const cycle = (
  method: string,
  on: Surface,
  more: {
    air?: Partial<FaceAir>;
    alone?: boolean;
    sectionFactor?: number;
    area?: number;
    /** Of every stage after the application. */
    squareMetresPerHour?: number;
  } = {},
) => {
  const stages = chainStages(
    [{ method: CATALOGUE.method(method), severity: 2, areaSquareMetres: more.area ?? 40, cautions: [] }],
    { surface: on, catalogue: CATALOGUE, shaded: false, ammonia: false, temperatureCelsius: 18, schools: {} },
  );
  return wetCyclePlan({
    catalogue: CATALOGUE,
    surface: on,
    stages: stages
      .filter((s) => s.cycle === 1)
      .map((s) =>
        s.rate && s.kind !== 'apply' && more.squareMetresPerHour
          ? { ...s, rate: { ...s.rate, squareMetresPerHour: more.squareMetresPerHour } }
          : s,
      ),
    air: { ...MILD, ...more.air },
    alone: more.alone ?? false,
    sectionFactor: more.sectionFactor ?? 1,
  });
};
const paint = surface('painted-aluminium', { finish: 'painted' });
const hot = { temperatureC: 34, humidity: 0.2, windMetresPerSecond: 4, netRadiationWattsPerSquareMetre: 700 };

describe('how a face lies', () => {
  it.each([
    ['painted-aluminium', 90, true, 'smooth-wall-clinging'],
    ['painted-aluminium', 90, false, 'smooth-wall'],
    ['concrete', 0, true, 'floor'],
    ['limestone', 90, false, 'rough-wall'],
    ['painted-render', 170, false, 'overhead'],
  ])('%s at %p°, clinging %p: %s', (material, tiltDegrees, clings, lie) => {
    expect(lieOf(surface(material, { tiltDegrees }), clings, CATALOGUE)).toBe(lie);
  });
});

describe('the sections of a wet cycle', () => {
  it('are whole pieces of the surface', () => {
    const plan = cycle('soft-wash-hypochlorite', paint);
    expect(plan.sectionCount * plan.sectionSquareMetres).toBeCloseTo(40, 6);
  });

  it('need mist passes where the sun stands on the wall and none in mild weather', () => {
    expect(cycle('soft-wash-hypochlorite', paint).mist).toBeNull();
    const sunny = cycle('soft-wash-hypochlorite', paint, { air: hot });
    expect(sunny.mist?.passes).toBeGreaterThan(0);
    expect(sunny.mist?.intervalMinutes).toBeLessThan(sunny.clocks.dryOutMinutes);
  });

  it('are kept wet with mist passes where the film ends before the dwell', () => {
    const plan = cycle('oxygen-wash-wood', surface('larch-boards'));
    expect(plan.mist?.passes).toBeGreaterThan(0);
    expect(plan.mist?.intervalMinutes).toBeLessThan(plan.clocks.filmMinutes);
  });

  it('of stone that drinks are small and hands-on throughout', () => {
    const plan = cycle('neutral-soak-stone', surface('limestone'));
    expect(plan.mode).toBe('hands-on');
    expect(plan.sectionSquareMetres).toBeLessThan(8);
    expect(plan.clocks.filmMinutes).toBeCloseTo(1.2, 1);
  });

  it('under a film do not dry, whatever the sun does', () => {
    expect(cycle('rust-citrate-gel', surface('limestone'), { air: hot, area: 4 })).toMatchObject({
      mist: null,
      unworkable: null,
      clocks: { dryOutMinutes: 1440 },
    });
  });

  it('of a leave-on have no end of dwell', () => {
    expect(cycle('leave-on-biocide', surface('granite'))).toMatchObject({
      mode: 'leave-on',
      dwell: null,
      window: null,
    });
  });

  it('are one where the surface is smaller than the greatest section', () => {
    expect(cycle('soft-wash-hypochlorite', paint, { area: 2 }).sectionCount).toBe(1);
  });

  it('are taken smaller by a factor', () => {
    expect(cycle('soft-wash-hypochlorite', paint, { sectionFactor: 0.5 }).sectionCount).toBeGreaterThan(
      cycle('soft-wash-hypochlorite', paint).sectionCount,
    );
  });

  it('for one person alone never ask to rinse while applying', () => {
    const plan = cycle('rust-oxalic', surface('painted-render', { finish: 'painted' }), { alone: true });
    expect(plan.window?.earliest ?? 0).toBeGreaterThanOrEqual(plan.applyMinutes - 1e-6);
  });

  it('open to their sum', () => {
    const { sum } = cycle('soft-wash-hypochlorite', paint);
    expect(sum.join('\n')).toMatch(/evaporation 0\.29 mm\/h.*film 18.*dry-out 18\.7/);
    expect(sum.at(-1)).toMatch(/greatest section .* m²: 40 m² in \d+ × /);
  });
});

describe('what cannot be worked', () => {
  it('says how much the weather falls short of the dwell', () => {
    // A film on a face that drinks it at once, without water before.
    const { unworkable } = cycle('oxygen-soft-wash-wood', surface('clay-brick'));
    expect(unworkable).toMatch(/^Not workable in this weather: .* min are short/);
  });

  it('says so where it is not the weather but the pace of finishing', () => {
    const { unworkable } = cycle('remover-in-coats', surface('clay-brick'), { squareMetresPerHour: 1 });
    expect(unworkable).toMatch(/^Not workable as it is: finishing even 0\.5 m² takes \d+ min/);
    expect(cycle('remover-in-coats', surface('clay-brick')).unworkable).toBeNull();
  });
});
