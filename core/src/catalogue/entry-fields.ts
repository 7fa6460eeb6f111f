import Joi from 'joi';

// Fields that entries of several lists have.
export const id = Joi.string()
  .pattern(/^[a-z][a-z0-9-]*$/)
  .required();
export const text = Joi.string().min(3).required();
export const texts = Joi.array().items(Joi.string().min(3)).required();
export const positive = Joi.number().positive();
export const score = Joi.number().integer().min(1).max(5).required();
export const rate = Joi.object({
  lowSquareMetresPerHour: positive.max(1000).required(),
  highSquareMetresPerHour: positive.max(1000).greater(Joi.ref('lowSquareMetresPerHour')).required(),
}).required();
export const direction = Joi.valid('bottom-up', 'top-down').required();
