import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { applyChange, stateOf, surveyOf } from './change.ts';
import type { SurveyChange, SurveyState } from './change.ts';
import { deletionOf } from './deletion.ts';
import { referenceFaults } from './references.ts';

const reading = readJobFile({
  format: 'etappe-job', version: 1, sides: [{ id: 'north' }],
  surfaces: [
    { id: 'wall', side: 'north', material: 'concrete', size: '3x2', drainsOnto: ['yard'], findings: [{ contaminant: 'lichen', severity: 2 }] },
    { id: 'yard', material: 'concrete', size: '4x4', findings: [{ contaminant: 'green-algae', severity: 1 }] },
  ],
}); // prettier-ignore
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const start = stateOf('job-1', reading.survey);
let count = 0;
const change = (more: Partial<SurveyChange>): SurveyChange => {
  count += 1;
  return {
    id: `00000000-0000-7000-8000-${String(count).padStart(12, '0')}`,
    kind: 'surface',
    entity: 'wall',
    op: 'patch',
    base: 1,
    fields: {},
    ...more,
  };
};
const after = (state: SurveyState, c: SurveyChange): SurveyState => {
  const outcome = applyChange(state, c);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome));
  return outcome.state;
};

describe('a change', () => {
  it('of another field merges, though its base is old', () => {
    const one = after(start, change({ fields: { size: '5x2' } }));
    const two = after(one, change({ fields: { name: 'Front wall' } }));
    expect(two.entities.get('wall')).toMatchObject({
      revision: 3,
      detail: { size: '5x2', name: 'Front wall' },
    });
  });

  it('of the same field on an old base conflicts with both values', () => {
    const one = after(start, change({ fields: { size: '5x2' } }));
    const outcome = applyChange(one, change({ fields: { size: '6x2' } }));
    expect(outcome).toMatchObject({
      ok: false,
      conflicts: [{ entity: 'wall', field: 'size', yours: '6x2', theirs: '5x2', revision: 2 }],
    });
  });

  it('to the value that is there already is none', () => {
    const one = after(start, change({ fields: { size: '5x2' } }));
    expect(applyChange(one, change({ fields: { size: '5x2' } })).ok).toBe(true);
  });

  it('that breaks a field is refused with its path and leaves the state alone', () => {
    const outcome = applyChange(start, change({ fields: { topMetres: -3 } }));
    expect(outcome).toMatchObject({ ok: false, faults: [{ path: 'wall.topMetres' }] });
    expect(start.entities.get('wall')?.detail['topMetres']).toBe(0);
  });

  it.each<[string, Partial<SurveyChange>, RegExp]>([
    ['creates what is there', { op: 'create', fields: {} }, /there already/],
    ['patches what is gone', { entity: 'gone', fields: { name: 'x' } }, /deleted by someone else/],
    ['calls a surface a side', { kind: 'side', fields: { name: 'x' } }, /is a surface/],
    ['deletes the job', { kind: 'job', entity: 'job-1', op: 'delete' }, /own address/],
    ['gives a position that is none', { fields: { position: 'first' } }, /position is a number/],
  ])('that %s is refused', (_, more, message) => {
    const outcome = applyChange(start, change(more));
    expect(outcome.ok ? '' : outcome.faults.map((f) => f.message).join()).toMatch(message);
  });

  it('that deletes twice is harmless', () => {
    const gone = after(start, change({ op: 'delete' }));
    expect(applyChange(gone, change({ op: 'delete' })).ok).toBe(true);
  });

  it('creates with defaults, in order of position', () => {
    const made = after(
      start,
      change({
        op: 'create',
        entity: 'roof',
        base: 0,
        fields: { position: -1, name: 'Roof', material: 'granite', finish: 'bare', size: '2x2' },
      }),
    );
    expect(surveyOf(made).surfaces.map((s) => [s.id, s.band])).toEqual([['roof', 'wall'], ['wall', 'wall'], ['yard', 'wall']]); // prettier-ignore
  });
});

describe('a deletion', () => {
  it.each(['wall', 'yard', 'north'])(
    'of %s takes all that hangs on it, so that no reference is left',
    (id) => {
      const state = deletionOf(start, id).reduce(
        (s, draft) => after(s, { ...draft, id: change({}).id }),
        start,
      );
      const survey = surveyOf(state);
      expect(state.entities.has(id)).toBe(false);
      expect(referenceFaults(survey)).toEqual([]);
      expect(survey.findings.some((f) => f.surface === id)).toBe(false);
    },
  );

  it('of nothing is nothing', () => {
    expect(deletionOf(start, 'nowhere')).toEqual([]);
  });
});

describe('a state', () => {
  it('holds the survey that it was made of', () => {
    expect(surveyOf(start)).toEqual(reading.survey);
  });
});
