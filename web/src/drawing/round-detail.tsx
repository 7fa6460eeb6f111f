import { formatDuration, roundTime, secondOfDay } from '@etappe/core';
import type { NamedRound, Survey } from '@etappe/core';
import { say } from '../messages/drawing.ts';

interface Props {
  /** The one under the pointer, or chosen; null for none. */
  readonly round: NamedRound | null;
  /** By the id of each round, as it is told. */
  readonly why: ReadonlyMap<string, string>;
  readonly survey: Survey;
}

/** One round to be read: when, who, what, and why not earlier. */
export function RoundDetail({ round, why, survey }: Props) {
  const dayStart = secondOfDay(survey.job.house.dayStart);
  const person = survey.job.house.crew.find(({ id }) => id === round?.person)?.name ?? round?.person;
  return (
    <div className="ribbon-detail hairline" aria-live="polite">
      {round ? (
        <>
          <strong>
            {roundTime(dayStart + round.start)}–{roundTime(dayStart + round.finish)} · {person}
          </strong>{' '}
          {round.name} <span className="quiet">({formatDuration(round.finish - round.start)})</span>
          <br />
          <span className="quiet">{why.get(round.id)}</span>
        </>
      ) : (
        <span className="quiet">{say('choose-a-bar-to-read')}</span>
      )}
    </div>
  );
}
