import type { RequestHandler } from 'express';
import type { Knex } from 'knex';
import { problemOf } from '../problems/problem-handler.ts';

/** 200 while the database answers; 503 while it does not. */
export function health(database: Knex): RequestHandler {
  return async (_req, res) => {
    try {
      await database.raw('SELECT 1');
      res.json({ status: 'ok' });
    } catch (error) {
      res.status(503).json({ status: 'database-unavailable', detail: problemOf(error).message });
    }
  };
}
