import type { ErrorRequestHandler, RequestHandler } from 'express';
import pg from 'pg';
import { DatabaseAway, DatabaseBusy } from '../database/watched-dialect.ts';
import { busy, notFound, Problem } from './problem.ts';

/** The error itself, or what it was made from, of a kind. */
function within<Kind extends Error>(
  error: unknown,
  kind: abstract new (...args: never[]) => Kind,
): Kind | null {
  for (let now = error; now instanceof Error;) {
    if (now instanceof kind) return now;
    const { nativeError } = now as { nativeError?: unknown };
    const next: unknown = nativeError ?? now.cause;
    now = next === now ? null : next;
  }
  return null;
}

/** What PostgreSQL refuses for what it is; what gets that far was missed by the checks before, and stands in the log. */
function refusedByDatabase({ code = '' }: pg.DatabaseError): Problem | null {
  if (code === '23505')
    return new Problem(
      409,
      'taken',
      'That id is taken',
      'What came has an id that something else has: make a new one, and send it again.',
    );
  if (code.startsWith('22'))
    return new Problem(
      422,
      'invalid',
      'Not accepted',
      'A value cannot be stored: a date, a number or a text is out of range.',
    );
  return null;
}

/** Errors that Express and its parsers make: they carry the status that they mean. */
interface HttpError {
  readonly status: number;
  readonly type?: string;
  readonly limit?: number;
}

function isHttpError(error: unknown): error is HttpError {
  const status = typeof error === 'object' && error !== null ? (error as { status?: unknown }).status : null;
  return typeof status === 'number' && status >= 400 && status < 500;
}

function problemOfHttp({ status, type, limit }: HttpError): Problem {
  if (status === 404) return notFound('file');
  if (type === 'entity.too.large') {
    return new Problem(
      413,
      'too-large',
      'Too large',
      `The request is larger than the limit of ${limit ?? 0} bytes: send it in parts.`,
    );
  }
  if (type === 'entity.parse.failed')
    return new Problem(400, 'not-json', 'Not JSON', 'The body of the request is not JSON.');
  return new Problem(status, 'bad-request', 'Bad request', 'The request could not be read.');
}

/** What any error means to the client. Nothing of an unexpected error leaves the server but its number. */
export function problemOf(error: unknown): Problem {
  if (error instanceof Problem) return error;
  if (isHttpError(error)) return problemOfHttp(error);
  if (within(error, DatabaseBusy)) return busy();
  if (within(error, DatabaseAway)) {
    return new Problem(
      503,
      'database-unavailable',
      'The database does not answer',
      'Nothing was saved. Retrying automatically: keep the page open.',
    );
  }
  const refused = within(error, pg.DatabaseError);
  const problem = refused && refusedByDatabase(refused);
  if (problem) return problem;
  return new Problem(
    500,
    'unexpected',
    'Something went wrong',
    'The server met an error that it did not expect; nothing was half saved. It is in the log.',
  );
}

export const unknownRoute: RequestHandler = () => {
  throw notFound('address');
};

/** The one place where errors become answers. */
export const problemHandler: ErrorRequestHandler = (error: unknown, req, res, next) => {
  if (res.headersSent) {
    next(error);
    return;
  }
  const problem = problemOf(error);
  if (problem.status >= 500 || error instanceof pg.DatabaseError)
    req.log.error({ err: error }, problem.title);
  if (problem.status === 503) res.setHeader('Retry-After', '2');
  res
    .status(problem.status)
    .type('application/problem+json')
    .send(
      JSON.stringify({
        type: `urn:etappe:${problem.type}`,
        title: problem.title,
        status: problem.status,
        detail: problem.message,
        ...problem.more,
      }),
    );
};
