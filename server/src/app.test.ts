import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import type { Express } from 'express';
import { pino } from 'pino';
import request from 'supertest';
import { app } from './app.ts';
import { freshApp } from './test/fresh-app.ts';
import type { FreshApp } from './test/fresh-app.ts';

let fresh: FreshApp;
let served: Express;
beforeAll(async () => {
  fresh = await freshApp();
  const webFolder = mkdtempSync(join(tmpdir(), 'etappe-web-'));
  mkdirSync(join(webFolder, 'assets'));
  writeFileSync(join(webFolder, 'index.html'), '<!doctype html><title>Etappe</title>');
  writeFileSync(join(webFolder, 'assets', 'main-abc.js'), 'export {};');
  const { stores, database, house } = fresh;
  served = app({ stores, database, house, webFolder, logger: pino({ level: 'silent' }) });
});
afterAll(() => fresh.close());

describe('the web application', () => {
  it('is served at every page address and never kept', async () => {
    for (const path of ['/', '/jobs', '/jobs/x/treat/wall']) {
      const answer = await request(served).get(path);
      expect([answer.status, answer.text.includes('Etappe'), answer.headers['cache-control']]).toEqual([
        200,
        true,
        'no-cache',
      ]);
    }
  });

  it('has its assets kept for good, and a missing one is not answered with a page', async () => {
    expect((await request(served).get('/assets/main-abc.js')).headers['cache-control']).toContain(
      'immutable',
    );
    expect((await request(served).get('/assets/gone.js')).status).toBe(404);
  });

  it('never leaves its folder', async () => {
    expect((await request(served).get('/assets/..%2f..%2fetc%2fpasswd')).status).toBeGreaterThanOrEqual(400);
  });

  it('does not say what it is made with, and forbids framing and sniffing', async () => {
    const { headers } = await request(served).get('/');
    expect(headers['x-powered-by']).toBeUndefined();
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['content-security-policy']).toContain("frame-ancestors 'self'");
  });
});
