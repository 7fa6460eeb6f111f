import { afterEach, describe, expect, it, jest } from '@jest/globals';
import type { OrderPdf } from '@etappe/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { server } from '../server-connection.ts';
import { OrderPdfButton } from './order-pdf-button.tsx';

afterEach(() => {
  jest.restoreAllMocks();
});

describe('the PDF of an issued order', () => {
  it('is waited for, and then there with its hash', async () => {
    const made: OrderPdf = { state: 'made', why: '', file: { sha256: 'a'.repeat(64), bytes: 141_200 } };
    const answers: OrderPdf[] = [{ state: 'making', why: '', file: null }];
    jest.spyOn(server, 'orderPdf').mockImplementation(() => Promise.resolve(answers.shift() ?? made));
    render(
      <QueryClientProvider client={new QueryClient()}>
        <OrderPdfButton job="j" number="3" />
      </QueryClientProvider>,
    );
    expect(await screen.findByText('PDF is being made')).toBeInTheDocument();
    const link = await screen.findByRole('link', { name: /PDF, 142 kB/ }, { timeout: 4000 });
    expect(link).toHaveAttribute('href', '/api/v1/jobs/j/orders/3/pdf/file');
    expect(link).toHaveAttribute('title', `SHA-256 ${'a'.repeat(64)}`);
  });

  it('that failed says why, and is asked for again', async () => {
    const asked = jest
      .spyOn(server, 'orderPdf')
      .mockResolvedValue({ state: 'failed', why: 'out of paper', file: null });
    render(
      <QueryClientProvider client={new QueryClient()}>
        <OrderPdfButton job="j" number="3" />
      </QueryClientProvider>,
    );
    await userEvent.click(await screen.findByRole('button', { name: /could not be made: out of paper/ }));
    await waitFor(() => {
      expect(asked).toHaveBeenCalledTimes(2);
    });
  });
});
