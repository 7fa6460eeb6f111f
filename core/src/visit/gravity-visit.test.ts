import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import type { Survey } from '../survey/survey.ts';
import { surfacesAbove } from '../protection/gravity.ts';
import { plan } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';

const algae = [{ contaminant: 'green-algae', severity: 3 }];
const surveyOf = (
  surfaces: readonly Record<string, unknown>[],
  more: Record<string, unknown> = {},
): Survey => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    sides: [{ id: 'north' }],
    surfaces,
    ...more,
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const wall = (more: Record<string, unknown> = {}) => ({
  id: 'wall',
  side: 'north',
  material: 'painted-render',
  size: '8x3',
  topMetres: 3,
  findings: algae,
  ...more,
});
const yard = (more: Record<string, unknown> = {}) => ({
  id: 'yard',
  side: 'north',
  band: 'floor',
  material: 'concrete',
  size: '8x3',
  findings: algae,
  ...more,
});
const planOf = (survey: Survey) => plan(survey, { asOf: '2026-05-04', seed: 1, budget: 2 });
const times = (p: Plan, wanted: (id: string) => boolean) =>
  (p.visit?.schedule.placements ?? []).filter((x) => wanted(x.operation));
const last = (p: Plan, surface: string) =>
  Math.max(
    ...times(p, (id) => id.startsWith(`${surface}.`) && !id.includes('foot-rinse')).map((x) => x.finish),
  );

describe('what stands above what', () => {
  it('follows run-off over several surfaces', () => {
    const survey = surveyOf([
      wall({ drainsOnto: ['path'] }),
      { ...yard(), id: 'path', drainsOnto: ['yard'] },
      yard(),
    ]);
    expect(surfacesAbove(survey.surfaces).map((a) => [a.upper, a.lower])).toEqual([
      ['wall', 'path'],
      ['wall', 'yard'],
      ['path', 'yard'],
    ]);
  });

  it('falls back on height bands of one side, never against the run-off', () => {
    const survey = surveyOf([wall(), yard({ drainsOnto: ['wall'] })]);
    expect(surfacesAbove(survey.surfaces).map((a) => [a.upper, a.lower])).toEqual([['yard', 'wall']]);
  });

  it('is overhead from three metres on', () => {
    const survey = surveyOf([wall({ footMetres: 4, topMetres: 7, drainsOnto: ['yard'] }), yard()]);
    expect(surfacesAbove(survey.surfaces)).toEqual([{ upper: 'wall', lower: 'yard', overhead: true }]);
  });
});

describe('the visit follows gravity', () => {
  it('the floor gets its last rinse after all wet work above, and the wall foot one after the floor was washed', () => {
    const made = planOf(surveyOf([wall({ drainsOnto: ['yard'] }), yard()]));
    expect(last(made, 'yard')).toBeGreaterThan(last(made, 'wall'));
    const [rinse] = times(made, (id) => id.includes('foot-rinse'));
    expect(rinse?.start).toBeGreaterThanOrEqual(last(made, 'yard'));
  });

  it('nobody works below someone working overhead', () => {
    const made = planOf(surveyOf([wall({ topMetres: 8, drainsOnto: ['yard'] }), yard()]));
    for (const a of times(made, (id) => id.startsWith('wall.'))) {
      for (const b of times(made, (id) => id.startsWith('yard.'))) {
        if (a.person !== b.person) expect(a.finish <= b.start || b.finish <= a.start).toBe(true);
      }
    }
  });

  it('a leave-on above comes on another day than the washing below that splashes it', () => {
    const choice = {
      surface: 'wall',
      contaminant: 'green-algae',
      method: 'leave-on-biocide',
      by: 'Ada',
      at: '2026-05-01T08:00:00Z',
    };
    const below = { ...choice, surface: 'yard', method: 'pre-treat-and-surface-clean' };
    const choices = [choice, below];
    const faces = [wall({ drainsOnto: ['yard'] }), yard()];
    const worked = (visit: number) =>
      planOf(surveyOf(faces, { visit, choices })).surfaces.flatMap((p) =>
        (p.treatment?.stages ?? []).map((s) => `${p.surface.id} ${s.kind}`),
      );
    expect(worked(1)).toEqual(['yard clear', 'yard apply', 'yard wash', 'yard wash', 'yard rinse']);
    expect(worked(2)).toEqual(['wall clear', 'wall apply']);
    const first = planOf(surveyOf(faces, { choices }));
    expect(first.visits.map((v) => v.fromDay)).toEqual([0, 1]);
    expect(times(first, (id) => id.includes('foot-rinse'))).toHaveLength(1);
  });

  it('opposed chemistries above and below never run at once', () => {
    const rusty = [{ contaminant: 'surface-rust', severity: 2 }];
    const made = planOf(surveyOf([wall({ drainsOnto: ['yard'] }), yard({ findings: rusty })]));
    expect(
      Math.min(...times(made, (id) => id.startsWith('yard.')).map((x) => x.start)),
    ).toBeGreaterThanOrEqual(last(made, 'wall'));
  });
});
