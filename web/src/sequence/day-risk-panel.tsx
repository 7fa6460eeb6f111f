import { decimal, formatDuration, roundTime, secondOfDay, shortTime } from '@etappe/core';
import type { DayRisk, Plan, Survey } from '@etappe/core';
import { FinishSpread } from '../drawing/finish-spread.tsx';
import { useDayRisk } from '../planning/day-risk.tsx';
import { say } from '../messages/sequence.ts';

interface PanelProps {
  readonly plan: Plan;
  readonly survey: Survey;
  /** A better sequence may come in the next moment. */
  readonly isOpen: boolean;
}

/** How sure the day is: when such days end, on what that hangs, what comes late, and what helps. */
export function DayRiskPanel({ plan, survey, isOpen }: PanelProps) {
  const risk = useDayRisk(isOpen ? null : plan, survey);
  return (
    <section className="day-risk" aria-label={say('risk')} aria-busy={risk === null}>
      <h3>{say('risk')}</h3>
      {risk ? <Told risk={risk} survey={survey} /> : <p className="quiet">{say('risk/working')}</p>}
    </section>
  );
}

function Told({ risk, survey }: { readonly risk: DayRisk; readonly survey: Survey }) {
  const dayStart = secondOfDay(survey.job.house.dayStart);
  const { plannedSeconds, likelySeconds, cautiousSeconds, tooLongChance, daySeconds, runs } = risk;
  const clock = (at: number) => roundTime(dayStart + at);
  return (
    <>
      <p>
        {say('risk/ends', {
          planned: clock(plannedSeconds),
          likely: clock(likelySeconds),
          cautious: clock(cautiousSeconds),
        })}{' '}
        {say('risk/too-long', { chance: percent(tooLongChance), day: formatDuration(daySeconds) })}
      </p>
      <FinishSpread risk={risk} dayStart={dayStart} />
      <div className="risk-lists">
        <div>
          <h4>{say('risk/hangs-on')}</h4>
          <ol>
            {risk.hangsOn.map(({ round, share }) => (
              <li key={round.id}>
                <span className="figure">{percent(share)}</span> {round.name}
              </li>
            ))}
          </ol>
        </div>
        <div>
          {risk.missed.length > 0 && (
            <>
              <h4>{say('risk/missed')}</h4>
              <ul>
                {risk.missed.map(({ round, chance, lastStart }) => (
                  <li key={round.id}>
                    <span className="figure">{percent(chance)}</span>{' '}
                    {say('risk/missed-at', { places: round.places, at: shortTime(dayStart + lastStart) })}
                  </li>
                ))}
              </ul>
            </>
          )}
          <h4>{say('risk/late')}</h4>
          {risk.late.length === 0 ? (
            <p>{say('risk/nothing-late')}</p>
          ) : (
            <>
              <ul>
                {risk.late.slice(0, MOST_LATE).map(({ surface, name, chance }) => (
                  <li key={surface}>
                    <span className="figure">{percent(chance)}</span> {name}
                  </li>
                ))}
              </ul>
              <p className="quiet">{say('risk/late-way-out')}</p>
            </>
          )}
          <h4>{say('risk/helps')}</h4>
          <p>
            {risk.help
              ? say('risk/help', {
                  name: risk.help.round.name,
                  earlier: formatDuration(60 * Math.round(risk.help.earlierSeconds / 60)),
                })
              : say('risk/no-help')}
          </p>
        </div>
      </div>
      <p className="quiet">{say('risk/how', { runs: decimal(runs, 0) })}</p>
    </>
  );
}

const MOST_LATE = 6;
const percent = (share: number) => `${decimal(100 * share, 0)} %`;
