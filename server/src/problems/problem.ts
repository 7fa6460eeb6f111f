import { shortFault } from './short-fault.ts';
import type { Fault } from './short-fault.ts';

/** An error that a client can act on; becomes a problem document (RFC 9457). */
export class Problem extends Error {
  readonly status: number;
  readonly type: string;
  readonly title: string;
  /** Further members of the document, such as `faults` or `conflicts`. */
  readonly more: Readonly<Record<string, unknown>>;

  constructor(
    status: number,
    type: string,
    title: string,
    detail: string,
    more: Readonly<Record<string, unknown>> = {},
  ) {
    super(detail);
    this.status = status;
    this.type = type;
    this.title = title;
    this.more = more;
  }
}

/** Faults that are told; whoever mends these sends again and hears of more. */
const MOST_FAULTS = 100;

export function notFound(what: string): Problem {
  return new Problem(404, 'not-found', 'Not found', `There is no such ${what}. It may have been deleted.`);
}

export function busy(): Problem {
  return new Problem(
    503,
    'busy',
    'Much is going on',
    'Nothing was lost: it is sent again automatically in a moment.',
  );
}

export function invalid(given: readonly Fault[]): Problem {
  const faults = given.slice(0, MOST_FAULTS).map(shortFault);
  const untold = given.length - faults.length;
  const [first] = faults;
  return new Problem(
    422,
    'invalid',
    'Not accepted',
    first ? `${first.path}: ${first.message}` : 'The values were not accepted.',
    { faults, ...(untold > 0 ? { untold } : {}) },
  );
}
