import { describe, expect, it } from '@jest/globals';
import Joi from 'joi';
import pg from 'pg';
import { DatabaseAway, DatabaseBusy } from '../database/watched-dialect.ts';
import { Problem } from './problem.ts';
import { problemOf } from './problem-handler.ts';
import { validated } from './validated.ts';

const refusedWith = (code: string) => Object.assign(new pg.DatabaseError('x', 1, 'error'), { code });
const withCode = (code: string) => Object.assign(new Error('x'), { code });

describe('what an error means to the client', () => {
  it.each<[string, unknown, number, string]>([
    ['a problem of our own', new Problem(409, 'stale', 'Stale', 'changed'), 409, 'stale'],
    ['a database that is away', new DatabaseAway(new Error('ECONNREFUSED')), 503, 'database-unavailable'],
    [
      'the same inside an error of the query builder',
      Object.assign(new Error('q'), { nativeError: new DatabaseAway(null) }),
      503,
      'database-unavailable',
    ],
    [
      'the same as the cause of another',
      new Error('q', { cause: new DatabaseAway(null) }),
      503,
      'database-unavailable',
    ],
    ['a pool that stays full', new DatabaseBusy(new Error('timeout')), 503, 'busy'],
    ['an id that is taken', refusedWith('23505'), 409, 'taken'],
    ['a value that cannot be stored', refusedWith('22008'), 422, 'invalid'],
    ['a statement that is wrong', refusedWith('42601'), 500, 'unexpected'],
    ['a file of the system that is not there', withCode('ENOENT'), 500, 'unexpected'],
    ['a body that is too large', { type: 'entity.too.large', status: 413, limit: 10 }, 413, 'too-large'],
    ['a body that is not JSON', { type: 'entity.parse.failed', status: 400 }, 400, 'not-json'],
    ['another fault of the body', { type: 'encoding.unsupported', status: 415 }, 415, 'bad-request'],
    ['a file that is not there', Object.assign(withCode('ENOENT'), { status: 404 }), 404, 'not-found'],
    ['anything unexpected', new TypeError('secret path /etc'), 500, 'unexpected'],
    ['something that is no error', 'oh', 500, 'unexpected'],
  ])('%s', (_, error, status, type) => {
    expect(problemOf(error)).toMatchObject({ status, type });
  });

  it('tells nothing of an unexpected error', () => {
    expect(problemOf(new TypeError('secret path /etc')).message).not.toContain('secret');
  });
});

describe('a validated value', () => {
  const schema = Joi.object<{ name: string; parts: { size: number }[] }>({
    name: Joi.string().required(),
    parts: Joi.array().items(Joi.object({ size: Joi.number().positive() })),
  });

  it('is handed on', () => {
    expect(validated(schema, { name: 'a' })).toEqual({ name: 'a' });
  });

  it('is refused with every fault, its path and what came', () => {
    try {
      validated(schema, { parts: [{ size: -1 }] });
      throw new Error('was accepted');
    } catch (error) {
      expect(error).toBeInstanceOf(Problem);
      expect((error as Problem).more['faults']).toEqual([
        { path: 'name', message: 'name is required', value: undefined },
        { path: 'parts.0.size', message: 'parts[0].size must be a positive number', value: -1 },
      ]);
    }
  });

  it('is never bent into its form', () => {
    expect(() => validated(Joi.number(), '3')).toThrow('must be a number');
  });
});
