import Joi from 'joi';
import { AGENT_CLASSES } from './agent.ts';
import { id, text, texts, positive } from './entry-fields.ts';

const strength = Joi.object({
  basis: Joi.valid('g/L', '% w/v', '% w/w').required(),
  value: positive.required(),
  densityKilogramsPerLitre: Joi.when('basis', {
    is: '% w/w',
    then: positive.max(2).required(),
    otherwise: Joi.forbidden(),
  }),
});
export const agentSchema = Joi.object({
  id,
  name: text,
  basis: text,
  source: text,
  class: Joi.valid(...AGENT_CLASSES).required(),
  stock: Joi.object({
    form: Joi.valid('liquid', 'powder', 'ready').required(),
    strength: Joi.when('form', { is: 'powder', then: Joi.forbidden(), otherwise: strength.required() }),
  }).required(),
  typicalPH: Joi.number().min(0).max(14).required(),
  surfactantMillilitresPerLitre: positive.max(50).allow(null).required(),
  containers: Joi.array().items(positive).min(1).sort().required(),
  opposedTo: Joi.array()
    .items(Joi.valid(...AGENT_CLASSES))
    .required(),
  neutraliser: Joi.object({ agent: id, gramsPerGram: positive.max(10).required(), reading: text })
    .allow(null)
    .required(),
  usualPrice: positive.max(100).required(),
  harmsPlants: Joi.boolean().required(),
  harmsWaterLife: Joi.boolean().required(),
  keepsToNextVisit: Joi.boolean().required(),
  apprenticeNeverAlone: Joi.boolean().required(),
  protection: texts.min(1),
  cautions: texts.min(1),
  hazards: texts.min(1),
  attacks: texts.min(1),
  firstAid: text,
  storage: text,
  worksIn: Joi.valid('film', 'pores').required(),
  leaveOn: Joi.boolean().required(),
  coldestCelsius: Joi.number().min(-5).max(20).required(),
  usefulSquareMetresPerLitre: positive.max(50).allow(null).required(),
  strengthSpan: Joi.object({
    from: positive.required(),
    to: positive.max(1000).min(Joi.ref('from')).required(),
  }).required(),
  licence: Joi.string().min(3).allow(null).required(),
  specialistOnly: Joi.string().min(3).allow(null).required(),
});
