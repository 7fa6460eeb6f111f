import Joi from 'joi';
import { AGENT_CLASSES } from './agent.ts';
import { MATERIAL_FAMILIES } from './material.ts';
import { id, text, texts, positive } from './entry-fields.ts';

const siteCue = Joi.object({
  families: Joi.array()
    .items(Joi.valid(...MATERIAL_FAMILIES))
    .min(1),
  near: Joi.array().items(Joi.string()).min(1),
  shaded: Joi.boolean(),
  calcareous: Joi.boolean(),
  painted: Joi.boolean(),
  floor: Joi.boolean(),
})
  .min(1)
  .required();
export const lookAlikeSchema = Joi.object({
  id,
  name: text,
  source: text,
  tests: Joi.array().items(id).min(1).unique().required(),
  candidates: Joi.array()
    .min(2)
    .unique('id')
    .items(
      Joi.object({
        id,
        weight: positive.max(100).required(),
        cues: Joi.array()
          .items(Joi.object({ when: siteCue, factor: positive.max(20).required() }))
          .required(),
      }),
    )
    .required(),
});
export const quickTestSchema = Joi.object({
  id,
  name: text,
  how: text,
  source: text,
  needs: texts,
  minutes: positive.max(60).required(),
  agentClass: Joi.valid(...AGENT_CLASSES, null).required(),
  disturbs: Joi.valid(true),
  never: Joi.string().min(3).allow(null).required(),
  outcomes: Joi.array().min(2).unique('id').items(Joi.object({ id, text })).required(),
  likelihood: Joi.object()
    .pattern(Joi.string(), Joi.array().min(2).items(Joi.number().min(0).max(1)).custom(sumsToOne))
    .required(),
});

function sumsToOne(row: readonly number[], helpers: Joi.CustomHelpers): unknown {
  const sum = row.reduce((a, b) => a + b, 0);
  return Math.abs(sum - 1) < 1e-9 ? row : helpers.message({ custom: `{#label} sums to ${sum}, not to 1` });
}
