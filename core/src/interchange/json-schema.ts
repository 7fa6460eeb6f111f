import type Joi from 'joi';

/** A JSON Schema of draft 2020-12. */
export type JsonSchema = Readonly<Record<string, unknown>>;

/**
 * The JSON Schema of a Joi schema, by Joi's own export. Rules that only code can tell (days of the calendar, one field
 * against another) are left to the reader of the file.
 */
export function jsonSchemaOf(schema: Joi.Schema): JsonSchema {
  const exported = schema['~standard'].jsonSchema.input({ target: 'draft-2020-12' });
  return completed(exported) as JsonSchema;
}

/** Keywords that hold schemas by name of property. */
const NAMED = ['properties', 'patternProperties'];

/**
 * What the export of the pinned Joi leaves to be done. An enumeration that may be null says so only in its type. A default
 * that is worked out from another field comes as how it is worked out. Formats go: "hex" is none of the standard's, and its
 * "date-time" wants an offset that a moment here may lack.
 */
function completed(schema: unknown): unknown {
  if (Array.isArray(schema)) return schema.map(completed);
  if (typeof schema !== 'object' || schema === null) return schema;
  const { default: _default, format: _format, enum: values, type, ...more } = schema as JsonSchema;
  const rest = mapped(more, (part, key) =>
    NAMED.includes(key) ? mapped(part as object, completed) : completed(part),
  );
  const nullable = Array.isArray(type) && type.includes('null');
  return {
    ...(type === undefined ? {} : { type }),
    ...(Array.isArray(values) ? { enum: nullable ? [...(values as unknown[]), null] : values } : {}),
    ...rest,
  };
}

function mapped(object: object, of: (value: unknown, key: string) => unknown): JsonSchema {
  return Object.fromEntries(Object.entries(object).map(([key, value]) => [key, of(value, key)]));
}
