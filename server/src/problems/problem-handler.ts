import type { ErrorRequestHandler, RequestHandler } from 'express';
import { notFound, Problem } from './problem.ts';

/** Errors of the connection to PostgreSQL; the pool reconnects by itself. */
const CONNECTION_CODES = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOENT',
  'EPIPE',
  'ETIMEDOUT',
  '57P01',
  '57P02',
  '57P03',
  '08006',
  '08001',
  '08003',
]);

function isDatabaseDown(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  const code = (error as { code?: string }).code ?? '';
  const cause: unknown = (error as { nativeError?: unknown }).nativeError ?? error.cause;
  return (
    CONNECTION_CODES.has(code) ||
    error.name === 'KnexTimeoutError' ||
    /Connection (terminated|ended)|Timeout acquiring a connection|not (currently |yet )?accepting connections/.test(
      error.message,
    ) ||
    (cause !== undefined && cause !== error && isDatabaseDown(cause))
  );
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
      `The request is larger than the limit of ${String(limit ?? 0)} bytes: send it in parts.`,
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
  if (isDatabaseDown(error)) {
    return new Problem(
      503,
      'database-unavailable',
      'The database does not answer',
      'Nothing was saved. It is tried again by itself; keep the page open.',
    );
  }
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
  if (problem.status >= 500) req.log.error({ err: error }, problem.title);
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
