import { randomBytes } from 'node:crypto';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readJobFile } from '@etappe/core';
import type { Plan, Survey } from '@etappe/core';
import type { Express } from 'express';
import type { Knex } from 'knex';
import { pino } from 'pino';
import request from 'supertest';
import { v7 as uuidv7 } from 'uuid';
import { app } from '../app.ts';
import { connect, migrate } from '../database/connection.ts';
import type { OrderWriter } from '../languages/order-writer.ts';
import { folderOutbox } from '../papers/outbox.ts';
import type { PdfMaker } from '../papers/pdf-maker.ts';
import { photosOnDisk } from '../photos/photo-files.ts';
import type { PhotoFiles } from '../photos/photo-files.ts';
import type { Stores } from '../routes.ts';
import { storesOn } from '../stores.ts';

export interface FreshApp {
  readonly app: Express;
  readonly stores: Stores;
  readonly database: Knex;
  readonly url: string;
  readonly house: string;
  /** Where its photos lie. */
  readonly photoFolder: string;
  /** A job made from a shipped job file; its id. */
  demoJob(name?: string): Promise<string>;
  close(): Promise<void>;
}

export async function demoSurvey(name = 'hill-observatory'): Promise<Survey> {
  const file = new URL(`../../../demo/${name}.etappe.json`, import.meta.url);
  const reading = readJobFile(JSON.parse(await readFile(file, 'utf8')));
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
}

/** An empty database of its own in the cluster of the test run; its address. */
export async function freshDatabase(): Promise<string> {
  const cluster = process.env['TEST_CLUSTER_URL'];
  if (!cluster) throw new Error('TEST_CLUSTER_URL is not set: run the tests through jest.config.mjs');
  const name = `test_${randomBytes(6).toString('hex')}`;
  const admin = connect(cluster);
  await admin.raw(`CREATE DATABASE ${name}`);
  await admin.destroy();
  const url = new URL(cluster);
  url.pathname = `/${name}`;
  return url.href;
}

/**
 * @param photoFiles where photos go; a folder of its own otherwise
 * @param maker of papers; none otherwise
 * @param writer of orders in other languages; none otherwise
 */
export async function freshApp(
  photoFiles?: PhotoFiles,
  maker: PdfMaker | null = null,
  writer: OrderWriter | null = null,
): Promise<FreshApp> {
  const url = await freshDatabase();
  const database = connect(url);
  await migrate(database);
  const photoFolder = await mkdtemp(join(tmpdir(), '.etappe-photos-'));
  const stores = storesOn(database, photoFiles ?? (await photosOnDisk(photoFolder)), maker, writer);
  const house = await stores.jobs.firstHouse();
  const logger = pino({ level: 'silent' });
  return {
    app: app({
      stores,
      database,
      house,
      webFolder: '/nowhere',
      logger,
      papers: { maker, outbox: folderOutbox(photoFolder) },
    }),
    stores,
    database,
    url,
    house,
    photoFolder,
    async demoJob(name) {
      const id = uuidv7();
      await stores.jobs.create({ house, actor: 'Test' }, id, uuidv7(), await demoSurvey(name));
      return id;
    },
    close: async () => {
      await database.destroy();
      await rm(photoFolder, { recursive: true, force: true });
    },
  };
}

/** Issues the order of a plan. @returns its number */
export async function issuedNumber({ app }: Pick<FreshApp, 'app'>, job: string, made: Plan): Promise<number> {
  const { fronts, schedule } = made.visit ?? {};
  const answer = await request(app)
    .post(`/api/v1/jobs/${job}/orders`)
    .send({ id: uuidv7(), inputsHash: made.inputsHash, decided: { fronts, schedule } });
  if (answer.status !== 201) throw new Error(JSON.stringify(answer.body));
  return (answer.body as { readonly number: number }).number;
}
