import Joi from 'joi';
import { dateSchema } from '../quantity/moment.ts';
import { wordsSchema } from './detail-limits.ts';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';

/** What an instrument reads on a face, with its unit and the span that is believed. */
export const READING_KINDS = {
  'surface-temperature': { name: 'Surface temperature', unit: '°C', least: -20, most: 90 },
  ph: { name: 'pH of the wet face', unit: 'pH', least: 0, most: 14 },
  moisture: { name: 'Moisture', unit: '%', least: 0, most: 100 },
  rain: { name: 'Rain of that day', unit: 'mm', least: 0, most: 500 },
} as const;
export type ReadingKind = keyof typeof READING_KINDS;

/** A figure that was measured on a face on one day. */
export interface Reading {
  readonly id: EntityId;
  readonly position: number;
  /** The surface or the zone. */
  readonly surface: EntityId;
  readonly what: ReadingKind;
  readonly figure: number;
  /** YYYY-MM-DD */
  readonly on: string;
  readonly by: string;
}

const KINDS = Object.keys(READING_KINDS) as readonly ReadingKind[];

export const readingSchema = Joi.object<Omit<Reading, 'id' | 'position'>>({
  surface: entityIdSchema.required(),
  what: Joi.valid(...KINDS).required(),
  figure: Joi.number().required(),
  on: dateSchema.required(),
  by: wordsSchema,
})
  .custom((reading: Pick<Reading, 'what' | 'figure'>, helpers) => {
    const { least, most, unit } = READING_KINDS[reading.what];
    return reading.figure >= least && reading.figure <= most
      ? reading
      : helpers.error('reading.span', { ...reading, least, most, unit });
  })
  .messages({
    'reading.span': '{#label}: {#figure} {#unit} is outside {#least} to {#most} {#unit}: read it again',
  });

/** Readings of one kind on one face on one day. */
export function readingsOn(
  readings: readonly Reading[],
  surface: string,
  what: ReadingKind,
  on: string | null,
): readonly number[] {
  return readings.flatMap((r) => (r.surface === surface && r.what === what && r.on === on ? [r.figure] : []));
}
