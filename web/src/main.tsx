import '@fontsource-variable/archivo';
import '@fontsource-variable/atkinson-hyperlegible-next';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { EveningProvider } from './evening.tsx';
import { router } from './pages.tsx';
import { ServerProblem } from './server-connection.ts';
import './style.css';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // A server that is away is asked again until it is back; a "no" is final.
      retry: (count, error) => error instanceof ServerProblem && error.passes && count < 1,
      refetchInterval: (query) =>
        query.state.error instanceof ServerProblem && query.state.error.passes ? 3000 : false,
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
});

const root = document.getElementById('root');
if (!root) throw new Error('index.html has no #root');
createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <EveningProvider>
        <RouterProvider router={router} />
      </EveningProvider>
    </QueryClientProvider>
  </StrictMode>,
);
