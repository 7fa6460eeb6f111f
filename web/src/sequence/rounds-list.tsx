import { pinOn, roundTime, secondOfDay, workInRound } from '@etappe/core';
import type { NamedRound, Plan, Survey } from '@etappe/core';
import { PushpinFilled, PushpinOutlined } from '@ant-design/icons';
import { useState } from 'react';
import { say } from '../messages/sequence.ts';
import { PinEditor } from './pin-editor.tsx';
import { KeepTold } from './keep-told.tsx';
import { pinInWords } from './pinned-round.ts';

interface ListProps {
  readonly plan: Plan;
  readonly survey: Survey;
  /** Of the plan. */
  readonly rounds: readonly NamedRound[];
}

/** The round that is being fixed, and the day that it was opened on. */
interface Open extends Pick<ListProps, 'plan' | 'rounds'> {
  readonly id: string;
}

/**
 * Each person's day to be read: round after round, to five minutes; each can be fixed to somebody and to a time.
 * While one is open the list stands still: a better day that arrives meanwhile is shown once it is closed.
 */
export function RoundsList({ survey, ...latest }: ListProps) {
  const { house } = survey.job;
  const dayStart = secondOfDay(house.dayStart);
  const [open, setOpen] = useState<Open | null>(null);
  const { plan, rounds } = open ?? latest;
  return (
    <section aria-label={say('rounds')}>
      <div className="rounds-list">
        {house.crew.map(({ id, name }) => (
          <div key={id}>
            <h3>{name}</h3>
            <ol>
              {rounds
                .filter(({ person }) => person === id)
                .map((round) => {
                  const { work } = workInRound(round, plan);
                  const pin = pinOn(round, survey);
                  return (
                    <li key={round.id}>
                      <span className="figure">{roundTime(dayStart + round.start)}</span>
                      <span>
                        {round.name}
                        {pin && <small className="quiet"> {pinInWords(pin, survey)}</small>}
                      </span>
                      {work.length > 0 && (
                        <button
                          type="button"
                          className="pin-button"
                          aria-label={say('pin/open', { name: round.name })}
                          aria-expanded={open?.id === round.id}
                          onClick={() => {
                            setOpen(open?.id === round.id ? null : { ...latest, id: round.id });
                          }}
                        >
                          {pin ? <PushpinFilled aria-hidden /> : <PushpinOutlined aria-hidden />}
                        </button>
                      )}
                      {open?.id === round.id && (
                        <PinEditor
                          plan={plan}
                          survey={survey}
                          round={round}
                          rounds={rounds}
                          wanted={null}
                          close={() => {
                            setOpen(null);
                          }}
                        />
                      )}
                    </li>
                  );
                })}
            </ol>
          </div>
        ))}
      </div>
      <KeepTold plan={plan} survey={survey} rounds={rounds} />
    </section>
  );
}
