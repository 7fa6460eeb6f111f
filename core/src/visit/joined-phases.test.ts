import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { readJobFile } from '../interchange/job-file.ts';
import { crewOrder } from '../order/crew-order.ts';
import { plan, planAround } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';
import type { Survey } from '../survey/survey.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 2 };

const stone = (number: number, more: object = {}) => ({
  id: `stone-${number}`,
  name: `Stone ${number}`,
  material: 'granite',
  side: 'row',
  size: number % 2 === 0 ? '0.9x1.1' : '0.6x1.2',
  topMetres: 1.2,
  drainsOnto: ['lawn'],
  findings: [{ contaminant: 'green-algae', severity: 3 }],
  ...more,
});
const surveyOf = (surfaces: readonly object[], sides = ['row']): Survey => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    sides: sides.map((id) => ({ id, aspectDegrees: 0 })),
    site: { features: [{ id: 'lawn', kind: 'lawn' }], waterPoints: [{ id: 'tap' }] },
    surfaces,
    house: { crew: [{ id: 'a' }] },
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const planOf = (survey: Survey) => plan(survey, OPTIONS);
const surfacesOf = ({ work }: Plan) =>
  work.joined.map(({ cycles }) => cycles.map(({ surface }) => surface).join(' '));
const twelve = Array.from({ length: 12 }, (_, i) => stone(i + 1));

describe('small surfaces on which the same is done', () => {
  const survey = surveyOf(twelve);
  const made = planOf(survey);

  it('are one front, one mix, and a line of the order', () => {
    expect(made.work.joined.flatMap(({ cycles }) => cycles)).toHaveLength(12);
    expect(made.work.joined.length).toBeLessThanOrEqual(2);
    expect(made.mixes.length).toBe(made.work.joined.length);
    const entries = crewOrder(made, survey).people.flatMap((person) => person.entries);
    expect(entries.length).toBeLessThan(16);
    const front = entries.find(({ task }) => task === 'front' || task === 'apply');
    expect(front?.place).toMatch(/^Stone 1 to Stone \d+ \(\d+ surfaces\)$/);
    expect(front?.how).toContainEqual(expect.stringMatching(/^One front over \d+ surfaces/));
  });

  it('take less time than each by itself, and are sound by the clock', () => {
    if (!made.visit) throw new Error('there is no visit');
    const { fronts, schedule } = made.visit;
    expect(planAround(survey, { fronts, schedule }).violations).toEqual([]);
    const rows = twelve.map((_, i) => `row-${i}`);
    const apart = planOf(
      surveyOf(
        twelve.map((one, i) => ({ ...one, side: rows[i] })),
        rows,
      ),
    );
    expect(apart.work.joined).toEqual([]);
    expect(schedule.makespan).toBeLessThan(0.75 * (apart.visit?.schedule.makespan ?? 0));
  });

  it('are told the crew with the litres of each', () => {
    const [mix] = made.mixes;
    const shares = mix?.applications ?? [];
    expect(shares.length).toBeGreaterThan(5);
    expect(shares.reduce((sum, { litres }) => sum + litres, 0)).toBeCloseTo(mix?.litres ?? 0, 6);
  });
});

describe('small surfaces stay apart', () => {
  it.each<[string, readonly object[], readonly string[]]>([
    [
      'where another method or strength is wanted',
      [stone(1), stone(2), stone(3, { findings: [{ contaminant: 'surface-rust', severity: 2 }] })],
      ['stone-1 stone-2'],
    ],
    ['where one drains onto the other', [stone(1, { drainsOnto: ['stone-2'] }), stone(2)], []],
    [
      'where a third lies between them',
      [
        stone(1, { drainsOnto: ['ledge'] }),
        stone(2, { drainsOnto: ['ledge'] }),
        stone(3),
        { ...stone(4), id: 'ledge', size: '8x2', drainsOnto: ['stone-3'] },
      ],
      ['stone-1 stone-2'],
    ],
    ['where they are large', [stone(1, { size: '4x3' }), stone(2, { size: '4x3' })], []],
    ['where they are of another side', [stone(1), stone(2), stone(3, { side: null })], ['stone-1 stone-2']],
  ])('%s', (_, surfaces, expected) => {
    expect(surfacesOf(planOf(surveyOf(surfaces)))).toEqual(expected);
  });
});

describe('any row of small surfaces', () => {
  it('has an order, sound by the clock, with every surface in it once', () => {
    let joined = 0;
    const ids = Array.from({ length: 8 }, (_, i) => `stone-${i + 1}`);
    const row = (i: number) =>
      fc.record({
        material: fc.constantFrom('granite', 'painted-render'),
        side: fc.constantFrom('row', 'row', 'back'),
        drainsOnto: fc.constantFrom(['lawn'], ['lawn'], ids.slice(i + 1, i + 2)),
        found: fc.subarray(['green-algae', 'surface-rust'], { minLength: 1 }),
      });
    fc.assert(
      fc.property(fc.tuple(...ids.map((_, i) => row(i))), (rows) => {
        const survey = surveyOf(
          rows.map(({ found, ...more }, i) =>
            stone(i + 1, { ...more, findings: found.map((contaminant) => ({ contaminant, severity: 2 })) }),
          ),
          ['row', 'back'],
        );
        const made = planOf(survey);
        joined += made.work.joined.length;
        expect(made.warnings.filter(({ rule }) => /sequence|mix-outlived/.test(rule))).toEqual([]);
        if (!made.visit) return;
        expect(planAround(survey, made.visit).violations).toEqual([]);
        const cycles = made.surfaces.flatMap((p) => p.cycles.map(({ id }) => id));
        expect([...new Set(made.work.problem.fronts.map(({ cycle }) => cycle))].sort()).toEqual(
          cycles.sort(),
        );
      }),
      { numRuns: 60 },
    );
    expect(joined).toBeGreaterThan(20);
  }, 60_000);
});
