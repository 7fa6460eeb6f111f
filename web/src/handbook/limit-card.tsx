import { FACT_NAMES, factTestInWords, factsRead } from '@etappe/core';
import { Facts } from './facts.tsx';
import type { CardProps } from './card-props.ts';

export function LimitCard({ id, catalogue }: CardProps) {
  const limit = catalogue.limits.find((l) => l.id === id);
  if (!limit) return null;
  return (
    <>
      <h3>{limit.text.replace(/\{(\w+)\}/g, '…')}</h3>
      <Facts
        rows={[
          ['Rule', limit.id],
          ['What can happen', limit.whatCanHappen],
          [
            'Standing',
            limit.standing === 'floor'
              ? 'safety floor: cannot be set aside'
              : 'may be set aside with name and reason',
          ],
          [
            'Reads',
            factsRead(limit)
              .map((fact) => FACT_NAMES[fact])
              .join(', '),
          ],
          ['Source', limit.source],
        ]}
      />
      <h4>Fires when all of these hold</h4>
      <ul>
        {limit.when.map((test) => (
          <li key={JSON.stringify(test)}>{factTestInWords(test)}</li>
        ))}
      </ul>
    </>
  );
}
