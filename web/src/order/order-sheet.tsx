import { decimal, isLongOrder, nextRound, orderHead, lowerFirst } from '@etappe/core';
import type { CrewOrder, DayTime, VisitOutline } from '@etappe/core';
import type { ReactNode } from 'react';
import { SitePlanDrawing } from '../drawing/site-plan.tsx';
import { CompanyImprint } from '../records/company-imprint.tsx';
import { visitDay } from '../visits/visit-choice.tsx';
import { MixBlock } from './order-mix.tsx';
import { OrderPageHead } from './order-page-head.tsx';
import { OrderPerson } from './order-person.tsx';
import { ReaderChoice, useReader } from './order-reader.tsx';
import { say } from '../messages/order.ts';

/** Orders issued before the place was told of have no notes on it. */
type ShownOrder = Omit<CrewOrder, 'site'> & Partial<Pick<CrewOrder, 'site'>>;

interface Props {
  readonly order: ShownOrder;
  readonly heading: string;
  /** By the clocks of the property; left out where nobody works by it yet. */
  readonly now?: DayTime;
  /** What can be done with the day of one person, once it is chosen. */
  readonly actsFor?: (name: string) => ReactNode;
}

/** The crew order as it is read and printed. */
export function OrderSheet({ order, heading, now, actsFor }: Props) {
  const { site = [], later = [], during = [], tools = [], acknowledged = null, visit, changes, plan } = order;
  const { reader, choose } = useReader(order.people);
  const isLong = isLongOrder(order);
  // Each person reads their own protections, where they are shared out.
  const isShared = order.people.every((person) => person.rounds);
  return (
    <article className={`order-sheet ${reader ? 'has-reader' : ''} ${isLong ? 'is-long' : ''}`}>
      <OrderPageHead
        jobName={[order.company?.name ?? '', order.jobName].filter((part) => part !== '').join(' · ')}
        heading={heading}
        people={isLong && !reader ? order.people : []}
        reader={reader?.name ?? null}
      />
      <header className="order-head">
        <div>
          <h1>{order.jobName}</h1>
          <p>
            {orderHead(order)}
            {visit && visit.of > 1 && say('visit-of', { number: visit.number, of: visit.of })}
          </p>
        </div>
        <div className="order-number">
          <p>{heading}</p>
          {order.company && (
            <p className="order-company">
              {[order.company.name, order.company.phone].filter((part) => part !== '').join(' · ')}
            </p>
          )}
        </div>
      </header>

      <ReaderChoice people={order.people} reader={reader} choose={choose}>
        {reader && actsFor?.(reader.name)}
      </ReaderChoice>

      {changes && (
        <section className="order-changes">
          <h2>{say('changed-since', { since: changes.since })}</h2>
          <List lines={changes.lines} none={say('nothing-changed-since', { since: changes.since })} />
        </section>
      )}

      <section className="order-safety">
        <h2>{say('always')}</h2>
        <ul>
          {order.safetyFloor.map((line) => (
            <li key={line}>{line}</li>
          ))}
          {order.company && order.company.emergencyLine !== '' && (
            <li>
              <strong>{say('emergency', { line: order.company.emergencyLine })}</strong>
            </li>
          )}
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
          {plan && <SitePlanDrawing plan={plan} />}
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
          <ul className="order-load">
            {order.products.map((p) => (
              <li key={p.product}>
                {p.called ? `${p.called} (${lowerFirst(p.name)})` : p.name}:{' '}
                {p.containers.map((c) => `${c.count} × ${decimal(c.size, 1)} ${p.unit}`).join(' + ')}
              </li>
            ))}
            {order.machines.map((m) => (
              <li key={m}>{m}</li>
            ))}
          </ul>
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
          <h2>{say('wear')}</h2>
          <p>{order.protection.join(', ') || say('as-the-label-says')}</p>
        </div>
      </section>

      {(reader ? [reader] : order.people).map((person) => (
        <OrderPerson
          key={person.id}
          person={person}
          units={order.units}
          hasSheets={isLong && !reader}
          next={now ? nextRound(person.rounds ?? [], order.date, now) : null}
          isReader={person === reader}
        />
      ))}

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

      {tools.length > 0 && (
        <section>
          <h2>{say('how-tools-are-handled')}</h2>
          <dl className="order-tools">
            {tools.map(({ name, handling }) => (
              <div key={name}>
                <dt>{name}</dt>
                <dd>{handling}</dd>
              </div>
            ))}
          </dl>
        </section>
      )}

      {!isShared && (
        <section>
          <h2>{say('after')}</h2>
          <List lines={order.after} none={say('walk-round-with-the-customer')} />
        </section>
      )}
      <section className="order-told">
        <h2>{say('what-the-customer-was-told')}</h2>
        <List lines={order.expectations.map((e) => `${e.place}: ${e.text}`)} />
        <p className="quiet">
          {acknowledged
            ? say('acknowledged-by-name', { name: acknowledged.name, at: acknowledged.at.slice(0, 10) })
            : say('not-acknowledged-in-writing')}
        </p>
      </section>
      {later.length > 0 && (
        <section>
          <h2>{say('later-visits')}</h2>
          <List lines={later.map(laterVisit)} />
        </section>
      )}
      <CompanyImprint company={order.company ?? null} />
    </article>
  );
}

function laterVisit(visit: VisitOutline): string {
  const faces = visit.faces.map(
    (f) => `${f.name}, ${f.methods.map(lowerFirst).join(', ')}${f.because === '' ? '' : ` (${f.because})`}`,
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
