import { SAFETY_FLOOR } from '@etappe/core';

/** What stands on every order and cannot be switched off. */
export function SafetyFloorCard() {
  return (
    <section className="handbook-card">
      <h3>Safety floor</h3>
      <p>It stands on every order and cannot be switched off; no rule of it can be set aside.</p>
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
