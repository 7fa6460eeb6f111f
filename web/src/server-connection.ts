import type {
  Acknowledgement,
  CrewOrder,
  DecidedVisit,
  FieldConflict,
  Finding,
  HandbookChange,
  HandbookPart,
  HandbookRecord,
  HouseHandbook,
  JobDetail,
  Property,
  RecordedUse,
  RecordKind,
  SurveyChange,
  SurveyFault,
  VersionedEntity,
} from '@etappe/core';
import { ServerProblem } from './server-problem.ts';
import { personOnDevice } from './person-on-device.ts';
import { serverReach } from './server-reach.ts';

export { ServerProblem };

export interface JobSummary {
  readonly id: string;
  readonly name: string;
  readonly customer: string;
  readonly start: string | null;
  readonly surfaces: number;
  readonly lastOrder: number | null;
  readonly updatedAt: string;
}
export interface JobsQuery {
  readonly find: string;
  readonly sort: string;
  readonly from: number;
  readonly size: number;
}
export interface PropertySummary {
  readonly id: string;
  readonly name: string;
  readonly customer: string;
  readonly customerId: string | null;
  readonly address: string;
  readonly surfaces: number;
  readonly jobs: readonly { readonly id: string; readonly name: string; readonly start: string | null }[];
}
export interface CustomerContact {
  readonly person: string;
  readonly phone: string;
  readonly mail: string;
  readonly note: string;
}
export interface Customer extends CustomerContact {
  readonly id: string;
  readonly name: string;
}
export interface Template {
  readonly id: string;
  readonly name: string;
  readonly surfaces: number;
}
export interface IssuedOrder {
  readonly id: string;
  readonly number: number;
  readonly issuedAt: string;
  readonly issuedBy: string;
  readonly inputsHash: string;
}
/** The job before on the same property, and what it found. */
export interface PreviousJob {
  readonly id: string;
  readonly name: string;
  readonly start: string | null;
  readonly findings: readonly Omit<Finding, 'id' | 'position'>[];
}
export interface OpenedJob {
  readonly id: string;
  readonly propertyId: string;
  /** Of the newest change that is in it. */
  readonly sequence: number;
  /** What the house has made of the catalogue, and how often it has changed that. */
  readonly handbook: HouseHandbook;
  readonly handbookRevision: number;
  readonly job: VersionedEntity;
  readonly entities: readonly VersionedEntity[];
  readonly previous: PreviousJob | null;
  readonly orders: readonly IssuedOrder[];
}
export interface NewerEntities {
  readonly sequence: number;
  readonly handbookRevision: number;
  readonly entities: Acknowledgement['entities'];
}
/** One line of the log of changes. */
export interface LoggedChange {
  readonly sequence: number;
  readonly at: string;
  readonly deviceAt: string | null;
  readonly by: string;
  readonly kind: RecordKind;
  readonly entity: string;
  readonly op: 'create' | 'patch' | 'delete';
  readonly fields: readonly { readonly field: string; readonly from: unknown; readonly to: unknown }[];
}
/** What an issued order takes of a lot, in litres or kilograms. */
export interface LotReservation {
  readonly lot: string;
  readonly job: string;
  readonly jobName: string;
  readonly order: number;
  readonly amount: number;
}
/** What a job has taken of a lot, in litres or kilograms. */
export interface LotUsed extends RecordedUse {
  readonly by: string;
  /** Date and time, ISO 8601. */
  readonly at: string;
}
export interface StoredHandbook {
  readonly revision: number;
  readonly records: readonly HandbookRecord[];
}
/** One line of the handbook's log. */
export interface LoggedHandbookChange {
  readonly sequence: number;
  readonly at: string;
  readonly by: string;
  readonly part: HandbookPart;
  readonly entry: string;
  readonly op: 'put' | 'remove';
  readonly before: Readonly<Record<string, unknown>> | null;
  readonly after: Readonly<Record<string, unknown>> | null;
}
export interface NewJob {
  readonly id: string;
  readonly propertyId: string;
  readonly job: Partial<JobDetail>;
  /** Of a property that is new; a known one is told by its id alone. */
  readonly property?: Partial<Property>;
  readonly template?: string;
}
export type OrderDocument = IssuedOrder & {
  readonly document: CrewOrder;
  readonly sha256: string;
  /** Why the rules of today would not let it be issued; not there on what the device kept from before that was told. */
  readonly unsoundToday?: string | null;
};

/** An answer within this time is awaited in peace; after it the server is asked whether it is there at all. */
const PATIENCE_MILLISECONDS = 4000;
/** After this time without an answer a request is given up; what it may have done is found by its client-made ids. */
const LIMIT_MILLISECONDS = 30_000;
/** A file may take as long as a bad signal needs for it: 10 kB/s. */
const UPLOAD_BYTES_PER_MILLISECOND = 10;

