import Joi from 'joi';

/** A SHA-256 in hexadecimal. */
export const sha256Schema = Joi.string()
  .pattern(/^[0-9a-f]{64}$/, 'SHA-256 in hexadecimal')
  .required();
