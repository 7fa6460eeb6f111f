import { NavLink, useLocation } from 'react-router';
import { EveningButton } from '../evening-button.tsx';

const PAGES = [
  ['/jobs', 'Jobs'],
  ['/properties', 'Properties'],
  ['/handbook', 'Handbook'],
] as const;

/** The head of the pages of the company, with the way between them. */
export function HouseHead() {
  const { pathname } = useLocation();
  const here = PAGES.find(([path]) => pathname.startsWith(path))?.[1] ?? '';
  return (
    <header className="jobs-head">
      <title>{`${here} · Etappe`}</title>
      <h1 className="wordmark">Etappe</h1>
      <nav className="house-pages" aria-label="Company">
        {PAGES.map(([path, name]) => (
          <NavLink key={path} to={path}>
            {name}
          </NavLink>
        ))}
      </nav>
      <EveningButton />
    </header>
  );
}
