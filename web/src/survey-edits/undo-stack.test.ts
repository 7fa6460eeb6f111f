import { describe, expect, it } from '@jest/globals';
import { entityIn } from '@etappe/core';
import type { DraftChange, SurveyState } from '@etappe/core';
import { MemoryServer } from '../test/memory-server.ts';
import { shownWith } from './shown-state.ts';
import { NOTHING_DONE, afterEdit, nextStep } from './undo-stack.ts';
import type { UndoState } from './undo-stack.ts';

const start = new MemoryServer({
  surfaces: [{ id: 'wall', material: 'concrete', size: '3x2', findings: [] }],
}).state;
const named = (name: string): DraftChange => ({
  kind: 'surface',
  entity: 'wall',
  op: 'patch',
  fields: { name },
});
let ids = 0;
const done = (state: SurveyState, drafts: readonly DraftChange[]) =>
  shownWith(
    state,
    drafts.map((draft) => ({ ...draft, id: String((ids += 1)), base: 0 })),
  );
const nameOf = (state: SurveyState) => entityIn(state, 'wall')?.detail['name'];

/** Edits one after the other, each its own batch unless it goes on with the one before. */
function edited(edits: readonly { readonly name: string; readonly goesOn?: boolean }[]) {
  let [state, stack, batch]: [SurveyState, UndoState, number] = [start, NOTHING_DONE, 0];
  for (const { name, goesOn = false } of edits) {
    if (!goesOn) batch += 1;
    stack = afterEdit(stack, String(batch), goesOn, state, [named(name)]);
    state = done(state, [named(name)]);
  }
  return { state, stack };
}
function stepped(from: { state: SurveyState; stack: UndoState }, way: 'undo' | 'redo') {
  const step = nextStep(from.stack, way, from.state);
  if (!step?.ok) throw new Error(step ? step.reason : 'nothing to do');
  return { state: done(from.state, step.drafts), stack: step.stack('x') };
}

describe('undo and redo', () => {
  it('go back and forth one edit at a time', () => {
    let now = edited([{ name: 'A' }, { name: 'B' }, { name: 'C' }]);
    now = stepped(stepped(now, 'undo'), 'undo');
    expect(nameOf(now.state)).toBe('A');
    now = stepped(now, 'redo');
    expect(nameOf(now.state)).toBe('B');
    now = stepped(stepped(now, 'redo'), 'undo');
    expect(nameOf(now.state)).toBe('B');
  });

  it('take typing into one field as one edit', () => {
    const now = stepped(
      edited([{ name: 'W' }, { name: 'Wa', goesOn: true }, { name: 'Wal', goesOn: true }]),
      'undo',
    );
    expect([nameOf(now.state), now.stack.undo.length]).toEqual(['Wall', 0]);
  });

  it('forget what was undone once something else is edited', () => {
    const undone = stepped(edited([{ name: 'A' }, { name: 'B' }]), 'undo');
    expect(undone.stack.redo).toHaveLength(1);
    expect(afterEdit(undone.stack, 'y', false, undone.state, [named('Z')]).redo).toEqual([]);
  });

  it('do not take another’s work with them: the step is dropped and says why', () => {
    const mine = edited([{ name: 'Mine' }]);
    const theirs = done(mine.state, [named('Theirs')]);
    const step = nextStep(mine.stack, 'undo', theirs);
    expect(step).toMatchObject({
      ok: false,
      reason: 'name of Theirs was changed since',
      stack: { undo: [] },
    });
  });

  it('have nothing to do where nothing was done, and keep a hundred steps', () => {
    expect(nextStep(NOTHING_DONE, 'undo', start)).toBeNull();
    expect(edited(Array.from({ length: 130 }, (_, i) => ({ name: `n${i}` }))).stack.undo).toHaveLength(100);
  });
});
