import type { RequestHandler } from 'express';

/** What the API answers is of this moment and of one company: nothing between keeps it. Files under their hash say otherwise. */
export const notKept: RequestHandler = (_req, res, next) => {
  res.setHeader('Cache-Control', 'no-store');
  next();
};
