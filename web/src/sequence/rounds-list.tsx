import { roundTime, roundsInWords, secondOfDay, workOf } from '@etappe/core';
import type { Plan, RoundPin, Survey } from '@etappe/core';
import { PushpinFilled, PushpinOutlined } from '@ant-design/icons';
import { useMemo, useState } from 'react';
import { say } from '../messages/sequence.ts';
import { PinEditor } from './pin-editor.tsx';

type NamedRound = ReturnType<typeof roundsInWords>[number];

/** Each person's day to be read: round after round, to five minutes; each can be fixed to somebody and to a time. */
export function RoundsList({ plan, survey }: { readonly plan: Plan; readonly survey: Survey }) {
  const { house } = survey.job;
  const dayStart = secondOfDay(house.dayStart);
  const all = useMemo(() => roundsInWords(plan), [plan]);
  const [open, setOpen] = useState<string | null>(null);
  return (
    <section className="rounds-list" aria-label={say('rounds')}>
      {house.crew.map(({ id, name }) => (
        <div key={id}>
          <h3>{name}</h3>
          <ol>
            {all
              .filter(({ person }) => person === id)
              .map((round) => {
                const work = workIn(round);
                const pin = (house.pins ?? []).find((one) => one.work.some((key) => work.includes(key)));
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
                        aria-expanded={open === round.id}
                        onClick={() => {
                          setOpen(open === round.id ? null : round.id);
                        }}
                      >
                        {pin ? <PushpinFilled aria-hidden /> : <PushpinOutlined aria-hidden />}
                      </button>
                    )}
                    {open === round.id && (
                      <PinEditor
                        survey={survey}
                        name={round.name}
                        work={work}
                        pin={pin ?? null}
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
    </section>
  );
}

/** What can be fixed of a round: nothing of setting out, mixing, lunch and clearing up. */
function workIn({ operations }: NamedRound): readonly string[] {
  return [
    ...new Set(
      operations.flatMap((own) => (own.task === 'mix' || own.parts.length === 0 ? [] : workOf(own))),
    ),
  ];
}

function pinInWords({ person, notBefore }: RoundPin, { job: { house } }: Survey): string {
  const name = house.crew.find(({ id }) => id === person)?.name ?? person;
  return [name !== null && say('pin/by', { name }), notBefore !== null && say('pin/from', { notBefore })]
    .filter((part) => part !== false)
    .join(', ');
}
