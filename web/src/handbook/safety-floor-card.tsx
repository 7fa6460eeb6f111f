import { SAFETY_FLOOR } from '@etappe/core';

/** What stands on every order and cannot be switched off. */
export function SafetyFloorCard() {
  return (
    <section className="handbook-card">
      <h3>Safety rules</h3>
      <p>These are on every order. They cannot be switched off, and none of them can be overridden.</p>
      <ul>
        {SAFETY_FLOOR.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <p className="quiet">
        Product label, safety data sheet, local codes and licensed practice always come first.
      </p>
    </section>
  );
}
