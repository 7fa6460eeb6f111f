import Joi from 'joi';

/** Spans shared by the entity schemas; past them a value is taken for a slip. */
export const nameSchema = Joi.string().trim().min(1).max(120);
export const noteSchema = Joi.string().trim().max(2000);
export const heightSchema = Joi.number().min(-50).max(300);
