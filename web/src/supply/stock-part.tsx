import { bulkText, decimal, formatMass, formatStock, formatVolume, listed, money } from '@etappe/core';
import type { BulkLine, LotLine, LotUsed, Plan, StockLine } from '@etappe/core';
import { sum } from 'd3-array';
import { Link } from 'react-router';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { LotUses } from './lot-uses.tsx';

interface Props {
  readonly plan: Plan;
  readonly stock: readonly StockLine[];
  readonly bulk: readonly BulkLine[];
  /** What this job has really taken of lots. */
  readonly uses: readonly LotUsed[];
  /** What other orders take cannot be read now. */
  readonly unread: boolean;
}

/** Products of the visit against the shelf: which lots, how strong they are by then, and what must be bought. */
export function StockPart({ plan, stock, bulk, uses, unread }: Props) {
  const { units } = useSurveySession().survey.job;
  const short = stock.filter((line) => line.toBuy.containers.length > 0 && line.lots.length > 0);
  const bought = stock.filter((line) => line.toBuy.containers.length > 0);
  const priced = bought.filter((line) => line.buyPrice !== null);
  return (
    <section aria-label="Products to bring">
      <h2>To bring</h2>
      <p className="quiet">
        {plan.date === null
          ? 'The job has no date yet, so lots are figured without ageing.'
          : `Lots are figured as of ${plan.date}; first to expire, first used.`}{' '}
        <Link to="/handbook/lots">Stock list</Link>
        {unread && ' △ What other orders have reserved cannot be loaded right now.'}
      </p>
      {short.length > 0 && (
        <p>△ Not enough in stock for {listed(short.map((line) => line.called ?? line.name))}.</p>
      )}
      <table className="figure-table stock-table">
        <thead>
          <tr>
            <th>Product</th>
            <th>Needed</th>
            <th>From stock</th>
            <th>To buy</th>
          </tr>
        </thead>
        <tbody>
          {stock.map((line) => (
            <tr key={line.product}>
              <td>
                {line.called ?? line.name}{' '}
                {line.called !== null && <span className="quiet">{line.name.toLowerCase()}</span>}
              </td>
              <td className="figure">{formatStock(line.needed, line.unit, units)}</td>
              <td>
                {line.lots.length === 0 ? (
                  <span className="quiet">no lot recorded</span>
                ) : (
                  <ul className="plain">
                    {line.lots.map((lot) => (
                      <LotRow
                        key={lot.lot.id}
                        line={lot}
                        unit={line.unit}
                        uses={uses.filter((use) => use.lot === lot.lot.id)}
                      />
                    ))}
                  </ul>
                )}
              </td>
              <td className="figure">
                {line.toBuy.containers.length === 0 ? (
                  <span className="quiet">nothing</span>
                ) : (
                  <>
                    {line.lots.length > 0 && '△ '}
                    {line.toBuy.containers
                      .map((c) => `${c.count} × ${decimal(c.size, 1)} ${line.unit}`)
                      .join(' + ')}
                    {line.buyPrice !== null && <span className="quiet"> · {money(line.buyPrice)}</span>}
                    <div className="quiet">
                      {formatStock(line.toBuy.leftOver, line.unit, units)} left over
                    </div>
                  </>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {bulk.length > 0 && <BulkTable bulk={bulk} />}
      {priced.length > 0 && (
        <p className="quiet">
          Whole packs of {priced.length} of the {bought.length} products to buy:{' '}
          <b className="figure">{money(sum(priced, (line) => line.buyPrice))}</b>, by the prices in the{' '}
          <Link to="/handbook/products">handbook</Link>.
        </p>
      )}
    </section>
  );
}

function BulkTable({ bulk }: { readonly bulk: readonly BulkLine[] }) {
  const { units } = useSurveySession().survey.job;
  return (
    <table className="figure-table stock-table bulk-table" aria-label="In bulk">
      <thead>
        <tr>
          <th>In bulk</th>
          <th>Amount</th>
          <th>Bags</th>
        </tr>
      </thead>
      <tbody>
        {bulk.map((line) => (
          <tr key={line.what}>
            <td>
              {line.way === 'brought' ? 'Bring' : 'Carry off'} {line.what}
              <details className="fold">
                <summary>The sum</summary>
                {line.sums.map((sum) => (
                  <div key={sum} className="figure quiet">
                    {sum}
                  </div>
                ))}
              </details>
            </td>
            <td className="figure">
              {line.kilograms === null
                ? formatVolume(line.litres, units)
                : formatMass(1000 * line.kilograms, units)}
              <div className="quiet">{line.where}</div>
            </td>
            <td className="figure">
              {bulkText(line)}
              {line.kilograms !== null && (
                <div className="quiet">{formatMass(1000 * line.leftOverKilograms, units)} left over</div>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

interface LotProps {
  readonly line: LotLine;
  readonly unit: 'L' | 'kg';
  readonly uses: readonly LotUsed[];
}

function LotRow({ line, unit, uses }: LotProps) {
  const { units } = useSurveySession().survey.job;
  const shown = (amount: number) => formatStock(amount, unit, units);
  const { lot, strength, unfit, used, recorded, reserved, after } = line;
  return (
    <li>
      <details>
        <summary>
          Lot {lot.lot || 'without number'}:{' '}
          <span className="figure">
            {unfit === null || recorded > 0
              ? `${shown(recorded > 0 ? recorded : used)}${recorded > 0 ? ' used' : ''} of ${shown(lot.left)}`
              : `✕ ${unfit}`}
          </span>
          {strength && <span className="figure quiet"> · {decimal(strength.gramsPerLitre, 1)} g/L</span>}
        </summary>
        <div className="quiet">
          {strength && <div>{strength.sum}.</div>}
          {recorded > 0 && <div>{shown(used)} were planned.</div>}
          {reserved > 0 && <div>{shown(reserved)} reserved by orders of other jobs.</div>}
          <div>
            {after < 0
              ? `△ ${shown(-after)} more are planned than there are.`
              : `${shown(after)} are left after it`}
            {lot.place === '' ? '' : `, ${lot.place}`}.
          </div>
          <LotUses lot={lot.id} unit={unit} uses={uses} />
        </div>
      </details>
    </li>
  );
}
