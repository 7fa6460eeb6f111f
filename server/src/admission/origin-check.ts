import type { RequestHandler } from 'express';
import { Problem } from '../problems/problem.ts';

const READING = ['GET', 'HEAD', 'OPTIONS'];
/** What a browser says of a page of this server, and of what a person types or opens. */
const OWN_SITES = ['same-origin', 'none'];

/** Refuses what a page of somebody else wants to write; what is no browser says nothing of where it comes from. */
export const originCheck: RequestHandler = (req, _res, next) => {
  if (!READING.includes(req.method)) {
    const { origin, host, 'sec-fetch-site': site } = req.headers;
    const isForeign =
      (origin !== undefined && hostOf(origin) !== host?.toLowerCase()) ||
      (site !== undefined && !OWN_SITES.includes(site));
    if (isForeign)
      throw new Problem(
        403,
        'foreign-origin',
        'Not from a page of Etappe',
        'Only pages of this server write to it. Open Etappe by its own address and do it there.',
      );
  }
  next();
};

/** Name and port of an origin; null for one that hides itself. */
function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}
