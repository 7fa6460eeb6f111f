import { applyChange, readJobFile, stateOf } from '@etappe/core';
import type { SurveyChange, SurveyState } from '@etappe/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter, Route, Routes } from 'react-router';
import type { AppliedBatch, OpenedJob } from '../server-connection.ts';
import { SurveySessionProvider } from '../survey-edits/survey-session.tsx';

/** What the stand-in server was asked, in order. */
export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}

const JOB = '01900000-0000-7000-8000-0000000000aa';

/** The state of a small job file. */
export function stateOfFile(file: Record<string, unknown>): SurveyState {
  const reading = readJobFile({ format: 'etappe-job', version: 1, name: 'Mill', ...file });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return stateOf(JOB, reading.survey);
}

/** A server that opens one job and takes every change as it comes. */
export function standInServer(state: SurveyState, answer?: (asked: Asked) => unknown): Asked[] {
  const asked: Asked[] = [];
  let current = state;
  const applied = (changes: readonly SurveyChange[]): AppliedBatch => {
    for (const change of changes) {
      const outcome = applyChange(current, change);
      if (!outcome.ok) throw new Error(JSON.stringify(outcome));
      current = outcome.state;
    }
    return {
      entities: changes.map((c) => ({ id: c.entity, entity: current.entities.get(c.entity) ?? null })),
    };
  };
  const opened: OpenedJob = { id: JOB, job: state.job, entities: [...state.entities.values()], orders: [] };
  globalThis.fetch = (async (input: string, init?: RequestInit) => {
    const request = {
      method: init?.method ?? 'GET',
      path: input.replace('/api/v1', ''),
      body: typeof init?.body === 'string' ? (JSON.parse(init.body) as unknown) : null,
    };
    asked.push(request);
    await Promise.resolve();
    const body =
      answer?.(request) ??
      (request.method === 'GET' ? opened : applied((request.body as { changes: SurveyChange[] }).changes));
    return { ok: true, status: 200, json: () => Promise.resolve(body) };
  }) as typeof fetch;
  return asked;
}

/** Shows something inside the open job, at an address of it. */
export function renderInSession(shown: ReactNode, path = 'walk/wall') {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return render(
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={[`/jobs/${JOB}/${path}`]}>
        <Routes>
          <Route
            path="/jobs/:job/:station/:surface?"
            element={
              <SurveySessionProvider jobId={JOB} loading="loading" failed={(error) => error.message}>
                {shown}
              </SurveySessionProvider>
            }
          />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}
