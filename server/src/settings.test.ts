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
  ])('%j is refused', (env, message) => {
    expect(() => readSettings(env)).toThrow(message);
  });
});
