import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { ON_TOP, applyChanges } from '../survey/change.ts';
import type { SurveyChange } from '../survey/change.ts';
import { referenceFaults } from '../survey/reference-faults.ts';
import { ENTITY_KINDS, JOB_KIND, PROPERTY_KIND, schemaOf } from '../survey/survey.ts';
import type { RecordKind } from '../survey/survey.ts';
import { stateOf, surveyOf } from '../survey/survey-state.ts';
import type { SurveyState } from '../survey/survey-state.ts';
import { allowedBy } from '../test/arbitrary-files.ts';
import { jobFileOf, readJobFile } from './job-file.ts';
import { jsonSchemaOf } from './json-schema.ts';

const base = readJobFile({
  format: 'etappe-job',
  version: 2,
  sides: [{ id: 'north' }],
  site: { features: [{ id: 'bed', kind: 'plant-bed' }], longAssets: [{ id: 'wall-line', lengthMetres: 40 }] },
  surfaces: ['wall', 'path'].map((id) => ({ id, material: 'concrete', size: '3x2', findings: [] })),
});
if (!base.ok) throw new Error(JSON.stringify(base.faults));
const start = stateOf('job-1', base.survey);

const there = fc.constantFrom('wall', 'path', 'bed', 'new-1', 'new-2', 'new-3');
/** Mostly of what nobody has yet: what is there is not created again. */
const fresh = fc.oneof(
  { weight: 4, arbitrary: fc.integer({ min: 1, max: 12 }).map((n) => `new-${n}`) },
  there,
);
const some = fc.uniqueArray(there, { maxLength: 2 });
/** Half-typed sizes among them: whoever types pauses anywhere. */
const size = fc.constantFrom(
  '',
  '3x2',
  '3x',
  '7.5x4 +',
  '(',
  'tri 6x',
  "12' x",
  '4',
  '8x3 - 2(1.2x',
  '14 m2',
  'about 3',
);
/** Mostly of what is there: a change that names what is not there is refused. */
const face = fc.oneof({ weight: 6, arbitrary: fc.constantFrom('wall', 'path') }, there);
const ends = fc.constantFrom([], [], ['bed']);
const known = {
  size,
  girth: fc.constantFrom('', '0.3', '0.', 'x'),
  side: fc.constantFrom(null, 'north'),
  surface: face,
  zone: fc.constantFrom(null, null, 'new-1'),
  drainsOnto: ends,
  beside: ends,
  below: fc.constant([]),
  behind: ends,
  of: face,
  damages: some,
  mark: fc.constantFrom(null, 'new-2'),
  damage: there,
  asset: fc.constantFrom(null, { asset: 'wall-line', part: 'top', fromMetres: 1, toMetres: 2.5 }),
  timeZone: fc.constant('Europe/Berlin'),
  at: fc.constant('2026-05-04T08:00:00.000Z'),
  answers: fc.constant({}),
  sha256: fc.constant('ab'.repeat(32)),
};

type Step = Omit<SurveyChange, 'id'>;

const EVERY_KIND: readonly RecordKind[] = [
  ...(Object.keys(ENTITY_KINDS) as RecordKind[]),
  JOB_KIND,
  PROPERTY_KIND,
];
const FIELDS = new Map(
  EVERY_KIND.map((kind) => [
    kind,
    allowedBy(jsonSchemaOf(schemaOf(kind)), known) as fc.Arbitrary<Record<string, unknown>>,
  ]),
);
const KINDS: readonly RecordKind[] = [
  ...EVERY_KIND,
  'surface',
  'surface',
  'surface',
  'surface',
  'zone',
  'finding',
  'finding',
  'water-point',
];
const step: fc.Arbitrary<Step> = fc.constantFrom(...KINDS).chain((kind) => {
  const single = kind === JOB_KIND ? 'job-1' : kind === PROPERTY_KIND ? 'property' : null;
  const op =
    single === null
      ? fc.constantFrom('create' as const, 'create' as const, 'patch' as const, 'delete' as const)
      : fc.constant('patch' as const);
  return op
    .chain((does) =>
      fc.record({
        op: fc.constant(does),
        entity: single !== null ? fc.constant(single) : does === 'create' ? fresh : there,
        fields: FIELDS.get(kind) ?? fc.constant({}),
        only: fc.nat(12),
        position: fc.integer({ min: 0, max: 20 }),
      }),
    )
    .map(({ op: does, entity, fields, only, position }) => {
      const entries = Object.entries(fields);
      const patched = Object.fromEntries(
        entries.filter((_, i) => i % 13 === only % Math.max(1, entries.length)),
      );
      return {
        kind,
        entity,
        op: does,
        base: does === 'create' ? 0 : ON_TOP,
        fields: does === 'delete' ? {} : does === 'patch' ? patched : { ...fields, position },
      };
    });
});

/** As the server takes them: each alone, refused where something would name what is not there. */
function taken(
  state: SurveyState,
  steps: readonly Step[],
): { readonly state: SurveyState; readonly kinds: readonly string[] } {
  return steps.reduce<{ state: SurveyState; kinds: string[] }>(
    (now, change, i) => {
      const outcome = applyChanges(now.state, [
        { ...change, id: `00000000-0000-7000-8000-${String(i).padStart(12, '0')}` },
      ]);
      if (!outcome.ok || referenceFaults(surveyOf(outcome.state)).length > 0) return now;
      return { state: outcome.state, kinds: [...now.kinds, `${change.op} ${change.kind}`] };
    },
    { state, kinds: [] },
  );
}

describe('whatever changes accept', () => {
  it('is exported and read back as the same survey, half-typed sizes included', () => {
    const count = new Map<string, number>();
    let halfTyped = 0;
    fc.assert(
      fc.property(fc.array(step, { minLength: 15, maxLength: 40 }), (steps) => {
        const { state, kinds } = taken(start, steps);
        for (const kind of kinds) count.set(kind, (count.get(kind) ?? 0) + 1);
        const survey = surveyOf(state);
        const file = jobFileOf(survey);
        const reading = readJobFile(JSON.parse(JSON.stringify(file)));
        expect(reading.ok ? [] : reading.faults).toEqual([]);
        if (!reading.ok) return;
        halfTyped += reading.unmeasured.length;
        expect(jobFileOf(reading.survey)).toEqual(file);
      }),
      { numRuns: 80 },
    );
    expect(halfTyped).toBeGreaterThan(10);
    for (const what of [
      'create surface',
      'patch surface',
      'delete surface',
      'create finding',
      'create zone',
      'patch job',
      'create water-point',
    ])
      expect([what, (count.get(what) ?? 0) > 2]).toEqual([what, true]);
  }, 60_000);
});
