import Joi from 'joi';
import { id, text } from './entry-fields.ts';

export const schoolSchema = Joi.object({
  id,
  name: text,
  source: text,
  setting: id,
  settings: Joi.array()
    .min(2)
    .unique('id')
    .items(Joi.object({ id, name: text, when: text }))
    .required(),
});

export const weightSchema = Joi.object({
  id,
  name: text,
  value: Joi.number()
    .min(0)
    .when('unit', { is: Joi.valid('%', 'min'), then: Joi.number().max(60), otherwise: Joi.number().max(20) })
    .required(),
  unit: Joi.valid('min', '%'),
  per: text,
  why: text,
  source: text,
});
