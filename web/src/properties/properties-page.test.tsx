import type { PropertySummary } from '@etappe/core';
import { describe, expect, it } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { idOf, standInServer, stateOfFile } from '../test/in-session.tsx';
import { PropertiesPage } from './properties-page.tsx';

const state = stateOfFile({ surfaces: [{ id: 'w', material: 'concrete', size: '1x1', findings: [] }] });
const mill: PropertySummary = {
  id: idOf('1'),
  name: 'Old mill',
  customer: 'Zoe',
  customerId: idOf('2'),
  address: 'Weir 1',
  surfaces: 3,
  jobs: [{ id: idOf('3'), name: 'Mill, spring', start: '2026-05-04' }],
};

function show() {
  const asked = standInServer(state, ({ method, path }) => {
    if (method !== 'GET') return undefined;
    if (path.startsWith('/templates')) return { templates: [] };
    if (path.startsWith('/customers'))
      return {
        customers: [{ id: idOf('2'), name: 'Zoe', person: '', phone: '', mail: '', note: '' }],
      };
    const found = 'old mill zoe'.includes(
      new URLSearchParams(path.split('?')[1]).get('find')?.toLowerCase() ?? '',
    );
    return { properties: found ? [mill] : [], total: found ? 1 : 0 };
  });
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={['/properties']}>
        <PropertiesPage />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return asked;
}

describe('the properties page', () => {
  it('shows what is known of each property, with its jobs', async () => {
    show();
    expect(await screen.findByText('Old mill')).toBeInTheDocument();
    expect(screen.getByText('Weir 1')).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Mill, spring' })).toHaveAttribute(
      'href',
      `/jobs/${idOf('3')}/walk`,
    );
  });

  it('finds by name and customer', async () => {
    const asked = show();
    await screen.findByText('Old mill');
    await userEvent.type(screen.getByRole('searchbox'), 'x');
    await waitFor(() => {
      expect(screen.queryByText('Old mill')).toBeNull();
    });
    expect(asked.some((a) => a.path.includes('find=x'))).toBe(true);
  });

  it('begins a job on a property that is known: only its name is asked, the rest is carried over', async () => {
    const asked = show();
    await userEvent.click(await screen.findByRole('button', { name: /New job/ }));
    await userEvent.type(await screen.findByLabelText('Name'), 'Mill, autumn');
    expect(screen.queryByLabelText('Latitude, degrees north')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Create job' }));
    await waitFor(() => {
      expect(JSON.stringify(asked.find((a) => a.method === 'POST')?.body)).toContain('Mill, autumn');
    });
    expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({ propertyId: idOf('1') });
  });
});
