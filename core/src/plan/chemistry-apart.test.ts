import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { readJobFile } from '../interchange/job-file.ts';
import type { Survey } from '../survey/survey.ts';
import { plan } from './plan.ts';
import type { Plan } from './plan.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 1 };
const BANDS = ['roof', 'wall', 'floor'] as const;
const IDS = ['s0', 's1', 's2', 's3', 's4'];

const surveyOf = (surfaces: readonly object[], features: readonly object[] = []): Survey => {
  const reading = readJobFile({
    format: 'etappe-job', version: 1, sides: [{ id: 'north' }, { id: 'south', aspectDegrees: 180 }],
    site: { features, waterPoints: [{ id: 'tap' }] }, surfaces,
  }); // prettier-ignore
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};

/** Agents and the time from the first touch to the last, of each surface; read off the schedule alone. */
function treatedSpans({ surfaces, visit }: Plan) {
  return surfaces.flatMap(({ surface, treatment }) => {
    const own = (visit?.schedule.placements ?? []).filter(
      (p) => p.operation.startsWith(`${surface.id}.`) && !p.operation.includes('foot-rinse'),
    );
    const agents = (treatment?.stages ?? []).flatMap((s) => (s.apply ? [s.apply.agent] : []));
    return own.length === 0 || agents.length === 0
      ? []
      : [{ surface, agents, from: Math.min(...own.map((p) => p.start)), to: Math.max(...own.map((p) => p.finish)) }];
  });
} // prettier-ignore

/** Every pair that would meet in one flow while both are worked on; a walk along the survey's own words. */
function meetings(survey: Survey, made: Plan): readonly string[] {
  const onto = (id: string): readonly string[] => {
    const surface = survey.surfaces.find((s) => s.id === id);
    if (!surface) return [];
    if (surface.drainsOnto.length > 0 || surface.side === null) return surface.drainsOnto;
    return survey.surfaces
      .filter((s) => s.side === surface.side && place(s.band) > place(surface.band))
      .filter((s) => !comesBy(s.id).includes(id))
      .map((s) => s.id);
  };
  const place = (band: string) => ['roof', 'upper-wall', 'wall', 'opening', 'floor'].indexOf(band);
  const comesBy = (id: string, before: readonly string[] = []): readonly string[] =>
    before.includes(id) ? [] : [id, ...named(id).flatMap((next) => comesBy(next, [...before, id]))];
  const named = (id: string) => survey.surfaces.find((s) => s.id === id)?.drainsOnto ?? [];
  const water = (id: string, before: readonly string[] = []): readonly string[] =>
    before.includes(id) ? [] : [id, ...onto(id).flatMap((next) => water(next, [...before, id]))];
  const spans = treatedSpans(made);
  return spans.flatMap((one) =>
    spans.flatMap((other) => {
      const together = one !== other && one.from < other.to && other.from < one.to;
      const flow = water(one.surface.id).some((p) => water(other.surface.id).includes(p));
      const near = one.surface.beside.includes(other.surface.id);
      const opposed = one.agents.some((a) =>
        other.agents.some((b) => CATALOGUE.agent(a).opposedTo.includes(CATALOGUE.agent(b).class)),
      );
      return together && opposed && (flow || near) ? [`${one.surface.id} and ${other.surface.id}`] : [];
    }),
  );
}

const surface = (id: string, material: string, contaminant: string, more: object = {}) => ({
  id, material, side: 'north', size: '3x2', topMetres: 2,
  findings: [{ contaminant, severity: 2 }], ...more,
}); // prettier-ignore

describe('a visit with chemistries that oppose each other', () => {
  it('rinses one before it begins the other, where both drain into one gully, and says so', () => {
    const drains = { drainsOnto: ['gully'], side: null };
    const survey = surveyOf(
      [surface('wall', 'painted-render', 'green-algae', drains), surface('steps', 'granite', 'surface-rust', drains)],
      [{ id: 'gully', kind: 'drain', leadsTo: 'foul-sewer', state: 'runs' }],
    ); // prettier-ignore
    const made = plan(survey, OPTIONS);
    expect(made.work.meetings).toMatchObject([{ at: 'gully', how: 'run-off', later: { face: 'steps' } }]);
    expect(made.warnings.find((w) => w.rule === 'chemistry-apart')?.text).toBe(
      'Steps (oxalic acid) begins only when Wall (sodium hypochlorite) is rinsed: their water comes together at Gully, and these never meet. To save the wait, choose a treatment that goes with the other.',
    );
    expect(meetings(survey, made)).toEqual([]);
    const apart = surveyOf(
      survey.surfaces.map((s) => surface(s.id, s.material, s.id === 'wall' ? 'green-algae' : 'surface-rust', { side: null })),
    ); // prettier-ignore
    expect(plan(apart, OPTIONS).work.meetings).toEqual([]);
  });

  it('has no flow in which they meet, whatever the property', () => {
    const row = (id: string, i: number) =>
      fc.record({
        material: fc.constantFrom('painted-render', 'granite', 'concrete', 'clay-brick', 'larch-boards', 'clear-glass'),
        band: fc.constantFrom(...BANDS),
        side: fc.constantFrom('north', 'south', null),
        drainsOnto: fc.subarray([...IDS.slice(i + 1), 'gully', 'pond'], { maxLength: 2 }),
        beside: fc.subarray(IDS.filter((other) => other !== id), { maxLength: 1 }),
        found: fc.subarray(['green-algae', 'surface-rust', 'mineral-oil', 'hard-water-scale', 'lichen'], { minLength: 1, maxLength: 2 }),
      });
    let opposed = 0;
    fc.assert(
      fc.property(fc.tuple(...IDS.map(row)), (rows) => {
        const survey = surveyOf(
          rows.map(({ found, ...more }, i) => ({
            id: IDS[i], size: '3x2', topMetres: 2, ...more,
            findings: found.map((contaminant) => ({ contaminant, severity: 2 })),
          })),
          [{ id: 'gully', kind: 'drain' }, { id: 'pond', kind: 'pond' }],
        );
        const made = plan(survey, OPTIONS);
        opposed += made.work.meetings.length;
        expect(made.warnings.filter((w) => w.rule === 'no-sequence')).toEqual([]);
        expect(meetings(survey, made)).toEqual([]);
      }),
      { numRuns: 120 },
    );
    expect(opposed).toBeGreaterThan(50);
  }, 60_000); // prettier-ignore
});
