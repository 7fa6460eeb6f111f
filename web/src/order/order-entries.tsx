import type { CrewOrder, OrderEntry, OrderRound } from '@etappe/core';
import { ForceGauge } from '../drawing/limits-gauge.tsx';
import { say } from '../messages/order.ts';

/** Fits a phone without being made smaller. */
const GAUGE_WIDTH = 200;

/** One go of a person: its time and name once, then each thing in it. */
export function RoundRows({
  round,
  person,
  units,
}: {
  readonly round: OrderRound;
  readonly person: CrewOrder['people'][number];
  readonly units: CrewOrder['units'];
}) {
  const entries = person.entries.filter(({ operation }) => round.operations.includes(operation));
  return (
    <tbody className="order-round">
      <tr className="order-round-head">
        <td className="figure order-time">
          <strong>{round.start}</strong>
          {round.finish !== round.start && (
            <>
              <br />
              {round.finish}
            </>
          )}
        </td>
        <td colSpan={2}>
          <span className="order-box" aria-hidden /> <strong>{round.name}</strong>
        </td>
      </tr>
      {entries.map((entry) => (
        <tr key={entry.operation} className={`task-${entry.task}`}>
          <td />
          <td>
            <EntryWhat entry={entry} isNamed={entries.length === 1} />
          </td>
          <td>
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

/** @param props.isNamed the round that it is alone in says where and what already */
function EntryWhat({ entry, isNamed = false }: { readonly entry: OrderEntry; readonly isNamed?: boolean }) {
  return (
    <>
      {!isNamed && (
        <div>
          <strong>{entry.place}</strong>
        </div>
      )}
      {entry.section !== null && (
        <div>
          {sectionInWords(entry.section)}
          {entry.area === null ? '' : `, ${entry.area}`}
        </div>
      )}
      {!isNamed && <div>{entry.title}</div>}
      {entry.mix !== null && <strong>{entry.mix}</strong>}
    </>
  );
}

function EntryHow({ entry, units }: { readonly entry: OrderEntry; readonly units: CrewOrder['units'] }) {
  return (
    <>
      {entry.sameAs !== null && <div className="quiet">{say('as-at', { sameAs: entry.sameAs })}</div>}
      {entry.how.map((line) => (
        <div key={line}>{line}</div>
      ))}
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
          {say('start-rinsing-no-later-than', {
            from: entry.rinse.from,
            latest: entry.rinse.latest,
            by: entry.rinse.by,
          })}
        </div>
      )}
      {entry.checks.map((line) => (
        <div key={line}>
          <span className="order-box" aria-hidden /> {line}
        </div>
      ))}
      {entry.stopWhen !== null && <div>{say('stop-when', { stopWhen: entry.stopWhen })}</div>}
      {entry.ifNotEnough !== null && <div>{say('not-enough', { ifNotEnough: entry.ifNotEnough })}</div>}
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
