import Joi from 'joi';
import { momentSchema } from '../quantity/moment.ts';
import { nameSchema, noteSchema } from './detail-limits.ts';

/** What somebody has fixed about a piece of the work: who does it, before when it is not begun, or both. */
export interface RoundPin {
  /** Wet cycles by their ids, and other work by the id of its first stage. */
  readonly work: readonly string[];
  /** Of the crew; null for whoever comes out best. */
  readonly person: string | null;
  /** By the clock of the day, hh:mm; null at any time. */
  readonly notBefore: string | null;
  /** As it was called when it was fixed. */
  readonly name: string;
  readonly why: string;
  readonly by: string;
  /** Date and time, ISO 8601. */
  readonly at: string;
}

const MOST_PINS = 100;

export const roundPinsSchema = Joi.array()
  .items(
    Joi.object<RoundPin>({
      work: Joi.array().items(Joi.string().max(200)).min(1).max(200).required(),
      person: Joi.string()
        .pattern(/^[a-z0-9-]{1,32}$/)
        .allow(null)
        .default(null),
      notBefore: Joi.string()
        .pattern(/^([01]\d|2[0-3]):[0-5]\d$/, 'hh:mm')
        .allow(null)
        .default(null),
      name: nameSchema.required(),
      why: noteSchema.allow('').default(''),
      by: nameSchema.required(),
      at: momentSchema.required(),
    }),
  )
  .max(MOST_PINS)
  .default([]);

/** The pins with one more: what it is about is no longer fixed otherwise. One that fixes nothing lets go. */
export function withPin(pins: readonly RoundPin[], pin: RoundPin): readonly RoundPin[] {
  const others = pins.filter(({ work }) => !work.some((id) => pin.work.includes(id)));
  return pin.person === null && pin.notBefore === null ? others : [...others, pin];
}
