import type * as Core from '@etappe/core';
import type {
  AnswerSchema,
  CustomerContact,
  FieldConflict,
  FoundPage,
  HandbookChange,
  IssueRequest,
  JobsQuery,
  NewJob,
  OrderDocument,
  Paper,
  RecordedUse,
  SheetSize,
  SurveyChange,
  SurveyFault,
} from '@etappe/core';
import { LANGUAGE } from '@etappe/core/language';
import { ServerProblem } from './server-problem.ts';
import { personOnDevice } from './person-on-device.ts';
import { serverReach } from './server-reach.ts';
import { say } from './messages/app.ts';

export { ServerProblem };

/** An answer within this time is awaited in peace; after it the server is asked whether it is there at all. */
const PATIENCE_MILLISECONDS = 4000;
/** After this time without an answer a request is given up; what it may have done is found by its client-made ids. */
const LIMIT_MILLISECONDS = 30_000;
/** A file may take as long as a bad signal needs for it: 10 kB/s. */
const UPLOAD_BYTES_PER_MILLISECOND = 10;

const unreachable = () => new ServerProblem(0, say('cannot-reach-the-server'));

/** Whether answers are held against their schemas: while the application is made and tested, not on people's devices. */
const CHECKED = process.env['NODE_ENV'] !== 'production';

type Schemas = typeof Core;
/** An answer by the schema that it has to be of: named, since the first page waits neither for schemas nor for the engine. */
type Answers = {
  [
    Name in keyof Schemas as Schemas[Name] extends AnswerSchema<infer _Answer> ? Name : never
  ]: Schemas[Name] extends AnswerSchema<infer Answer> ? Answer : never;
};
type AnswerOf<Name extends keyof Answers | null> = Name extends keyof Answers ? Answers[Name] : undefined;

/** @param answers the schema of the answer; null for one without a body */
async function call<Name extends keyof Answers | null>(
  method: string,
  path: string,
  answers: Name,
  body?: unknown,
  limitMilliseconds = LIMIT_MILLISECONDS,
): Promise<AnswerOf<Name>> {
  // A form says of itself how it is written.
  const form = body instanceof FormData;
  const request: RequestInit = {
    method,
    headers: {
      'Etappe-Person': encodeURIComponent(personOnDevice()),
      ...(body === undefined || form ? {} : { 'Content-Type': 'application/json' }),
    },
    ...(body === undefined ? {} : { body: form ? body : JSON.stringify(body) }),
    signal: AbortSignal.timeout(limitMilliseconds),
  };
  const patience = setTimeout(() => {
    serverReach.ask();
  }, PATIENCE_MILLISECONDS);
  let response: Response;
  let text: string;
  try {
    response = await fetch(`/api/v1${path}`, request);
    text = await response.text();
  } catch {
    // Also an answer that is cut off: what it would have said is unknown.
    serverReach.failed();
    throw unreachable();
  } finally {
    clearTimeout(patience);
  }
  const answer = parsed(text);
  // Something else answers in the server's place: a sign-in page of a network, a proxy without what is behind it.
  if (answer === NOT_OURS && response.ok) {
    serverReach.failed();
    throw unreachable();
  }
  serverReach.answered();
  if (response.ok) {
    const fault = CHECKED ? await faultOf(answers, answer) : null;
    if (fault !== null) throw new TypeError(`${method} ${path}: ${fault}`);
    return answer as AnswerOf<Name>;
  }
  const problem = (answer === NOT_OURS ? {} : (answer ?? {})) as {
    detail?: string;
    faults?: SurveyFault[];
    conflicts?: FieldConflict[];
  };
  throw new ServerProblem(
    response.status,
    problem.detail ?? say('the-server-answered', { status: response.status }),
    problem,
  );
}

async function faultOf(name: keyof Answers | null, answer: unknown): Promise<string | null> {
  const core = await import('@etappe/core');
  return core.answerFault(name === null ? null : core[name], answer);
}

const NOT_OURS = Symbol('an answer that is no JSON');

/** What an answer says; nothing (204) is undefined. */
function parsed(text: string): unknown {
  if (text === '') return undefined;
  try {
    return JSON.parse(text);
  } catch {
    return NOT_OURS;
  }
}

function upload<Name extends keyof Answers>(
  path: string,
  field: string,
  file: Blob,
  answers: Name,
): Promise<AnswerOf<Name>> {
  const form = new FormData();
  form.set(field, file, field);
  return call('POST', path, answers, form, LIMIT_MILLISECONDS + file.size / UPLOAD_BYTES_PER_MILLISECOND);
}

