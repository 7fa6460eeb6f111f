import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { readJobFile } from '../interchange/job-file.ts';
import { ON_TOP, applyChanges } from './change.ts';
import type { DraftChange } from './change.ts';
import { deletionOf } from './deletion.ts';
import { stateOf, surveyOf } from './survey-state.ts';
import type { SurveyState } from './survey-state.ts';
import { changedSince, inverseOf } from './undo.ts';

const reading = readJobFile({
  format: 'etappe-job',
  version: 1,
  sides: [{ id: 'north' }],
  surfaces: ['wall', 'yard', 'roof'].map((id) => ({
    id,
    side: 'north',
    material: 'concrete',
    size: '3x2',
    findings: [{ contaminant: 'lichen', severity: 2 }],
    zones: [{ id: `${id}-foot`, size: '1x1' }],
  })),
});
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const start = stateOf('job-1', reading.survey);

let count = 0;
const done = (state: SurveyState, drafts: readonly DraftChange[]): SurveyState => {
  const outcome = applyChanges(
    state,
    drafts.map((draft) => {
      count += 1;
      const id = `00000000-0000-7000-8000-${String(count).padStart(12, '0')}`;
      return { ...draft, id, base: draft.op === 'create' ? 100 * count : ON_TOP };
    }),
  );
  if (!outcome.ok) throw new Error(JSON.stringify(outcome));
  return outcome.state;
};
const patch = (entity: string, fields: Record<string, unknown>): DraftChange => ({
  kind: 'surface',
  entity,
  op: 'patch',
  fields,
});

/** Batches as a person makes them on whatever is there at the time. */
const step = fc.oneof(
  fc.record({
    do: fc.constant('rename' as const),
    which: fc.nat(5),
    text: fc.string({ minLength: 1, maxLength: 4 }).map((s) => `n${s.trim()}`),
  }),
  fc.record({ do: fc.constant('move' as const), which: fc.nat(5), text: fc.nat(90).map(String) }),
  fc.record({ do: fc.constant('delete' as const), which: fc.nat(12), text: fc.constant('') }),
  fc.record({ do: fc.constant('create' as const), which: fc.nat(5), text: fc.constant('') }),
);

function batchFor(
  state: SurveyState,
  { do: what, which, text }: { do: string; which: number; text: string },
  made: number,
): readonly DraftChange[] {
  const surfaces = surveyOf(state).surfaces;
  const surface = surfaces[which % Math.max(1, surfaces.length)];
  switch (what) {
    case 'create':
      return [
        {
          kind: 'surface',
          entity: `made-${made}`,
          op: 'create',
          fields: { name: 'New', material: 'granite', finish: 'bare', size: '1x1', position: which },
        },
      ];
    case 'delete': {
      const all = [...state.entities.values()].filter((e) => e.kind !== 'property');
      const target = all[which % Math.max(1, all.length)];
      return target ? deletionOf(state, target.id) : [];
    }
    default:
      if (!surface) return [];
      return what === 'rename'
        ? [patch(surface.id, { name: text })]
        : [patch(surface.id, { tiltDegrees: Number(text), position: which })];
  }
}

describe('the inverse of a batch', () => {
  it('restores the survey, whatever the batches were, last one first; and doing them again brings them back', () => {
    fc.assert(
      fc.property(fc.array(step, { minLength: 1, maxLength: 12 }), (steps) => {
        const states = [start];
        const inverses: (readonly DraftChange[])[] = [];
        steps.forEach((s, i) => {
          const state = states.at(-1) ?? start;
          const batch = batchFor(state, s, i);
          inverses.push(inverseOf(state, batch));
          states.push(done(state, batch));
        });
        const surveys = states.map(surveyOf);
        const redos: (readonly DraftChange[])[] = [];
        let state = states.at(-1) ?? start;
        for (let i = inverses.length - 1; i >= 0; i -= 1) {
          const inverse = inverses[i] ?? [];
          redos.push(inverseOf(state, inverse));
          state = done(state, inverse);
          expect(surveyOf(state)).toEqual(surveys[i]);
        }
        for (const redo of redos.reverse()) state = done(state, redo);
        expect(surveyOf(state)).toEqual(surveys.at(-1));
      }),
      { numRuns: 200 },
    );
  });

  it('of several edits of one entity restores what stood before the first', () => {
    const batch = [patch('wall', { name: 'A' }), patch('wall', { size: '9x9' })];
    expect(surveyOf(done(done(start, batch), inverseOf(start, batch)))).toMatchObject({
      surfaces: [{ size: '3x2', name: 'Wall' }, {}, {}],
    });
  });
});

describe('a batch that is to be taken back', () => {
  const batch = [patch('wall', { name: 'Mine' })];
  const mine = done(start, batch);

  it('stands as it was left when nobody touched its fields', () => {
    expect(changedSince(done(mine, [patch('wall', { size: '9x9' })]), batch)).toBeNull();
  });

  it('was changed since when another set the same field', () => {
    expect(changedSince(done(mine, [patch('wall', { name: 'Theirs' })]), batch)).toBe(
      'name of Theirs was changed since',
    );
  });

  it('was changed since when its entity is gone, or is there again', () => {
    const deletion = deletionOf(start, 'wall');
    expect(changedSince(done(mine, deletionOf(mine, 'wall')), batch)).toBe('wall was deleted since');
    expect(changedSince(done(start, deletion), deletion)).toBeNull();
    expect(changedSince(start, deletion)).toContain('is there again');
  });
});
