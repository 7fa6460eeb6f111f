import { plan } from '@etappe/core';
import type { Plan, Survey } from '@etappe/core';
import { seededRandom } from '../../core/src/sequence/seeded-random.ts';
import { demoFile, soundSurvey } from './properties.ts';
import type { Row } from './times.ts';
import { median } from './times.ts';

const DEMO_JOBS = ['hill-observatory', 'lock-cottage', 'tram-halt'];
const GENERATED = 30;
const FIRST_SEED = 1;
/** Pieces below this that are not the whole of what is treated. */
const SMALL_SQUARE_METRES = 8;
const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 12 };

/** How the day of a plan is to work by. */
export interface DayFigures {
  readonly operations: number;
  readonly smallPieces: number;
  readonly minutes: number;
  readonly boundMinutes: number;
  /** Of all people: one operation with other tools than the one before it. */
  readonly toolChanges: number;
}

/** Null where the plan has no visit. */
export function dayFigures({ visit, work, surfaces }: Plan): DayFigures | null {
  if (!visit) return null;
  const stages = new Map(surfaces.flatMap((p) => (p.treatment?.stages ?? []).map((s) => [s.id, s] as const)));
  const tools = new Map(
    work.planned.map((o) => [o.id, [...new Set(o.stages.map((id) => stages.get(id)?.tool ?? ''))].join(' ')]),
  );
  const lastTools = new Map<string, string>();
  let toolChanges = 0;
  for (const { operation, person } of visit.schedule.placements) {
    const now = tools.get(operation) ?? '';
    const before = lastTools.get(person);
    if (before !== undefined && before !== now) toolChanges += 1;
    lastTools.set(person, now);
  }
  const small = work.planned.filter(({ parts, stages: own, areaSquareMetres }) => {
    const whole = stages.get(own[0] ?? '')?.areaSquareMetres ?? 0;
    return (
      parts.some(({ cycle }) => cycle !== null) &&
      areaSquareMetres !== null &&
      areaSquareMetres < SMALL_SQUARE_METRES - 0.01 &&
      areaSquareMetres < whole - 0.01
    );
  });
  return {
    operations: work.problem.operations.length,
    smallPieces: small.length,
    minutes: visit.schedule.makespan / 60,
    boundMinutes: visit.lowerBound.seconds / 60,
    toolChanges,
  };
}

const inWords = ({ operations, smallPieces, minutes, boundMinutes, toolChanges }: DayFigures) =>
  `${operations.toFixed(0)} operations, ${smallPieces} pieces below 8 m² of something larger, ${minutes.toFixed(0)} min (+${(100 * (minutes / boundMinutes - 1)).toFixed(0)} %), ${toolChanges.toFixed(0)} changes of tools`;

/** What the days of the demo jobs and of generated properties are like: no times, figures of the plans. */
export function dayRows(): Row[] {
  const generated = Array.from({ length: GENERATED }, (_, i) =>
    dayFigures(plan(realistic(FIRST_SEED + i), OPTIONS)),
  );
  const days = generated.filter((day) => day !== null);
  const middle = (of: keyof DayFigures) => median(days.map((day) => day[of]));
  return [
    ...DEMO_JOBS.map((name): Row => {
      const day = dayFigures(plan(soundSurvey(demoFile(name)), OPTIONS));
      return [`the day of ${name}`, '–', day ? inWords(day) : 'no visit'];
    }),
    [
      `${days.length} of ${GENERATED} generated properties (seeds ${FIRST_SEED} to ${FIRST_SEED + GENERATED - 1}), medians`,
      '–',
      inWords({
        operations: middle('operations'),
        smallPieces: days.reduce((sum, day) => sum + day.smallPieces, 0),
        minutes: middle('minutes'),
        boundMinutes: middle('boundMinutes'),
        toolChanges: middle('toolChanges'),
      }),
    ],
  ];
}

const WALLS = ['painted-render', 'clay-brick', 'limestone', 'larch-boards'];
const FLOORS = ['concrete', 'block-paving'];
const DIRTS = ['green-algae', 'moss', 'traffic-soot', 'mineral-oil', 'surface-rust'];

/** Surfaces on two sides, four to nine where nobody says how many, of three to five materials, with one to three dirts each. */
export function realistic(seed: number, surfaces?: number): Survey {
  const random = seededRandom(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const between = (low: number, high: number) => Math.round(10 * (low + random() * (high - low))) / 10;
  const few = 4 + Math.floor(random() * 6);
  const count = surfaces ?? few;
  const own = [...WALLS].sort(() => random() - 0.5).slice(0, 2 + Math.floor(random() * 2));
  return soundSurvey({
    format: 'etappe-job',
    version: 2,
    place: { latitude: 47.1, longitude: 9.3, timeZone: 'Europe/Zurich' },
    start: '2026-05-04',
    sides: [
      { id: 'north', name: 'North', aspectDegrees: 0 },
      { id: 'south', name: 'South', aspectDegrees: 180 },
    ],
    site: { waterPoints: [{ id: 'tap', kind: 'tap', flowLitresPerMinute: 18, distanceMetres: 20 }] },
    surfaces: Array.from({ length: count }, (_, i) => {
      const isFloor = i % 3 === 2;
      const height = between(1.5, 5);
      return {
        id: `surface-${i}`,
        side: pick(['north', 'south']),
        band: isFloor ? 'floor' : 'wall',
        material: isFloor ? pick(FLOORS) : pick(own),
        tiltDegrees: isFloor ? 1 : 90,
        topMetres: isFloor ? 0 : height,
        size: isFloor ? `${between(3, 10)}x${between(3, 9)}` : `${between(3, 14)}x${height}`,
        findings: [...DIRTS]
          .sort(() => random() - 0.5)
          .slice(0, 1 + Math.floor(random() * 3))
          .map((contaminant) => ({
            contaminant,
            severity: 1 + Math.floor(random() * 4),
            share: between(0.1, 1),
          })),
      };
    }),
    house: { crew: [{ id: 'a' }, { id: 'b' }], dayHours: 16 },
    weather: { temperatureC: 16, humidity: 0.65, windMetresPerSecond: 2, cloud: 0.5 },
  });
}
