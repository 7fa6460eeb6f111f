import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { FaceAir } from '../wetting/face-air.ts';
import type { Surface } from '../survey/surface.ts';
import { testSurface } from '../test/entities.ts';
import { takeOffFace } from '../takeoff/take-off.ts';
import { chainStages } from '../treatment/chain.ts';
import { pieceStrips } from './piece-strips.ts';
import { lieOf } from '../wetting/wet-clocks.ts';
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
    area?: number;
    /** Of every stage after the application. */
    squareMetresPerHour?: number;
  } = {},
) => {
  const stages = chainStages(
    [
      {
        method: CATALOGUE.method(method),
        severity: 2,
        areaSquareMetres: more.area ?? 40,
        against: [],
        cautions: [],
        solids: [],
        doorStripSquareMetres: 0,
      },
    ],
    { surface: on, catalogue: CATALOGUE, shaded: false, ammonia: false, temperatureCelsius: 18, schools: {} },
  );
  return wetCyclePlan({
    catalogue: CATALOGUE,
    surface: { ...on, takeOff: takeOffFace(on, 'metric') },
    stages: stages
      .filter((s) => s.cycle === 1)
      .map((s) =>
        s.rate && s.kind !== 'apply' && more.squareMetresPerHour
          ? { ...s, rate: { ...s.rate, squareMetresPerHour: more.squareMetresPerHour } }
          : s,
      ),
    air: { ...MILD, ...more.air },
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

describe('the front of a wet cycle', () => {
  it('has strips of natural widths that are the whole surface', () => {
    const { front } = cycle('soft-wash-hypochlorite', paint);
    expect((front?.stripCount ?? 0) * (front?.stripSquareMetres ?? 0)).toBeCloseTo(40, 6);
    expect(front?.pieces.reduce((sum, piece) => sum + piece.strips, 0)).toBe(front?.stripCount);
  });

  it('needs mists where the sun stands on the wall and none in mild weather', () => {
    expect(cycle('soft-wash-hypochlorite', paint).front?.strips.mist).toBeNull();
    const sunny = cycle('soft-wash-hypochlorite', paint, { air: hot });
    expect(sunny.front?.mistsEach).toBeGreaterThan(0);
    expect(sunny.front?.strips.mist?.window).toBeLessThan(sunny.clocks.dryOutMinutes);
  });

  it('is kept wet with mists where the film ends before the dwell', () => {
    const plan = cycle('oxygen-wash-wood', surface('larch-boards'), { air: hot });
    expect(plan.front?.mistsEach).toBeGreaterThan(0);
    expect(plan.front?.strips.mist?.window).toBeLessThan(plan.clocks.filmMinutes);
  });

  it('on stone that drinks has little wet at once', () => {
    const plan = cycle('neutral-soak-stone', surface('limestone'));
    const paintedAtOnce = cycle('soft-wash-hypochlorite', paint).front?.greatestWetSquareMetres ?? 0;
    expect(plan.front?.greatestWetSquareMetres).toBeLessThan(paintedAtOnce / 2);
    expect(plan.clocks.filmMinutes).toBeCloseTo(1.2, 1);
  });

  it('under a film does not dry, whatever the sun does', () => {
    expect(cycle('rust-citrate-gel', surface('limestone'), { air: hot, area: 4 })).toMatchObject({
      front: { mistsEach: 0 },
      unworkable: null,
      clocks: { dryOutMinutes: 1440 },
    });
  });

  it('of a leave-on is none', () => {
    expect(cycle('leave-on-biocide', surface('granite'))).toMatchObject({
      mode: 'leave-on',
      dwell: null,
      front: null,
    });
  });

  it('is cut where all its strips are finished, so that nobody goes on for more than 90 min', () => {
    const { front } = cycle('soft-wash-hypochlorite', paint, { area: 400, squareMetresPerHour: 60 });
    expect(front?.pieces.length).toBeGreaterThan(3);
    for (const { minutes } of front?.pieces ?? []) expect(minutes).toBeLessThanOrEqual(90);
  });

  it('has narrower strips the slower they are finished', () => {
    const width = (squareMetresPerHour: number) =>
      cycle('soft-wash-hypochlorite', paint, { squareMetresPerHour }).front?.stripMetres ?? 0;
    expect(width(15)).toBeLessThan(width(120));
    expect(width(15)).toBeGreaterThan(0);
  });

  it('keeps every strip between its bounds', () => {
    for (const area of [1, 7, 40, 150]) {
      const { front, dwell } = cycle('soft-wash-hypochlorite', paint, { area });
      for (const piece of front?.pieces ?? []) {
        expect(piece.front.exposure).toBeLessThan(dwell?.latestMinutes ?? 0);
        for (const { apply, finish } of front ? pieceStrips(front, piece) : [])
          expect((finish[0]?.from ?? 0) - (apply.at(-1)?.to ?? 0)).toBeGreaterThanOrEqual(
            (front?.strips.from ?? 0) - 1e-6,
          );
      }
    }
  });

  it('opens to its sum', () => {
    const { sum } = cycle('soft-wash-hypochlorite', paint);
    expect(sum.join('\n')).toMatch(/evaporation 0\.29 mm\/h.*film 18.*dry-out 18\.7/);
    expect(sum.join('\n')).toMatch(/40 m² in \d+ strips? of .* m², .* m wide/);
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
    expect(unworkable).toMatch(/^Not workable as it is: finishing even 0\.5 m² takes [\d.]+ min/);
    expect(cycle('remover-in-coats', surface('clay-brick')).unworkable).toBeNull();
  });
});
