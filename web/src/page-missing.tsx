import { Link } from 'react-router';
import { say } from './messages/app.ts';

export function PageMissing() {
  return (
    <main style={{ padding: 32 }}>
      <h1>{say('page-not-found')}</h1>
      <p style={{ marginTop: 12 }}>
        <Link to="/jobs">{say('all-jobs')}</Link>
      </p>
    </main>
  );
}
