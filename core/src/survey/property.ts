import Joi from 'joi';
import { hourSpanSchema, wordsSchema } from './detail-limits.ts';
import type { HourSpan } from './detail-limits.ts';

/** Where a property lies. */
export interface Place {
  readonly latitude: number;
  readonly longitude: number;
  /** IANA name. */
  readonly timeZone: string;
}

/** What lasts of a property, apart from its sides, surfaces and what is near them. */
export interface Property {
  readonly name: string;
  /** Name of the customer whose property it is. */
  readonly customer: string;
  readonly address: string;
  readonly place: Place;
  /** Year in which it was built; null or left out while nobody knows. */
  readonly yearBuilt?: number | null;
  /** How one gets in and up: gates, keys, codes held elsewhere, ladders, towers, lifts. */
  readonly access: string;
  /** Where the vehicle stands. */
  readonly vehicleStand: string;
  readonly power: string;
  /** When work is allowed; null: all day. */
  readonly hours: HourSpan | null;
  /** When nothing loud may run. */
  readonly quietHours: readonly HourSpan[];
}

/** The one property of a survey has this id among its entities. */
export const PROPERTY_ID = 'property';

const timeZoneSchema = Joi.string()
  .max(64)
  .custom((value: string, helpers) => (isTimeZone(value) ? value : helpers.error('timeZone.unknown')))
  .messages({ 'timeZone.unknown': '{#label} "{#value}" is not a time zone: write it as Europe/Zurich' });

function isTimeZone(value: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: value });
    return true;
  } catch {
    return false;
  }
}

const OLDEST_YEAR = 1000;
const LATEST_YEAR = 2100;
const nameOrEmpty = Joi.string().trim().max(120).allow('').default('');

export const propertySchema = Joi.object<Property>({
  name: nameOrEmpty,
  customer: nameOrEmpty,
  address: wordsSchema,
  place: Joi.object({
    latitude: Joi.number().min(-90).max(90).required(),
    longitude: Joi.number().min(-180).max(180).required(),
    timeZone: timeZoneSchema.required(),
  }).default({ latitude: 0, longitude: 0, timeZone: 'UTC' }),
  yearBuilt: Joi.number().integer().min(OLDEST_YEAR).max(LATEST_YEAR).allow(null),
  access: wordsSchema,
  vehicleStand: wordsSchema,
  power: wordsSchema,
  hours: hourSpanSchema.allow(null).default(null),
  quietHours: Joi.array().items(hourSpanSchema).max(6).default([]),
});
