import { describe, expect, it } from '@jest/globals';
import { applyChanges } from './change.ts';
import type { SurveyChange } from './change.ts';
import { rebased } from './rebase.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { stateOf } from './survey-state.ts';
import type { SurveyState } from './survey-state.ts';

const reading = readJobFile({
  format: 'etappe-job',
  version: 1,
  surfaces: [{ id: 'wall', material: 'concrete', size: '3x2', findings: [] }],
});
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const start = stateOf('job-1', reading.survey);
let count = 0;
const makeId = () => {
  count += 1;
  return `00000000-0000-7000-8000-${String(count).padStart(12, '0')}`;
};
const patch = (base: number, fields: Record<string, unknown>): SurveyChange => ({
  id: makeId(),
  kind: 'surface',
  entity: 'wall',
  op: 'patch',
  base,
  fields,
});
const remove = (base: number): SurveyChange => ({ ...patch(base, {}), op: 'delete' });

/** A server that takes batches in order and answers the last one as it would answer its author. */
function serve(batches: readonly (readonly SurveyChange[])[]) {
  let state: SurveyState = start;
  let revisions: Record<string, number | null> = {};
  for (const batch of batches) {
    const outcome = applyChanges(state, batch);
    if (!outcome.ok) throw new Error(JSON.stringify(outcome));
    state = outcome.state;
    revisions = Object.fromEntries(outcome.applied.map((a) => [a.change.id, a.after?.revision ?? null]));
  }
  return {
    state,
    acknowledgement: { revisions, entities: [{ id: 'wall', entity: state.entities.get('wall') ?? null }] },
  };
}

describe('a change that waited for its author’s earlier one', () => {
  it('rests on what the earlier one made', () => {
    const mine = [patch(1, { name: 'A' })];
    const { state, acknowledgement } = serve([mine]);
    const [next, ...rest] = rebased(patch(1, { name: 'B' }), mine, acknowledgement, makeId);
    expect(rest).toEqual([]);
    expect(next?.base).toBe(2);
    expect(next && applyChanges(state, [next]).ok).toBe(true);
  });

  it('still meets what another set in between in a field that its author never saw', () => {
    const mine = [patch(1, { name: 'A' })];
    const { state, acknowledgement } = serve([[patch(1, { size: '9x9' })], mine]);
    const changes = rebased(patch(1, { size: '4x4', name: 'B' }), mine, acknowledgement, makeId);
    expect(changes.map((c) => [c.base, c.fields])).toEqual([
      [1, { size: '4x4' }],
      [3, { name: 'B' }],
    ]);
    expect(applyChanges(state, changes)).toMatchObject({
      ok: false,
      conflicts: [{ field: 'size', yours: '4x4', theirs: '9x9' }],
    });
  });

  it('meets what another set after the earlier one, though the answer was lost and came on the second asking', () => {
    const mine = [patch(1, { name: 'A' })];
    const own = serve([mine]).acknowledgement;
    const later = serve([mine, [patch(2, { name: 'Theirs' })]]);
    const answered = { ...later.acknowledgement, revisions: own.revisions };
    const changes = rebased(patch(1, { name: 'B' }), mine, answered, makeId);
    expect(applyChanges(later.state, changes).ok).toBe(false);
  });

  it('that deletes goes through after the author’s own edit, and not over another’s', () => {
    const mine = [patch(1, { name: 'A' })];
    const alone = serve([mine]);
    expect(applyChanges(alone.state, rebased(remove(1), mine, alone.acknowledgement, makeId)).ok).toBe(true);
    const shared = serve([[patch(1, { size: '9x9' })], mine]);
    expect(applyChanges(shared.state, rebased(remove(1), mine, shared.acknowledgement, makeId)).ok).toBe(
      false,
    );
  });

  it('rests on the creation that its author just sent, in fields with defaults too', () => {
    const made: SurveyChange = {
      ...patch(0, { name: 'New', material: 'granite', finish: 'bare', size: '1x1' }),
      op: 'create',
      entity: 'new',
    };
    const outcome = applyChanges(start, [made]);
    if (!outcome.ok) throw new Error(JSON.stringify(outcome));
    const acknowledgement = {
      revisions: { [made.id]: 1 },
      entities: [{ id: 'new', entity: outcome.state.entities.get('new') ?? null }],
    };
    const waiting = { ...patch(0, { tiltDegrees: 30, name: 'Newer' }), entity: 'new' };
    const changes = rebased(waiting, [made], acknowledgement, makeId);
    expect(changes.map((c) => c.base)).toEqual([1]);
    expect(applyChanges(outcome.state, changes).ok).toBe(true);
  });

  it('of another entity stays as it is', () => {
    const waiting = patch(1, { name: 'B' });
    expect(rebased(waiting, [], serve([]).acknowledgement, makeId)).toEqual([waiting]);
  });
});
