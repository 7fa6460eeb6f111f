import type { RequestHandler } from 'express';
import { contextOf } from '../context-of.ts';
import type { StockStore } from './stock-store.ts';

export function stockRequests(stock: StockStore): Record<'reservations', RequestHandler> {
  return {
    async reservations(_req, res) {
      res.json({ reservations: await stock.reservations(contextOf(res)) });
    },
  };
}
