import { lotUsesQuerySchema, recordedUseSchema, uuidSchema } from '@etappe/core';
import type { RequestHandler } from 'express';
import { contextOf } from '../context-of.ts';
import { validated, validatedParam, validatedQuery } from '../problems/validated.ts';
import type { StockStore } from './stock-store.ts';

export function stockRequests(
  stock: StockStore,
): Record<'reservations' | 'uses' | 'record' | 'takeBack', RequestHandler> {
  return {
    async reservations(_req, res) {
      res.json({ reservations: await stock.reservations(contextOf(res)) });
    },
    async uses(req, res) {
      const { job } = validatedQuery(lotUsesQuerySchema, req.query);
      res.json({ uses: await stock.uses(contextOf(res), job) });
    },
    async record(req, res) {
      const use = validated(recordedUseSchema, req.body);
      await stock.record(contextOf(res), use);
      res.json({ uses: await stock.uses(contextOf(res), use.job) });
    },
    async takeBack(req, res) {
      await stock.takeBack(contextOf(res), validatedParam(uuidSchema.label('use'), req.params['use']));
      res.status(204).end();
    },
  };
}
