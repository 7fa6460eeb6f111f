import type { DraftChange } from './change.ts';
import { REFERENCES, namedIn } from './references.ts';
import { JOB_KIND, PROPERTY_KIND } from './survey.ts';
import type { SurveyState, VersionedEntity } from './survey-state.ts';

/**
 * The changes that take an entity out of a survey with all that hangs on it: a surface's zones, findings and choices,
 * and every reference of others to it.
 */
export function deletionOf(state: SurveyState, id: string): readonly DraftChange[] {
  const root = state.entities.get(id);
  if (!root || root.kind === PROPERTY_KIND) return [];
  const gone = withDependants(state, root);
  const forgetting = [...state.entities.values()].flatMap((entity): DraftChange[] => {
    if (gone.has(entity.id)) return [];
    const fields = forgotten(entity, gone);
    return Object.keys(fields).length === 0
      ? []
      : [{ kind: entity.kind, entity: entity.id, op: 'patch', fields }];
  });
  const deletes = [...gone.values()]
    .reverse()
    .map((entity): DraftChange => ({ kind: entity.kind, entity: entity.id, op: 'delete', fields: {} }));
  return [...forgetting, ...deletes];
}

/** The entity and everything that goes with it, those that depend after those that they depend on. */
function withDependants(state: SurveyState, root: VersionedEntity): ReadonlyMap<string, VersionedEntity> {
  const gone = new Map([[root.id, root]]);
  for (let size = 0; size < gone.size;) {
    size = gone.size;
    for (const entity of state.entities.values()) {
      if (!gone.has(entity.id) && dependsOn(entity, gone)) gone.set(entity.id, entity);
    }
  }
  return gone;
}

function dependsOn(entity: VersionedEntity, gone: ReadonlyMap<string, unknown>): boolean {
  return referencesOf(entity).some(
    ({ field, fate }) => fate === 'goes-too' && namedIn(entity.detail, field).some(({ id }) => gone.has(id)),
  );
}

function forgotten(entity: VersionedEntity, gone: ReadonlyMap<string, unknown>): Record<string, unknown> {
  const fields: Record<string, unknown> = {};
  for (const { field } of referencesOf(entity)) {
    const named = namedIn(entity.detail, field);
    if (!named.some(({ id }) => gone.has(id))) continue;
    const [outer = field] = field.split('.');
    const list = Array.isArray(entity.detail[outer]);
    fields[outer] = list ? named.map(({ id }) => id).filter((id) => !gone.has(id)) : null;
  }
  return fields;
}

function referencesOf({ kind }: VersionedEntity) {
  return kind === JOB_KIND || kind === PROPERTY_KIND ? [] : REFERENCES[kind];
}
