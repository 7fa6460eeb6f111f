import type { SurveyChange, SurveyState } from './change.ts';

/** A change without its id, which the client makes. */
export type DraftChange = Omit<SurveyChange, 'id'>;

/**
 * The changes that take an entity out of a survey with all that hangs on it: a surface's findings and choices, and
 * every reference of others to it.
 */
export function deletionOf(state: SurveyState, id: string): readonly DraftChange[] {
  const gone = state.entities.get(id);
  if (!gone || gone.kind === 'job') return [];
  const drafts: DraftChange[] = [];
  for (const entity of state.entities.values()) {
    if (entity.id === id || entity.kind === 'job') continue;
    if (entity.detail['surface'] === id) {
      drafts.push({ kind: entity.kind, entity: entity.id, op: 'delete', base: entity.revision, fields: {} });
      continue;
    }
    const fields: Record<string, unknown> = {};
    if (entity.detail['side'] === id) fields['side'] = null;
    for (const field of ['drainsOnto', 'beside'] as const) {
      const ids = entity.detail[field];
      if (Array.isArray(ids) && ids.includes(id)) fields[field] = ids.filter((other) => other !== id);
    }
    if (Object.keys(fields).length > 0)
      drafts.push({ kind: entity.kind, entity: entity.id, op: 'patch', base: entity.revision, fields });
  }
  return [...drafts, { kind: gone.kind, entity: id, op: 'delete', base: gone.revision, fields: {} }];
}
