import { SAFETY_FLOOR } from '@etappe/core';
import { say } from '../messages/handbook.ts';

/** What stands on every order and cannot be switched off. */
export function SafetyFloorCard() {
  return (
    <section className="handbook-card">
      <h3>{say('safety-rules')}</h3>
      <p>{say('these-are-on-every-order')}</p>
      <ul>
        {SAFETY_FLOOR.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <p className="quiet">{say('product-label-safety-data-sheet')}</p>
    </section>
  );
}
