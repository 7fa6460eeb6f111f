import { NavLink } from 'react-router';
import { EveningButton } from '../evening-button.tsx';

/** The head of the pages of the house, with the way between them. */
export function HouseHead() {
  return (
    <header className="jobs-head">
      <h1 className="wordmark">Etappe</h1>
      <nav className="house-pages" aria-label="House">
        <NavLink to="/jobs">Jobs</NavLink>
        <NavLink to="/properties">Properties</NavLink>
        <NavLink to="/handbook">Handbook</NavLink>
      </nav>
      <EveningButton />
    </header>
  );
}
