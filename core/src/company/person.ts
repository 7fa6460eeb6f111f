import Joi from 'joi';
import { LANGUAGES } from '../language/language.ts';
import type { Language } from '../language/language.ts';

/** Somebody who works for the company. */
export interface CompanyPerson {
  readonly id: string;
  readonly name: string;
  /** What they are trained and signed off for, as it is written on the ticket. */
  readonly tickets: readonly string[];
  /** Never alone with what can hurt. */
  readonly isApprentice: boolean;
  /** What an hour of theirs costs the company, in its own money; null where that is not told. */
  readonly ratePerHour: number | null;
  /** In which they read their pages of an order; left out or null for the company's. */
  readonly language?: Language | null;
}

const MOST_TICKETS = 20;
const DEAREST_HOUR = 10_000;

export const ticketsSchema = Joi.array().items(Joi.string().trim().min(1).max(80)).max(MOST_TICKETS);

export const companyPersonSchema = Joi.object<Omit<CompanyPerson, 'id'>>({
  name: Joi.string().trim().min(1).max(120).required(),
  tickets: ticketsSchema.unique().default([]),
  isApprentice: Joi.boolean().default(false),
  ratePerHour: Joi.number().min(0).max(DEAREST_HOUR).allow(null).default(null),
  language: Joi.valid(...LANGUAGES, null),
});
