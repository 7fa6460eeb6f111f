import { entryLines, entryTitle, numbersInShort } from '@etappe/core';
import type { CrewOrder, EntryLine, OrderEntry, OrderRound } from '@etappe/core';
import { Fragment } from 'react';
import { ForceGauge } from '../drawing/limits-gauge.tsx';

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
            <EntryWhat
              entry={entry}
              within={entries.length === 1 ? 'alone' : isOnePlace ? 'one-place' : null}
            />
            <EntryHow entry={entry} units={units} />
          </td>
        </tr>
      ))}
    </tbody>
  );
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
  /** What the round says already. */
  readonly within?: 'alone' | 'one-place' | null;
}

/** Where, how much of it, what and with which mix, on one line. */
function EntryWhat({ entry, within = null }: WhatProps) {
  const parts = entryTitle(entry, within);
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
  const lines = entryLines(entry);
  const split = lines.length - lines.toReversed().findIndex(({ text }) => entry.how.includes(text));
  const how = lines.slice(0, split > lines.length ? 0 : split);
  const isList = how.every(({ is }) => is === 'tick') && how.length > 0;
  return (
    <>
      {isList ? (
        <ul className="order-ticks">
          {how.map(({ text }) => (
            <li key={text}>
              <span className="order-box" aria-hidden /> {text}
            </li>
          ))}
        </ul>
      ) : (
        how.map(shownLine)
      )}
      {entry.force && (
        <ForceGauge
          limit={entry.force.limitKilopascal}
          forces={entry.force.kilopascals}
          units={units}
          width={GAUGE_WIDTH}
        />
      )}
      {lines.slice(how.length).map(shownLine)}
    </>
  );
}

const CLASSES = {
  how: 'order-line',
  tick: 'order-line',
  due: 'order-due',
  caution: 'order-caution',
} as const;

function shownLine({ is, text }: EntryLine) {
  return (
    <div key={text} className={CLASSES[is]}>
      {is === 'tick' && <span className="order-box" aria-hidden />} {is === 'caution' && '△ '}
      {text}{' '}
    </div>
  );
}
