import Joi from 'joi';
import { id, text } from './entry-fields.ts';

export const limitSchema = Joi.object({
  id,
  text,
  whatCanHappen: text,
  source: text,
  standing: Joi.valid('floor', 'overridable').required(),
  when: Joi.array()
    .min(1)
    .items(
      Joi.object({
        fact: Joi.string().required(),
        is: Joi.alternatives(Joi.string(), Joi.boolean()),
        oneOf: Joi.array().items(Joi.string()),
        includesAnyOf: Joi.array().items(Joi.string()),
        above: Joi.number(),
        aboveFact: Joi.string(),
      }).xor('is', 'oneOf', 'includesAnyOf', 'above', 'aboveFact'),
    )
    .required(),
});
