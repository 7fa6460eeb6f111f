import type { CrewOrder, OrderEntry, OrderRound } from '@etappe/core';
import { Fragment } from 'react';
import { ForceGauge } from '../drawing/limits-gauge.tsx';
import { say } from '../messages/order.ts';

/** Fits a phone without being made smaller. */
const GAUGE_WIDTH = 200;

/** One go of a person: its time and name once, then each thing in it. */
export function RoundRows({
  id,
  round,
  person,
  units,
}: {
  /** That the list of the day jumps to. */
  readonly id: string;
  readonly round: OrderRound;
  readonly person: CrewOrder['people'][number];
  readonly units: CrewOrder['units'];
}) {
  const entries = person.entries.filter(({ operation }) => round.operations.includes(operation));
  const isOnePlace = new Set(entries.map(({ place }) => place)).size === 1;
  return (
    <tbody className="order-round" id={id}>
      <tr className="order-round-head">
        <td className="figure order-time">
          <strong>{round.start}</strong>
          {round.finish !== round.start && (
            <span className="order-finish">
              <br />
              {round.finish}
            </span>
          )}
        </td>
        <td colSpan={2}>
          <span className="order-box" aria-hidden />{' '}
          {(round.numbers ?? []).length > 0 && (
            <span className="order-numbers figure">{numbersInShort(round.numbers ?? [])}</span>
          )}{' '}
          <strong>{round.name}</strong>
        </td>
      </tr>
      {entries.map((entry) => (
        <tr key={entry.operation} className={`task-${entry.task}`}>
          <td />
          <td colSpan={2}>
            <EntryWhat entry={entry} isNamed={entries.length === 1} isPlaced={isOnePlace} />
            <EntryHow entry={entry} units={units} />
          </td>
        </tr>
      ))}
    </tbody>
  );
}

/** On the site plan: "3, 5–7". */
function numbersInShort(numbers: readonly number[]): string {
  const runs: [number, number][] = [];
  for (const number of numbers.toSorted((a, b) => a - b)) {
    const last = runs.at(-1);
    if (last && number === last[1] + 1) last[1] = number;
    else runs.push([number, number]);
  }
  return runs
    .flatMap(([from, to]) =>
      to - from > 1 ? `${from}–${to}` : from === to ? `${from}` : [`${from}`, `${to}`],
    )
    .join(', ');
}

/** An entry of an order from before a day was read in rounds. */
export function EntryRow({
  entry,
  units,
}: {
  readonly entry: OrderEntry;
  readonly units: CrewOrder['units'];
}) {
  return (
    <tr className={`task-${entry.task}`}>
      <td className="figure order-time">
        <strong>{entry.start}</strong>
        <br />
        {entry.finish}
      </td>
      <td>
        <EntryWhat entry={entry} />
      </td>
      <td>
        <EntryHow entry={entry} units={units} />
      </td>
    </tr>
  );
}

interface WhatProps {
  readonly entry: OrderEntry;
  /** The round that it is alone in says where and what already. */
  readonly isNamed?: boolean;
  /** The round says where. */
  readonly isPlaced?: boolean;
}

/** Where, how much of it, what and with which mix, on one line. */
function EntryWhat({ entry, isNamed = false, isPlaced = false }: WhatProps) {
  const { place, section, area, title, mix } = entry;
  const parts = [
    !isPlaced && !isNamed && { what: place, isStrong: true },
    section !== null && { what: sectionInWords(section), isStrong: false },
    section !== null && area !== null && { what: area, isStrong: false },
    !isNamed && { what: title, isStrong: false },
    mix !== null && { what: mix, isStrong: true },
  ].filter((part) => part !== false);
  if (parts.length === 0) return null;
  return (
    <div className="order-what">
      {parts.map(({ what, isStrong }, i) => (
        <Fragment key={what}>
          {i > 0 && ' · '}
          {isStrong ? <strong>{what}</strong> : <span>{what}</span>}
        </Fragment>
      ))}
    </div>
  );
}

function EntryHow({ entry, units }: { readonly entry: OrderEntry; readonly units: CrewOrder['units'] }) {
  const isList = entry.task === 'set-out' || entry.task === 'clear-up';
  return (
    <>
      {entry.sameAs && <div className="quiet">{say('as-at', { sameAs: entry.sameAs })}</div>}
      {isList ? (
        <ul className="order-ticks">
          {entry.how.map((line) => (
            <li key={line}>
              <span className="order-box" aria-hidden /> {line}
            </li>
          ))}
        </ul>
      ) : (
        entry.how.map((line) => (
          <div key={line} className="order-line">
            {line}{' '}
          </div>
        ))
      )}
      {entry.force && (
        <ForceGauge
          limit={entry.force.limitKilopascal}
          forces={entry.force.kilopascals}
          units={units}
          width={GAUGE_WIDTH}
        />
      )}
      {entry.rinse && (
        <div className="order-due">
          {entry.rinse.from === entry.rinse.latest
            ? say('start-rinsing-at', { from: entry.rinse.from, by: entry.rinse.by })
            : say('start-rinsing-no-later-than', {
                from: entry.rinse.from,
                latest: entry.rinse.latest,
                by: entry.rinse.by,
              })}
        </div>
      )}
      {entry.checks.map((line) => (
        <div key={line} className="order-line">
          <span className="order-box" aria-hidden /> {line}{' '}
        </div>
      ))}
      {entry.stopWhen !== null && (
        <div className="order-line">{say('stop-when', { stopWhen: entry.stopWhen })} </div>
      )}
      {entry.ifNotEnough !== null && (
        <div className="order-line">{say('not-enough', { ifNotEnough: entry.ifNotEnough })} </div>
      )}
      {entry.cautions.map((line) => (
        <div key={line} className="order-caution">
          △ {line}
        </div>
      ))}
    </>
  );
}

/** Of orders from before fronts a number alone: "2 of 5". */
function sectionInWords(section: string): string {
  return /^\d+(–\d+)? of \d+$/.test(section) ? say('section', { section }) : section;
}
