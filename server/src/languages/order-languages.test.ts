import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { crewOrder, orderPaper, plan } from '@etappe/core';
import type { CrewOrder, Language, Paper, Plan, Survey } from '@etappe/core';
import request from 'supertest';
import { OrderRecord } from '../orders/order-record.ts';
import { Problem } from '../problems/problem.ts';
import { demoSurvey, freshApp, issuedNumber } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';
import type { OrderWriter } from './order-writer.ts';
import { orderWordings } from './order-wordings.ts';
import { orderPapers } from './paper-in-languages.ts';

/** Writes in no language of this world: what it says begins with the name of the one that was asked for. */
const asked: string[] = [];
const writer: OrderWriter = {
  order: (language, { work, before }) => {
    asked.push(`${language}${before ? ` after ${before.number}` : ''}`);
    return Promise.resolve({ ...crewOrder(made, work.inputs), jobName: `${language} job` });
  },
  paper: (language, { order, number, readers }) => {
    const paper = orderPaper(order, number, readers);
    return Promise.resolve({ ...paper, title: `${language} ${paper.title}` });
  },
  stop: () => undefined,
};

let fresh: FreshApp;
let survey: Survey;
let made: Plan;
beforeAll(async () => {
  fresh = await freshApp(undefined, null, writer);
  survey = await demoSurvey();
  made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
});
afterAll(() => fresh.close());

async function issued(): Promise<{ readonly job: string; readonly row: OrderRecord }> {
  const job = await fresh.demoJob();
  const number = await issuedNumber(fresh, job, made);
  const row = await OrderRecord.query(fresh.database).findOne({ job_id: job, number }).throwIfNotFound();
  return { job, row };
}

const wordingOf = (job: string, number: number, language: string) =>
  request(fresh.app).get(`/api/v1/jobs/${job}/orders/${number}/in/${language}`);

/** The order with some of its crew reading another language. */
function readBy(row: OrderRecord, languages: Readonly<Record<string, Language>>): OrderRecord {
  const document = JSON.parse(row.document) as CrewOrder;
  const people = document.people.map((person) => {
    const language = languages[person.name];
    return language ? { ...person, language } : person;
  });
  return Object.assign(new OrderRecord(), row, { document: JSON.stringify({ ...document, people }) });
}

describe('an issued order in another language', () => {
  it('is written when it is first asked for, and kept for good under its hash', async () => {
    const { job, row } = await issued();
    const before = asked.length;
    const [first, again] = [await wordingOf(job, row.number, 'de'), await wordingOf(job, row.number, 'de')];
    expect(first.body).toMatchObject({ language: 'de', document: { jobName: 'de job' } });
    expect(again.body).toEqual(first.body);
    expect(asked.slice(before)).toEqual(['de']);
    const wordings = () => fresh.database('order_wordings').where({ order_id: row.id });
    await expect(wordings().update({ document: '{}' })).rejects.toThrow('cannot be changed or deleted');
    await expect(wordings().delete()).rejects.toThrow('cannot be changed or deleted');
  });

  it('in English is the order as it was issued', async () => {
    const { job, row } = await issued();
    const answer = await wordingOf(job, row.number, 'en');
    expect(answer.body).toEqual({
      language: 'en',
      document: JSON.parse(row.document) as unknown,
      sha256: row.document_sha256,
    });
  });

  it('says what changed against the one before in its own language too', async () => {
    const { job, row } = await issued();
    await wordingOf(job, await issuedNumber(fresh, job, made), 'es');
    expect(asked.at(-1)).toBe(`es after ${row.number}`);
  });

  it('of an earlier engine stays in English: nobody could say the same again', async () => {
    const { row } = await issued();
    const older = Object.assign(new OrderRecord(), row, { engine: '0.1.0' });
    const wording = await orderWordings(fresh.database, writer).in('de', older);
    expect([wording.language, wording.sha256]).toEqual(['en', row.document_sha256]);
  });

  it('that its thread cannot say is read in English, and nothing is kept of the attempt', async () => {
    const { row } = await issued();
    const dumb: OrderWriter = { ...writer, order: () => Promise.reject(new Error('lost for words')) };
    expect((await orderWordings(fresh.database, dumb).in('de', row)).language).toBe('en');
    expect(await fresh.database('order_wordings').where({ order_id: row.id })).toEqual([]);
    const busy: OrderWriter = {
      ...writer,
      order: () => Promise.reject(new Problem(503, 'busy', 'Busy', '')),
    };
    await expect(orderWordings(fresh.database, busy).in('de', row)).rejects.toThrow(Problem);
  });

  it('that Etappe does not speak, or of an order that is not there, is refused', async () => {
    const { job, row } = await issued();
    expect((await wordingOf(job, row.number, 'tlh')).status).toBe(422);
    expect((await wordingOf(job, 9999, 'de')).status).toBe(404);
  });
});

describe('the paper of an order', () => {
  const papers = () => orderPapers(orderWordings(fresh.database, writer), writer);
  const peopleOn = ({ parts }: Paper) => parts.flatMap(({ person }) => person ?? []);

  it('is one where all read the same', async () => {
    const { row } = await issued();
    const paper = await papers().whole(row);
    expect(paper.title).toBe(`Order No. ${row.number}`);
    expect(peopleOn(paper)).toEqual(['Ada', 'Bo', 'Cleo']);
  });

  it('goes on with the whole of it for whoever reads another language, each on the sheets of one', async () => {
    const { row } = await issued();
    const paper = await papers().whole(readBy(row, { Bo: 'es', Cleo: 'de' }));
    expect(peopleOn(paper)).toEqual(['Ada', 'Bo', 'Cleo']);
    const titles = paper.parts.flatMap(({ blocks: [first] }) => (first?.is === 'heading' ? first.text : []));
    expect(titles).toEqual(
      expect.arrayContaining([`es Order No. ${row.number}`, `de Order No. ${row.number}`]),
    );
  });

  it('of one person is in their language', async () => {
    const { row } = await issued();
    const paper = await papers().ofPerson(readBy(row, { Bo: 'es' }), 'Bo');
    expect([paper.title, peopleOn(paper)]).toEqual([`es Order No. ${row.number}`, ['Bo']]);
  });
});
