import { applyChanges, entityIn, readJobFile, stateOf } from '@etappe/core';
import type { Acknowledgement, OpenedJob, SurveyChange, SurveyState } from '@etappe/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { SurveySessionProvider } from '../survey-edits/survey-session.tsx';

/** What the stand-in server was asked, in order. */
export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}

/** Every change that was sent, in order. */
export function sentChanges(asked: readonly Asked[]): readonly SurveyChange[] {
  return asked.flatMap((a) =>
    a.path.endsWith('/changes') && a.body ? (a.body as { changes: SurveyChange[] }).changes : [],
  );
}

/** A new one for each stand-in server: what one test leaves on the device is no other's. */
let job = uuidv7();

/** An id as the server has them, the same each time for a name of hexadecimal digits. */
export function idOf(name: string): string {
  return `00000000-0000-7000-8000-${name.padStart(12, '0')}`;
}

/** The state of a small job file. */
export function stateOfFile(file: Record<string, unknown>): SurveyState {
  const reading = readJobFile({ format: 'etappe-job', version: 1, name: 'Mill', ...file });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return stateOf(job, reading.survey);
}

/** A server that opens one job and takes every change as it comes. */
export function standInServer(made: SurveyState, answer?: (asked: Asked) => unknown): Asked[] {
  const asked: Asked[] = [];
  job = uuidv7();
  const own = job;
  const state = { ...made, job: { ...made.job, id: job } };
  let current: SurveyState = state;
  const applied = (changes: readonly SurveyChange[]): Acknowledgement => {
    const outcome = applyChanges(current, changes);
    if (!outcome.ok) throw new Error(JSON.stringify(outcome));
    current = outcome.state;
    return {
      revisions: Object.fromEntries(outcome.applied.map((a) => [a.change.id, a.after?.revision ?? null])),
      entities: changes.map((c) => ({ id: c.entity, entity: entityIn(current, c.entity) })),
    };
  };
  const opened: OpenedJob = {
    id: state.job.id,
    propertyId: state.job.id,
    sequence: 0,
    handbook: state.handbook,
    handbookRevision: 0,
    job: state.job,
    entities: [...state.entities.values()],
    previous: null,
    orders: [],
  };
  const answered = (request: Asked): unknown => {
    if (request.path.endsWith('/changes') && request.method === 'POST')
      return applied((request.body as { changes: SurveyChange[] }).changes);
    // What is made is told by its id; what is taken away, by nothing.
    if (request.method !== 'GET')
      return request.method === 'DELETE' ? undefined : { id: (request.body as { id: string }).id };
    if (request.path.includes('/changes')) return { sequence: 0, handbookRevision: 0, entities: [] };
    return request.path.includes('/log/') ? { changes: [] } : opened;
  };
  globalThis.fetch = (async (input: string, init?: RequestInit) => {
    const request = {
      method: init?.method ?? 'GET',
      path: input.replace('/api/v1', ''),
      body: typeof init?.body === 'string' ? (JSON.parse(init.body) as unknown) : null,
    };
    // What an earlier test's job still had to send or to ask is not this one's.
    const ofJob = request.method !== 'DELETE' && /^\/jobs\/[0-9a-f]{8}-/.test(request.path);
    if (ofJob && !request.path.startsWith(`/jobs/${own}`)) return new Promise<Response>(() => undefined);
    asked.push(request);
    await Promise.resolve();
    const body = answer?.(request) ?? answered(request);
    return {
      ok: true,
      status: 200,
      text: () => Promise.resolve(body === undefined ? '' : JSON.stringify(body)),
    };
  }) as typeof fetch;
  return asked;
}

/** Shows something inside the open job, at an address of it. */
export function renderInSession(shown: ReactNode, path = 'walk/wall') {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return render(
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={[`/jobs/${job}/${path}`]}>
        <Routes>
          <Route
            path="/jobs/:job/:station/:surface?"
            element={
              <SurveySessionProvider jobId={job} loading="loading" failed={(error) => error.message}>
                {shown}
              </SurveySessionProvider>
            }
          />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}
