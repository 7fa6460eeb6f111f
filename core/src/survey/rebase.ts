import type { SurveyChange } from './change.ts';
import { revisionOfField } from './keyed-field.ts';
import type { VersionedEntity } from './survey-state.ts';

/** What the server says of the changes of a batch: the revision that each made, and the entities as they stand. */
export interface Acknowledgement {
  /** By id of the change; null for a delete. */
  readonly revisions: Readonly<Record<string, number | null>>;
  readonly entities: readonly { readonly id: string; readonly entity: VersionedEntity | null }[];
}

/**
 * A change that waits, put upon what the server acknowledged of its author's earlier batch.
 *
 * The author has seen his own earlier edits, not those of others that came between: fields that others set since keep
 * the old base, so that they conflict; all else rests on the acknowledged revision. A patch with fields of both sorts
 * comes apart.
 *
 * @param earlier the author's changes that were acknowledged
 * @param makeId gives the second part its id
 */
export function rebased(
  waiting: SurveyChange,
  earlier: readonly SurveyChange[],
  acknowledgement: Acknowledgement,
  makeId: () => string,
): readonly SurveyChange[] {
  const mine = earlier.filter((change) => change.entity === waiting.entity);
  const entity = acknowledgement.entities.find(({ id }) => id === waiting.entity)?.entity;
  if (mine.length === 0 || !entity || waiting.op === 'create') return [waiting];
  const ownRevision = (change: SurveyChange) => acknowledgement.revisions[change.id] ?? 0;
  const creation = mine.find((change) => change.op === 'create');
  if (waiting.op === 'delete') {
    const seen = Math.max(...mine.map(ownRevision));
    // Whatever stands between the revision that I knew, or made, and my own last one, others wrote.
    const knownRevision = creation ? ownRevision(creation) : waiting.base;
    const own = creation ? mine.slice(mine.indexOf(creation) + 1) : mine;
    const foreign = entity.revision > seen || seen > knownRevision + own.length;
    return [foreign ? waiting : { ...waiting, base: entity.revision }];
  }
  const setByMe = new Map<string, number>();
  for (const change of mine)
    for (const field of Object.keys(change.fields)) setByMe.set(field, ownRevision(change));
  // Who creates an entity sets all its fields, those with defaults too.
  const seen = Math.max(waiting.base, creation ? ownRevision(creation) : 0);
  const isForeign = (field: string) =>
    revisionOfField(entity, field) > Math.max(seen, setByMe.get(field) ?? 0);
  const [foreign, own] = parted(waiting.fields, isForeign);
  const onTop = { ...waiting, base: entity.revision, fields: own };
  if (Object.keys(foreign).length === 0) return [onTop];
  if (Object.keys(own).length === 0) return [waiting];
  return [
    { ...waiting, fields: foreign },
    { ...onTop, id: makeId() },
  ];
}

function parted(
  fields: Readonly<Record<string, unknown>>,
  test: (field: string) => boolean,
): readonly [Record<string, unknown>, Record<string, unknown>] {
  const entries = Object.entries(fields);
  return [
    Object.fromEntries(entries.filter(([field]) => test(field))),
    Object.fromEntries(entries.filter(([field]) => !test(field))),
  ];
}
