import Joi from 'joi';
import { uuidSchema } from '../quantity/uuid.ts';
import { entityIdSchema } from './entity-id.ts';
import { fieldIn, revisionOfField, withFields } from './keyed-field.ts';
import { PROPERTY_ID } from './property.ts';
import { ENTITY_KINDS, JOB_KIND, PROPERTY_KIND, checkedDetail } from './survey.ts';
import type { RecordKind, SurveyFault } from './survey.ts';
import { entityIn } from './survey-state.ts';
import type { SurveyState, VersionedEntity } from './survey-state.ts';

/** One edit of a survey, made by a client: small, with an id of its own so that a repeat is harmless. */
export interface SurveyChange {
  /** UUIDv7. */
  readonly id: string;
  readonly kind: RecordKind;
  readonly entity: string;
  readonly op: 'create' | 'patch' | 'delete';
  /** Revision of the entity that the edit was made on; 0 for a create of what never was. */
  readonly base: number;
  /** Fields with their new values; `position` is one of them. Empty for a delete. */
  readonly fields: Readonly<Record<string, unknown>>;
}

/** A change before its sender gives it an id and the revision that it rests on. */
export type DraftChange = Omit<SurveyChange, 'id' | 'base'>;

/** The base of a change that rests on whatever is there, as what a person types is shown; none is sent with it. */
export const ON_TOP = Number.MAX_SAFE_INTEGER;

/** Stands for a whole entity in a conflict about its deletion. */
export const WHOLE_ENTITY = '*';

/** The same field was set on both sides: both values, for a person to choose. */
export interface FieldConflict {
  readonly change: string;
  readonly kind: RecordKind;
  readonly entity: string;
  /** {@link WHOLE_ENTITY} where one side deleted what the other edited; the deleting side's value is null. */
  readonly field: string;
  readonly yours: unknown;
  readonly theirs: unknown;
  readonly revision: number;
}

/** What one change did: the entity before and after, null where there is none. */
export interface AppliedChange {
  readonly change: SurveyChange;
  readonly before: VersionedEntity | null;
  readonly after: VersionedEntity | null;
}

export type BatchOutcome =
  | { readonly ok: true; readonly state: SurveyState; readonly applied: readonly AppliedChange[] }
  | {
      readonly ok: false;
      readonly conflicts: readonly FieldConflict[];
      readonly faults: readonly SurveyFault[];
    };

type Outcome =
  | { readonly ok: true; readonly before: VersionedEntity | null; readonly after: VersionedEntity | null }
  | {
      readonly ok: false;
      readonly conflicts: readonly FieldConflict[];
      readonly faults: readonly SurveyFault[];
    };

/** More than anything is ever edited, and room to count on in 32 bits. */
const LATEST_REVISION = 1e9;

export const surveyChangeSchema = Joi.object<SurveyChange>({
  id: uuidSchema,
  kind: Joi.valid(JOB_KIND, PROPERTY_KIND, ...Object.keys(ENTITY_KINDS)).required(),
  entity: entityIdSchema.required(),
  op: Joi.valid('create', 'patch', 'delete').required(),
  base: Joi.number().integer().min(0).max(LATEST_REVISION).required(),
  fields: Joi.object().unknown().max(50).required(),
});

/** Positions place entities among their like; halves between two neighbours are welcome. */
const positionSchema = Joi.number().min(-1e6).max(1e6).required();

/**
 * Changes applied in order, all of them or none. Different fields merge, the same field set by another since `base`
 * conflicts, and so does deleting what another has edited since, or anything that rests on a revision that was never made here
 * (an older backup was restored: whatever the device saw since is gone). Deleting what is gone already, or giving a field the
 * value that it has, is no conflict.
 */
export function applyChanges(state: SurveyState, changes: readonly SurveyChange[]): BatchOutcome {
  const entities = new Map(state.entities);
  let { job } = state;
  const applied: AppliedChange[] = [];
  const conflicts: FieldConflict[] = [];
  const faults: SurveyFault[] = [];
  for (const change of changes) {
    const outcome = outcomeOf({ ...state, job, entities }, change);
    if (!outcome.ok) {
      conflicts.push(...outcome.conflicts);
      faults.push(...outcome.faults);
      continue;
    }
    const { before, after } = outcome;
    applied.push({ change, before, after });
    if (after?.kind === JOB_KIND) job = after;
    else if (after) entities.set(after.id, after);
    else entities.delete(change.entity);
  }
  if (conflicts.length > 0 || faults.length > 0) return { ok: false, conflicts, faults };
  return { ok: true, state: { ...state, job, entities }, applied };
}

