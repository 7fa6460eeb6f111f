import type { RequestHandler } from 'express';
import { busy } from '../problems/problem.ts';

/** Lets so many requests wait at once for the database; more are told to come again, while those that wait get their turn. */
export function crowd(most: number): RequestHandler {
  let inside = 0;
  return (_req, res, next) => {
    if (inside >= most) throw busy();
    inside += 1;
    res.once('close', () => {
      inside -= 1;
    });
    next();
  };
}
