import { changedSince, inverseOf } from '@etappe/core';
import type { DraftChange, SurveyState } from '@etappe/core';

/** An edit that can be taken back: what it did, and what takes it back. */
export interface UndoEntry {
  /** Of the batch, so that more typing into it stays one step. */
  readonly batch: string;
  readonly did: readonly DraftChange[];
  readonly inverse: readonly DraftChange[];
}

export interface UndoState {
  readonly undo: readonly UndoEntry[];
  readonly redo: readonly UndoEntry[];
}

export const NOTHING_DONE: UndoState = { undo: [], redo: [] };
const MOST_STEPS = 100;

/** An edit was made: it can be undone, and what was undone before it cannot be redone any more. */
export function afterEdit(
  stack: UndoState,
  batch: string,
  goesOn: boolean,
  before: SurveyState,
  drafts: readonly DraftChange[],
): UndoState {
  const last = stack.undo.at(-1);
  const entry: UndoEntry =
    goesOn && last?.batch === batch
      ? { ...last, did: drafts }
      : { batch, did: drafts, inverse: inverseOf(before, drafts) };
  const earlier = goesOn && last?.batch === batch ? stack.undo.slice(0, -1) : stack.undo;
  return { undo: [...earlier, entry].slice(-MOST_STEPS), redo: [] };
}

export type UndoStep =
  | {
      readonly ok: true;
      readonly drafts: readonly DraftChange[];
      readonly stack: (batch: string) => UndoState;
    }
  | { readonly ok: false; readonly reason: string; readonly stack: UndoState };

/**
 * The next step back or forth; null when there is none. Where another person changed the same since, the step is
 * dropped and says so: it would take his work with it.
 */
export function nextStep(stack: UndoState, way: 'undo' | 'redo', state: SurveyState): UndoStep | null {
  const entry = stack[way].at(-1);
  if (!entry) return null;
  const rest = stack[way].slice(0, -1);
  const other = way === 'undo' ? 'redo' : 'undo';
  const since = changedSince(state, entry.did);
  if (since !== null) {
    return { ok: false, reason: since, stack: { ...stack, [way]: rest } };
  }
  return {
    ok: true,
    drafts: entry.inverse,
    stack: (batch) => ({
      ...stack,
      [way]: rest,
      [other]: [...stack[other], { batch, did: entry.inverse, inverse: inverseOf(state, entry.inverse) }],
    }),
  };
}
