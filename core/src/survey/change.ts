import Joi from 'joi';
import { entityIdSchema } from './entity-id.ts';
import { ENTITY_KINDS, JOB_KIND, checkedDetail } from './survey.ts';
import type { EntityKind, Survey, SurveyFault } from './survey.ts';

/** One edit of a survey, made by a client: small, with an id of its own so that a repeat is harmless. */
export interface SurveyChange {
  /** UUIDv7. */
  readonly id: string;
  readonly kind: EntityKind | typeof JOB_KIND;
  readonly entity: string;
  readonly op: 'create' | 'patch' | 'delete';
  /** Revision of the entity that the edit was made on; 0 for a create. */
  readonly base: number;
  /** Fields with their new values; `position` is one of them. Empty for a delete. */
  readonly fields: Readonly<Record<string, unknown>>;
}

/** An entity with what merging needs: its revision and the revision that last set each field. */
export interface VersionedEntity {
  readonly kind: EntityKind | typeof JOB_KIND;
  readonly id: string;
  readonly revision: number;
  readonly fieldRevisions: Readonly<Record<string, number>>;
  readonly position: number;
  readonly detail: Readonly<Record<string, unknown>>;
}

/** A survey as it is stored and edited: the job and its entities by id. */
export interface SurveyState {
  readonly job: VersionedEntity;
  readonly entities: ReadonlyMap<string, VersionedEntity>;
}

/** The same field was set on both sides: both values, for a person to choose. */
export interface FieldConflict {
  readonly change: string;
  readonly entity: string;
  readonly field: string;
  readonly yours: unknown;
  readonly theirs: unknown;
  readonly revision: number;
}

export type ChangeOutcome =
  | {
      readonly ok: true;
      readonly state: SurveyState;
      readonly before: VersionedEntity | null;
      readonly after: VersionedEntity | null;
    }
  | {
      readonly ok: false;
      readonly conflicts: readonly FieldConflict[];
      readonly faults: readonly SurveyFault[];
    };

export const surveyChangeSchema = Joi.object<SurveyChange>({
  id: Joi.string().guid().required(),
  kind: Joi.valid(JOB_KIND, ...Object.keys(ENTITY_KINDS)).required(),
  entity: entityIdSchema.required(),
  op: Joi.valid('create', 'patch', 'delete').required(),
  base: Joi.number().integer().min(0).required(),
  fields: Joi.object().unknown().max(50).required(),
});

/** Positions place entities among their like; halves between two neighbours are welcome. */
const positionSchema = Joi.number().min(-1e6).max(1e6).required();

/**
 * One change applied: different fields merge, the same field set by another since `base` conflicts.
 * Deleting what is gone already, or giving a field the value that it has, is no conflict.
 */
export function applyChange(state: SurveyState, change: SurveyChange): ChangeOutcome {
  const existing = change.kind === JOB_KIND ? state.job : (state.entities.get(change.entity) ?? null);
  if (change.kind === JOB_KIND && (change.op !== 'patch' || change.entity !== state.job.id)) {
    return refused(change, 'a job is created and deleted at its own address, here it is only patched');
  }
  if (existing && existing.kind !== change.kind)
    return refused(change, `"${change.entity}" is a ${existing.kind}, not a ${change.kind}`);
  switch (change.op) {
    case 'create':
      return existing ? refused(change, `"${change.entity}" is there already`) : created(state, change);
    case 'delete':
      return { ok: true, state: without(state, change.entity), before: existing, after: null };
    case 'patch':
      return existing
        ? patched(state, change, existing)
        : refused(change, `"${change.entity}" was deleted by someone else`);
  }
}

function created(state: SurveyState, change: SurveyChange): ChangeOutcome {
  const { position = 0, ...fields } = change.fields;
  return settled(state, change, null, {
    kind: change.kind,
    id: change.entity,
    revision: 1,
    fieldRevisions: {},
    position: position as number,
    detail: fields,
  });
}

function patched(state: SurveyState, change: SurveyChange, existing: VersionedEntity): ChangeOutcome {
  const current = (field: string) => (field === 'position' ? existing.position : existing.detail[field]);
  const conflicts = Object.entries(change.fields)
    .filter(
      ([field, value]) =>
        (existing.fieldRevisions[field] ?? 1) > change.base && !sameValue(current(field), value),
    )
    .map(([field, value]) => ({
      change: change.id,
      entity: existing.id,
      field,
      yours: value,
      theirs: current(field),
      revision: existing.revision,
    }));
  if (conflicts.length > 0) return { ok: false, conflicts, faults: [] };
  const revision = existing.revision + 1;
  const { position = existing.position, ...fields } = change.fields;
  const set = Object.fromEntries(Object.keys(change.fields).map((field) => [field, revision]));
  return settled(state, change, existing, {
    ...existing,
    revision,
    fieldRevisions: { ...existing.fieldRevisions, ...set },
    position: position as number,
    detail: { ...existing.detail, ...fields },
  });
}

function settled(
  state: SurveyState,
  change: SurveyChange,
  before: VersionedEntity | null,
  after: VersionedEntity,
): ChangeOutcome {
  const position = positionSchema.validate(after.position, { convert: false });
  if (position.error) return refused(change, 'a position is a number', 'position');
  const checked = checkedDetail(after.kind, after.detail);
  if (!checked.ok)
    return {
      ok: false,
      conflicts: [],
      faults: checked.faults.map((f) => ({ ...f, path: `${change.entity}.${f.path}` })),
    };
  const complete = { ...after, detail: checked.detail };
  return { ok: true, state: withEntity(state, complete), before, after: complete };
}

function withEntity(state: SurveyState, entity: VersionedEntity): SurveyState {
  if (entity.kind === JOB_KIND) return { ...state, job: entity };
  return { ...state, entities: new Map(state.entities).set(entity.id, entity) };
}

function without(state: SurveyState, id: string): SurveyState {
  const entities = new Map(state.entities);
  entities.delete(id);
  return { ...state, entities };
}

function refused(change: SurveyChange, message: string, field = ''): ChangeOutcome {
  return {
    ok: false,
    conflicts: [],
    faults: [{ path: field ? `${change.entity}.${field}` : change.entity, message }],
  };
}

function sameValue(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}

/** The survey that a state holds, each list in order of position. */
export function surveyOf(state: SurveyState): Survey {
  const lists = Object.fromEntries(
    Object.values(ENTITY_KINDS).map(({ list }) => [list, [] as Record<string, unknown>[]]),
  );
  for (const entity of [...state.entities.values()].sort(
    (a, b) => a.position - b.position || (a.id < b.id ? -1 : 1),
  )) {
    if (entity.kind !== JOB_KIND)
      lists[ENTITY_KINDS[entity.kind].list]?.push({
        id: entity.id,
        position: entity.position,
        ...entity.detail,
      });
  }
  // Each detail was checked by its kind's schema when it was set.
  return { job: state.job.detail, ...lists } as unknown as Survey;
}

/** The fresh state of a survey, as if each entity had just been created. */
export function stateOf(jobId: string, survey: Survey): SurveyState {
  const fresh = { revision: 1, fieldRevisions: {} };
  const entities = Object.entries(ENTITY_KINDS).flatMap(([kind, { list }]) =>
    survey[list].map(
      ({ id, position, ...detail }) =>
        [id, { kind: kind as EntityKind, id, position, detail, ...fresh }] as const,
    ),
  );
  return {
    job: { kind: JOB_KIND, id: jobId, position: 0, detail: { ...survey.job }, ...fresh },
    entities: new Map(entities),
  };
}
