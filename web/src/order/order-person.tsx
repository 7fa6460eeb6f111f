import type { CrewOrder, OrderRound } from '@etappe/core';
import { useEffect, useRef } from 'react';
import { EntryRow, RoundRows } from './order-entries.tsx';
import { personPage } from './order-page-head.tsx';
import { PHONE } from '../use-media.ts';
import { say } from '../messages/order.ts';

interface PersonProps {
  readonly person: CrewOrder['people'][number];
  readonly units: CrewOrder['units'];
  /** On paper. */
  readonly hasSheets: boolean;
  /** What they are at, or what comes next; null but on the day of the order. */
  readonly next: OrderRound | null;
  /** Whether it is theirs to read: on a phone it opens where they are. */
  readonly isReader: boolean;
}

/** One person's day: what they watch over, then their rounds in the order of time. */
export function OrderPerson({ person, units, hasSheets, next, isReader }: PersonProps) {
  const { rounds, during = [] } = person;
  const opensAt = isReader && next ? roundAnchor(next.operations) : null;
  const hasOpened = useRef(false);
  useEffect(() => {
    // Once: what is being read does not move because a round has ended.
    if (opensAt === null || hasOpened.current || !window.matchMedia(PHONE).matches) return;
    hasOpened.current = true;
    document.getElementById(opensAt)?.scrollIntoView();
  }, [opensAt]);
  return (
    <section className="order-person" style={hasSheets ? { page: personPage(person.id) } : undefined}>
      <h2>{person.name}</h2>
      {rounds && rounds.length > 1 && (
        <nav className="order-day" aria-label={say('day-of', { name: person.name })}>
          <ol>
            {rounds.map((round) => (
              <li key={round.operations[0]}>
                <a
                  href={`#${roundAnchor(round.operations)}`}
                  aria-current={round === next ? 'time' : undefined}
                >
                  <span className="figure">{round.start}</span> {round.name}
                </a>
              </li>
            ))}
          </ol>
        </nav>
      )}
      {during.length > 0 && (
        <>
          <h3>{say('meanwhile')}</h3>
          <ul>
            {during.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </>
      )}
      <table className="order-table">
        <thead>
          <tr>
            <th>{say('time')}</th>
            <th>{say('do')}</th>
            {!rounds && <th>{say('how-check-stop')}</th>}
          </tr>
        </thead>
        {rounds ? (
          rounds.map((round) => (
            <RoundRows
              key={round.operations[0]}
              id={roundAnchor(round.operations)}
              round={round}
              person={person}
              units={units}
            />
          ))
        ) : (
          <tbody>
            {person.entries.map((entry) => (
              <EntryRow key={entry.operation} entry={entry} units={units} />
            ))}
          </tbody>
        )}
      </table>
    </section>
  );
}

/** Each operation is in one round. */
const roundAnchor = ([first = '']: readonly string[]) => `round-${first.replaceAll(/[^\w-]/g, '_')}`;
