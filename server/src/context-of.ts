import type { RequestHandler, Response } from 'express';
import type { Context } from './context.ts';

const OFFICE = 'Office';
const LONGEST_NAME = 60;
/** Nobody is called by them, and some cannot be stored. */
const UNWRITTEN = /\p{Cc}/gu;

/**
 * Puts the context on every request. Until accounts come it is the first company, and whoever the device says that it is:
 * the header `Etappe-Person` carries a name, percent-encoded.
 */
export function withContext(house: string): RequestHandler {
  return (req, res, next) => {
    const context: Context = { house, actor: personOf(req.headers['etappe-person']) };
    res.locals['context'] = context;
    next();
  };
}

export function contextOf(res: Response): Context {
  return res.locals['context'] as Context;
}

function personOf(header: string | string[] | undefined): string {
  if (typeof header !== 'string') return OFFICE;
  try {
    const name = decodeURIComponent(header).replaceAll(UNWRITTEN, '').trim().slice(0, LONGEST_NAME);
    return name === '' ? OFFICE : name;
  } catch {
    return OFFICE;
  }
}
