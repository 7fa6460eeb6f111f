import Joi from 'joi';
import { uuidSchema } from '../quantity/uuid.ts';
import { handbookFaults } from './handbook-faults.ts';
import type { HandbookFault } from './handbook-faults.ts';
import { HANDBOOK_PARTS, HANDBOOK_PART_NAMES } from './company-handbook.ts';
import type { HandbookPart, CompanyHandbook } from './company-handbook.ts';

/** An entry you have written, as it is stored. */
export interface HandbookRecord {
  readonly part: HandbookPart;
  readonly id: string;
  readonly revision: number;
  readonly detail: Readonly<Record<string, unknown>>;
}

/** One edit of the handbook: an entry as it shall be, or its end. */
export interface HandbookChange {
  /** UUID, made by the client: a repeat is harmless. */
  readonly id: string;
  readonly part: HandbookPart;
  readonly entry: string;
  readonly op: 'put' | 'remove';
  /** Revision of the entry that it rests on; 0 for a new one. */
  readonly base: number;
  /** All fields of the entry; null for a removal. */
  readonly detail: Readonly<Record<string, unknown>> | null;
}

export const handbookChangeSchema = Joi.object<HandbookChange>({
  id: uuidSchema,
  part: Joi.valid(...HANDBOOK_PART_NAMES).required(),
  entry: Joi.string().max(300).required(),
  op: Joi.valid('put', 'remove').required(),
  base: Joi.number().integer().min(0).required(),
  detail: Joi.when('op', {
    is: 'put',
    then: Joi.object().unknown().required(),
    otherwise: Joi.valid(null).required(),
  }),
});

export interface AppliedHandbookChange {
  readonly change: HandbookChange;
  readonly before: HandbookRecord | null;
  readonly after: HandbookRecord | null;
}

export type HandbookOutcome =
  | {
      readonly ok: true;
      readonly records: readonly HandbookRecord[];
      readonly applied: readonly AppliedHandbookChange[];
    }
  | {
      readonly ok: false;
      readonly faults: readonly HandbookFault[];
      readonly conflict: HandbookRecord | null;
    };

/** The handbook that stored entries come to, each list in order of id. */
export function handbookOf(records: readonly HandbookRecord[]): CompanyHandbook {
  const lists = HANDBOOK_PART_NAMES.map((part) => [
    HANDBOOK_PARTS[part].list,
    records
      .filter((r) => r.part === part)
      .map((r) => ({ id: r.id, ...r.detail }))
      .sort((a, b) => (a.id < b.id ? -1 : 1)),
  ]);
  // Each detail was checked by its part's schema when it was set.
  return Object.fromEntries(lists) as CompanyHandbook;
}

/**
 * Changes in order, all of them or none. One that rests on an older revision of its entry is refused with the entry as it
 * is now.
 */
export function applyHandbookChanges(
  records: readonly HandbookRecord[],
  changes: readonly HandbookChange[],
): HandbookOutcome {
  const standing = new Map(records.map((r) => [keyOf(r.part, r.id), r]));
  const applied: AppliedHandbookChange[] = [];
  for (const change of changes) {
    const key = keyOf(change.part, change.entry);
    const before = standing.get(key) ?? null;
    if ((before?.revision ?? 0) !== change.base) return { ok: false, faults: [], conflict: before };
    const checked = checkedChange(change);
    if (!checked.ok) return { ok: false, faults: checked.faults, conflict: null };
    const after =
      checked.detail &&
      ({ part: change.part, id: change.entry, revision: change.base + 1, detail: checked.detail } as const);
    if (after) standing.set(key, after);
    else standing.delete(key);
    applied.push({ change, before, after });
  }
  const next = [...standing.values()];
  // Only what these changes brought: a value that a newer catalogue no longer allows must not block all others.
  const oldFaults = new Set(handbookFaults(handbookOf(records)).map((f) => f.message));
  const faults = handbookFaults(handbookOf(next)).filter((f) => !oldFaults.has(f.message));
  return faults.length > 0 ? { ok: false, faults, conflict: null } : { ok: true, records: next, applied };
}

const keyOf = (part: HandbookPart, id: string) => `${part}/${id}`;

function checkedChange({
  part,
  entry,
  op,
  detail,
}: HandbookChange):
  | { readonly ok: true; readonly detail: Readonly<Record<string, unknown>> | null }
  | { readonly ok: false; readonly faults: readonly HandbookFault[] } {
  const { schema, id } = HANDBOOK_PARTS[part];
  const options = { abortEarly: false, convert: false, errors: { wrap: { label: false } } } as const;
  const wrongId = id.label('id').validate(entry, options).error;
  if (wrongId) return { ok: false, faults: [{ path: 'id', message: wrongId.message }] };
  if (op === 'remove')
    return part === 'material' || part === 'method'
      ? {
          ok: false,
          faults: [{ path: 'op', message: `“${entry}” may be in use on a survey: put it away instead` }],
        }
      : { ok: true, detail: null };
  const { value, error } = (schema as Joi.ObjectSchema).validate(detail, options) as {
    value: Readonly<Record<string, unknown>>;
    error?: Joi.ValidationError;
  };
  if (!error) return { ok: true, detail: value };
  return { ok: false, faults: error.details.map((d) => ({ path: d.path.join('.'), message: d.message })) };
}
