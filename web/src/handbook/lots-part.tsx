import { CATALOGUE, decimal, lotOnDay } from '@etappe/core';
import type { StockLot } from '@etappe/core';
import { PlusOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Link, NavLink, useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import { today } from '../today.ts';
import { LotForm, newLot } from './lot-form.tsx';
import { useHandbook } from './use-handbook.ts';
import { rich, say } from '../messages/handbook.ts';

const NEW = 'new';

/** What lies on the shelf: lots with their age, what is left of them, and how strong they are today. */
export function LotsPart({ id }: { readonly id: string | null }) {
  const { handbook, catalogue, change } = useHandbook();
  const navigate = useNavigate();
  const { lots } = handbook;
  const open = lots.find((lot) => lot.id === id) ?? null;
  const save = async (detail: Omit<StockLot, 'id'>) => {
    const entry = open?.id ?? uuidv7();
    const found = await change([{ part: 'lot', entry, detail }]);
    if (found.length === 0) void navigate(`/handbook/lots/${entry}`);
    return found;
  };
  return (
    <div className={`handbook-columns ${id === null ? '' : 'has-open'}`}>
      <div className="handbook-list">
        <Button type="primary" icon={<PlusOutlined />} onClick={() => void navigate(`/handbook/lots/${NEW}`)}>
          {say('add-lot')}
        </Button>
        <ul>
          {lots.map((lot) => {
            const agent = catalogue.agent(lot.agent);
            const { strength, unfit } = lotOnDay(lot, catalogue, today());
            return (
              <li key={lot.id}>
                <NavLink to={`/handbook/lots/${lot.id}`}>
                  {say('lot', { name: agent.name, lot: lot.lot || say('without-number') })}{' '}
                  <span className="quiet figure">
                    {decimal(lot.left, 2)} {unitOf(lot)}
                    {strength ? say('g-l-today', { gramsPerLitre: decimal(strength.gramsPerLitre, 1) }) : ''}
                    {unfit === null ? '' : ` · ✕ ${unfit}`}
                  </span>
                </NavLink>
              </li>
            );
          })}
        </ul>
        {lots.length === 0 && <p className="quiet">{say('none-yet-until-you-record')}</p>}
      </div>
      {id !== null && (
        <Link className="handbook-back" to="/handbook/lots">
          {say('all-stock')}
        </Link>
      )}
      <div className="handbook-cards">
        {id === null && <p className="quiet">{say('open-a-lot-on-the')}</p>}
        {id !== null && id !== NEW && !open && <p>{say('no-such-lot-it-may')}</p>}
        {(open !== null || id === NEW) && (
          <article className="handbook-card" key={open?.id ?? NEW}>
            <h3>
              {open
                ? say('lot', {
                    name: catalogue.agent(open.agent).name,
                    lot: open.lot || say('without-number'),
                  })
                : say('a-lot-from-its-container')}
            </h3>
            {open && <StrengthToday lot={open} />}
            {open && <Reservations lot={open} />}
            <LotForm
              lot={open ? detailOf(open) : newLot(today())}
              products={handbook.products}
              save={save}
              remove={
                open &&
                (() => {
                  void change([{ part: 'lot', entry: open.id, detail: null }]).then((found) => {
                    if (found.length === 0) void navigate('/handbook/lots');
                  });
                })
              }
            />
          </article>
        )}
      </div>
    </div>
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
