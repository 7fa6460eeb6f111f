import { fieldOf, sameValue } from './change.ts';
import type { DraftChange } from './change.ts';
import { entityIn } from './survey-state.ts';
import type { SurveyState } from './survey-state.ts';

/**
 * The changes that take a batch back, last first.
 * @param state the survey before the batch
 * @param drafts the batch; each entity may stand in it more than once
 */
export function inverseOf(state: SurveyState, drafts: readonly DraftChange[]): readonly DraftChange[] {
  const inverses: DraftChange[] = [];
  for (const { kind, entity, op, fields } of drafts) {
    const entityBefore = entityIn(state, entity);
    if (op === 'create') inverses.push({ kind, entity, op: 'delete', fields: {} });
    else if (!entityBefore) continue;
    else if (op === 'delete')
      inverses.push({
        kind,
        entity,
        op: 'create',
        fields: { position: entityBefore.position, ...entityBefore.detail },
      });
    else {
      const old = Object.fromEntries(
        Object.keys(fields).map((field) => [field, fieldOf(entityBefore, field)]),
      );
      inverses.push({ kind, entity, op: 'patch', fields: old });
    }
  }
  return inverses.reverse();
}

/**
 * Whether a batch still stands as it was left, so that taking it back takes nothing of others with it.
 * @returns what was changed since, in words; null when all stands
 */
export function changedSince(state: SurveyState, drafts: readonly DraftChange[]): string | null {
  for (const { entity, op, fields } of drafts) {
    const now = entityIn(state, entity);
    const name = typeof now?.detail['name'] === 'string' ? now.detail['name'] : entity;
    if (op === 'delete') {
      if (now) return `${name} is there again`;
      continue;
    }
    if (!now) return `${entity} was deleted since`;
    const changed = Object.entries(fields).find(([field, value]) => !sameValue(fieldOf(now, field), value));
    if (changed) return `${changed[0]} of ${name} was changed since`;
  }
  return null;
}
