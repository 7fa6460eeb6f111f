import Joi from 'joi';

/** What an answer has to be: the schema of its type. */
export type AnswerSchema<Answer> = Joi.ObjectSchema<Answer>;

/** A list of what each entry is, in an answer. */
export function listOf(entry: Joi.Schema): Joi.ArraySchema {
  return Joi.array().items(entry).required();
}

/** Date and time, ISO 8601. */
export const momentSchema = Joi.string().isoDate().required();
/** Any text, also none. */
export const wordsSchema = Joi.string().allow('').required();
export const countSchema = Joi.number().integer().min(0).required();
/** A file by its content. */
export const sha256Schema = Joi.string().hex().length(64).lowercase().required();

/** What was made, by the id that its maker gave it. */
export interface Made {
  readonly id: string;
}

/** A picture or data sheet that was kept. */
export interface Kept {
  readonly sha256: string;
}

/**
 * Why an answer is not what it has to be; null where it is. Nothing is turned into anything else.
 * @param schema of the answer; nothing for one without a body
 */
export function answerFault(schema: Joi.Schema | null, answer: unknown): string | null {
  if (schema === null) return answer === undefined ? null : 'an answer was not expected';
  return schema.required().validate(answer, { convert: false }).error?.message ?? null;
}
