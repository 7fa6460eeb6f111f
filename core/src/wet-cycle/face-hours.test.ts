import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { readJobFile } from '../interchange/job-file.ts';
import { faced } from '../survey/face.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { bestHour, cycleDay, hoursInWords } from './cycle-day.ts';
import { FaceHours } from './face-hours.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import { plan } from '../plan/plan.ts';

const PLACE = { latitude: 47.1, longitude: 9.3, timeZone: 'Europe/Zurich' };
const DATE = '2026-05-04';
const sides = ['north', 'east', 'south', 'west'].map((id, i) => ({ id, aspectDegrees: 90 * i }));
const fileOf = (more: object = {}) => ({
  format: 'etappe-job',
  version: 1,
  place: PLACE,
  start: DATE,
  sides,
  site: { waterPoints: [{ id: 'tap' }] },
  weather: { temperatureC: 24, humidity: 0.5, windMetresPerSecond: 2, cloud: 0.1 },
  surfaces: sides.map(({ id: side }) => ({
    id: `wall-${side}`,
    material: 'painted-render',
    side,
    size: '8x3',
    topMetres: 3,
    findings: [{ contaminant: 'green-algae', severity: 2 }],
  })),
  ...more,
});
const surveyOf = (more: object = {}) => {
  const reading = readJobFile(fileOf(more));
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const wallOn = (survey: FacedSurvey, side: string) => {
  const wall = survey.surfaces.find((s) => s.id === `wall-${side}`);
  if (!wall) throw new Error(`a wall stands on the ${side}`);
  return wall;
};

describe('the hours of a face', () => {
  const survey = faced(surveyOf());
  const hours = new FaceHours(survey, DATE);

  it('have the sun come round: each side dries fastest in its own time of the day', () => {
    const hardest = (side: string) => hours.hardest(wallOn(survey, side));
    expect(hardest('east').hour).toBeLessThan(11);
    expect(hardest('south').hour).toBeGreaterThan(11);
    expect(hardest('west').hour).toBeGreaterThanOrEqual(15);
    expect(hardest('north').evaporationMillimetresPerHour).toBeLessThan(
      hardest('south').evaporationMillimetresPerHour,
    );
  });

  it('are those of the working day where the crew works', () => {
    const working = hours.working(wallOn(survey, 'south')).map((h) => h.hour);
    expect(working).toEqual([8, 9, 10, 11, 12, 13, 14, 15, 16]);
    expect(hours.of(wallOn(survey, 'south'))).toHaveLength(24);
  });

  it('leave out the one that the clocks leap over', () => {
    const leapt = new FaceHours(survey, '2026-03-29').of(wallOn(survey, 'south')).map((h) => h.hour);
    expect(leapt).toHaveLength(23);
    expect(leapt).not.toContain(2);
  });

  it('are all the same, with the reason, where the sun cannot be placed or was typed in', () => {
    const why = (more: object, date: string | null = DATE) =>
      new FaceHours(faced(surveyOf(more)), date).noSun;
    expect(why({})).toBeNull();
    expect(why({ place: { latitude: 0, longitude: 0, timeZone: 'UTC' } })).toBe('no-place');
    expect(why({ place: { ...PLACE, latitude: 90 } })).toBe('pole');
    expect(why({}, null)).toBe('no-date');
    expect(why({ weather: { netRadiationWattsPerSquareMetre: 400 } })).toBe('typed');
    const typed = new FaceHours(faced(surveyOf({ weather: { netRadiationWattsPerSquareMetre: 400 } })), DATE);
    expect(
      new Set(typed.of(wallOn(survey, 'east')).map((h) => h.air.netRadiationWattsPerSquareMetre)),
    ).toEqual(new Set([400]));
  });

  it('never give a hotter day a slower drying', () => {
    const weather = fc.record({
      temperatureC: fc.integer({ min: 2, max: 36 }),
      humidity: fc.double({ min: 0.2, max: 0.9, noNaN: true }),
      windMetresPerSecond: fc.integer({ min: 0, max: 7 }),
      cloud: fc.double({ min: 0, max: 1, noNaN: true }),
    });
    fc.assert(
      fc.property(weather, fc.constantFrom('north', 'east', 'south', 'west'), (given, side) => {
        const at = (temperatureC: number) => {
          const job = faced(surveyOf({ weather: { ...given, temperatureC } }));
          return new FaceHours(job, DATE).hardest(wallOn(job, side)).evaporationMillimetresPerHour;
        };
        expect(at(given.temperatureC + 4)).toBeGreaterThanOrEqual(at(given.temperatureC) - 0.001);
      }),
      { numRuns: 60 },
    );
  });
});

describe('the day of a wet cycle', () => {
  it('lets the most be wet at once where the sun is not, and names the hours', () => {
    const survey = surveyOf();
    const made = plan(survey, { asOf: DATE, seed: 1, budget: 1 });
    const faces = faced(survey);
    const hours = new FaceHours(faces, DATE);
    const dayOf = (side: string) => {
      const planned = made.surfaces.find((p) => p.surface.id === `wall-${side}`);
      if (!planned) throw new Error('every wall is planned');
      return cycleDay({
        surface: planned.surface,
        stages: planned.treatment?.stages.filter((s) => s.cycle !== null) ?? [],
        hours: hours.of(planned.surface),
        catalogue: companyCatalogue(survey.handbook),
      });
    };
    const east = dayOf('east');
    const at = (hour: number) => east.find((h) => h.hour === hour);
    expect(at(9)?.dryOutMinutes).toBeLessThan(at(15)?.dryOutMinutes ?? 0);
    expect(at(9)?.wetSquareMetres).toBeLessThanOrEqual(at(15)?.wetSquareMetres ?? 0);
    const best = bestHour(east.filter((h) => h.hour >= 8 && h.hour < 17));
    expect(best?.hour).toBeGreaterThan(12);
    expect(bestHour(east.map((h) => ({ ...h, workable: false })))).toBeNull();
  });

  it('puts hours in a row into words', () => {
    expect(hoursInWords([8, 9, 17, 18, 19])).toBe('08:00 to 10:00 and 17:00 to 20:00');
    expect(hoursInWords([])).toBe('');
  });

  it('says of a face that no hour makes workable that it is so', () => {
    const hot = surveyOf({
      weather: { temperatureC: 38, humidity: 0.15, windMetresPerSecond: 6, cloud: 0 },
      surfaces: [
        {
          id: 'wall-south',
          material: 'limestone',
          side: 'south',
          size: '8x3',
          topMetres: 3,
          schools: { 'pre-wet': 'never' },
          findings: [{ contaminant: 'traffic-soot', severity: 3 }],
        },
      ],
      choices: [
        {
          surface: 'wall-south',
          contaminant: 'traffic-soot',
          method: 'neutral-wash',
          by: 'Ada',
          at: '2026-05-01T08:00:00Z',
        },
      ],
    });
    const [cycle] = plan(hot, { asOf: DATE, seed: 1, budget: 1 }).surfaces[0]?.cycles ?? [];
    expect(cycle?.unworkable).toContain(
      'This is for 13:00, the hardest hour, and no other hour of that day is easy enough.',
    );
  });
});
