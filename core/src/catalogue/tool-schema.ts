import Joi from 'joi';
import { AGENT_CLASSES } from './agent.ts';
import { MACHINE_KINDS } from './tool.ts';
import { id, text, positive } from './entry-fields.ts';

export const toolSchema = Joi.object({
  id,
  name: text,
  handling: text,
  hot: Joi.boolean().required(),
  abrasive: Joi.boolean().required(),
  machines: Joi.array()
    .items(Joi.valid(...MACHINE_KINDS))
    .required(),
  scrubs: Joi.boolean().required(),
  scrapes: Joi.valid(true),
  harmedBy: Joi.array()
    .items(Joi.valid(...AGENT_CLASSES))
    .required(),
  reachMetres: positive.max(30).required(),
  paceMetresPerMinute: Joi.array().ordered(positive.max(60), positive.max(60)).allow(null).required(),
  jet: Joi.object({
    orifice: positive.required(),
    nozzles: positive.integer().required(),
    psi: positive.max(5000).required(),
    fanDegrees: positive.max(90).required(),
    standOffMetres: positive.max(3).required(),
    rotatingFactor: positive.max(50),
    barMetres: positive.max(2),
    sweepFactor: positive.max(1),
  })
    .allow(null)
    .required(),
});
