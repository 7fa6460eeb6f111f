import {
  bulkText,
  decimal,
  formatMass,
  formatStock,
  formatVolume,
  listed,
  money,
  lowerFirst,
} from '@etappe/core';
import type { BulkLine, LotLine, LotUsed, Plan, StockLine } from '@etappe/core';
import { sum } from 'd3-array';
import { Link } from 'react-router';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { LotUses } from './lot-uses.tsx';
import { WholeJob } from './whole-job.tsx';
import { rich, say } from '../messages/supply.ts';

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
    <section aria-label={say('products-to-bring')}>
      <h2>{say('to-bring', { number: plan.visitNumber, of: plan.visits.length })}</h2>
      <p className="quiet">
        {plan.date === null ? say('the-job-has-no-date') : say('lots-are-figured-as-of', { date: plan.date })}{' '}
        <Link to="/handbook/lots">{say('stock-list')}</Link>
        {unread && say('what-other-orders-have-reserved')}
      </p>
      {short.length > 0 && (
        <p>
          {say('not-enough-in-stock-for', { short: listed(short.map((line) => line.called ?? line.name)) })}
        </p>
      )}
      <table className="figure-table stock-table">
        <thead>
          <tr>
            <th>{say('product')}</th>
            <th>{say('needed')}</th>
            <th>{say('from-stock')}</th>
            <th>{say('to-buy')}</th>
          </tr>
        </thead>
        <tbody>
          {stock.map((line) => (
            <tr key={line.product}>
              <td>
                {line.called ?? line.name}{' '}
                {line.called !== null && <span className="quiet">{lowerFirst(line.name)}</span>}
              </td>
              <td className="figure">{formatStock(line.needed, line.unit, units)}</td>
              <td>
                {line.lots.length === 0 ? (
                  <span className="quiet">{say('no-lot-recorded')}</span>
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
                  <span className="quiet">{say('nothing')}</span>
                ) : (
                  <>
                    {line.lots.length > 0 && '△ '}
                    {line.toBuy.containers
                      .map((c) => `${c.count} × ${decimal(c.size, 1)} ${line.unit}`)
                      .join(' + ')}
                    {line.buyPrice !== null && <span className="quiet"> · {money(line.buyPrice)}</span>}
                    <div className="quiet">
                      {say('left-over-left-over', {
                        leftOver: formatStock(line.toBuy.leftOver, line.unit, units),
                      })}
                    </div>
                  </>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <WholeJob plan={plan} />
      {bulk.length > 0 && <BulkTable bulk={bulk} />}
      {priced.length > 0 && (
        <p className="quiet">
          {rich('whole-packs-by-price', {
            pricedCount: priced.length,
            boughtCount: bought.length,
            price: <b className="figure">{money(sum(priced, (line) => line.buyPrice))}</b>,
            handbook: <Link to="/handbook/products">{say('handbook')}</Link>,
          })}
        </p>
      )}
    </section>
  );
}

function BulkTable({ bulk }: { readonly bulk: readonly BulkLine[] }) {
  const { units } = useSurveySession().survey.job;
  return (
    <table className="figure-table stock-table bulk-table" aria-label={say('in-bulk')}>
      <thead>
        <tr>
          <th>{say('in-bulk')}</th>
          <th>{say('amount')}</th>
          <th>{say('bags')}</th>
        </tr>
      </thead>
      <tbody>
        {bulk.map((line) => (
          <tr key={line.what}>
            <td>
              {line.way === 'brought' ? say('bring') : say('carry-off')} {line.what}
              <details className="fold">
                <summary>{say('the-sum')}</summary>
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
                <div className="quiet">
                  {say('left-over', { what: formatMass(1000 * line.leftOverKilograms, units) })}
                </div>
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
          {say('lot', { lot: lot.lot || say('without-number') })}{' '}
          <span className="figure">
            {unfit === null || recorded > 0
              ? say('of-what-is-left', {
                  amount: shown(recorded > 0 ? recorded : used),
                  isUsed: recorded > 0 ? 'yes' : 'no',
                  left: shown(lot.left),
                })
              : `✕ ${unfit}`}
          </span>
          {strength && <span className="figure quiet"> · {decimal(strength.gramsPerLitre, 1)} g/L</span>}
        </summary>
        <div className="quiet">
          {strength && <div>{strength.sum}.</div>}
          {recorded > 0 && <div>{say('were-planned', { used: shown(used) })}</div>}
          {reserved > 0 && <div>{say('reserved-by-orders-of-other', { reserved: shown(reserved) })}</div>}
          <div>
            {after < 0
              ? say('more-are-planned-than-there', { after: shown(-after) })
              : say('are-left-after-it', { after: shown(after) })}
            {lot.place === '' ? '' : `, ${lot.place}`}.
          </div>
          <LotUses lot={lot.id} unit={unit} uses={uses} />
        </div>
      </details>
    </li>
  );
}
