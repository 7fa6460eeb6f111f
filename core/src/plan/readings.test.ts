import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { faced } from '../survey/face.ts';
import { FaceHours } from '../wet-cycle/face-hours.ts';
import { jetWarnings } from '../visit/jet-match.ts';
import { plan } from './plan.ts';
import { visitWater } from '../visit/visit-water.ts';

const DATE = '2026-05-04';
const surveyOf = (more: object = {}) => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    start: DATE,
    sides: [{ id: 'north', aspectDegrees: 0, routeMetres: 20 }],
    site: {
      waterPoints: [{ id: 'tap', flowLitresPerMinute: 30, distanceMetres: 60, pressureBar: 3 }],
      ...('site' in more ? (more.site as object) : {}),
    },
    surfaces:
      'surfaces' in more
        ? more.surfaces
        : [
            {
              id: 'wall',
              material: 'painted-render',
              side: 'north',
              size: '8x3',
              topMetres: 3,
              findings: [{ contaminant: 'green-algae', severity: 2 }],
            },
          ],
    ...('house' in more ? { house: more.house } : {}),
    ...('choices' in more ? { choices: more.choices } : {}),
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const planned = (more: object = {}) => plan(surveyOf(more), { asOf: DATE, seed: 1, budget: 1 });
const reading = (more: object) => ({
  id: 'r',
  surface: 'wall',
  what: 'surface-temperature',
  figure: 48,
  on: DATE,
  by: 'Ada',
  ...more,
});

describe('a face that was measured', () => {
  const drying = (readings: readonly object[]) => {
    const survey = faced(surveyOf({ site: { readings } }));
    const [wall] = survey.surfaces;
    if (!wall) throw new Error('a wall stands there');
    return new FaceHours(survey, DATE).hardest(wall);
  };

  it('dries by its own warmth on that day, and by the estimate on any other', () => {
    const estimate = drying([]).evaporationMillimetresPerHour;
    const hot = drying([reading({})]);
    expect(hot.evaporationMillimetresPerHour).toBeGreaterThan(estimate * 1.5);
    expect(hot.air.surfaceTemperatureC).toBe(48);
    expect(drying([reading({ on: '2026-05-03' })]).evaporationMillimetresPerHour).toBe(estimate);
    expect(drying([reading({ what: 'moisture', figure: 12 })]).evaporationMillimetresPerHour).toBe(estimate);
  });

  it('counts by the warmest of its readings, and a cool one takes nothing off the estimate', () => {
    const two = drying([reading({ figure: 30 }), reading({ id: 's', figure: 48 })]);
    expect(two.air.surfaceTemperatureC).toBe(48);
    expect(drying([reading({ figure: 5 })]).evaporationMillimetresPerHour).toBe(
      drying([]).evaporationMillimetresPerHour,
    );
  });

  it('below the dew point is told as dew, and the clocks are those of the sun that will warm it', () => {
    const cold = drying([reading({ figure: 5 })]);
    expect(cold.air).toMatchObject({ dewySurfaceC: 5 });
    expect(cold.air).not.toHaveProperty('surfaceTemperatureC');
    const said = (readings: readonly object[]) =>
      JSON.stringify(planned({ site: { readings } })).includes('below the dew point');
    expect([said([]), said([reading({ figure: 5 })])]).toEqual([false, true]);
  });

  it('makes smaller sections or more mists, and says so in the sum', () => {
    const [cool] = planned().surfaces[0]?.cycles ?? [];
    const [hot] = planned({ site: { readings: [reading({ figure: 60 })] } }).surfaces[0]?.cycles ?? [];
    expect(hot?.clocks.dryOutMinutes).toBeLessThan(cool?.clocks.dryOutMinutes ?? 0);
    expect(hot?.sum[0]).not.toBe(cool?.sum[0]);
  });
});

describe('wood that is too damp', () => {
  const boards = {
    id: 'wall',
    material: 'larch-boards',
    side: 'north',
    size: '6x3',
    topMetres: 3,
    findings: [{ contaminant: 'unprotected-face', severity: 2 }],
  };
  const warned = (readings: readonly object[]) =>
    planned({ surfaces: [boards], site: { readings } })
      .warnings.filter((w) => w.rule === 'too-damp')
      .map((w) => w.text);

  it('is told by the last reading, with the limit and the way out', () => {
    const damp = reading({ what: 'moisture', figure: 24 });
    expect(warned([damp])).toEqual([
      'Wall: 24 % moisture on 2026-05-04; it must have 18 % or less. Not before 2026-05-06: measure again then.',
    ]);
    expect(
      warned([{ ...damp, on: '2026-05-01' }, reading({ id: 's', what: 'moisture', figure: 15 })]),
    ).toEqual([]);
    expect(warned([])).toEqual([]);
  });
});

