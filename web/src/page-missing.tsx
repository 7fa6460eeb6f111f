import { Link } from 'react-router';

export function PageMissing() {
  return (
    <main style={{ padding: 32 }}>
      <h1>Page not found</h1>
      <p style={{ marginTop: 12 }}>
        <Link to="/jobs">All jobs</Link>
      </p>
    </main>
  );
}
