import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { applyChanges } from './change.ts';
import type { SurveyChange } from './change.ts';
import { deletionOf } from './deletion.ts';
import { referenceFaults } from './reference-faults.ts';
import { stateOf, surveyOf } from './survey-state.ts';
import type { SurveyState } from './survey-state.ts';

const reading = readJobFile({
  format: 'etappe-job',
  version: 1,
  sides: [{ id: 'north' }],
  site: {
    features: [{ id: 'pond', kind: 'pond' }],
    longAssets: [{ id: 'dock', lengthMetres: 40 }],
    damages: [{ id: 'chip', surface: 'wall', what: 'Chipped corner' }],
    preconditions: [{ id: 'cars', surface: 'yard', what: 'Cars away' }],
  },
  surfaces: [
    {
      id: 'wall',
      side: 'north',
      material: 'concrete',
      size: '3x2',
      drainsOnto: ['yard', 'pond'],
      below: ['pond'],
      inScope: false,
      asset: { asset: 'dock', part: 'left', fromMetres: 0, toMetres: 3 },
      zones: [
        { id: 'foot', lies: 'foot', size: '3x0.3', findings: [{ contaminant: 'green-algae', severity: 4 }] },
      ],
      findings: [{ contaminant: 'lichen', severity: 2 }],
    },
    {
      id: 'yard',
      material: 'concrete',
      size: '4x4',
      findings: [{ contaminant: 'green-algae', severity: 1 }],
    },
  ],
});
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
const applyChange = (state: SurveyState, c: SurveyChange) => applyChanges(state, [c]);
const after = (state: SurveyState, ...changes: readonly SurveyChange[]): SurveyState => {
  const outcome = applyChanges(state, changes);
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
    ['calls a surface a side', { kind: 'side', fields: { name: 'x' } }, /is a surface/],
    ['deletes the job', { kind: 'job', entity: 'job-1', op: 'delete' }, /own address/],
    ['deletes the property', { kind: 'property', entity: 'property', op: 'delete' }, /own address/],
    ['calls a side the property', { kind: 'side', entity: 'property', op: 'create' }, /property itself/],
    ['patches another job', { kind: 'job', entity: 'job-2', fields: { name: 'x' } }, /another job/],
    ['gives a position that is none', { fields: { position: 'first' } }, /position is a number/],
  ])('that %s is refused', (_, more, message) => {
    const outcome = applyChange(start, change(more));
    expect(outcome.ok ? '' : outcome.faults.map((f) => f.message).join()).toMatch(message);
  });

  it('that deletes twice is harmless', () => {
    const gone = after(start, change({ op: 'delete' }));
    expect(applyChange(gone, change({ op: 'delete' })).ok).toBe(true);
  });

  it('of the property stays with it', () => {
    const one = after(
      start,
      change({ kind: 'property', entity: 'property', fields: { access: 'Gate code at the lodge' } }),
    );
    expect(surveyOf(one).property.access).toBe('Gate code at the lodge');
  });

  it('of what another deleted meets nothing: a person decides', () => {
    const gone = after(start, change({ kind: 'finding', entity: 'wall-lichen', op: 'delete' }));
    expect(
      applyChange(gone, change({ kind: 'finding', entity: 'wall-lichen', fields: { severity: 3 } })),
    ).toMatchObject({
      conflicts: [{ entity: 'wall-lichen', field: '*', yours: { severity: 3 }, theirs: null }],
    });
  });

  it('that deletes what another has edited since conflicts with what he wrote', () => {
    const one = after(start, change({ fields: { name: 'Front wall' } }));
    expect(applyChange(one, change({ op: 'delete' }))).toMatchObject({
      conflicts: [{ entity: 'wall', field: '*', yours: null, theirs: { name: 'Front wall', size: '3x2' } }],
    });
    expect(applyChange(one, change({ op: 'delete', base: 2 })).ok).toBe(true);
  });

  it('that rests on a revision that was never made here conflicts, as after an older backup', () => {
    expect(applyChange(start, change({ base: 9, fields: { name: 'Front', size: '3x2' } }))).toMatchObject({
      conflicts: [{ entity: 'wall', field: 'name', yours: 'Front', theirs: 'Wall', revision: 1 }],
    });
    expect(applyChange(start, change({ base: 9, fields: { size: '3x2' } })).ok).toBe(true);
    expect(applyChange(start, change({ op: 'delete', base: 9 }))).toMatchObject({
      conflicts: [{ entity: 'wall', field: '*', yours: null }],
    });
  });

  it('that creates again what was deleted goes on counting, so that older edits meet it', () => {
    const { position, detail } = start.entities.get('wall') ?? { position: 0, detail: {} };
    const again = after(
      start,
      change({ op: 'delete' }),
      change({ op: 'create', base: 1, fields: { ...detail, position } }),
    );
    expect(again.entities.get('wall')).toMatchObject({ revision: 2, fieldRevisions: { size: 2 }, detail });
    expect(applyChange(again, change({ fields: { size: '9x9' } })).ok).toBe(false);
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
    expect(surveyOf(made).surfaces.map((s) => [s.id, s.band])).toEqual([
      ['roof', 'wall'],
      ['wall', 'wall'],
      ['yard', 'wall'],
    ]);
  });
});

describe('a batch', () => {
  it('is applied whole or not at all, with every fault in it', () => {
    const outcome = applyChanges(start, [
      change({ fields: { size: '5x2' } }),
      change({ fields: { topMetres: -3 } }),
      change({ entity: 'yard', fields: { reliefFactor: 40 } }),
    ]);
    expect(outcome).toMatchObject({
      ok: false,
      faults: [{ path: 'wall.topMetres' }, { path: 'yard.reliefFactor' }],
    });
    expect(start.entities.get('wall')?.detail['size']).toBe('3x2');
  });

  it('tells what each of its changes did', () => {
    const outcome = applyChanges(start, [
      change({ fields: { size: '5x2' } }),
      change({ base: 2, fields: { size: '6x2' } }),
    ]);
    expect(outcome.ok && outcome.applied.map((a) => [a.before?.revision, a.after?.revision])).toEqual([
      [1, 2],
      [2, 3],
    ]);
  });
});

describe('a deletion', () => {
  it.each(['wall', 'yard', 'north', 'pond', 'dock', 'foot'])(
    'of %s takes all that hangs on it, so that no reference is left',
    (id) => {
      const state = after(
        start,
        ...deletionOf(start, id).map((draft) => ({ ...draft, base: 1, id: change({}).id })),
      );
      const survey = surveyOf(state);
      expect(state.entities.has(id)).toBe(false);
      expect(referenceFaults(survey)).toEqual([]);
      expect(survey.findings.some((f) => f.surface === id || f.zone === id)).toBe(false);
    },
  );

  it('of a surface keeps the record of its damage', () => {
    const state = after(
      start,
      ...deletionOf(start, 'wall').map((draft) => ({ ...draft, base: 1, id: change({}).id })),
    );
    expect(surveyOf(state).damages).toMatchObject([{ id: 'chip', surface: null }]);
  });

  it('of nothing, or of the property, is nothing', () => {
    expect(deletionOf(start, 'nowhere')).toEqual([]);
    expect(deletionOf(start, 'property')).toEqual([]);
  });
});

describe('a state', () => {
  it('holds the survey that it was made of', () => {
    expect(surveyOf(start)).toEqual(reading.survey);
  });
});
