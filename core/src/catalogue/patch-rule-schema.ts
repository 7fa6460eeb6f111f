import Joi from 'joi';
import { AGENT_CLASSES } from './agent.ts';
import { id, text } from './entry-fields.ts';

export const patchRuleSchema = Joi.object({
  id,
  text,
  source: text,
  unsure: Joi.valid(true),
  coated: Joi.valid(true),
  conditions: Joi.array().items(id).min(1),
  agentClasses: Joi.array()
    .items(Joi.valid(...AGENT_CLASSES))
    .min(1),
  surfaceRiskFrom: Joi.number().integer().min(1).max(5),
}).or('unsure', 'conditions', 'coated', 'agentClasses', 'surfaceRiskFrom');
