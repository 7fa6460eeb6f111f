import { useRouteError } from 'react-router';
import { say } from './messages/app.ts';

/** Shown where a page could not be drawn; nothing that was saved is lost. */
export function PageFailed() {
  const error = useRouteError();
  return (
    <main style={{ padding: 32, maxWidth: 560 }}>
      <h1>{say('this-page-could-not-be')}</h1>
      <p style={{ marginTop: 12 }}>{error instanceof Error ? error.message : say('an-unexpected-error')}</p>
      <p>{say('saved-work-is-safe-reload')}</p>
      <p>
        <a href="/jobs">{say('all-jobs')}</a>
      </p>
    </main>
  );
}
