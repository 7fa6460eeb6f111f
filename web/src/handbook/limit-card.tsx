import { FACT_NAMES, factTestInWords, factsRead } from '@etappe/core';
import { Facts } from './facts.tsx';
import type { CardProps } from './card-props.ts';
import { say } from '../messages/handbook.ts';

export function LimitCard({ id, catalogue }: CardProps) {
  const limit = catalogue.limits.find((l) => l.id === id);
  if (!limit) return null;
  return (
    <>
      <h3>{limit.text.replace(/\{(\w+)\}/g, '…')}</h3>
      <Facts
        rows={[
          [say('rule'), limit.id],
          [say('what-can-happen'), limit.whatCanHappen],
          [
            say('standing'),
            limit.standing === 'floor'
              ? say('safety-rule-cannot-be-overridden')
              : say('may-be-overridden-with-name'),
          ],
          [
            say('reads'),
            factsRead(limit)
              .map((fact) => FACT_NAMES[fact])
              .join(', '),
          ],
          [say('source'), limit.source],
        ]}
      />
      <h4>{say('applies-when-all-of-these')}</h4>
      <ul>
        {limit.when.map((test) => (
          <li key={JSON.stringify(test)}>{factTestInWords(test)}</li>
        ))}
      </ul>
    </>
  );
}
