import Joi from 'joi';
import { BEARINGS, BRUSHES, FINISHES, FOOT_TRAFFIC, MATERIAL_FAMILIES, ROOF_WAYS } from './material.ts';
import { pavingSchema } from '../takeoff/joint-sand.ts';
import { id, text, texts, positive } from './entry-fields.ts';

const pH = Joi.number().min(0).max(14).required();
const bearing = Joi.valid(...BEARINGS).required();
export const materialSchema = Joi.object({
  id,
  like: Joi.string(),
  name: text,
  synonyms: texts,
  source: text,
  family: Joi.valid(...MATERIAL_FAMILIES).required(),
  finishes: Joi.array()
    .items(Joi.valid(...FINISHES))
    .min(1)
    .unique()
    .required(),
  calcareous: Joi.boolean().required(),
  saltSensitive: Joi.boolean().required(),
  rough: Joi.boolean().required(),
  sorptivity: Joi.object({
    bare: positive.max(0.3).required(),
    painted: positive.max(0.3).required(),
    sealed: positive.max(0.3).required(),
  }).required(),
  joints: Joi.valid('sand', 'cement', 'resin'),
  paving: pavingSchema,
  thirstFactor: positive.max(4).required(),
  jetLimitKilopascal: positive.max(1000).required(),
  conditions: Joi.array().items(Joi.string()).unique().required(),
  pH: Joi.array().ordered(pH, pH).required(),
  brush: Joi.valid(...BRUSHES).required(),
  foot: Joi.valid(...FOOT_TRAFFIC).required(),
  tolerates: Joi.object({ chlorine: bearing, peroxide: bearing, solvent: bearing, heat: bearing }).required(),
  roofWay: Joi.valid(...ROOF_WAYS),
  handOver: Joi.string().min(3).allow(null).required(),
});
export const conditionSchema = Joi.object({
  id,
  name: text,
  synonyms: texts,
  cue: text,
  jetLimitKilopascal: positive.max(1000),
  brush: Joi.valid(...BRUSHES),
  tolerates: Joi.object({
    chlorine: Joi.valid(...BEARINGS),
    peroxide: Joi.valid(...BEARINGS),
    solvent: Joi.valid(...BEARINGS),
    heat: Joi.valid(...BEARINGS),
  }).min(1),
  pH: Joi.array().ordered(pH, pH),
  handOver: Joi.string().min(3),
});
