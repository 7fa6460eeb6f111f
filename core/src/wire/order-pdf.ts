import Joi from 'joi';
import { momentSchema, sha256Schema } from './answer.ts';

/** The file of an issued order: it is made after the order, and stays as it was made. */
export type OrderPdf =
  | { readonly state: 'making' }
  | { readonly state: 'failed'; readonly why: string }
  | { readonly state: 'made'; readonly sha256: string; readonly bytes: number; readonly madeAt: string };

export const orderPdfSchema = Joi.alternatives<OrderPdf>(
  Joi.object({ state: Joi.valid('making').required() }),
  Joi.object({ state: Joi.valid('failed').required(), why: Joi.string().allow('').required() }),
  Joi.object({
    state: Joi.valid('made').required(),
    sha256: sha256Schema,
    bytes: Joi.number().integer().positive().required(),
    madeAt: momentSchema,
  }),
);
