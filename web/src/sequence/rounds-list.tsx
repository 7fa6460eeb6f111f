import { roundTime, roundsInWords, secondOfDay } from '@etappe/core';
import type { Plan, Survey } from '@etappe/core';
import { say } from '../messages/sequence.ts';

/** Each person's day to be read: round after round, to five minutes. */
export function RoundsList({ plan, survey }: { readonly plan: Plan; readonly survey: Survey }) {
  const dayStart = secondOfDay(survey.job.house.dayStart);
  const all = roundsInWords(plan);
  return (
    <section className="rounds-list" aria-label={say('rounds')}>
      {survey.job.house.crew.map(({ id, name }) => (
        <div key={id}>
          <h3>{name}</h3>
          <ol>
            {all
              .filter(({ person }) => person === id)
              .map((round) => (
                <li key={round.id}>
                  <span className="figure">{roundTime(dayStart + round.start)}</span>
                  <span>{round.name}</span>
                </li>
              ))}
          </ol>
        </div>
      ))}
    </section>
  );
}
