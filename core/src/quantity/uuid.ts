import Joi from 'joi';

/** A UUID as this application writes it, so that one id has one form: lower case, with hyphens, nothing around it. */
export const uuidSchema = Joi.string()
  .pattern(/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/, 'a UUID in lower case')
  .required();
