import {
  decimal,
  fixedByMove,
  formatDuration,
  money,
  paidSeconds,
  paidWages,
  roundTime,
  roundsInWords,
  secondOfDay,
  shortTime,
  workInRound,
} from '@etappe/core';
import type { Fixed, NamedRound, Plan, Survey } from '@etappe/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { DayColumn } from '../drawing/day-column.tsx';
import { DayRibbon } from '../drawing/day-ribbon.tsx';
import { ImprovingLine } from '../planning/improving-line.tsx';
import { useSearchedPlan } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { VisitChoice } from '../visits/visit-choice.tsx';
import { PlanWarnings } from './plan-warnings.tsx';
import { PinEditor } from './pin-editor.tsx';
import { RoundsList } from './rounds-list.tsx';
import { FrontsTable } from './fronts-table.tsx';
import { DayTable } from './day-table.tsx';
import { DayComparison } from './day-comparison.tsx';
import { DayRiskPanel } from './day-risk-panel.tsx';
import { DaySettings } from './day-settings.tsx';
import { PHONE, useMedia } from '../use-media.ts';
import { rich, say } from '../messages/sequence.ts';
import './sequence-page.css';

/** The visit on one time axis, and what it was made from: crew, machines, hours and weather. */
export function SequencePage() {
  const { survey, jobId } = useSurveySession();
  const { plan, working, improving } = useSearchedPlan();
  if (!plan)
    return <div className="station-skeleton" role="status" aria-label={say('working-out-the-plan')} />;
  return (
    <div className="sequence">
      <section
        className="sequence-main"
        aria-label={say('the-visit')}
        aria-busy={working || improving !== null}
      >
        <div className="sequence-head">
          <div className="sequence-title">
            <h2>
              {plan.visits.length > 1 ? say('visit', { visitNumber: plan.visitNumber }) : say('the-visit')}
            </h2>
            <ImprovingLine />
          </div>
          {plan.visit ? (
            <VisitFigures plan={plan} />
          ) : (
            <span className="quiet">{say('no-sequence-yet')}</span>
          )}
        </div>
        <VisitChoice plan={plan} />
        {plan.visit && (
          <>
            <DayAndRounds plan={plan} survey={survey} />
            <DayComparison plan={plan} survey={survey} />
            <DayRiskPanel plan={plan} survey={survey} isOpen={working || improving !== null} />
          </>
        )}
        <PlanWarnings plan={plan} />
        {!plan.visit && (
          <p>
            {rich('add-surfaces-with-what-is', {
              link: <Link to={`/jobs/${jobId}/walk`}>{say('walk')}</Link>,
            })}
          </p>
        )}
        <FrontsTable plan={plan} />
      </section>
      <aside className="sequence-settings" aria-label={say('crew-machines-hours-and-weather')}>
        <DaySettings />
      </aside>
    </div>
  );
}

/** A round that was dragged or opened on the drawing, and the day that it stood in. */
interface Moved {
  readonly round: NamedRound;
  readonly plan: Plan;
  readonly rounds: readonly NamedRound[];
  readonly draft: Fixed | null;
}

/** The day drawn, and the same as lists; a round that is moved on the drawing is tried below it. */
function DayAndRounds({ plan, survey }: { readonly plan: Plan; readonly survey: Survey }) {
  const rounds = useMemo(() => roundsInWords(plan), [plan]);
  const isPhone = useMedia(PHONE);
  const [moved, setMoved] = useState<Moved | null>(null);
  return (
    <>
      {isPhone ? (
        <DayColumn plan={plan} survey={survey} rounds={rounds} />
      ) : (
        <DayRibbon
          plan={plan}
          survey={survey}
          rounds={rounds}
          movable={(round) => workInRound(round, plan).work.length > 0}
          move={(round, to) => {
            setMoved({ round, plan, rounds, draft: to && fixedByMove(round, to, survey) });
          }}
        />
      )}
      {moved && (
        <div className="pin-moved hairline">
          <h3>{moved.round.name}</h3>
          <PinEditor
            plan={moved.plan}
            key={`${moved.round.id} ${JSON.stringify(moved.draft)}`}
            survey={survey}
            round={moved.round}
            rounds={moved.rounds}
            wanted={moved.draft}
            close={() => {
              setMoved(null);
            }}
          />
        </div>
      )}
      <RoundsList plan={plan} survey={survey} rounds={rounds} />
      <DayTable plan={plan} survey={survey} rounds={rounds} />
    </>
  );
}

function VisitFigures({ plan }: { readonly plan: Plan }) {
  const { survey } = useSurveySession();
  if (!plan.visit) return null;
  const { schedule, lowerBound, gap } = plan.visit;
  const start = secondOfDay(survey.job.house.dayStart);
  // Where the property opens later than the company begins.
  const first = Math.min(...schedule.placements.map((placed) => placed.start));
  const people = survey.job.house.crew.length;
  const wages = paidWages(schedule.makespan, survey.job.house, survey.handbook.people ?? []);
  return (
    <>
      <dl className="visit-figures">
        <div>
          <dt>{say('from-to')}</dt>
          <dd>
            {shortTime(start + first)} – {roundTime(start + schedule.makespan)}
          </dd>
        </div>
        <div>
          <dt>{say('takes')}</dt>
          <dd>{formatDuration(schedule.makespan)}</dd>
        </div>
        <div>
          <dt>{say('paid-time')}</dt>
          <dd>
            {formatDuration(paidSeconds(schedule.makespan, survey.job.house))}{' '}
            <small>
              {say('people-people', { people })}
              {wages !== null && `, ${say('paid/at-their-rates', { wages: money(wages) })}`}
            </small>
          </dd>
        </div>
        <div title={say('limited-by', { because: lowerBound.because })}>
          <dt>{say('shortest-possible')}</dt>
          <dd>
            {formatDuration(lowerBound.seconds)} <small>{say('gap', { gap: decimal(gap * 100, 0) })}</small>
          </dd>
        </div>
      </dl>
      <p className="visit-bound quiet">{say('limited-by-because', { because: lowerBound.because })}</p>
    </>
  );
}
