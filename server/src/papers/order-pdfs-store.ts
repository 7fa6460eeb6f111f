import { createHash } from 'node:crypto';
import type { CrewOrder, OrderPdf, SheetSize } from '@etappe/core';
import type { Knex } from 'knex';
import type { Context } from '../context.ts';
import type { OrderPapers } from '../languages/paper-in-languages.ts';
import { OrderRecord } from '../orders/order-record.ts';
import type { PhotosStore } from '../photos/photos-store.ts';
import { Problem, notFound } from '../problems/problem.ts';
import { OrderPdfRecord } from './order-pdf-record.ts';
import { picturesOf } from './paper-pictures.ts';
import type { PdfMaker } from './pdf-maker.ts';

export interface OrderPdfsStore {
  /** How far it is; one that nobody asked for yet, or that failed before, is asked for by that. */
  state(context: Context, jobId: string, number: number): Promise<OrderPdf>;
  /** @throws Problem 404 while it is not made */
  file(
    context: Context,
    jobId: string,
    number: number,
  ): Promise<{ readonly pdf: Buffer; readonly sha256: string }>;
  /**
   * The sheets of one person in their language, made each time.
   * @throws Problem 404 for somebody who is not on the order
   */
  ofPerson(context: Context, jobId: string, number: number, name: string): Promise<Buffer>;
  /** Makes all that are asked for and not made, one after the other; resolves when nothing is left, or no more can be made now. */
  wake(): Promise<void>;
}

/** @param maker null on threads, which make none */
export function orderPdfsStore(
  database: Knex,
  photos: Pick<PhotosStore, 'find'>,
  papers: OrderPapers,
  maker: PdfMaker | null,
): OrderPdfsStore {
  let working: Promise<void> | null = null;
  const store: OrderPdfsStore = {
    async state(context, jobId, number) {
      const id = await orderId(database, context, jobId, number);
      const found = await OrderPdfRecord.query(database)
        .findById(id)
        .select('sha256', 'failed_why', OrderPdfRecord.raw('octet_length(pdf) AS bytes'));
      const row = found as (OrderPdfRecord & { readonly bytes: number | null }) | undefined;
      if (row?.sha256 && row.bytes)
        return { state: 'made', why: '', file: { sha256: row.sha256, bytes: row.bytes } };
      if (row?.failed_why) {
        // Told once; whoever asks again has it tried again.
        await OrderPdfRecord.query(database).findById(id).patch({ failed_why: null });
        return { state: 'failed', why: row.failed_why, file: null };
      }
      await askFor(database, id, context.house);
      void store.wake();
      return { state: 'making', why: '', file: null };
    },

    async file(context, jobId, number) {
      const id = await orderId(database, context, jobId, number);
      const row = await OrderPdfRecord.query(database).findById(id);
      if (!row?.pdf || !row.sha256)
        throw new Problem(
          404,
          'being-made',
          'Being made',
          'The PDF of this order is being made: try again in a moment.',
        );
      return { pdf: row.pdf, sha256: row.sha256 };
    },

    async ofPerson(context, jobId, number, name) {
      if (!maker) throw new Error('papers are made on the main thread');
      const row = await OrderRecord.query(database).findOne({
        house_id: context.house,
        job_id: jobId,
        number,
      });
      if (!row) throw notFound('order');
      const document = JSON.parse(row.document) as CrewOrder;
      if (!document.people.some((person) => person.name === name)) throw notFound('person on this order');
      const paper = await papers.ofPerson(row, name);
      return maker.make(paper, sheetOf(document), await picturesOf(paper, context, photos));
    },

    wake() {
      if (!maker) return Promise.resolve();
      // What is asked for while it works is found by its last look.
      working ??= makeAll(database, photos, papers, maker)
        // The database is away: what is left is made when somebody asks, or at the next start.
        .catch(() => undefined)
        .finally(() => {
          working = null;
        });
      return working;
    },
  };
  return store;
}

/** With the order, or later for one from before there were any; a repeat is harmless. */
export async function askFor(connection: Knex, id: string, house: string): Promise<void> {
  await OrderPdfRecord.query(connection)
    .insert({ order_id: id, house_id: house })
    .onConflict('order_id')
    .ignore();
}

async function orderId(database: Knex, { house }: Context, jobId: string, number: number): Promise<string> {
  const row = await OrderRecord.query(database)
    .findOne({ house_id: house, job_id: jobId, number })
    .select('id');
  if (!row) throw notFound('order');
  return row.id;
}

async function makeAll(
  database: Knex,
  photos: Pick<PhotosStore, 'find'>,
  papers: OrderPapers,
  maker: PdfMaker,
): Promise<void> {
  for (;;) {
    const next = await OrderPdfRecord.query(database)
      .whereNull('pdf')
      .whereNull('failed_why')
      .orderBy('asked_at')
      .first();
    if (!next) return;
    const order = await OrderRecord.query(database).findById(next.order_id).throwIfNotFound();
    const document = JSON.parse(order.document) as CrewOrder;
    const patch = await made(async () => {
      const paper = await papers.whole(order);
      const pictures = await picturesOf(paper, { house: next.house_id }, photos);
      return maker.make(paper, sheetOf(document), pictures);
    });
    await OrderPdfRecord.query(database).findById(next.order_id).patch(patch);
  }
}

const sheetOf = ({ units }: Pick<CrewOrder, 'units'>): SheetSize => (units === 'us' ? 'LETTER' : 'A4');

async function made(
  make: () => Promise<Buffer>,
): Promise<Partial<Pick<OrderPdfRecord, 'pdf' | 'sha256' | 'made_at' | 'failed_why'>>> {
  try {
    const pdf = await make();
    return { pdf, sha256: createHash('sha256').update(pdf).digest('hex'), made_at: new Date() };
  } catch (error) {
    return { failed_why: error instanceof Error ? error.message : String(error) };
  }
}
