import type { CompanyProfile } from '@etappe/core';

/** Who sends a paper, small: name, ways to reach it, registrations; nothing where the company has not written it. */
export function CompanyImprint({ company }: { readonly company: Omit<CompanyProfile, 'id'> | null }) {
  if (!company) return null;
  const { name, address, phone, mail, registration } = company;
  const parts = [name, address, phone, mail, ...registration].filter((part) => part !== '');
  return <p className="company-imprint quiet">{parts.join(' · ')}</p>;
}
