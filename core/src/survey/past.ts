import { called } from '../language/in-language.ts';
import Joi from 'joi';
import { openDateSchema, wordsSchema } from './detail-limits.ts';

export const PAST_ACTS = ['cleaned', 'coated', 'sealed', 'attempt', 'repaired'] as const;
export type PastAct = (typeof PAST_ACTS)[number];
export const PAST_ACT_NAMES: Readonly<Record<PastAct, string>> = called({
  cleaned: 'Cleaned',
  coated: 'Coated or painted',
  sealed: 'Sealed',
  attempt: 'Earlier attempt on a mark',
  repaired: 'Repaired',
});

/** Something that was done to a surface before: with what, and what came of it. */
export interface PastTreatment {
  readonly act: PastAct;
  /** Day, as far as it is known; null otherwise. */
  readonly date: string | null;
  readonly how: string;
}

export const RECURRENCES = ['tags', 'leak', 'sprinkler', 'growth', 'other'] as const;
export type Recurrence = (typeof RECURRENCES)[number];
export const RECURRENCE_NAMES: Readonly<Record<Recurrence, string>> = called({
  tags: 'Tagged again and again',
  leak: 'A leak feeds it',
  sprinkler: 'A sprinkler wets it',
  growth: 'Growth comes back fast',
  other: 'Comes back, cause open',
});

export const pastSchema = Joi.array()
  .items(
    Joi.object<PastTreatment>({
      act: Joi.valid(...PAST_ACTS).required(),
      date: openDateSchema,
      how: wordsSchema,
    }),
  )
  .max(20)
  .default([]);
