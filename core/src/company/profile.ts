import Joi from 'joi';
import { LANGUAGES } from '../language/language.ts';
import type { Language } from '../language/language.ts';
import { sha256Schema } from '../quantity/sha256.ts';

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
  /** Of its papers and orders, where a person does not read another; English where left out. */
  readonly language?: Language;
  /** As it was received and is kept with the photos; left out by who has none. */
  readonly logo?: CompanyLogo;
}

export interface CompanyLogo {
  /** SHA-256 of its file, hexadecimal. */
  readonly sha256: string;
  readonly widthPixels: number;
  readonly heightPixels: number;
}

const MOST_LINES = 6;
/** Longest side of a logo that can be read at the head of a sheet, against its other. */
const FLATTEST_LOGO = 12;
const LONGEST_SIDE_PIXELS = 30_000;
const pixels = Joi.number().integer().min(1).max(LONGEST_SIDE_PIXELS).required();
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
  language: Joi.valid(...LANGUAGES),
  logo: Joi.object<CompanyLogo>({ sha256: sha256Schema, widthPixels: pixels, heightPixels: pixels })
    .custom((logo: CompanyLogo, helpers) => {
      const { widthPixels: width, heightPixels: height } = logo;
      return Math.max(width / height, height / width) > FLATTEST_LOGO ? helpers.error('logo.flat') : logo;
    })
    .messages({
      'logo.flat': `the logo is more than ${FLATTEST_LOGO} times as long as it is high: cut it to what is to be seen`,
    }),
});

/** What the company has written of itself; null where it has not. */
export function companyProfile({
  profiles = [],
}: {
  readonly profiles?: readonly CompanyProfile[];
}): CompanyProfile | null {
  return profiles[0] ?? null;
}
