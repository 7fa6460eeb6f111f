import Joi from 'joi';

/** There is one. */
export const PROFILE_ID = 'company';

/** What stands of the company on every paper. */
export interface CompanyProfile {
  readonly id: string;
  readonly name: string;
  readonly phone: string;
  readonly mail: string;
  readonly address: string;
  /** Numbers and memberships that a customer may ask for, a line each. */
  readonly registration: readonly string[];
  /** Whom a crew calls when somebody is hurt or something runs where it must not. */
  readonly emergencyLine: string;
  /** ISO 4217, in which prices are told; left out by profiles from before it was asked. */
  readonly currency?: string;
}

const MOST_LINES = 6;
const words = (most: number) => Joi.string().trim().max(most).allow('').default('');

export const companyProfileSchema = Joi.object<Omit<CompanyProfile, 'id'>>({
  name: Joi.string().trim().min(1).max(120).required(),
  phone: words(60),
  mail: Joi.string().trim().max(120).email({ tlds: false }).allow('').default('').messages({
    'string.email': '"{#value}" is no mail address: write it as office@company.example',
  }),
  address: words(200),
  registration: Joi.array().items(Joi.string().trim().min(1).max(120)).max(MOST_LINES).default([]),
  emergencyLine: words(160),
  currency: Joi.string()
    .pattern(/^[A-Z]{3}$/)
    .messages({ 'string.pattern.base': '"{#value}" is no currency: write its three letters, as EUR' }),
});

/** What the company has written of itself; null where it has not. */
export function companyProfile({
  profiles = [],
}: {
  readonly profiles?: readonly CompanyProfile[];
}): CompanyProfile | null {
  return profiles[0] ?? null;
}
