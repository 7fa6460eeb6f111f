import { NavLink, useLocation } from 'react-router';
import { LanguageChoice } from '../language-choice.tsx';
import { EveningButton } from '../evening-button.tsx';
import { say } from '../messages/lists.ts';

const PAGES = [
  ['/jobs', say('jobs')],
  ['/properties', say('properties')],
  ['/handbook', say('handbook')],
] as const;

/** The head of the pages of the company, with the way between them. */
export function CompanyHead() {
  const { pathname } = useLocation();
  const here = PAGES.find(([path]) => pathname.startsWith(path))?.[1] ?? '';
  return (
    <header className="jobs-head">
      <title>{say('etappe-here', { here })}</title>
      <h1 className="wordmark">{say('etappe')}</h1>
      <nav className="house-pages" aria-label={say('company')}>
        {PAGES.map(([path, name]) => (
          <NavLink key={path} to={path}>
            {name}
          </NavLink>
        ))}
      </nav>
      <LanguageChoice />
      <EveningButton />
    </header>
  );
}
