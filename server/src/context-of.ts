import type { RequestHandler, Response } from 'express';
import type { Context } from './context.ts';

/** Puts the context on every request; until accounts come it is the first house and its office. */
export function withContext(house: string): RequestHandler {
  const context: Context = { house, actor: 'Office' };
  return (_req, res, next) => {
    res.locals['context'] = context;
    next();
  };
}

export function contextOf(res: Response): Context {
  return res.locals['context'] as Context;
}
