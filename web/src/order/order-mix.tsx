import { decimal, formatMass, formatVolume } from '@etappe/core';
import type { CrewOrder, OrderMix } from '@etappe/core';
import { rich, say } from '../messages/order.ts';

/** What goes into one mix, filling by filling, with what is worn and how long it may stand. */
export function MixBlock({
  mix,
  order,
}: {
  readonly mix: OrderMix;
  readonly order: Pick<CrewOrder, 'units'>;
}) {
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
