import Joi from 'joi';
import { sha256Schema } from './answer.ts';

/** The file of an issued order: it is made after the order, and stays as it was made. */
export interface OrderPdf {
  readonly state: 'making' | 'made' | 'failed';
  /** Why it could not be made; empty where it could. */
  readonly why: string;
  /** Of what was made; null as long as nothing is. */
  readonly file: { readonly sha256: string; readonly bytes: number } | null;
}

export const orderPdfSchema = Joi.object<OrderPdf>({
  state: Joi.valid('making', 'made', 'failed').required(),
  why: Joi.string().allow('').required(),
  file: Joi.object({
    sha256: sha256Schema,
    bytes: Joi.number().integer().positive().required(),
  })
    .allow(null)
    .required(),
});
