import { CATALOGUE, decimal, lotOnDay } from '@etappe/core';
import type { StockLot } from '@etappe/core';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import { today } from '../today.ts';
import { LotForm, newLot } from './lot-form.tsx';
import { OwnEntries } from './own-entries.tsx';
import { useHandbook } from './use-handbook.ts';
import { useOwnEntry } from './use-own-entry.ts';
import { rich, say } from '../messages/handbook.ts';

const PATH = '/handbook/lots';

/** What lies on the shelf: lots with their age, what is left of them, and how strong they are today. */
export function LotsPart({ id }: { readonly id: string | null }) {
  const { handbook, catalogue } = useHandbook();
  const entry = useOwnEntry('lot', PATH);
  const nameOf = ({ agent, lot }: StockLot) =>
    say('lot', { name: catalogue.agent(agent).name, lot: lot || say('without-number') });
  return (
    <OwnEntries
      path={PATH}
      entries={handbook.lots}
      id={id}
      words={{
        add: say('add-lot'),
        all: say('all-stock'),
        noneYet: say('none-yet-until-you-record'),
        openOne: say('open-a-lot-on-the'),
        noSuch: say('no-such-lot-it-may'),
      }}
      line={(lot) => {
        const { strength, unfit } = lotOnDay(lot, catalogue, today());
        return (
          <>
            {nameOf(lot)}{' '}
            <span className="quiet figure">
              {decimal(lot.left, 2)} {unitOf(lot)}
              {strength ? say('g-l-today', { gramsPerLitre: decimal(strength.gramsPerLitre, 1) }) : ''}
              {unfit === null ? '' : ` · ✕ ${unfit}`}
            </span>
          </>
        );
      }}
      card={(open) => (
        <>
          <h3>{open ? nameOf(open) : say('a-lot-from-its-container')}</h3>
          {open && <StrengthToday lot={open} />}
          {open && <Reservations lot={open} />}
          <LotForm
            lot={open ? detailOf(open) : newLot(today())}
            products={handbook.products}
            save={(detail) => entry.save(open, detail)}
            remove={entry.remove(open)}
          />
        </>
      )}
    />
  );
}

function unitOf({ agent }: Pick<StockLot, 'agent'>): string {
  return CATALOGUE.agents.find((a) => a.id === agent)?.stock.form === 'powder' ? 'kg' : 'L';
}

function detailOf({ id: _, ...detail }: StockLot): Omit<StockLot, 'id'> {
  return detail;
}

function StrengthToday({ lot }: { readonly lot: StockLot }) {
  const { catalogue } = useHandbook();
  const { strength, unfit } = lotOnDay(lot, catalogue, today());
  return (
    <>
      {unfit !== null && <p>{say('no-plan-takes-it', { unfit })}</p>}
      {strength && (
        <details className="fold">
          <summary>
            {rich('today', {
              gramsPerLitre: <span className="figure">{decimal(strength.gramsPerLitre, 1)} g/L</span>,
            })}{' '}
            {KNOWN_WORDS[strength.known]}
          </summary>
          <div className="quiet">{strength.sum}.</div>
        </details>
      )}
    </>
  );
}

const KNOWN_WORDS = {
  label: say('by-the-label'),
  measured: 'measured',
  aged: say('by-age-and-warmth'),
} as const;

function Reservations({ lot }: { readonly lot: StockLot }) {
  const stored = useQuery({ queryKey: queryKeys.reservations, queryFn: () => server.reservations() });
  const own = (stored.data?.reservations ?? []).filter((r) => r.lot === lot.id);
  if (own.length === 0) return null;
  return (
    <ul>
      {own.map((r) => (
        <li key={r.job}>
          {rich('reserved-by-order-of', {
            amount: (
              <span className="figure">
                {decimal(r.amount, 2)} {unitOf(lot)}
              </span>
            ),
            order: r.order,
            jobName: <Link to={`/jobs/${r.job}/supply`}>{r.jobName}</Link>,
          })}
        </li>
      ))}
    </ul>
  );
}
