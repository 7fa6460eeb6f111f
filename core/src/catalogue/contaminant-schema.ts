import Joi from 'joi';
import { CONTAMINANT_FAMILIES } from './contaminant.ts';
import { id, text, texts } from './entry-fields.ts';

export const contaminantSchema = Joi.object({
  id,
  name: text,
  ammonia: Joi.valid(true),
  synonyms: texts,
  family: Joi.valid(...CONTAMINANT_FAMILIES).required(),
  cues: Joi.array().items(text).length(4).required(),
  expectation: text,
});

export const permanentMarkSchema = Joi.object({ id, name: text, cue: text, expectation: text });
