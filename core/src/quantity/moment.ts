import Joi from 'joi';

/** Years that anything here is of; a date past them is a slip, and reckoning with it would leave the calendar. */
const YEARS = { first: 1900, last: 2200 } as const;

function isOfOurTime(year: number): boolean {
  return year >= YEARS.first && year <= YEARS.last;
}

function isCalendarDate(value: string): boolean {
  const [year = 0, month = 0, day = 0] = value.split('-').map(Number);
  const date = new Date(Date.UTC(year, month - 1, day));
  return isOfOurTime(year) && date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
}

/** A day of the calendar, YYYY-MM-DD, from 1900 to 2200. */
export const dateSchema = Joi.string()
  .pattern(/^\d{4}-\d{2}-\d{2}$/, 'YYYY-MM-DD')
  .custom((value: string, helpers) => (isCalendarDate(value) ? value : helpers.error('date.calendar')))
  .messages({
    'date.calendar': `{#label} is not a day of the calendar from ${YEARS.first} to ${YEARS.last}`,
  });

/** Whether a text is a moment, ISO 8601, from 1900 to 2200. */
export function isMoment(value: string): boolean {
  return isOfOurTime(new Date(value).getUTCFullYear());
}

/** When somebody did something, ISO 8601. */
export const momentSchema = Joi.string()
  .isoDate()
  .custom((value: string, helpers) => (isMoment(value) ? value : helpers.error('date.moment')))
  .messages({
    'date.moment': `{#label} is not a moment from ${YEARS.first} to ${YEARS.last}`,
  });
