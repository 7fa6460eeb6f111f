import { Navigate, createBrowserRouter } from 'react-router';
import { PageFailed } from './page-failed.tsx';

/** Every page; each station is loaded when it is first opened. */
export const router = createBrowserRouter([
  {
    ErrorBoundary: PageFailed,
    HydrateFallback: () => null,
    children: [
      { path: '/', element: <Navigate to="/jobs" replace /> },
      { path: '/jobs', lazy: async () => ({ Component: (await import('./jobs/jobs-page.tsx')).JobsPage }) },
      {
        path: '/properties',
        lazy: async () => ({ Component: (await import('./properties/properties-page.tsx')).PropertiesPage }),
      },
      {
        path: '/handbook/:kind?/:id?',
        lazy: async () => ({ Component: (await import('./handbook/handbook-page.tsx')).HandbookPage }),
      },
      {
        path: '/jobs/:job',
        lazy: async () => ({ Component: (await import('./job-frame/job-shell.tsx')).JobShell }),
        children: [
          { index: true, element: <Navigate to="walk" replace /> },
          {
            path: 'walk/:surface?',
            lazy: async () => ({ Component: (await import('./walk/walk-page.tsx')).WalkPage }),
          },
          {
            path: 'report',
            lazy: async () => ({ Component: (await import('./walk/report/report-page.tsx')).ReportPage }),
          },
          {
            path: 'damage',
            lazy: async () => ({ Component: (await import('./damage/damage-page.tsx')).DamagePage }),
          },
          {
            path: 'treat/:surface?',
            lazy: async () => ({ Component: (await import('./treat/treat-page.tsx')).TreatPage }),
          },
          {
            path: 'supply/:surface?',
            lazy: async () => ({ Component: (await import('./supply/supply-page.tsx')).SupplyPage }),
          },
          {
            path: 'sequence/:surface?',
            lazy: async () => ({ Component: (await import('./sequence/sequence-page.tsx')).SequencePage }),
          },
          {
            path: 'papers/:kind?',
            lazy: async () => ({ Component: (await import('./papers/papers-page.tsx')).PapersPage }),
          },
          {
            path: 'order/:number?',
            lazy: async () => ({ Component: (await import('./order/order-page.tsx')).OrderPage }),
          },
        ],
      },
      { path: '*', lazy: async () => ({ Component: (await import('./page-missing.tsx')).PageMissing }) },
    ],
  },
]);