function outcomeOf(state: SurveyState, change: SurveyChange): Outcome {
  const existing = entityIn(state, change.entity);
  if (isSingle(change) && change.op !== 'patch')
    return refused(
      change,
      `a ${change.kind} is created and deleted at its own address, here it is only patched`,
    );
  if ((change.entity === PROPERTY_ID) !== (change.kind === PROPERTY_KIND))
    return refused(change, `"${PROPERTY_ID}" is the id of the property itself`);
  if (change.kind === JOB_KIND && change.entity !== state.job.id)
    return refused(change, 'this is another job: its changes go to its own address');
  if (existing && existing.kind !== change.kind)
    return refused(change, `"${change.entity}" is a ${existing.kind}, not a ${change.kind}`);
  switch (change.op) {
    case 'create':
      return existing ? refused(change, `"${change.entity}" is there already`) : created(change);
    case 'delete':
      return deleted(change, existing);
    case 'patch':
      return existing ? patched(change, existing) : missing(change);
  }
}

function isSingle({ kind }: SurveyChange): boolean {
  return kind === JOB_KIND || kind === PROPERTY_KIND;
}

/** What is created again after a deletion goes on counting: edits that rest on the deleted one meet all its fields. */
function created(change: SurveyChange): Outcome {
  const { position = 0, ...fields } = change.fields;
  const revision = change.base + 1;
  const set = change.base === 0 ? {} : everyField(change.fields, revision);
  return settled(change, null, {
    kind: change.kind,
    id: change.entity,
    revision,
    fieldRevisions: set,
    position: position as number,
    detail: fields,
  });
}

function deleted(change: SurveyChange, existing: VersionedEntity | null): Outcome {
  if (!existing || !(existing.revision > change.base || isNeverMade(change, existing)))
    return { ok: true, before: existing, after: null };
  const theirs = { position: existing.position, ...existing.detail };
  return { ok: false, faults: [], conflicts: [conflict(change, WHOLE_ENTITY, null, theirs, existing)] };
}

/** What is edited here was deleted elsewhere: a person decides whether it comes back. */
function missing(change: SurveyChange): Outcome {
  const { kind, entity, id } = change;
  const gone = {
    change: id,
    kind,
    entity,
    field: WHOLE_ENTITY,
    yours: change.fields,
    theirs: null,
    revision: 0,
  };
  return { ok: false, faults: [], conflicts: [gone] };
}

function patched(change: SurveyChange, existing: VersionedEntity): Outcome {
  const conflicts = Object.entries(change.fields)
    .filter(
      ([field, value]) =>
        (isNeverMade(change, existing) || revisionOfField(existing, field) > change.base) &&
        !sameValue(fieldOf(existing, field), value),
    )
    .map(([field, value]) => conflict(change, field, value, fieldOf(existing, field), existing));
  if (conflicts.length > 0) return { ok: false, conflicts, faults: [] };
  const revision = existing.revision + 1;
  const { position = existing.position, ...fields } = change.fields;
  return settled(change, existing, {
    ...existing,
    revision,
    fieldRevisions: { ...existing.fieldRevisions, ...everyField(change.fields, revision) },
    position: position as number,
    detail: withFields(existing.detail, fields),
  });
}

/** Whether it rests on a revision that came after all that are known here. */
function isNeverMade({ base }: SurveyChange, existing: VersionedEntity): boolean {
  return base > existing.revision && base !== ON_TOP;
}

function everyField(fields: Readonly<Record<string, unknown>>, revision: number): Record<string, number> {
  return Object.fromEntries(Object.keys(fields).map((field) => [field, revision]));
}

function conflict(
  change: SurveyChange,
  field: string,
  yours: unknown,
  theirs: unknown,
  existing: VersionedEntity,
): FieldConflict {
  return {
    change: change.id,
    kind: existing.kind,
    entity: existing.id,
    field,
    yours,
    theirs,
    revision: existing.revision,
  };
}

function settled(change: SurveyChange, before: VersionedEntity | null, after: VersionedEntity): Outcome {
  const position = positionSchema.validate(after.position, { convert: false });
  if (position.error) return refused(change, 'a position is a number from -1e6 to 1e6', 'position');
  const checked = checkedDetail(after.kind, after.detail);
  if (!checked.ok)
    return {
      ok: false,
      conflicts: [],
      faults: checked.faults.map((f) => ({
        ...f,
        path: `${change.entity}.${f.path}`,
        entity: change.entity,
      })),
    };
  return { ok: true, before, after: { ...after, detail: checked.detail } };
}

function refused(change: SurveyChange, message: string, field = ''): Outcome {
  const path = field ? `${change.entity}.${field}` : change.entity;
  return { ok: false, conflicts: [], faults: [{ path, message, entity: change.entity }] };
}

/** The value of a field; `position` is one of them. */
export function fieldOf(entity: VersionedEntity, field: string): unknown {
  return field === 'position' ? entity.position : fieldIn(entity.detail, field);
}

/** Values of JSON compared by what they hold. */
export function sameValue(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}
