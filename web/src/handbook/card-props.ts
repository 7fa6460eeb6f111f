import type { CompanyCatalogue, UnitSystem } from '@etappe/core';

/** What the card of an entry is drawn from. */
export interface CardProps {
  readonly id: string;
  readonly units: UnitSystem;
  readonly catalogue: CompanyCatalogue;
}
