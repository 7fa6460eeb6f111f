import Joi from 'joi';
import { CONTAMINANT_FAMILIES } from './contaminant.ts';
import { id, text, texts } from './entry-fields.ts';
import { MATERIAL_FAMILIES } from './material.ts';
import { workStage } from './method-schema.ts';

const solids = Joi.object({
  from: Joi.number().integer().min(1).max(4).required(),
  families: Joi.array()
    .items(Joi.valid(...MATERIAL_FAMILIES))
    .min(1)
    .required(),
  lift: workStage.required(),
});

export const contaminantSchema = Joi.object({
  id,
  name: text,
  usualShare: Joi.array().items(Joi.number().greater(0).max(1)).length(4),
  ammonia: Joi.valid(true),
  wear: Joi.array().items(text).min(1),
  specialistFrom: Joi.number().integer().min(1).max(4),
  solids,
  synonyms: texts,
  family: Joi.valid(...CONTAMINANT_FAMILIES).required(),
  cues: Joi.array().items(text).length(4).required(),
  expectation: text,
});

export const permanentMarkSchema = Joi.object({ id, name: text, cue: text, expectation: text });