describe('a face that must be dry', () => {
  const wall = {
    id: 'wall',
    material: 'clay-brick',
    side: 'north',
    size: '6x3',
    topMetres: 3,
    findings: [{ contaminant: 'unprotected-face', severity: 2 }],
  };
  const told = (readings: readonly object[], surface: object = wall) =>
    planned({ surfaces: [surface], site: { readings } })
      .warnings.filter((w) => w.rule === 'too-damp' || w.rule === 'rained-on')
      .map((w) => [w.rule, w.severity, w.text]);

  it('stops a coat on damp brick, with the limit of brick and the next day', () => {
    expect(told([reading({ what: 'moisture', figure: 6 })])).toEqual([
      [
        'too-damp',
        'stop',
        'Wall: 6 % moisture on 2026-05-04; it must have 4 % or less. Not before 2026-05-06: measure again then.',
      ],
    ]);
    expect(told([reading({ what: 'moisture', figure: 3.5 })])).toEqual([]);
  });

  it('moves a later visit by the rain that fell since, and says so; what is done stays done', () => {
    const bay = {
      id: 'wall',
      material: 'block-paving',
      size: '6x3',
      tiltDegrees: 0,
      findings: [
        { contaminant: 'green-algae', severity: 2 },
        { contaminant: 'empty-joints', severity: 2 },
      ],
    };
    const days = (readings: readonly object[]) =>
      planned({ surfaces: [bay], site: { readings } }).visits.map((visit) => visit.fromDay);
    expect(days([])).toEqual([0, 2]);
    expect(days([reading({ what: 'rain', figure: 5, on: '2026-05-05' })])).toEqual([0, 3]);
    expect(days([reading({ what: 'rain', figure: 5, on: '2026-04-20' })])).toEqual([0, 2]);
    expect(days([reading({ what: 'moisture', figure: 9, on: '2026-05-06' })])).toEqual([0, 4]);
    expect(days([reading({ what: 'moisture', figure: 2, on: '2026-05-06' })])).toEqual([0, 2]);
    const survey = surveyOf({
      surfaces: [bay],
      site: { readings: [reading({ what: 'rain', figure: 5, on: '2026-05-05' })] },
    });
    const second = plan({ ...survey, job: { ...survey.job, visit: 2 } }, { asOf: DATE, seed: 1, budget: 1 });
    expect(second.warnings.filter((w) => w.rule === 'rained-on')).toMatchObject([
      {
        severity: 'note',
        text: 'Wall: 5 mm of rain on 2026-05-05, so its drying began again; this visit comes no sooner than 2026-05-07.',
      },
    ]);
  });

  it('begins to dry again when it rains, and is let be when it has dried since', () => {
    expect(told([reading({ what: 'rain', figure: 8, on: '2026-05-02' })])).toEqual([
      [
        'rained-on',
        'stop',
        'Wall: 8 mm of rain on 2026-05-02, so its drying begins again. Not before 2026-05-09.',
      ],
    ]);
    expect(told([reading({ what: 'rain', figure: 8, on: '2026-04-20' })])).toEqual([]);
    expect(told([reading({ what: 'rain', figure: 0, on: '2026-05-02' })])).toEqual([]);
  });

  it('is asked of nothing that may be wet', () => {
    const green = { ...wall, findings: [{ contaminant: 'green-algae', severity: 2 }] };
    const wet = [reading({ what: 'moisture', figure: 20 }), reading({ id: 's', what: 'rain', figure: 8 })];
    expect(told(wet, green)).toEqual([]);
  });
});

