import Joi from 'joi';
import { uuidSchema } from '../quantity/uuid.ts';
import { countSchema, listOf, wordsSchema } from './answer.ts';

export interface PropertySummary {
  readonly id: string;
  readonly name: string;
  readonly customer: string;
  readonly customerId: string | null;
  readonly address: string;
  readonly surfaces: number;
  /** Newest first; those that are deleted are not told. */
  readonly jobs: readonly { readonly id: string; readonly name: string; readonly start: string | null }[];
}

export interface PropertiesPage {
  readonly properties: readonly PropertySummary[];
  readonly total: number;
}

export const propertiesPageSchema = Joi.object<PropertiesPage>({
  properties: listOf(
    Joi.object<PropertySummary>({
      id: uuidSchema,
      name: wordsSchema,
      customer: wordsSchema,
      customerId: uuidSchema.allow(null),
      address: wordsSchema,
      surfaces: countSchema,
      jobs: listOf(
        Joi.object({
          id: uuidSchema,
          name: wordsSchema,
          start: Joi.string().isoDate().allow(null).required(),
        }),
      ),
    }),
  ),
  total: countSchema,
});
