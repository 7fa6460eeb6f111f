import { useRouteError } from 'react-router';

/** Shown where a page could not be drawn; nothing that was saved is lost. */
export function PageFailed() {
  const error = useRouteError();
  return (
    <main style={{ padding: 32, maxWidth: 560 }}>
      <h1>This page could not be shown</h1>
      <p style={{ marginTop: 12 }}>{error instanceof Error ? error.message : 'An unexpected error.'}</p>
      <p>Saved work is safe. Reload the page, or go back to the jobs.</p>
      <p>
        <a href="/jobs">All jobs</a>
      </p>
    </main>
  );
}