describe('a pump that is stronger than the work is judged by', () => {
  it('is warned of only where it would break the limit of the face', () => {
    const deck = {
      id: 'deck',
      material: 'larch-boards',
      side: 'north',
      band: 'floor',
      tiltDegrees: 0,
      topMetres: 0,
      size: '6x4',
      findings: [{ contaminant: 'green-algae', severity: 3 }],
    };
    const machines = (pressureBar: number) => ({
      machines: [
        { kind: 'pressure-washer', count: 1, flowLitresPerMinute: 21, pressureBar },
        { kind: 'sprayer', count: 4 },
        { kind: 'hose', count: 2 },
      ],
    });
    const warned = (pressureBar: number) => {
      const survey = surveyOf({ surfaces: [deck], house: machines(pressureBar) });
      const made = plan(survey, { asOf: DATE, seed: 1, budget: 1 });
      return { own: jetWarnings(made.surfaces, faced(survey)), made };
    };
    const gentle = warned(60);
    expect(gentle.own).toEqual([]);
    const strong = warned(300);
    expect(strong.own.length).toBeGreaterThan(0);
    for (const { text } of strong.own)
      expect(text).toMatch(/kPa on the surface at full pressure, limit \d+\. This pump gives \d+ bar/);
    expect(strong.made.warnings.filter((w) => w.rule === 'pump-stronger')).toEqual(strong.own);
  });
});

describe('a tap behind several hoses', () => {
  it('gives what the narrowest of them lets through', () => {
    const hoses = (...inner: number[]) => ({
      gear: { hoses: inner.map((innerMillimetres) => ({ use: 'supply', metres: 30, innerMillimetres })) },
    });
    const arrives = (...inner: number[]) => {
      const survey = surveyOf({ house: hoses(...inner) });
      const made = plan(survey, { asOf: DATE, seed: 1, budget: 1 });
      if (!made.visit) throw new Error('the wall can be worked');
      return visitWater(made, made.visit.schedule, faced(survey)).sources[0]?.litresPerMinute ?? 0;
    };
    expect(arrives(19, 9.5)).toBe(arrives(9.5));
    expect(arrives(9.5)).toBeLessThan(arrives(19));
    expect(arrives()).toBe(30);
  });
});

describe('a face that is not neutral', () => {
  const read = (figure: number, more: object = {}) => reading({ what: 'ph', figure, ...more });
  const said = (readings: readonly object[], more: object = {}) =>
    planned({ ...more, site: { readings } }).warnings.filter((w) => w.rule === 'not-neutral');

  it('stops hypochlorite where acid is still on it, until the strip says otherwise', () => {
    const [stop] = said([read(3.5)]);
    expect(stop).toMatchObject({ severity: 'stop', surface: 'wall' });
    expect(stop?.text).toBe(
      `Wall: pH 3.5 on ${DATE}, acid is still there, and sodium hypochlorite must never meet it. Rinse, neutralise and read again until the strip shows 6 to 8.`,
    );
    expect(said([read(3.5), read(7, { id: 's' })])).toEqual([]);
    expect(said([read(7), read(3.5, { id: 's', on: '2026-05-01' })])).toEqual([]);
    expect(said([read(6), read(8, { id: 's' })])).toEqual([]);
  });

  it('tells of alkali under an acid, and lets the order go: young cement is alkaline by itself', () => {
    const yard = {
      id: 'wall',
      material: 'granite',
      side: 'north',
      band: 'floor',
      tiltDegrees: 0,
      size: '6x4',
      findings: [{ contaminant: 'surface-rust', severity: 2 }],
    };
    expect(said([read(10.5)], { surfaces: [yard] })).toMatchObject([
      {
        severity: 'warn',
        text: expect.stringMatching(/alkali is still there; it uses up oxalic acid and gives off heat/),
      },
    ]);
    expect(said([read(4)], { surfaces: [yard] })).toEqual([]);
  });

  it('says nothing of alkali under what is alkaline itself', () => {
    expect(said([read(12)])).toEqual([]);
  });

  it('warns before a coat that would not last', () => {
    const deck = {
      id: 'wall',
      material: 'larch-boards',
      side: 'north',
      band: 'floor',
      tiltDegrees: 0,
      size: '6x4',
      findings: [{ contaminant: 'dry-timber', severity: 2 }],
    };
    expect(said([read(10.5)], { surfaces: [deck] })).toMatchObject([{ severity: 'warn' }]);
  });

  it('refuses a pH that no strip has', () => {
    expect(() => surveyOf({ site: { readings: [read(15)] } })).toThrow(/15 pH is outside 0 to 14 pH/);
  });
});
