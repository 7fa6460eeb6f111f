import { mixInWords } from '@etappe/core';
import type { CrewOrder, OrderMix } from '@etappe/core';

/** What goes into one mix, filling by filling, with what is worn and how long it may stand. */
export function MixBlock({
  mix,
  order,
}: {
  readonly mix: OrderMix;
  readonly order: Pick<CrewOrder, 'units'>;
}) {
  const { title, product, where, fillings, rules } = mixInWords(mix, order.units);
  return (
    <div className="order-mix">
      <h3>{title}</h3>
      {product && (
        <p>
          <strong>{product.name}</strong>
          {product.sheet !== '' && `, ${product.sheet}`}
        </p>
      )}
      <p>{where}</p>
      {fillings.map(({ howMany, parts, gives }, i) => (
        <div key={`${i} ${howMany}`}>
          <strong>{howMany}</strong>
          <ol>
            {parts.map((part) => (
              <li key={part}>{part}</li>
            ))}
          </ol>
          {gives !== '' && <p>{gives}</p>}
        </div>
      ))}
      {rules.map((rule) => (
        <p key={rule}>{rule}</p>
      ))}
    </div>
  );
}
