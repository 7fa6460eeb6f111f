import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from '@jest/globals';
import { privateCluster } from '../../../scripts/cluster.mjs';
import { needPostgres } from '../../../scripts/provision.mjs';
import { connect } from './connection.ts';

const folder = mkdtempSync(join(tmpdir(), 'etappe-cluster-'));
const start = () => privateCluster({ programs: needPostgres(), folder });
const query = async (url: string, statement: string): Promise<unknown[]> => {
  const database = connect(url);
  const answer = await database.raw<{ rows: unknown[] }>(statement);
  await database.destroy();
  return answer.rows;
};
const postmaster = () => Number(readFileSync(join(folder, 'pg/postmaster.pid'), 'utf8').split('\n')[0]);

afterAll(() => {
  rmSync(folder, { recursive: true, force: true });
});

describe('the private cluster', () => {
  it('keeps its data over a stop, a killed server, and a start that finds it running', async () => {
    const first = await start();
    await query(first.url, 'CREATE TABLE kept (n integer)');
    await query(first.url, 'INSERT INTO kept VALUES (1)');
    first.stop();

    const second = await start();
    expect(await query(second.url, 'SELECT n FROM kept')).toEqual([{ n: 1 }]);
    spawnSync('kill', ['-9', String(postmaster())]);

    const third = await start();
    expect(await query(third.url, 'SELECT n FROM kept')).toEqual([{ n: 1 }]);

    const found = await start();
    expect(new URL(found.url).port).toBe(new URL(third.url).port);
    found.stop();
  }, 60_000);

  it('listens on loopback only', async () => {
    const cluster = await start();
    expect(await query(cluster.url, 'SHOW listen_addresses')).toEqual([{ listen_addresses: '127.0.0.1' }]);
    cluster.stop();
  }, 60_000);
});
