import Joi from 'joi';

/** Ids of survey entities: lower-case words with hyphens, unique in their property, client-made. */
export type EntityId = string & { readonly __entity?: never };

const PATTERN = /^[a-z0-9](?:[a-z0-9-]{0,98}[a-z0-9])?$/;

export const entityIdSchema = Joi.string().pattern(PATTERN, 'lower-case words with hyphens').max(100);

/** A UUID as this application writes it, so that one id has one form: lower case, with hyphens, nothing around it. */
export const uuidSchema = Joi.string()
  .pattern(/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/, 'a UUID in lower case')
  .required();
