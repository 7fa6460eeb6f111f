import { QUICK_SURVEY } from '../test/quick-line-survey.ts';
import { stateOf, surveyOf } from './survey-state.ts';
import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { plan } from '../plan/plan.ts';
import { surfacesAbove } from '../protection/gravity.ts';
import { faced, facesOf } from './face.ts';
import { drainLoop } from './reference-faults.ts';

const read = (surface: object) => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    sides: [{ id: 'north' }],
    site: { waterPoints: [{ id: 'tap' }] },
    surfaces: [
      {
        id: 'wall',
        side: 'north',
        material: 'painted-render',
        size: '10x3',
        topMetres: 3,
        drainsOnto: ['yard'],
        findings: [{ contaminant: 'green-algae', severity: 2 }],
        ...surface,
      },
      { id: 'yard', side: 'north', band: 'floor', material: 'concrete', size: '10x4', findings: [] },
    ],
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const area = (survey: ReturnType<typeof read>, id: string) => {
  const face = faced(survey).surfaces.find((f) => f.id === id);
  if (!face) return null;
  return face.takeOff.ok ? face.takeOff.squareMetres : face.takeOff.fault.message;
};

describe('a zone', () => {
  const survey = read({
    reliefFactor: 1.2,
    zones: [
      {
        id: 'foot',
        lies: 'foot',
        size: '10x0.4',
        topMetres: 0.4,
        conditions: ['chalking'],
        findings: [{ contaminant: 'green-algae', severity: 4 }],
      },
      { id: 'by-door', size: '1x2', findings: [] },
    ],
  });
  const faces = faced(survey);

  it('is taken off its surface, with the relief of the whole face, and the sum says so', () => {
    expect([area(survey, 'wall'), area(survey, 'foot'), area(survey, 'by-door')]).toEqual([28.8, 4.8, 2.4]);
    const wall = faces.surfaces.find((f) => f.id === 'wall');
    expect(wall?.takeOff.ok && wall.takeOff.sum).toEqual([
      '10x3 = 30 m²',
      '× relief 1.2 = 36 m²',
      '− zone Foot = 4.8 m²',
      '− zone By door = 2.4 m²',
    ]);
  });

  it('has its surface’s material and conditions, its own heights, and what was found on it', () => {
    expect(faces.surfaces.find((f) => f.id === 'foot')).toMatchObject({
      name: 'Wall: Foot',
      material: 'painted-render',
      conditions: ['chalking'],
      topMetres: 0.4,
      zoneOf: 'wall',
    });
    expect(faces.findings.filter((f) => f.surface === 'foot').map((f) => f.severity)).toEqual([4]);
  });

  it('at the foot takes the run-off of the rest; within, it runs onto the rest', () => {
    const onto = Object.fromEntries(faces.surfaces.map((f) => [f.id, f.drainsOnto]));
    expect(onto).toEqual({ wall: ['foot', 'yard'], foot: ['yard'], 'by-door': ['wall'], yard: [] });
    expect(drainLoop(faces)).toBeNull();
    const pairs = surfacesAbove(faces.surfaces).map((a) => `${a.upper} ${a.lower}`);
    expect(pairs).toEqual(expect.arrayContaining(['wall foot', 'wall yard', 'foot yard', 'by-door wall']));
  });

  it('is treated on its own, and named on the plan', () => {
    const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 2 });
    expect(made.warnings.filter((w) => w.severity === 'stop')).toEqual([]);
    const foot = made.surfaces.find((p) => p.surface.id === 'foot');
    expect(foot?.treatment?.proposals.map((p) => p.finding.severity)).toEqual([4]);
    expect(made.surfaces.find((p) => p.surface.id === 'by-door')?.treatment?.stages).toEqual([]);
  });

  it('as large as its surface leaves nothing, and says so', () => {
    expect(area(read({ zones: [{ id: 'all', size: '10x3' }] }), 'wall')).toContain('as large as the surface');
  });
});

describe('the scope of a job', () => {
  it('leaves a surface out together with its zones', () => {
    const out = faced(
      read({ inScope: false, scopeReason: 'water creeps in', zones: [{ id: 'foot', size: '1x1' }] }),
    );
    expect(out.surfaces.map((f) => [f.id, f.inScope, f.scopeReason])).toEqual([
      ['wall', false, 'water creeps in'],
      ['foot', false, 'water creeps in'],
      ['yard', true, ''],
    ]);
  });

  it('tells a clean surface from one that nobody looked at', () => {
    const rules = (survey: ReturnType<typeof read>) =>
      plan(survey, { asOf: '2026-05-04', seed: 1, budget: 2 })
        .warnings.filter((w) => w.surface === 'wall')
        .map((w) => w.rule);
    expect(rules(read({ findings: [], nothingFound: true }))).toEqual(['nothing-found']);
    expect(rules(read({ findings: [] }))).toEqual(['not-looked-at']);
  });
});

describe('a material that is unsure', () => {
  const methods = (unsureBetween: readonly string[]) => {
    const survey = read({
      material: 'concrete',
      unsureBetween,
      findings: [{ contaminant: 'surface-rust', severity: 2 }],
    });
    const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 2 });
    const wall = made.surfaces.find((p) => p.surface.id === 'wall');
    return {
      made,
      wall,
      rules: wall?.treatment?.proposals.flatMap((p) =>
        p.refused.flatMap((r) => r.refusals.map((x) => x.rule)),
      ),
    };
  };

  it('is held to the strictest limits of all that it may be', () => {
    const sure = methods([]);
    const unsure = methods(['limestone']);
    const jets = [sure, unsure].map((m) => m.wall?.jetLimitKilopascal ?? 0);
    expect(jets[1]).toBeLessThan(jets[0] ?? 0);
    expect(unsure.rules?.length ?? 0).toBeGreaterThan(sure.rules?.length ?? 0);
    expect(unsure.wall?.tolerances.find((t) => t.agentClass === 'acid')?.verdict).toBe('no');
    expect(unsure.made.questions.map((q) => q.rule)).toContain('material-unsure');
  });

  it('stay the same objects while nothing of them changes', () => {
    const state = stateOf('job', QUICK_SURVEY);
    const before = facesOf(surveyOf(state));
    const wall = state.entities.get('drum');
    if (!wall) throw new Error('the wall is there');
    const edited = { ...wall, detail: { ...wall.detail, size: '1x1' } };
    const after = facesOf(surveyOf({ ...state, entities: new Map([...state.entities, ['drum', edited]]) }));
    expect(after.filter((face, i) => face !== before[i]).map((face) => face.id)).toEqual(['drum']);
  });
});
