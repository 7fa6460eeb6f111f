import Joi from 'joi';
import { DateTime } from 'luxon';

/** Years that anything here is of; a date past them is a slip, and reckoning with it would leave the calendar. */
const YEARS = { first: 1900, last: 2200 } as const;

/** A day or a moment, ISO 8601, from 1900 to 2200, as it is kept: in UTC, to the millisecond; null for what is neither. */
export function momentOf(text: string): string | null {
  const moment = DateTime.fromISO(text, { zone: 'utc' });
  // Of a text that is neither the year is not a number.
  return moment.year >= YEARS.first && moment.year <= YEARS.last ? moment.toISO() : null;
}

/** A day of the calendar, YYYY-MM-DD, from 1900 to 2200. */
export const dateSchema = Joi.string()
  .pattern(/^\d{4}-\d{2}-\d{2}$/, 'YYYY-MM-DD')
  .custom((value: string, helpers) => (momentOf(value) !== null ? value : helpers.error('date.calendar')))
  .messages({
    'date.calendar': `{#label} is not a day of the calendar from ${YEARS.first} to ${YEARS.last}`,
  });

/** When somebody did something, ISO 8601. */
export const momentSchema = Joi.string()
  .isoDate()
  .custom((value: string, helpers) => (momentOf(value) !== null ? value : helpers.error('date.moment')))
  .messages({
    'date.moment': `{#label} is not a moment from ${YEARS.first} to ${YEARS.last}`,
  });
