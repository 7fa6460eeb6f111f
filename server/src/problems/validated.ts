import type Joi from 'joi';
import { boundFault } from '../admission/body-bounds.ts';
import { invalid } from './problem.ts';

/** Values of one address. */
const MOST_IN_ADDRESS = 50;

/** What comes in an address is bounded here, as bodies are where they come in. */
function bounded(value: unknown): void {
  const fault = boundFault(value, MOST_IN_ADDRESS);
  if (fault) throw invalid([fault]);
}

/** A part of an address, checked by its schema. */
export function validatedParam<T>(schema: Joi.Schema<T>, param: unknown): T {
  bounded(param);
  return checked(schema, param, false);
}

/**
 * A request body checked by its schema.
 * @throws Problem 422 with every fault's path, what was expected and what came
 */
export function validated<T>(schema: Joi.Schema<T>, value: unknown): T {
  return checked(schema, value, false);
}

/** The same for the part of an address behind `?`, where every value comes as text. */
export function validatedQuery<T>(schema: Joi.Schema<T>, query: unknown): T {
  bounded(query);
  return checked(schema, query, true);
}

function checked<T>(schema: Joi.Schema<T>, value: unknown, convert: boolean): T {
  // A schema that is not told to be required lets nothing pass as something.
  const result = schema.required().validate(value, {
    abortEarly: false,
    convert,
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
