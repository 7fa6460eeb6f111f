import { decimal, formatMass, formatVolume } from '@etappe/core';
import type { CrewOrder, OrderEntry, OrderMix, OrderRound, VisitOutline } from '@etappe/core';
import { ForceGauge } from '../drawing/limits-gauge.tsx';
import { visitDay } from '../visits/visit-choice.tsx';
import { rich, say } from '../messages/order.ts';

/** Orders issued before the place was told of have no notes on it. */
type ShownOrder = Omit<CrewOrder, 'site'> & Partial<Pick<CrewOrder, 'site'>>;

/** The crew order as it is read and printed. */
export function OrderSheet({ order, heading }: { readonly order: ShownOrder; readonly heading: string }) {
  const { site = [], later = [], during = [], acknowledged = null, visit } = order;
  // Each person reads their own protections, where they are shared out.
  const isShared = order.people.every((person) => person.rounds);
  return (
    <article className="order-sheet">
      <header className="order-head">
        <div>
          <h1>{order.jobName}</h1>
          <p>
            {[order.customer, order.date, `${order.start}–${order.finish}`]
              .filter((part) => part !== '')
              .join(' · ')}
            {visit && visit.of > 1 && say('visit-of', { number: visit.number, of: visit.of })}
          </p>
        </div>
        <p className="order-number">{heading}</p>
      </header>

      <section className="order-safety">
        <h2>{say('always')}</h2>
        <ul>
          {order.safetyFloor.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </section>

      {order.setAside.length > 0 && (
        <section className="order-aside">
          <h2>{say('rules-overridden')}</h2>
          <List lines={order.setAside} />
        </section>
      )}

      {site.length > 0 && (
        <section>
          <h2>{say('the-site')}</h2>
          <dl className="order-site">
            {site.map(({ about, text }) => (
              <div key={about}>
                <dt>{about}</dt>
                <dd>{text}</dd>
              </div>
            ))}
          </dl>
        </section>
      )}

      <section className="order-columns">
        <div>
          <h2>{say('load')}</h2>
          <ul>
            {order.products.map((p) => (
              <li key={p.product}>
                {p.called ? `${p.called} (${p.name.toLowerCase()})` : p.name}:{' '}
                {p.containers.map((c) => `${c.count} × ${decimal(c.size, 1)} ${p.unit}`).join(' + ')}
              </li>
            ))}
            {order.machines.map((m) => (
              <li key={m}>{m}</li>
            ))}
          </ul>
          <h2>{say('wear')}</h2>
          <p>{order.protection.join(', ') || say('as-the-label-says')}</p>
        </div>
        <div>
          {!isShared && (
            <>
              <h2>{say('protect-first')}</h2>
              <List lines={order.before} none={say('nothing-to-protect-was-noted')} />
              {during.length > 0 && (
                <>
                  <h2>{say('meanwhile')}</h2>
                  <List lines={during} />
                </>
              )}
            </>
          )}
          {order.questions.length > 0 && (
            <>
              <h2>{say('ask-before-starting')}</h2>
              <List lines={order.questions} />
            </>
          )}
        </div>
      </section>

      <section>
        <h2>{say('mixes')}</h2>
        <div className="order-mixes">
          {order.mixes.map((mix) => (
            <MixBlock key={mix.name} mix={mix} order={order} />
          ))}
        </div>
        <div className="order-cautions">
          {order.cautions.map((c) => (
            <p key={c} className="order-caution">
              △ {c}
            </p>
          ))}
        </div>
      </section>

      {order.people.map((person) => (
        <section key={person.id} className="order-person">
          <h2>{person.name}</h2>
          {person.during && person.during.length > 0 && (
            <>
              <h3>{say('meanwhile')}</h3>
              <List lines={person.during} />
            </>
          )}
          <table className="order-table">
            <thead>
              <tr>
                <th>{say('time')}</th>
                <th>{say('do')}</th>
                <th>{say('how-check-stop')}</th>
              </tr>
            </thead>
            {person.rounds ? (
              person.rounds.map((round) => (
                <RoundRows key={round.operations[0]} round={round} person={person} units={order.units} />
              ))
            ) : (
              <tbody>
                {person.entries.map((entry) => (
                  <EntryRow key={entry.operation} entry={entry} units={order.units} />
                ))}
              </tbody>
            )}
          </table>
        </section>
      ))}

      <section className="order-columns">
        {!isShared && (
          <div>
            <h2>{say('after')}</h2>
            <List lines={order.after} none={say('walk-round-with-the-customer')} />
          </div>
        )}
        <div>
          <h2>{say('what-the-customer-was-told')}</h2>
          <List lines={order.expectations.map((e) => `${e.place}: ${e.text}`)} />
          <p className="quiet">
            {acknowledged
              ? say('acknowledged-by-name', { name: acknowledged.name, at: acknowledged.at.slice(0, 10) })
              : say('not-acknowledged-in-writing')}
          </p>
        </div>
      </section>
      {later.length > 0 && (
        <section>
          <h2>{say('later-visits')}</h2>
          <List lines={later.map(laterVisit)} />
        </section>
      )}
    </article>
  );
}

function laterVisit(visit: VisitOutline): string {
  const faces = visit.faces.map(
    (f) =>
      `${f.name}, ${f.methods.map((m) => m.toLowerCase()).join(', ')}${f.because === '' ? '' : ` (${f.because})`}`,
  );
  return say('visit', { number: visit.number, visit: visitDay(visit), faces: faces.join('; ') });
}

function List({ lines, none }: { readonly lines: readonly string[]; readonly none?: string }) {
  if (lines.length === 0) return <p>{none ?? 'none'}</p>;
  return (
    <ul>
      {lines.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
}

function MixBlock({ mix, order }: { readonly mix: OrderMix; readonly order: Pick<CrewOrder, 'units'> }) {
  return (
    <div className="order-mix">
      <h3>
        {mix.name} · {mix.agent}
      </h3>
      {mix.product && (
        <p>
          {rich('data-sheet', {
            name: <strong>{mix.product.name}</strong>,
            dataSheet: mix.product.dataSheet,
          })}
        </p>
      )}
      <p>{say('for', { place: mix.place })}</p>
      {mix.mix.batches.map(({ count, card }, i) => (
        <div key={`${i} ${card.litres}`}>
          <strong>
            {count} × {formatVolume(card.litres, order.units)}
          </strong>
          {card.stock?.lot && (
            <span> {say('from-lot', { lots: mix.lots?.[card.stock.lot] ?? card.stock.lot })}</span>
          )}
          <ol>
            {card.parts.map((part) => (
              <li key={part.what}>
                {part.litres !== null
                  ? formatVolume(part.litres, order.units)
                  : formatMass(part.grams ?? 0, order.units)}{' '}
                {part.what.toLowerCase()}
              </li>
            ))}
          </ol>
          {card.parts.length > 1 && (
            <p>
              {say('gives-g-l', {
                strengthGramsPerLitre: decimal(card.strengthGramsPerLitre, 1),
                basis: mix.basis,
              })}
            </p>
          )}
        </div>
      ))}
      <p>{say('wear-protection', { protection: mix.protection.join(', ') })}</p>
      {mix.keepsHours !== undefined && <p>{say('good-for-h-once-mixed', { keepsHours: mix.keepsHours })}</p>}
      {mix.openOnly && <p>{say('gives-off-gas-never-close')}</p>}
    </div>
  );
}

/** Fits a phone without being made smaller. */
const GAUGE_WIDTH = 200;

/** One go of a person: its time and name once, then each thing in it. */
function RoundRows({
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
function EntryRow({ entry, units }: { readonly entry: OrderEntry; readonly units: CrewOrder['units'] }) {
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
