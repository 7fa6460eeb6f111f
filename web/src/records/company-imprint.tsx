import { imprintOf } from '@etappe/core';
import type { CompanyProfile } from '@etappe/core';

/** Who sends a paper, small: name, ways to reach it, registrations; nothing where the company has not written it. */
export function CompanyImprint({ company }: { readonly company: Omit<CompanyProfile, 'id'> | null }) {
  return company && <p className="company-imprint quiet">{imprintOf(company)}</p>;
}
