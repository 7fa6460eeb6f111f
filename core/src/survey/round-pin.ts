import Joi from 'joi';
import { momentSchema } from '../quantity/moment.ts';
import { clockSchema, nameSchema, noteSchema } from './detail-limits.ts';

/** Pieces of the work: wet cycles by their ids, other work by the id of its first stage, and parts of either by their operation. */
export type PinnedWorkIds = readonly string[];

/** Other work that a pin puts in order with its own, as it was called then. */
export interface PinnedTo {
  readonly work: PinnedWorkIds;
  readonly name: string;
}

/** What somebody has fixed about a piece of the work: who does it, when, or beside what. What is null or left out is not fixed. */
export interface RoundPin {
  readonly work: PinnedWorkIds;
  /** Of the crew; null for whoever comes out best. */
  readonly person: string | null;
  /** By the clock of the day, hh:mm; null at any time. */
  readonly notBefore: string | null;
  /** By the clock of the day, hh:mm: the first of it is begun by then. */
  readonly notAfter?: string | null;
  /** It is begun when that is done. */
  readonly after?: PinnedTo | null;
  /** It is done when that is begun. */
  readonly before?: PinnedTo | null;
  /** Wet cycles of it that several people worked when it was fixed, and so they do now. */
  readonly hands?: readonly PinnedHands[];
  /** As it was called when it was fixed. */
  readonly name: string;
  readonly why: string;
  readonly by: string;
  /** Date and time, ISO 8601. */
  readonly at: string;
}

const HANDS = ['pair', 'shared'] as const;
export interface PinnedHands {
  readonly cycle: string;
  readonly hands: (typeof HANDS)[number];
}

const MOST_PINS = 500;

const workSchema = Joi.array().items(Joi.string().max(200)).min(1).max(200).required();
const otherSchema = Joi.object<PinnedTo>({ work: workSchema, name: nameSchema.required() })
  .allow(null)
  .default(null);

export const roundPinsSchema = Joi.array()
  .items(
    Joi.object<RoundPin>({
      work: workSchema,
      person: Joi.string()
        .pattern(/^[a-z0-9-]{1,32}$/)
        .allow(null)
        .default(null),
      notBefore: clockSchema.allow(null).default(null),
      notAfter: clockSchema.allow(null).default(null),
      after: otherSchema,
      before: otherSchema,
      hands: Joi.array()
        .items(
          Joi.object<PinnedHands>({
            cycle: Joi.string().max(200).required(),
            hands: Joi.valid(...HANDS).required(),
          }),
        )
        .max(200)
        .default([]),
      name: nameSchema.required(),
      why: noteSchema.allow('').default(''),
      by: nameSchema.required(),
      at: momentSchema.required(),
    }),
  )
  .max(MOST_PINS)
  .default([]);

/** Whether a pin fixes nothing. */
export function fixesNothing({ person, notBefore, notAfter, after, before }: RoundPin): boolean {
  return person === null && notBefore === null && !notAfter && !after && !before;
}

/** The pins with one more: what it is about is no longer fixed otherwise. One that fixes nothing lets go. */
export function withPin(pins: readonly RoundPin[], pin: RoundPin): readonly RoundPin[] {
  const others = pins.filter(({ work }) => !work.some((id) => pin.work.includes(id)));
  return fixesNothing(pin) ? others : [...others, pin];
}
