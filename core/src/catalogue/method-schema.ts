import Joi from 'joi';
import { FINISHES, MATERIAL_FAMILIES } from './material.ts';
import { CHAIN_ORDER, WAITS_FOR } from './method.ts';
import { id, text, texts, positive, score, rate, direction } from './entry-fields.ts';

const work = { tool: id, rate, direction, checks: texts };
const strengths = Joi.array().items(positive.max(1000)).length(4).sort();
const task = Joi.string().trim().min(3).max(60);
const applyStage = Joi.object({
  kind: Joi.valid('apply').required(),
  task,
  agent: id,
  ...work,
  strengthGramsPerLitre: strengths.required(),
  strengthBand: Joi.object({ weakest: strengths.required(), strongest: strengths.required() }),
  dwellMinutes: Joi.object({
    from: Joi.number().min(0).required(),
    useful: positive.min(Joi.ref('from')).max(Joi.ref('to')),
    to: positive.greater(Joi.ref('from')).required(),
  }).required(),
  litresPerSquareMetre: positive.max(15).required(),
  coats: positive.integer().max(3).required(),
  nextCoatLitresPerSquareMetre: positive.max(5),
  leaveOn: Joi.boolean().required(),
  needs: Joi.valid('film', 'not-dry').required(),
  clings: Joi.boolean().required(),
  covered: Joi.boolean().required(),
  strips: Joi.valid(true),
  stopWhen: text,
  ifNotEnough: text,
});
const preWetStage = Joi.object({
  kind: Joi.valid('pre-wet').required(),
  tool: id,
  rate,
  minutes: positive.max(60).required(),
  onlyIfThirsty: Joi.boolean().required(),
});
const neutraliseStage = Joi.object({
  kind: Joi.valid('neutralise').required(),
  agent: id,
  tool: id,
  rate,
  litresPerSquareMetre: positive.max(15).required(),
  reading: text,
});
const bulk = Joi.object({
  what: text,
  where: text,
  litresPerSquareMetre: Joi.array().items(positive.max(100)).length(4).sort(),
  jointShare: Joi.array().items(positive.max(1)).length(4).sort(),
}).xor('litresPerSquareMetre', 'jointShare');
export const workStage = Joi.object({
  kind: Joi.valid('clear', 'agitate', 'wash', 'rinse', 'fill').required(),
  ...work,
  bulk,
  task,
});
const waitStage = Joi.object({
  kind: Joi.valid('wait').required(),
  for: Joi.valid(...WAITS_FOR).required(),
  until: text,
  days: Joi.object({
    from: Joi.number().min(0).max(90).required(),
    latest: Joi.number().min(Joi.ref('from')).max(90).allow(null).required(),
  }).required(),
});
/** By its kind, so that a fault names the field and not only the stage. */
const stage = Joi.alternatives().conditional('.kind', {
  switch: [
    { is: 'apply', then: applyStage },
    { is: 'pre-wet', then: preWetStage },
    { is: 'wait', then: waitStage },
    { is: 'neutralise', then: neutraliseStage, otherwise: workStage },
  ],
});
/** The shape and the spans of a method. */
export const methodSchema = Joi.object({
  id,
  name: text,
  why: text,
  source: text,
  expectation: Joi.string().allow(null).required(),
  treats: Joi.object().pattern(Joi.string(), Joi.number().integer().min(1).max(5)).min(1).required(),
  families: Joi.array()
    .items(Joi.valid(...MATERIAL_FAMILIES))
    .min(1)
    .required(),
  surfaceRisk: score,
  harmAround: score,
  // In own methods from before time was worked out from the rates.
  slowness: Joi.any().strip(),
  chainOrder: Joi.valid(...CHAIN_ORDER).required(),
  schools: Joi.object().pattern(Joi.string(), Joi.string()),
  dryFirst: Joi.object({ days: positive.max(60).required(), until: text }),
  specialGear: Joi.valid(true),
  secondOnly: Joi.valid(true),
  onlyOn: Joi.array().items(Joi.string()).min(1),
  onlyMaterials: Joi.array().items(Joi.string()).min(1),
  onlyFinishes: Joi.array()
    .items(Joi.valid(...FINISHES))
    .min(1),
  notMaterials: Joi.array().items(Joi.string()).min(1),
  stages: Joi.array().items(stage).min(1).required(),
  lastCoat: stage,
  doorStrip: Joi.object({ apply: applyStage.required(), rinse: workStage.required(), check: text }),
});
