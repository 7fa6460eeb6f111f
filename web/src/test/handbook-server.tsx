import { applyHandbookChanges } from '@etappe/core';
import type { HandbookChange, HandbookRecord } from '@etappe/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { EveningProvider } from '../evening.tsx';
import { HandbookPage } from '../handbook/handbook-page.tsx';

/** The twin of the server's handbook in memory. */
export class HandbookServer {
  records: readonly HandbookRecord[];
  readonly batches: (readonly HandbookChange[])[] = [];
  /** Set: what every change is answered with. */
  refusal: { readonly status: number; readonly body: object } | null = null;

  constructor(records: readonly HandbookRecord[] = []) {
    this.records = records;
    globalThis.fetch = (async (input: string, init?: RequestInit) => {
      await Promise.resolve();
      const { status, body } = this.answer(input, init);
      return { ok: status < 400, status, text: () => Promise.resolve(JSON.stringify(body)) };
    }) as typeof fetch;
  }

  private answer(path: string, init?: RequestInit): { readonly status: number; readonly body: unknown } {
    if (path.includes('/data-sheets')) return { status: 201, body: { sha256: 'a'.repeat(64) } };
    if (path.includes('/log')) return { status: 200, body: { changes: [] } };
    if (typeof init?.body === 'string') {
      const { changes } = JSON.parse(init.body) as { changes: HandbookChange[] };
      this.batches.push(changes);
      if (this.refusal) return this.refusal;
      const outcome = applyHandbookChanges(this.records, changes);
      if (!outcome.ok) return { status: 422, body: { faults: outcome.faults } };
      this.records = outcome.records;
    }
    return { status: 200, body: { revision: this.batches.length, records: this.records } };
  }
}

/** Opens the handbook at an address. */
export function renderHandbook(path: string) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return render(
    <QueryClientProvider client={client}>
      <EveningProvider>
        <MemoryRouter initialEntries={[path]}>
          <Routes>
            <Route path="/handbook/:kind?/:id?" element={<HandbookPage />} />
          </Routes>
        </MemoryRouter>
      </EveningProvider>
    </QueryClientProvider>,
  );
}
