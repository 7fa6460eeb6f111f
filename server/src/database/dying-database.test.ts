import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import type { Knex } from 'knex';
import request from 'supertest';
import { v7 as uuidv7 } from 'uuid';
import { connect } from './connection.ts';
import { freshApp } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';

let fresh: FreshApp;
let admin: Knex;
let job: string;
beforeAll(async () => {
  fresh = await freshApp();
  job = await fresh.demoJob();
  admin = connect(process.env['TEST_CLUSTER_URL'] ?? '');
});
afterAll(async () => {
  await admin.destroy();
  await fresh.close();
});

const rename = (name: string) =>
  request(fresh.app)
    .post(`/api/v1/jobs/${job}/changes`)
    .send({
      changes: [
        {
          id: uuidv7(),
          kind: 'surface',
          entity: 'yard-east',
          op: 'patch',
          base: 1,
          fields: { reliefFactor: 1 },
        },
      ],
    })
    .set('Etappe-Person', name);

/** Cuts every line to the database of the test, as a server does that is killed. */
async function cutLines(): Promise<void> {
  const name = new URL(fresh.url).pathname.slice(1);
  await admin.raw('SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = ?', [name]);
}

describe('while the database dies again and again', () => {
  it('everything that is asked is answered, or told to come again, and never called an error', async () => {
    const answers: number[] = [];
    let cutting = true;
    const cut = (async () => {
      for (let i = 0; i < 12; i += 1) {
        await cutLines();
        await new Promise((resolve) => setTimeout(resolve, 15));
      }
      cutting = false;
    })();
    const client = async (i: number) => {
      while (cutting) {
        const asked = i % 2 === 0 ? request(fresh.app).get(`/api/v1/jobs/${job}`) : rename(`Client ${i}`);
        answers.push((await asked).status);
      }
    };
    await Promise.all([cut, ...Array.from({ length: 6 }, (_, i) => client(i))]);
    expect([...new Set(answers)].filter((status) => ![200, 409, 503].includes(status))).toEqual([]);
    expect(answers.filter((status) => status === 503).length).toBeGreaterThan(0);
    const [once, again] = [
      await request(fresh.app).get('/healthz'),
      await request(fresh.app).get(`/api/v1/jobs/${job}`),
    ];
    expect([once.status, again.status]).toEqual([200, 200]);
  });
});
