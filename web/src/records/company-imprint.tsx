import { imprintOf } from '@etappe/core';
import type { CompanyProfile } from '@etappe/core';

/** Who sends a paper, small: logo, name, ways to reach it, registrations; nothing where the company has not written it. */
export function CompanyImprint({ company }: { readonly company: Omit<CompanyProfile, 'id'> | null }) {
  if (!company) return null;
  return (
    <>
      {company.logo && (
        <img className="company-logo" src={`/api/v1/photos/${company.logo.sha256}/screen`} alt="" />
      )}
      <p className="company-imprint quiet">{imprintOf(company)}</p>
    </>
  );
}
