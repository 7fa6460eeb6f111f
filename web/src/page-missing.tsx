import { Link } from 'react-router';

export function PageMissing() {
  return (
    <main style={{ padding: 32 }}>
      <h1>There is no such page</h1>
      <p style={{ marginTop: 12 }}>
        <Link to="/jobs">All jobs</Link>
      </p>
    </main>
  );
}
