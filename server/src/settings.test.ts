import { describe, expect, it } from '@jest/globals';
import { readSettings } from './settings.ts';

describe('settings', () => {
  it('take defaults for all but the database', () => {
    expect(readSettings({ DATABASE_URL: 'postgres://x' })).toMatchObject({
      port: 4600,
      host: '127.0.0.1',
      demoFolder: null,
    });
  });

  it.each([
    [{}, 'DATABASE_URL is not set'],
    [{ DATABASE_URL: 'x', PORT: 'many' }, 'PORT is "many"'],
    [{ DATABASE_URL: 'x', PORT: '70000' }, 'PORT is "70000"'],
    [{ DATABASE_URL: 'x', HOST: '0.0.0.0' }, 'HOST is "0.0.0.0": there are no accounts yet'],
    [{ DATABASE_URL: 'x', HOST: '::' }, 'HOST is "::"'],
    [{ DATABASE_URL: 'x', HOST: '127.0.0.1.evil.example' }, 'HOST is "127.0.0.1.evil.example"'],
    [{ DATABASE_URL: 'x', ALLOWED_HOSTS: 'a.example, b c' }, 'ALLOWED_HOSTS has "b c"'],
  ])('%j is refused', (env, message) => {
    expect(() => readSettings(env)).toThrow(message);
  });

  it('take every name of loopback, and names of the server without their ports', () => {
    for (const host of ['localhost', '127.0.0.1', '::1'])
      expect(readSettings({ DATABASE_URL: 'x', HOST: host }).host).toBe(host);
    expect(
      readSettings({ DATABASE_URL: 'x', ALLOWED_HOSTS: 'Crew.example:8443, yard.example,' }).allowedHosts,
    ).toEqual(['crew.example', 'yard.example']);
  });
});
