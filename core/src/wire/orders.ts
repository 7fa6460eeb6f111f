import Joi from 'joi';
import { LANGUAGES } from '../language/language.ts';
import type { Language } from '../language/language.ts';
import type { CrewOrder } from '../order/crew-order.ts';
import type { DecidedFront } from '../plan/decided-fronts.ts';
import type { DecidedVisit } from '../plan/derivation.ts';
import { uuidSchema } from '../quantity/uuid.ts';
import { countSchema, momentSchema, sha256Schema, wordsSchema } from './answer.ts';

export interface IssuedOrder {
  readonly id: string;
  readonly number: number;
  readonly issuedAt: string;
  readonly issuedBy: string;
  readonly inputsHash: string;
}

const issued = {
  id: uuidSchema,
  number: countSchema,
  issuedAt: momentSchema,
  issuedBy: wordsSchema,
  inputsHash: sha256Schema,
};
export const issuedOrderSchema = Joi.object<IssuedOrder>(issued);

export interface IssueRequest {
  readonly id: string;
  /** Of the plan that the client saw. */
  readonly inputsHash: string;
  readonly decided: DecidedVisit;
}

const LONGEST_VISIT_SECONDS = 7 * 86_400;
const MOST_OPERATIONS = 20_000;
const MOST_REFILLS = 50;
const MOST_STRIPS = 1_000_000;
const second = Joi.number().integer().min(0).max(LONGEST_VISIT_SECONDS).required();
const placement = Joi.object({
  operation: Joi.string().max(400).required(),
  person: Joi.string().max(32).required(),
  start: second,
  finish: second,
});
const count = Joi.number().integer().min(1).max(MOST_STRIPS).required();
const front = Joi.object<DecidedFront>({
  cycle: Joi.string().max(400).required(),
  mode: Joi.string().valid('together', 'eager', 'paced', 'single', 'pair').required(),
  hands: Joi.string().valid('one', 'pair', 'shared'),
  strips: count,
  out: count,
  pieces: count,
  hour: Joi.number().integer().min(0).max(23).allow(null).required(),
  within: Joi.object({
    from: Joi.number().integer().min(0).max(24).required(),
    to: Joi.number().integer().min(0).max(24).required(),
  }),
});
export const issueSchema = Joi.object<IssueRequest>({
  id: uuidSchema,
  inputsHash: Joi.string().hex().length(64).required(),
  decided: Joi.object({
    fronts: Joi.array().items(front).max(MOST_OPERATIONS).required(),
    schedule: Joi.object({
      placements: Joi.array().items(placement).max(MOST_OPERATIONS).required(),
      makespan: second,
    }).required(),
    refills: Joi.array()
      .items(Joi.object({ from: second, to: second }))
      .max(MOST_REFILLS),
  }).required(),
});

export interface OrderDocument extends IssuedOrder {
  readonly document: CrewOrder;
  readonly sha256: string;
  /** Why the rules of today would not let it be issued; null where they would, or it is of today. */
  readonly unsoundToday: string | null;
}

/** An issued order as it reads in a language; in English where it cannot be said in that any more. */
export interface OrderWording {
  readonly language: Language;
  readonly document: CrewOrder;
  readonly sha256: string;
}

export const orderWordingSchema = Joi.object<OrderWording>({
  language: Joi.valid(...LANGUAGES).required(),
  document: Joi.object().unknown().required(),
  sha256: sha256Schema,
});

export const orderDocumentSchema = Joi.object<OrderDocument>({
  ...issued,
  // As it was issued, by whatever engine.
  document: Joi.object().unknown().required(),
  sha256: sha256Schema,
  unsoundToday: Joi.string().allow(null).required(),
});
