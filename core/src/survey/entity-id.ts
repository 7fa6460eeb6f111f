import Joi from 'joi';

/** Ids of survey entities: lower-case words with hyphens, unique in their property, client-made. */
export type EntityId = string & { readonly __entity?: never };

const PATTERN = /^[a-z0-9](?:[a-z0-9-]{0,98}[a-z0-9])?$/;

export const entityIdSchema = Joi.string().pattern(PATTERN, 'lower-case words with hyphens').max(100);
