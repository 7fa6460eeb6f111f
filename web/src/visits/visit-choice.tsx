import { formatDuration, visitOutlines } from '@etappe/core';
import type { Plan, VisitOutline } from '@etappe/core';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useJob } from '../survey-edits/use-entity.ts';
import { say } from '../messages/visits.ts';
import './visit-choice.css';

/** When a visit is, in short. */
export function visitDay({ from, latest, fromDay, number, goesOn = false }: VisitOutline): string {
  if (number === 1) return from ?? say('first-day');
  const begin = from ?? say('days-later', { fromDay });
  if (goesOn) return say('goes-on', { begin });
  return say('from-day', { begin, latest: latest === null ? '' : say('by-at-the-latest', { latest }) });
}

const MOST_NAMES = 3;

/** "Wall 1, Wall 2, Yard and 4 more" */
function shortList(names: readonly string[]): string {
  if (names.length <= MOST_NAMES + 1) return names.join(', ');
  return say('and-more', {
    names: names.slice(0, MOST_NAMES).join(', '),
    more: names.length - MOST_NAMES,
  });
}

/** The visits of the job: which one is planned now, when the others are, and why they are not the same day. */
export function VisitChoice({ plan }: { readonly plan: Plan }) {
  const { survey } = useSurveySession();
  const { patch } = useJob();
  const visits = visitOutlines(plan, survey);
  if (visits.length < 2) return null;
  return (
    <div className="visit-choice" role="group" aria-label={say('visits')}>
      {visits.map((visit) => (
        <button
          key={visit.number}
          type="button"
          className="visit-card"
          aria-pressed={visit.number === plan.visitNumber}
          onClick={() => {
            patch({ visit: visit.number });
          }}
        >
          <b>{say('visit', { number: visit.number })}</b> <span className="figure">{visitDay(visit)}</span>
          <small>
            {say('surfaces', { count: visit.faces.length })}{' '}
            {say('hands-on', {
              what: formatDuration(60 * Math.round(visit.handsOnMinutes)),
              numberWords: visit.number > 1 ? `: ${shortList(visit.faces.map((f) => f.name))}` : '',
            })}
          </small>
        </button>
      ))}
    </div>
  );
}
