import { formatDuration, visitOutlines } from '@etappe/core';
import type { Plan, VisitOutline } from '@etappe/core';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useJob } from '../survey-edits/use-entity.ts';
import './visit-choice.css';

/** When a visit is, in short. */
export function visitDay({ from, latest, fromDay, number }: VisitOutline): string {
  if (number === 1) return from ?? 'first day';
  const begin = from ?? `${fromDay} days later`;
  return `from ${begin}${latest === null ? '' : `, by ${latest} at the latest`}`;
}

/** The visits of the job: which one is planned now, when the others are, and why they are not the same day. */
export function VisitChoice({ plan }: { readonly plan: Plan }) {
  const { survey } = useSurveySession();
  const { patch } = useJob();
  const visits = visitOutlines(plan, survey);
  if (visits.length < 2) return null;
  return (
    <div className="visit-choice" role="group" aria-label="Visits">
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
          <b>Visit {visit.number}</b> <span className="figure">{visitDay(visit)}</span>
          <small>
            {visit.faces.length} {visit.faces.length === 1 ? 'surface' : 'surfaces'},{' '}
            {formatDuration(60 * Math.round(visit.handsOnMinutes))} hands-on
            {visit.number > 1 ? `: ${visit.faces.map((f) => f.name).join(', ')}` : ''}
          </small>
        </button>
      ))}
    </div>
  );
}
