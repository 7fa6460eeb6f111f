import Joi from 'joi';
import { momentSchema } from '../quantity/moment.ts';
import type { Method } from '../catalogue/method.ts';
import { methodSchema } from '../catalogue/method-schema.ts';
import type { Setting } from './setting.ts';

/** Ids of what a company adds: never an id of the catalogue, now or later. */
export const OWN_ID = /^own-[a-z0-9-]{1,90}$/;
export const ownIdSchema = Joi.string().pattern(OWN_ID, 'own- and lower-case words with hyphens').required();

/** An id of the catalogue, or one that a company has given; whether the company has it is told by its handbook. */
export function catalogueOrOwn(entries: readonly { readonly id: string }[], what: string): Joi.Schema {
  const message = `{#label} must be one of the ${what}s of the catalogue, or own- and one of the company`;
  return Joi.alternatives(Joi.valid(...entries.map((e) => e.id)), Joi.string().pattern(OWN_ID)).messages({
    'alternatives.match': message,
    'string.pattern.base': message,
    'string.base': message,
  });
}

/** What every own entry says of itself. One that is put away stays where it was used, and is offered no more. */
interface OwnEntry {
  readonly id: string;
  readonly putAway: boolean;
  readonly reason: string;
  readonly by: string;
  /** Date and time, ISO 8601. */
  readonly at: string;
}

/**
 * A material that a company adds: like one of the catalogue, with values of its own within the same bounds. What the
 * limits say of the one that it is like, they say of it.
 */
export interface OwnMaterial extends OwnEntry {
  readonly name: string;
  readonly synonyms: readonly string[];
  /** Id of the material of the catalogue that it is like. */
  readonly like: string;
  /** By path. */
  readonly values: Readonly<Record<string, Setting>>;
}

/** A method that a company adds; the limits judge it as any other. */
export interface OwnMethod extends OwnEntry {
  readonly method: Omit<Method, 'id' | 'source'>;
}

const about = {
  putAway: Joi.boolean().default(false),
  reason: Joi.string().trim().min(3).max(2000).required(),
  by: Joi.string().trim().min(1).max(120).required(),
  at: momentSchema.required(),
};
const setting = Joi.alternatives(Joi.number(), Joi.boolean(), Joi.string().max(40));

export const ownMaterialSchema = Joi.object<Omit<OwnMaterial, 'id'>>({
  name: Joi.string().trim().min(3).max(120).required(),
  synonyms: Joi.array().items(Joi.string().trim().min(3).max(120)).max(20).unique().default([]),
  like: Joi.string().max(100).required(),
  values: Joi.object().pattern(Joi.string().max(100), setting).max(60).default({}),
  ...about,
});

export const ownMethodSchema = Joi.object<Omit<OwnMethod, 'id'>>({
  method: methodSchema.fork(['id', 'source'], (schema) => schema.forbidden()).required(),
  ...about,
});
