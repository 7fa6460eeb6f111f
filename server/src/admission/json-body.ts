import { json } from 'express';
import type { RequestHandler } from 'express';
import { Problem, invalid } from '../problems/problem.ts';
import { boundFault } from './body-bounds.ts';

/** What one body may be at most. */
export interface BodyLimits {
  readonly kilobytes: number;
  /** Entries of one list, and fields of one object. */
  readonly listed: number;
}

const JSON_TYPE = 'application/json';

/** A body of JSON, bounded before anything looks into it: its kind, its size, its depth, its lists and its letters. */
export function jsonBody({ kilobytes, listed }: BodyLimits): readonly RequestHandler[] {
  return [
    (req, _res, next) => {
      const [type = ''] = (req.headers['content-type'] ?? '').split(';');
      if (type.trim().toLowerCase() !== JSON_TYPE)
        throw new Problem(
          415,
          'unsupported-media-type',
          'Not JSON',
          `This address takes ${JSON_TYPE}; what came is ${type.trim() === '' ? 'of no kind that is told' : `"${type.trim().slice(0, 100)}"`}.`,
        );
      next();
    },
    json({ limit: kilobytes * 1024, inflate: false, type: JSON_TYPE }),
    (req, _res, next) => {
      // Where nothing came at all, what is asked for is missed as in an empty object.
      req.body ??= {};
      const fault = boundFault(req.body, listed);
      if (fault) throw invalid([fault]);
      next();
    },
  ];
}
