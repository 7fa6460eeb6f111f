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
              ? 'safety rule: cannot be overridden'
              : 'may be overridden, with name and reason',
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
      <h4>Applies when all of these are true</h4>
      <ul>
        {limit.when.map((test) => (
          <li key={JSON.stringify(test)}>{factTestInWords(test)}</li>
        ))}
      </ul>
    </>
  );
}
