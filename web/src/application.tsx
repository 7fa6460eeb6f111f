import '@fontsource-variable/archivo';
import '@fontsource-variable/atkinson-hyperlegible-next';
import { QueryClient } from '@tanstack/react-query';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { colourSheet } from './colours.ts';
import { EveningProvider } from './evening.tsx';
import { keptAnswers } from './kept-answers.ts';
import { NewVersionBar } from './new-version-bar.tsx';
import { router } from './pages.tsx';
import { pendingPhotos } from './photos/pending-photos.ts';
import { ServerProblem } from './server-connection.ts';
import { heedNetworkHints, serverReach } from './server-reach.ts';
import { keepOnDevice } from './service-worker.ts';
import './style.css';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // A server that is away is asked again until it is back (below); a "no" is final.
      retry: (count, error) =>
        error instanceof ServerProblem && error.passes && error.status !== 0 && count < 1,
      refetchInterval: (query) =>
        query.state.error instanceof ServerProblem && query.state.error.passes ? 3000 : false,
      networkMode: 'always',
    },
    mutations: {
      networkMode: 'always',
      // What had no turn is sent again by itself, as the answer says; every write may be repeated.
      retry: (count, error) => error instanceof ServerProblem && error.status === 503 && count < 3,
    },
  },
});

keepOnDevice();
// Photos that were taken without a network go as soon as there is one, whatever page is open.
pendingPhotos.open().catch(() => {
  // A browser that keeps nothing has nothing left from before; a photo that is added says so itself.
});
heedNetworkHints(serverReach);
serverReach.whenBack(() => {
  pendingPhotos.flush();
});

// Before all other sheets: what is printed sets colours of its own.
const colours = document.createElement('style');
colours.textContent = colourSheet();
document.head.prepend(colours);

const root = document.getElementById('root');
if (!root) throw new Error('index.html has no #root');
createRoot(root).render(
  <StrictMode>
    <PersistQueryClientProvider client={queries} persistOptions={keptAnswers}>
      <EveningProvider>
        <RouterProvider router={router} />
        <NewVersionBar />
      </EveningProvider>
    </PersistQueryClientProvider>
  </StrictMode>,
);
