import { CATALOGUE, machineCounts, plan, roundsInWords } from '@etappe/core';
import type { Plan, Survey } from '@etappe/core';
import { isReadyToUse } from '../../core/src/catalogue/agent.ts';
import { seededRandom } from '../../core/src/sequence/seeded-random.ts';
import { sprayerLoads } from '../../core/src/visit/sprayer-loads.ts';
import { demoFile, soundSurvey } from './properties.ts';
import type { Row } from './times.ts';
import { median } from './times.ts';

const DEMO_JOBS = ['hill-observatory', 'lock-cottage', 'tram-halt'];
const GENERATED = 30;
const FIRST_SEED = 1;
/** Pieces below this that are not the whole of what is treated. */
const SMALL_SQUARE_METRES = 8;
/** Fewer moves than the page makes in its seconds; one that settles ends before. */
const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 1000 };

/** How the day of a plan is to work by. */
export interface DayFigures {
  readonly operations: number;
  readonly smallPieces: number;
  readonly minutes: number;
  readonly boundMinutes: number;
  /** Of all people: one operation with other tools than the one before it. */
  readonly toolChanges: number;
  /** What the crew reads. */
  readonly rounds: number;
  /** To be mixed; what is ready to use counts apart. */
  readonly mixes: number;
  readonly readyToUse: number;
  readonly agents: number;
  /** Sprayers that are full at once. */
  readonly sprayers: number;
}

/** Null where the plan has no visit. */
export function dayFigures(planned: Plan, survey: Survey): DayFigures | null {
  const { visit, work, surfaces, mixes } = planned;
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
    rounds: roundsInWords(planned).length,
    mixes: mixes.filter(({ agent }) => !isReadyToUse(CATALOGUE.agent(agent))).length,
    readyToUse: mixes.filter(({ agent }) => isReadyToUse(CATALOGUE.agent(agent))).length,
    agents: new Set(mixes.map(({ agent }) => agent)).size,
    sprayers: sprayerLoads(planned, visit.schedule, machineCounts(survey.job.house).sprayer).atOnce,
  };
}

const inWords = (day: DayFigures) =>
  [
    `${day.rounds.toFixed(0)} rounds of ${day.operations.toFixed(0)} operations`,
    `${day.mixes.toFixed(0)} mixes and ${day.readyToUse.toFixed(0)} ready to use, ${day.agents.toFixed(0)} agents`,
    `${day.sprayers.toFixed(0)} sprayers full at once`,
    `${day.smallPieces} pieces below 8 m² of something larger`,
    `${day.minutes.toFixed(0)} min (+${(100 * (day.minutes / day.boundMinutes - 1)).toFixed(0)} %)`,
    `${day.toolChanges.toFixed(0)} changes of tools`,
  ].join(', ');

/** What the days of the demo jobs and of generated properties are like: no times, figures of the plans. */
export function dayRows(): Row[] {
  return [
    ...DEMO_JOBS.map((name): Row => {
      const survey = soundSurvey(demoFile(name));
      const day = dayFigures(plan(survey, OPTIONS), survey);
      return [`the day of ${name}`, '–', day ? inWords(day) : 'no visit'];
    }),
    mediansRow('generated properties', (seed) => realistic(seed)),
    mediansRow(`generated properties of ${MANY} surfaces, days and days of work for two`, (seed) =>
      realistic(seed, MANY),
    ),
  ];
}

/** More than a visit holds: what is read and mixed for each surface counts. */
const MANY = 20;

function mediansRow(what: string, surveyOf: (seed: number) => Survey): Row {
  const generated = Array.from({ length: GENERATED }, (_, i) => {
    const survey = surveyOf(FIRST_SEED + i);
    const planned = plan(survey, OPTIONS);
    const day = dayFigures(planned, survey);
    // What a day has no room for is read on another.
    const worked = planned.surfaces.filter(({ treatment }) => (treatment?.stages ?? []).length > 0);
    return day && { day, surfaces: worked.length };
  });
  const days = generated.flatMap((one) => one ?? []);
  const middle = (of: keyof DayFigures) => median(days.map(({ day }) => day[of]));
  const each = (of: 'rounds' | 'mixes') =>
    median(days.map(({ day, surfaces }) => day[of] / surfaces)).toFixed(2);
  const words = inWords({
    operations: middle('operations'),
    smallPieces: days.reduce((sum, { day }) => sum + day.smallPieces, 0),
    minutes: middle('minutes'),
    boundMinutes: middle('boundMinutes'),
    toolChanges: middle('toolChanges'),
    rounds: middle('rounds'),
    mixes: middle('mixes'),
    readyToUse: middle('readyToUse'),
    agents: middle('agents'),
    sprayers: middle('sprayers'),
  });
  return [
    `${days.length} of ${GENERATED} ${what} (seeds ${FIRST_SEED} to ${FIRST_SEED + GENERATED - 1}), medians`,
    '–',
    `${words}; a surface ${each('rounds')} rounds, ${each('mixes')} mixes`,
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
