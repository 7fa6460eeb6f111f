import Joi from 'joi';
import { dateSchema } from '../quantity/moment.ts';
import { entityIdSchema } from './entity-id.ts';

/** Spans shared by the entity schemas; past them a value is taken for a slip. */
export const nameSchema = Joi.string().trim().min(1).max(120);
export const noteSchema = Joi.string().trim().max(2000);
/** Words about something, empty while nothing is known. */
export const wordsSchema = Joi.string().trim().max(500).allow('').default('');
export const heightSchema = Joi.number().min(-50).max(300);
/** Way from the vehicle or a tap to the work, metres. */
export const wayMetresSchema = Joi.number().min(0).max(1000).allow(null).default(null);
export const entityIdsSchema = Joi.array().items(entityIdSchema).max(50).unique().default([]);

export const openDateSchema = dateSchema.allow(null).default(null);

/** Hours of a day, hh:mm. */
export interface HourSpan {
  readonly from: string;
  readonly to: string;
}

/** A time of the day, hh:mm. */
export const clockSchema = Joi.string().pattern(/^([01]\d|2[0-3]):[0-5]\d$/, 'hh:mm');
export const hourSpanSchema = Joi.object<HourSpan>({
  from: clockSchema.required(),
  to: clockSchema.required(),
})
  .custom((span: HourSpan, helpers) => (span.from < span.to ? span : helpers.error('hours.order')))
  .messages({ 'hours.order': '{#label} end before they begin: write them as 08:00 to 17:00' });

/** Yes, no, or nobody has looked yet. */
export const YES_NO_UNKNOWN = ['unknown', 'yes', 'no'] as const;
export type YesNoUnknown = (typeof YES_NO_UNKNOWN)[number];
export const yesNoSchema = Joi.valid(...YES_NO_UNKNOWN).default('unknown');
