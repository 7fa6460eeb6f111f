import type {
  CrewOrder,
  DecidedVisit,
  FieldConflict,
  JobDetail,
  SurveyChange,
  SurveyFault,
  VersionedEntity,
} from '@etappe/core';

/** A problem document of the server, or that it could not be reached at all (status 0). */
export class ServerProblem extends Error {
  readonly status: number;
  readonly faults: readonly SurveyFault[];
  readonly conflicts: readonly FieldConflict[];
  constructor(
    status: number,
    detail: string,
    more: { faults?: readonly SurveyFault[]; conflicts?: readonly FieldConflict[] } = {},
  ) {
    super(detail);
    this.status = status;
    this.faults = more.faults ?? [];
    this.conflicts = more.conflicts ?? [];
  }
  /** Nothing is wrong with what was sent: trying again later can help. */
  get passes(): boolean {
    return this.status === 0 || this.status === 503 || this.status === 502 || this.status === 504;
  }
}

export interface JobSummary {
  readonly id: string;
  readonly name: string;
  readonly customer: string;
  readonly start: string | null;
  readonly surfaces: number;
  readonly lastOrder: number | null;
  readonly updatedAt: string;
}
export interface IssuedOrder {
  readonly id: string;
  readonly number: number;
  readonly issuedAt: string;
  readonly issuedBy: string;
  readonly inputsHash: string;
}
export interface OpenedJob {
  readonly id: string;
  readonly job: VersionedEntity;
  readonly entities: readonly VersionedEntity[];
  readonly orders: readonly IssuedOrder[];
}
export interface AppliedBatch {
  readonly entities: readonly { readonly id: string; readonly entity: VersionedEntity | null }[];
}
export type OrderDocument = IssuedOrder & { readonly document: CrewOrder; readonly sha256: string };

async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api/v1${path}`, {
      method,
      ...(body === undefined
        ? {}
        : { body: JSON.stringify(body), headers: { 'Content-Type': 'application/json' } }),
    });
  } catch {
    throw new ServerProblem(0, 'The server cannot be reached.');
  }
  if (response.ok) return (response.status === 204 ? undefined : await response.json()) as T;
  const problem = (await response.json().catch(() => ({}))) as {
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

/** Every call of the web application to its server. */
export const server = {
  jobs: () => call<{ jobs: readonly JobSummary[] }>('GET', '/jobs'),
  createJob: (id: string, propertyId: string, job: Partial<JobDetail>) =>
    call<{ id: string }>('POST', '/jobs', { id, propertyId, job }),
  openJob: (id: string) => call<OpenedJob>('GET', `/jobs/${id}`),
  deleteJob: (id: string) => call<undefined>('DELETE', `/jobs/${id}`),
  applyChanges: (job: string, changes: readonly SurveyChange[]) =>
    call<AppliedBatch>('POST', `/jobs/${job}/changes`, { changes }),
  issueOrder: (job: string, order: { id: string; inputsHash: string; decided: DecidedVisit }) =>
    call<IssuedOrder>('POST', `/jobs/${job}/orders`, order),
  order: (job: string, number: string) => call<OrderDocument>('GET', `/jobs/${job}/orders/${number}`),
};
