import Joi from 'joi';
import type { RecordedUse } from '../company/lot-use.ts';
import { uuidSchema } from '../quantity/uuid.ts';
import { countSchema, listOf, momentSchema, wordsSchema } from './answer.ts';

const amountSchema = Joi.number().greater(0).required();

/** What an issued order takes of a lot, in litres or kilograms. */
export interface LotReservation {
  readonly lot: string;
  readonly job: string;
  readonly jobName: string;
  readonly order: number;
  readonly amount: number;
}

export interface ReservationsList {
  readonly reservations: readonly LotReservation[];
}

export const reservationsListSchema = Joi.object<ReservationsList>({
  reservations: listOf(
    Joi.object<LotReservation>({
      lot: wordsSchema,
      job: uuidSchema,
      jobName: wordsSchema,
      order: countSchema,
      amount: amountSchema,
    }),
  ),
});

/** A recorded use, in litres or kilograms, with who wrote it down and when. */
export interface LotUsed extends RecordedUse {
  readonly by: string;
  /** Date and time, ISO 8601. */
  readonly at: string;
}

export interface LotUses {
  readonly uses: readonly LotUsed[];
}

export const lotUsesSchema = Joi.object<LotUses>({
  uses: listOf(
    Joi.object<LotUsed>({
      id: uuidSchema,
      lot: wordsSchema,
      amount: amountSchema,
      by: wordsSchema,
      at: momentSchema,
    }),
  ),
});

export const lotUsesQuerySchema = Joi.object<{ job: string }>({ job: uuidSchema });
