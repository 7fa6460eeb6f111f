import type Joi from 'joi';
import { invalid } from './problem.ts';

/**
 * A request body or parameter checked by its schema.
 * @throws Problem 422 with every fault's path, what was expected and what came
 */
export function validated<T>(schema: Joi.Schema<T>, value: unknown): T {
  const result = schema.validate(value, {
    abortEarly: false,
    convert: false,
    errors: { wrap: { label: false } },
  });
  if (result.error) {
    throw invalid(
      result.error.details.map((d) => ({
        path: d.path.join('.') || '(body)',
        message: d.message,
        value: d.context?.value as unknown,
      })),
    );
  }
  return result.value;
}
