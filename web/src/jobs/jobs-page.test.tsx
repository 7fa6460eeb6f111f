import type { JobSummary } from '@etappe/core';
import { describe, expect, it } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { idOf, standInServer, stateOfFile } from '../test/in-session.tsx';
import { faultAt, timeZones } from '../new-job/job-fields.ts';
import { JobsPage } from './jobs-page.tsx';

const job = (id: string, name: string, customer: string, updatedAt: string): JobSummary => ({
  id: idOf(id),
  name,
  customer,
  start: null,
  surfaces: 2,
  lastOrder: id === 'b' ? 4 : null,
  updatedAt,
});
const JOBS = [
  job('a', 'Mill', 'Zoe', '2026-05-01T08:00:00Z'),
  job('b', 'Barn', 'Yan', '2026-05-02T08:00:00Z'),
];
const state = stateOfFile({ surfaces: [{ id: 'w', material: 'concrete', size: '1x1', findings: [] }] });

/** A server that finds and sorts as ours does. */
function answered(jobs: readonly JobSummary[], path: string) {
  const query = new URLSearchParams(path.split('?')[1]);
  const sort = query.get('sort') as 'name' | 'customer' | 'updatedAt';
  const find = (query.get('find') ?? '').toLowerCase();
  const found = jobs.filter((j) => `${j.name} ${j.customer}`.toLowerCase().includes(find));
  const sorted = [...found].sort((a, b) => a[sort].localeCompare(b[sort]));
  const all = sort === 'updatedAt' ? sorted.reverse() : sorted;
  const from = Number(query.get('from'));
  return { jobs: all.slice(from, from + Number(query.get('size'))), total: all.length };
}

function show(jobs: readonly JobSummary[], address = '/jobs') {
  const asked = standInServer(state, (request) => {
    if (request.path.startsWith('/templates')) return { templates: [] };
    return request.path.startsWith('/jobs?') ? answered(jobs, request.path) : undefined;
  });
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[address]}>
        <JobsPage />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return asked;
}
const names = () =>
  within(screen.getByRole('table'))
    .getAllByRole('link')
    .map((l) => l.textContent);

describe('the jobs page', () => {
  it('lists the job edited last first, with its last order', async () => {
    show(JOBS);
    expect(await screen.findByText('No. 4')).toBeInTheDocument();
    expect(names()).toEqual(['Barn', 'Mill']);
  });

  it('sorts by a column and finds by name or customer, from the address', async () => {
    show(JOBS, '/jobs?sort=customer&find=z');
    expect(await screen.findByText('Mill')).toBeInTheDocument();
    expect(names()).toEqual(['Mill']);
    await userEvent.clear(screen.getByRole('searchbox'));
    await waitFor(() => {
      expect(names()).toEqual(['Barn', 'Mill']);
    });
  });

  it('turns page by page, from the address', async () => {
    const many = Array.from({ length: 60 }, (_, i) =>
      job(String(i), `Job ${String(i).padStart(2, '0')}`, 'C', '2026-05-01T08:00:00Z'),
    );
    show(many, '/jobs?sort=name&from=25');
    expect(await screen.findByText('26 to 50 of 60')).toBeInTheDocument();
    expect(names()[0]).toBe('Job 25');
    await userEvent.click(screen.getByRole('button', { name: 'Later' }));
    expect(await screen.findByText('51 to 60 of 60')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Later' })).toBeDisabled();
  });

  it('says what to do where there are none, and where none matches', async () => {
    show([], '/jobs?find=x');
    expect(await screen.findByText('No job matches “x”')).toBeInTheDocument();
    await userEvent.clear(screen.getByRole('searchbox'));
    expect(await screen.findByText('No jobs yet')).toBeInTheDocument();
  });

  it('asks before it deletes', async () => {
    const asked = show(JOBS);
    await userEvent.click(await screen.findByRole('button', { name: 'Delete Mill' }));
    expect(asked.some((a) => a.method === 'DELETE')).toBe(false);
    await userEvent.click(screen.getByRole('button', { name: 'Delete job' }));
    await waitFor(() => {
      expect(asked.find((a) => a.method === 'DELETE')?.path).toBe(`/jobs/${idOf('a')}`);
    });
  });
});

describe('fields of a job', () => {
  it('find their own fault', () => {
    const faults = [{ path: 'place.latitude', message: 'too far north' }];
    expect(faultAt(faults, 'place.latitude')).toBe('too far north');
    expect(faultAt(faults, 'name')).toBeNull();
  });

  it('offer the time zone of the job even where the device does not know it', () => {
    expect(timeZones('Moon/Base')[0]).toBe('Moon/Base');
    expect(timeZones('Europe/Zurich')).toContain('Europe/Zurich');
  });
});