const unreachable = () => new ServerProblem(0, 'The server cannot be reached.');

async function call<T>(
  method: string,
  path: string,
  body?: unknown,
  limitMilliseconds = LIMIT_MILLISECONDS,
): Promise<T> {
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
  if (response.ok) return answer as T;
  const problem = (answer === NOT_OURS ? {} : (answer ?? {})) as {
    detail?: string;
    faults?: SurveyFault[];
    conflicts?: FieldConflict[];
  };
  throw new ServerProblem(
    response.status,
    problem.detail ?? `The server answered ${String(response.status)}.`,
    problem,
  );
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

function upload<T>(path: string, field: string, file: Blob): Promise<T> {
  const form = new FormData();
  form.set(field, file, field);
  return call<T>('POST', path, form, LIMIT_MILLISECONDS + file.size / UPLOAD_BYTES_PER_MILLISECOND);
}

/** Every call of the web application to its server. */
export const server = {
  jobs: (query: JobsQuery) =>
    call<{ jobs: readonly JobSummary[]; total: number }>('GET', `/jobs?${searchOf(query)}`),
  createJob: (job: NewJob) => call<{ id: string }>('POST', '/jobs', job),
  importJob: (id: string, propertyId: string, file: unknown) =>
    call<{ id: string }>('POST', '/jobs/import', { id, propertyId, file }),
  duplicateJob: (job: string, id: string, name: string) =>
    call<{ id: string }>('POST', `/jobs/${job}/copies`, { id, name }),
  openJob: (id: string, limitMilliseconds?: number) =>
    call<OpenedJob>('GET', `/jobs/${id}`, undefined, limitMilliseconds),
  deleteJob: (id: string) => call<undefined>('DELETE', `/jobs/${id}`),
  applyChanges: (job: string, changes: readonly SurveyChange[], deviceAt: string) =>
    call<Acknowledgement>('POST', `/jobs/${job}/changes`, { changes, deviceAt }),
  changesSince: (job: string, sequence: number) =>
    call<NewerEntities>('GET', `/jobs/${job}/changes?after=${String(sequence)}`),
  log: (job: string, entity: string) =>
    call<{ changes: readonly LoggedChange[] }>('GET', `/jobs/${job}/log/${entity}`),
  issueOrder: (job: string, order: { id: string; inputsHash: string; decided: DecidedVisit }) =>
    call<IssuedOrder>('POST', `/jobs/${job}/orders`, order),
  order: (job: string, number: string) => call<OrderDocument>('GET', `/jobs/${job}/orders/${number}`),
  sendPhoto: (file: Blob) => upload<{ sha256: string }>('/photos', 'photo', file),
  properties: (query: Omit<JobsQuery, 'sort'>) =>
    call<{ properties: readonly PropertySummary[]; total: number }>('GET', `/properties?${searchOf(query)}`),
  customers: () => call<{ customers: readonly Customer[] }>('GET', '/customers'),
  setContact: (customer: string, contact: CustomerContact) =>
    call<Customer>('PUT', `/customers/${customer}/contact`, contact),
  handbook: () => call<StoredHandbook>('GET', '/handbook'),
  reservations: () =>
    call<{ readonly reservations: readonly LotReservation[] }>('GET', '/stock/reservations'),
  lotUses: (job: string) => call<{ readonly uses: readonly LotUsed[] }>('GET', `/stock/uses?job=${job}`),
  recordUse: (use: RecordedUse & { readonly job: string }) =>
    call<{ readonly uses: readonly LotUsed[] }>('POST', '/stock/uses', use),
  takeBackUse: (id: string) => call<undefined>('DELETE', `/stock/uses/${id}`),
  changeHandbook: (changes: readonly HandbookChange[]) =>
    call<StoredHandbook>('POST', '/handbook/changes', { changes }),
  handbookLog: () =>
    call<{ changes: readonly LoggedHandbookChange[] }>('GET', '/handbook/log?from=0&size=100'),
  sendDataSheet: (file: File) => upload<{ sha256: string }>('/data-sheets', 'sheet', file),
  templates: () => call<{ templates: readonly Template[] }>('GET', '/templates'),
  saveTemplate: (id: string, name: string, job: string) =>
    call<{ id: string }>('POST', '/templates', { id, name, job }),
  deleteTemplate: (id: string) => call<undefined>('DELETE', `/templates/${id}`),
};

function searchOf(query: object): string {
  return new URLSearchParams(
    Object.entries(query).map(([key, value]): [string, string] => [key, String(value)]),
  ).toString();
}
