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

const LONGEST_VALUE = 200;

export interface Fault {
  readonly path: string;
  readonly message: string;
  readonly value?: unknown;
}

/** A value is named, not sent back: what came may be as large as a whole file. */
function withShortValue(fault: Fault): Fault {
  const text = JSON.stringify(fault.value ?? null);
  return text.length <= LONGEST_VALUE ? fault : { ...fault, value: `${text.slice(0, LONGEST_VALUE)} …` };
}

export function notFound(what: string): Problem {
  return new Problem(404, 'not-found', 'Not found', `There is no such ${what}. It may have been deleted.`);
}

export function invalid(given: readonly Fault[]): Problem {
  const faults = given.map(withShortValue);
  const [first] = faults;
  return new Problem(
    422,
    'invalid',
    'Not accepted',
    first ? `${first.path}: ${first.message}` : 'The values were not accepted.',
    { faults },
  );
}
