import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { ENGINE_VERSION, plan } from '@etappe/core';
import type { Plan } from '@etappe/core';
import request from 'supertest';
import { v7 as uuidv7 } from 'uuid';
import { demoSurvey, freshApp } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';
import { unsoundToday } from './earlier-rules.ts';

let fresh: FreshApp;
let made: Plan;
beforeAll(async () => {
  fresh = await freshApp();
  made = plan(await demoSurvey(), { asOf: '2026-05-04', seed: 1, budget: 1 });
});
afterAll(() => fresh.close());

const requestFor = (p: Plan, more: Record<string, unknown> = {}) => ({
  id: uuidv7(),
  inputsHash: p.inputsHash,
  decided: { fronts: p.visit?.fronts, schedule: p.visit?.schedule },
  ...more,
});
const issue = (job: string, body: object) => request(fresh.app).post(`/api/v1/jobs/${job}/orders`).send(body);

describe('an order', () => {
  it('is numbered, kept with its document, and listed with the job', async () => {
    const job = await fresh.demoJob();
    const first = await issue(job, requestFor(made));
    const second = await issue(job, requestFor(made));
    expect([first.status, second.status]).toEqual([201, 201]);
    const [a, b] = [first.body as { number: number }, second.body as { number: number }];
    expect(b.number).toBe(a.number + 1);
    const read = await request(fresh.app).get(`/api/v1/jobs/${job}/orders/${a.number}`);
    expect(read.body).toMatchObject({
      number: a.number,
      document: {
        jobName: 'Hill observatory, spring clean',
        people: [{ name: 'Ada' }, { name: 'Bo' }, { name: 'Cleo' }],
      },
    });
    expect((await request(fresh.app).get(`/api/v1/jobs/${job}`)).body).toMatchObject({
      orders: [{ number: b.number }, { number: a.number }],
    });
  });

  it('issued again says what changed against the one before', async () => {
    const job = await fresh.demoJob();
    const first = (await issue(job, requestFor(made))).body as { number: number };
    const second = (await issue(job, requestFor(made))).body as { number: number };
    const documents = await Promise.all(
      [first, second].map(({ number }) => request(fresh.app).get(`/api/v1/jobs/${job}/orders/${number}`)),
    );
    const [a, b] = documents.map((answer) => (answer.body as { document: { changes?: unknown } }).document);
    expect(a).not.toHaveProperty('changes');
    expect(b?.changes).toEqual({ since: first.number, lines: [] });
  });

  it('asked for twice with one id is issued once', async () => {
    const job = await fresh.demoJob();
    const body = requestFor(made);
    const [first, again] = [await issue(job, body), await issue(job, body)];
    expect(again.body).toEqual(first.body);
  });

  it('is refused when the survey has changed since', async () => {
    const job = await fresh.demoJob();
    await request(fresh.app)
      .post(`/api/v1/jobs/${job}/changes`)
      .send({
        changes: [
          {
            id: uuidv7(),
            kind: 'surface',
            entity: 'drum-north',
            op: 'patch',
            base: 1,
            fields: { material: 'limestone', finish: 'bare' },
          },
        ],
      });
    const answer = await issue(job, requestFor(made));
    expect(answer.body).toMatchObject({ status: 409, type: 'urn:etappe:stale' });
  });

  it('is refused when its schedule was tampered with', async () => {
    const job = await fresh.demoJob();
    const schedule = structuredClone(made.visit?.schedule) as unknown as {
      placements: { operation: string; start: number; finish: number }[];
    };
    for (const p of schedule.placements) {
      if (!p.operation.includes('.finish')) continue;
      p.start += 7200;
      p.finish += 7200;
    }
    const answer = await issue(job, requestFor(made, { decided: { fronts: made.visit?.fronts, schedule } }));
    expect(answer.body).toMatchObject({ status: 422, type: 'urn:etappe:schedule-refused' });
    expect((answer.body as { violations: { rule: string }[] }).violations.map((v) => v.rule)).toContain(
      'dwell',
    );
  });

  it('is refused in the words of the judge where the day would not be safe', async () => {
    const job = await fresh.demoJob();
    const schedule = structuredClone(made.visit?.schedule) as unknown as {
      placements: { operation: string; start: number; finish: number }[];
    };
    const reads = made.work.planned.filter(({ stages }) => stages.some((stage) => stage.endsWith('reading')));
    for (const p of schedule.placements)
      if (reads.some(({ id }) => id === p.operation)) {
        p.start += 30_000;
        p.finish += 30_000;
      }
    const answer = await issue(job, requestFor(made, { decided: { fronts: made.visit?.fronts, schedule } }));
    expect(answer.body).toMatchObject({ status: 422, type: 'urn:etappe:schedule-refused' });
    expect((answer.body as { detail: string }).detail).toMatch(
      /^No safe sequence: .* before .+ of .* at \d\d:\d\d\.$/,
    );
  });

  it('of earlier rules is judged by those of today: still sound, or to be issued again', async () => {
    const survey = await demoSurvey();
    const { visit } = made;
    const decided = { fronts: visit?.fronts, schedule: visit?.schedule };
    const inputs = { ...survey } as unknown as Record<string, unknown>;
    expect(unsoundToday({ engine: ENGINE_VERSION, inputs: {}, decided: {} })).toBeNull();
    expect(unsoundToday({ engine: '0.1.0', inputs, decided })).toBeNull();
    const placements = visit?.schedule.placements.slice(5) ?? [];
    const gone = { ...decided, schedule: { ...visit?.schedule, placements } };
    expect(unsoundToday({ engine: '0.1.0', inputs, decided: gone })).toMatch(
      /^No safe sequence|^The schedule breaks/,
    );
    expect(unsoundToday({ engine: '0.1.0', inputs: { job: 'of old' }, decided })).toMatch(/older form/);
  });

  it('is refused while the plan has a stop', async () => {
    const job = await fresh.demoJob();
    const survey = await demoSurvey();
    const windy = {
      ...survey,
      job: { ...survey.job, weather: { ...survey.job.weather, windMetresPerSecond: 12 } },
    };
    await request(fresh.app)
      .post(`/api/v1/jobs/${job}/changes`)
      .send({
        changes: [
          {
            id: uuidv7(),
            kind: 'job',
            entity: job,
            op: 'patch',
            base: 1,
            fields: { weather: windy.job.weather },
          },
        ],
      });
    const answer = await issue(job, requestFor(plan(windy, { asOf: '2026-05-04', seed: 1, budget: 1 })));
    expect(answer.body).toMatchObject({
      status: 422,
      type: 'urn:etappe:plan-stopped',
      stops: [{ rule: 'spray-drift' }],
    });
  });

  it('once issued cannot be changed or deleted, not even in the database', async () => {
    const job = await fresh.demoJob();
    await issue(job, requestFor(made));
    const orders = () => fresh.database('orders').where({ job_id: job });
    await expect(orders().update({ document: '{}' })).rejects.toThrow('cannot be changed or deleted');
    await expect(orders().delete()).rejects.toThrow('cannot be changed or deleted');
    // What refers to orders keeps them too.
    await expect(fresh.database.raw('TRUNCATE orders')).rejects.toThrow('cannot truncate');
    await expect(fresh.database.raw('TRUNCATE orders CASCADE')).rejects.toThrow(
      'cannot be changed or deleted',
    );
  });

  it.each<[string, Record<string, unknown>]>([
    ['a hash that is none', { inputsHash: 'abc' }],
    ['a schedule that is none', { decided: { fronts: [], schedule: { placements: 'all', makespan: 1 } } }],
    [
      'a negative second',
      {
        decided: {
          fronts: [],
          schedule: { placements: [{ operation: 'x', person: 'a', start: -1, finish: 1 }], makespan: 1 },
        },
      },
    ],
  ])('with %s is refused with the path', async (_, more) => {
    const answer = await issue(await fresh.demoJob(), requestFor(made, more));
    expect(answer.body).toMatchObject({ status: 422, type: 'urn:etappe:invalid' });
  });

  it('that is not there is not found', async () => {
    const job = await fresh.demoJob();
    expect((await request(fresh.app).get(`/api/v1/jobs/${job}/orders/999`)).status).toBe(404);
    expect((await request(fresh.app).get(`/api/v1/jobs/${job}/orders/first`)).status).toBe(422);
  });
});
