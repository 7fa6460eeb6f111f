import { applyHandbookChanges, daysAhead, handbookOf } from '@etappe/core';
import type {
  AppliedHandbookChange,
  HandbookChange,
  HandbookPart,
  CompanyHandbook,
  Product,
  StockLot,
  StoredHandbook,
} from '@etappe/core';
import type { Knex } from 'knex';
import type { Transaction } from 'objection';
import { DateTime } from 'luxon';
import { v7 as uuidv7 } from 'uuid';
import type { Context } from '../context.ts';
import { HouseRecord } from '../jobs/house-record.ts';
import { Problem, invalid } from '../problems/problem.ts';
import { DataSheetRecord, HandbookChangeRecord, HandbookEntryRecord } from './handbook-record.ts';

/** How often a company has changed its handbook. */
export async function handbookRevisionOf(
  connection: Knex | Transaction,
  { house }: Pick<Context, 'house'>,
): Promise<number> {
  const row = await HouseRecord.query(connection).findById(house).throwIfNotFound();
  return row.handbook_revision;
}

/** A company's handbook inside a transaction or outside; `lock` keeps other writers of it waiting. */
export async function handbookIn(
  connection: Knex | Transaction,
  { house }: Pick<Context, 'house'>,
  lock = false,
): Promise<StoredHandbook> {
  const query = HouseRecord.query(connection).findById(house).select('handbook_revision').throwIfNotFound();
  const row = await (lock ? query.forUpdate() : query);
  const rows = await HandbookEntryRecord.query(connection).where({ house_id: house }).orderBy(['part', 'id']);
  return {
    revision: row.handbook_revision,
    records: rows.map(({ part, id, revision, detail }) => ({
      part: part as HandbookPart,
      id,
      revision,
      detail,
    })),
  };
}

/**
 * Changes in order, all of them or none; those that were applied before are passed over.
 * @throws Problem 409 with the entry as it is now, 422 with the faults
 */
export async function changeHandbook(
  trx: Transaction,
  context: Context,
  changes: readonly HandbookChange[],
): Promise<void> {
  const { house, actor } = context;
  const { records, revision } = await handbookIn(trx, context, true);
  const logged = await HandbookChangeRecord.query(trx).findByIds(changes.map((c) => c.id));
  const fresh = changes.filter(({ id }) => !logged.some((k) => k.id === id));
  if (fresh.length === 0) return;
  const outcome = applyHandbookChanges(records, fresh);
  if (!outcome.ok) {
    if (outcome.faults.length > 0) throw invalid(outcome.faults);
    throw new Problem(
      409,
      'conflict',
      'Changed by someone else',
      'Someone else has changed this entry meanwhile: look at it as it is now, then change it again.',
      { current: outcome.conflict },
    );
  }
  needPast(outcome.applied);
  await needSheets(trx, house, handbookOf(outcome.records).products);
  for (const { change, before, after } of outcome.applied) {
    const key = { house_id: house, part: change.part, id: change.entry };
    if (after)
      await HandbookEntryRecord.query(trx)
        .insert({ ...key, revision: after.revision, detail: { ...after.detail } })
        .onConflict(['house_id', 'part', 'id'])
        .merge();
    else await HandbookEntryRecord.query(trx).where(key).delete();
    await HandbookChangeRecord.query(trx).insert({
      id: change.id,
      house_id: house,
      actor,
      part: change.part,
      entry_id: change.entry,
      op: change.op,
      before: before && { ...before.detail },
      after: after && { ...after.detail },
    });
  }
  await HouseRecord.query(trx)
    .findById(house)
    .patch({ handbook_revision: revision + 1 });
}

/** Nowhere on earth is it later than this. */
const EARLIEST_ZONE = 'UTC+14';

/** Lots are bought, opened and measured before they are written down. */
function needPast(applied: readonly AppliedHandbookChange[]): void {
  const today = DateTime.now().setZone(EARLIEST_ZONE).toFormat('yyyy-MM-dd');
  const faults = applied.flatMap(({ change, after }) =>
    change.part === 'lot' && after ? daysAhead(after.detail as unknown as Omit<StockLot, 'id'>, today) : [],
  );
  if (faults.length > 0) throw invalid(faults);
}

/** A product does not name a file that nobody has. */
async function needSheets(trx: Transaction, house: string, products: readonly Product[]): Promise<void> {
  const wanted = products.flatMap((p) => (p.dataSheet?.kind === 'file' ? [p.dataSheet] : []));
  const rows = await DataSheetRecord.query(trx)
    .where({ house_id: house })
    .whereIn(
      'sha256',
      wanted.map((sheet) => sheet.sha256),
    )
    .select('sha256');
  const missing = wanted.find((sheet) => !rows.some((row) => row.sha256 === sheet.sha256));
  if (missing)
    throw invalid([
      {
        path: 'dataSheet',
        message: `the file “${missing.name}” has not come yet: choose it again`,
        value: missing.sha256,
      },
    ]);
}

/**
 * Materials and methods that a job file brings along and the company does not have become its own.
 * @throws Problem 422 where the company has another one of the same id
 */
export async function takeOwnEntries(
  trx: Transaction,
  context: Context,
  { materials, methods }: Pick<CompanyHandbook, 'materials' | 'methods'>,
): Promise<void> {
  const brought = [
    ...materials.map((own) => ({ part: 'material' as const, own })),
    ...methods.map((own) => ({ part: 'method' as const, own })),
  ];
  if (brought.length === 0) return;
  const { records } = await handbookIn(trx, context, true);
  const changes = brought.flatMap(({ part, own: { id, ...detail } }): readonly HandbookChange[] => {
    const there = records.find((r) => r.part === part && r.id === id);
    if (!there) return [{ id: uuidv7(), part, entry: id, op: 'put', base: 0, detail: { ...detail } }];
    if (sameWork(there.detail, detail)) return [];
    throw invalid([
      {
        path: `handbook.${part}s`,
        message: `“${id}” is another ${part} in your handbook: give the one of the file another id`,
        value: id,
      },
    ]);
  });
  await changeHandbook(trx, context, changes);
}

/** Who wrote it, when and why makes no other material of it. */
function sameWork(one: object, other: object): boolean {
  const work = (detail: object) =>
    Object.entries(detail)
      .filter(([key]) => !['by', 'at', 'reason', 'putAway'].includes(key))
      .sort(([a], [b]) => (a < b ? -1 : 1));
  return sorted(work(one)) === sorted(work(other));
}

/** Stored JSON comes back with its keys in another order. */
function sorted(value: unknown): string {
  return JSON.stringify(value, (_, inner: unknown) =>
    typeof inner === 'object' && inner !== null && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inner,
  );
}
