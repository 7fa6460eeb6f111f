import { WHOLE_ENTITY } from '@etappe/core';
import type { FieldConflict, SurveyChange } from '@etappe/core';
import type { EditBatch, Refusal } from './edit-batch.ts';

/** What a person decides about a batch that was refused. */
export type Settlement =
  | { readonly kind: 'give-up' }
  | { readonly kind: 'send-again' }
  /** Conflicts by their key, true where mine stays. */
  | { readonly kind: 'choose'; readonly mine: (conflict: FieldConflict) => boolean };

/** The batch as it is to be sent again, resting on what the other side wrote; null when nothing of it is left. */
export function settledBatch(batch: EditBatch, refusal: Refusal, settlement: Settlement): EditBatch | null {
  switch (settlement.kind) {
    case 'give-up':
      return null;
    case 'send-again':
      return { ...batch, refused: null };
    case 'choose': {
      const { mine } = settlement;
      // A deletion hangs together with what it takes along: it is kept or given up as one.
      if (refusal.conflicts.some((c) => isMyDeletion(c) && !mine(c))) return null;
      const changes = batch.changes.flatMap((change) => {
        const conflicts = refusal.conflicts.filter((c) => c.change === change.id);
        return conflicts.length === 0 ? [change] : settledChange(change, conflicts, mine, batch);
      });
      return changes.length === 0 ? null : { ...batch, changes, refused: null };
    }
  }
}

function isMyDeletion(conflict: FieldConflict): boolean {
  return conflict.field === WHOLE_ENTITY && conflict.yours === null;
}

function settledChange(
  change: SurveyChange,
  conflicts: readonly FieldConflict[],
  mine: (conflict: FieldConflict) => boolean,
  batch: EditBatch,
): readonly SurveyChange[] {
  const whole = conflicts.find((c) => c.field === WHOLE_ENTITY);
  const base = Math.max(...conflicts.map((c) => c.revision));
  if (whole) {
    if (!mine(whole)) return [];
    if (isMyDeletion(whole)) return [{ ...change, base }];
    const entityAsKnown = batch.known[change.entity];
    // They deleted it, I keep it: it comes back as I knew it, with my edit.
    return entityAsKnown
      ? [
          {
            ...change,
            op: 'create',
            base: 0,
            fields: { position: entityAsKnown.position, ...entityAsKnown.detail, ...change.fields },
          },
        ]
      : [];
  }
  const theirs = new Set(conflicts.filter((c) => !mine(c)).map((c) => c.field));
  const fields = Object.fromEntries(Object.entries(change.fields).filter(([field]) => !theirs.has(field)));
  return Object.keys(fields).length === 0 ? [] : [{ ...change, base, fields }];
}