/** A file that the server makes, of what it is sent where it is sent something. */
async function fileOf(path: string, body?: unknown): Promise<Blob> {
  const sent =
    body === undefined
      ? {}
      : { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) };
  const response = await fetch(`/api/v1${path}`, {
    ...sent,
    signal: AbortSignal.timeout(LIMIT_MILLISECONDS),
  }).catch(() => {
    serverReach.failed();
    throw unreachable();
  });
  if (response.ok) return response.blob();
  const answer = parsed(await response.text());
  const { detail } = (answer === NOT_OURS ? {} : (answer ?? {})) as { readonly detail?: string };
  throw new ServerProblem(response.status, detail ?? say('the-server-answered', { status: response.status }));
}

/** Every call of the web application to its server. */
export const server = {
  jobs: (query: JobsQuery) => call('GET', `/jobs?${searchOf(query)}`, 'jobsPageSchema'),
  createJob: (job: NewJob) => call('POST', '/jobs', 'madeSchema', job),
  importJob: (id: string, propertyId: string, file: unknown) =>
    call('POST', '/jobs/import', 'madeSchema', { id, propertyId, file }),
  duplicateJob: (job: string, id: string, name: string) =>
    call('POST', `/jobs/${job}/copies`, 'madeSchema', { id, name }),
  openJob: (id: string, limitMilliseconds?: number) =>
    call('GET', `/jobs/${id}`, 'openedJobSchema', undefined, limitMilliseconds),
  deleteJob: (id: string) => call('DELETE', `/jobs/${id}`, null),
  applyChanges: (job: string, changes: readonly SurveyChange[], deviceAt: string) =>
    call('POST', `/jobs/${job}/changes`, 'acknowledgementSchema', { changes, deviceAt }),
  changesSince: (job: string, sequence: number) =>
    call('GET', `/jobs/${job}/changes?after=${sequence}`, 'newerEntitiesSchema'),
  log: (job: string, entity: string) => call('GET', `/jobs/${job}/log/${entity}`, 'changesLogSchema'),
  issueOrder: (job: string, order: IssueRequest) =>
    call('POST', `/jobs/${job}/orders`, 'issuedOrderSchema', order),
  order: (job: string, number: string) => call('GET', `/jobs/${job}/orders/${number}`, 'orderDocumentSchema'),
  /** The order as this page's language has it. */
  orderInWords: async (job: string, number: string): Promise<OrderDocument> => {
    const order = await server.order(job, number);
    if (LANGUAGE === 'en') return order;
    const { document } = await call(
      'GET',
      `/jobs/${job}/orders/${number}/in/${LANGUAGE}`,
      'orderWordingSchema',
    );
    return { ...order, document };
  },
  orderPdf: (job: string, number: string) =>
    call('GET', `/jobs/${job}/orders/${number}/pdf`, 'orderPdfSchema'),
  personPdf: (job: string, number: number, name: string) =>
    fileOf(`/jobs/${job}/orders/${number}/pdf/of/${encodeURIComponent(name)}`),
  paperPdf: (paper: Paper, size: SheetSize) => fileOf(`/papers/${size}`, paper),
  mailPaper: (paper: Paper, size: SheetSize, mail: object) =>
    fileOf(`/papers/${size}/mail`, { paper, ...mail }),
  sendPhoto: (file: Blob) => upload('/photos', 'photo', file, 'keptPhotoSchema'),
  properties: (query: FoundPage) => call('GET', `/properties?${searchOf(query)}`, 'propertiesPageSchema'),
  customers: () => call('GET', '/customers', 'customersListSchema'),
  setContact: (customer: string, contact: CustomerContact) =>
    call('PUT', `/customers/${customer}/contact`, 'customerSchema', contact),
  handbook: () => call('GET', '/handbook', 'storedHandbookSchema'),
  reservations: () => call('GET', '/stock/reservations', 'reservationsListSchema'),
  lotUses: (job: string) => call('GET', `/stock/uses?job=${job}`, 'lotUsesSchema'),
  recordUse: (use: RecordedUse & { readonly job: string }) =>
    call('POST', '/stock/uses', 'lotUsesSchema', use),
  takeBackUse: (id: string) => call('DELETE', `/stock/uses/${id}`, null),
  changeHandbook: (changes: readonly HandbookChange[]) =>
    call('POST', '/handbook/changes', 'storedHandbookSchema', { changes }),
  handbookLog: () => call('GET', '/handbook/log?from=0&size=100', 'handbookLogSchema'),
  sendDataSheet: (file: File) => upload('/data-sheets', 'sheet', file, 'keptSheetSchema'),
  templates: () => call('GET', '/templates', 'templatesListSchema'),
  saveTemplate: (id: string, name: string, job: string) =>
    call('POST', '/templates', 'madeSchema', { id, name, job }),
  deleteTemplate: (id: string) => call('DELETE', `/templates/${id}`, null),
};

function searchOf(query: object): string {
  return new URLSearchParams(
    Object.entries(query).map(([key, value]): [string, string] => [key, String(value)]),
  ).toString();
}
