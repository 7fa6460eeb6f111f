import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { workedStages } from '../catalogue/method.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { faced } from '../survey/face.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { methodRefusals } from '../treatment/limit-verdict.ts';
import { plausibleStates } from '../treatment/surface-state.ts';
import type { Stage } from '../treatment/stage.ts';
import type { SurfaceTreatment } from './surface-treatment.ts';
import { MILD_AIR } from '../test/treated-wall.ts';
import { treatedSurfaces } from './treated-surface.ts';

const SCHOOLS = CATALOGUE.schools.map((school) =>
  fc.constantFrom(...school.settings.map((way) => [school.id, way.id] as const)),
);
const CONTAMINANTS = fc.constantFrom(...CATALOGUE.contaminants.map(({ id }) => id));
/** Any face with up to four things on it, worked in any way; some with growth and a mineral stain, some with urine. */
const faces = fc.record({
  material: fc.oneof(
    fc.constantFrom(...CATALOGUE.materials.map(({ id }) => id)),
    // What bears bleach and acid alike.
    fc.constantFrom('clay-brick', 'granite', 'quartzite', 'clay-roof-tile'),
  ),
  found: fc
    .tuple(
      fc.uniqueArray(CONTAMINANTS, { minLength: 1, maxLength: 4 }),
      fc.constantFrom(
        [],
        ['urine', 'mildew'],
        ['urine', 'green-algae'],
        ['mildew', 'surface-rust'],
        ['green-algae', 'hard-water-scale'],
      ),
    )
    .map(([some, more]) => [...new Set([...some, ...more])]),
  severity: fc.constantFrom(1, 2, 3, 4),
  schools: fc.tuple(...SCHOOLS).map((ways) => Object.fromEntries(ways)),
});
type AnyFace = typeof faces extends fc.Arbitrary<infer Value> ? Value : never;

interface Treated {
  readonly survey: FacedSurvey;
  readonly treatment: SurfaceTreatment;
  /** Of all its visits, one after the other. */
  readonly stages: readonly Stage[];
}

function treated({ material, found, severity, schools }: AnyFace): Treated {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    house: { schools },
    site: { waterPoints: [{ id: 'tap' }] },
    surfaces: [
      {
        id: 'face',
        material,
        size: '3x2',
        topMetres: 2,
        findings: found.map((contaminant) => ({ contaminant, severity })),
      },
    ],
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  const survey = faced(reading.survey);
  const [face] = treatedSurfaces(survey, () => MILD_AIR);
  if (!face?.treatment) throw new Error('the face is measured');
  const { treatment } = face;
  return { survey, treatment, stages: treatment.parts.flatMap((part) => part.stages) };
}

/** Faces on which a rule had something to say: a property that never meets its case proves nothing. */
type Interesting =
  'opposed agents' | 'hypochlorite on urine' | 'left on' | 'chosen methods' | 'dry before' | 'later visits';

function opposedAgentsRest({ stages }: Treated): boolean {
  let met = false;
  stages.forEach((stage, i) => {
    if (stage.kind !== 'apply' || !stage.apply) return;
    const { opposedTo } = CATALOGUE.agent(stage.apply.agent);
    const before = stages
      .slice(0, i)
      .findLastIndex(({ kind, apply }) =>
        kind === 'apply' && apply ? opposedTo.includes(CATALOGUE.agent(apply.agent).class) : false,
      );
    if (before < 0) return;
    met = true;
    const between = stages.slice(before + 1, i).map(({ kind }) => kind);
    expect(between).toEqual(expect.arrayContaining(['rinse', 'reading']));
  });
  return met;
}

function urineIsFlushed({ stages }: Treated, { found }: AnyFace): boolean {
  const bleach = stages.findIndex(({ apply }) => apply?.agentClass === 'hypochlorite');
  if (!found.includes('urine') || bleach < 0) return false;
  expect(stages.slice(0, bleach).map(({ kind }) => kind)).toEqual(
    expect.arrayContaining([expect.stringMatching(/^(rinse|wash)$/)]),
  );
  return true;
}

/** Within one visit; later ones come when it had its days to work or to set. */
function leftOnStays({ treatment }: Treated): boolean {
  let met = false;
  for (const { stages } of treatment.parts) {
    const left = stages.findIndex(({ apply }) => apply?.leaveOn);
    if (left < 0) continue;
    met = true;
    const later = stages.slice(left + 1).map(({ kind }) => kind);
    expect(later.filter((kind) => ['rinse', 'wash', 'pre-wet', 'agitate'].includes(kind))).toEqual([]);
  }
  return met;
}

function limitsAllow({ survey, treatment }: Treated): boolean {
  const [face] = survey.surfaces;
  const chosen = treatment.proposals.flatMap((proposal) => (proposal.chosen ? [proposal.chosen.method] : []));
  for (const state of face ? plausibleStates(face, survey) : [])
    for (const method of chosen) expect(methodRefusals(state, method, CATALOGUE)).toEqual([]);
  return chosen.length > 0;
}

function stagesStandOnce({ treatment, stages }: Treated): boolean {
  expect(new Set(stages.map(({ id }) => id)).size).toBe(stages.length);
  const methods = new Set(treatment.proposals.flatMap(({ chosen }) => (chosen ? [chosen.method] : [])));
  for (const method of methods)
    if (workedStages(method).length > 0) expect(stages.map((stage) => stage.method)).toContain(method.id);
  return treatment.parts.length > 1;
}

function dryBeforeWhatNeedsIt({ treatment, stages }: Treated): boolean {
  let met = false;
  let daysSinceWet = Infinity;
  for (const part of treatment.parts) {
    daysSinceWet += part.wait?.days.from ?? 0;
    for (const stage of part.stages) {
      const { dryFirst } = CATALOGUE.method(stage.method);
      // What brings an earlier agent to rest is done while the face is wet.
      const first = stages.find(
        ({ method, kind, id }) => method === stage.method && kind !== 'reading' && !id.includes('.before-'),
      );
      if (dryFirst && stage === first) {
        expect(daysSinceWet).toBeGreaterThanOrEqual(dryFirst.days);
        met ||= daysSinceWet < Infinity;
      }
      if (!['clear', 'fill', 'reading'].includes(stage.kind)) daysSinceWet = 0;
    }
  }
  return met;
}

const RULES: readonly [Interesting, (treated: Treated, face: AnyFace) => boolean][] = [
  ['opposed agents', opposedAgentsRest],
  ['hypochlorite on urine', urineIsFlushed],
  ['left on', leftOnStays],
  ['chosen methods', limitsAllow],
  ['later visits', stagesStandOnce],
  ['dry before', dryBeforeWhatNeedsIt],
];

describe('any chain of any face', () => {
  it('rests opposed agents, flushes urine, leaves on what is left on, keeps the limits, has each stage once and dry faces', () => {
    const met = new Map<Interesting, number>(RULES.map(([what]) => [what, 0]));
    fc.assert(
      fc.property(faces, (face) => {
        const result = treated(face);
        for (const [what, holds] of RULES) if (holds(result, face)) met.set(what, (met.get(what) ?? 0) + 1);
      }),
      { numRuns: 500 },
    );
    for (const [what, times] of met) expect([what, times > 2]).toEqual([what, true]);
  });
});
