import type Joi from 'joi';

/** A JSON Schema (2020-12) of the plain sort that Joi's schemas here come to. */
export type JsonSchema = Readonly<Record<string, unknown>>;

interface Rule {
  readonly name: string;
  readonly args?: Readonly<Record<string, unknown>>;
}
/** What `schema.describe()` gives of the parts that are used here. */
interface Description {
  readonly type: string;
  readonly flags?: { readonly presence?: string; readonly only?: boolean; readonly unknown?: boolean };
  readonly allow?: readonly unknown[];
  readonly rules?: readonly Rule[];
  readonly keys?: Readonly<Record<string, Description>>;
  readonly items?: readonly Description[];
  readonly matches?: readonly { readonly schema?: Description }[];
  readonly patterns?: readonly { readonly schema: Description; readonly rule: Description }[];
}

/**
 * The JSON Schema of a Joi schema: types, spans, patterns, lists and keys. Rules that only code can tell (days of the
 * calendar, one field against another) are left to the reader of the file.
 * @throws RangeError for a type of Joi that has no counterpart here
 */
export function jsonSchemaOf(schema: Joi.Schema): JsonSchema {
  return converted(schema.describe() as unknown as Description);
}

function converted(description: Description): JsonSchema {
  const allowed = (description.allow ?? []).filter((value) => typeof value !== 'object' || value === null);
  if (description.flags?.only) return { enum: allowed };
  const nullable = allowed.includes(null);
  const typed = (type: string, more: JsonSchema): JsonSchema => ({
    type: nullable ? [type, 'null'] : type,
    ...more,
  });
  switch (description.type) {
    case 'string':
      return typed('string', stringRules(description, allowed.includes('')));
    case 'number': {
      const rules = description.rules ?? [];
      const integer = rules.some((rule) => rule.name === 'integer');
      return typed(integer ? 'integer' : 'number', numberRules(rules));
    }
    case 'boolean':
      return typed('boolean', {});
    case 'array':
      return typed('array', arrayRules(description));
    case 'alternatives':
      return anyOf(description);
    case 'any':
      return {};
    case 'object':
      return typed('object', objectRules(description));
    default:
      throw new RangeError(`a Joi schema of type "${description.type}" has no JSON Schema here`);
  }
}

/** One of several; where another field decides which, any is let through, and the reader of the file tells. */
function anyOf({ matches = [], allow = [] }: Description): JsonSchema {
  const schemas = matches.map(({ schema }) => schema);
  if (schemas.some((schema) => schema === undefined)) return {};
  const nullable = allow.includes(null) ? [{ type: 'null' }] : [];
  return { anyOf: [...schemas.flatMap((schema) => (schema ? [converted(schema)] : [])), ...nullable] };
}

function stringRules({ rules = [] }: Description, emptyAllowed: boolean): JsonSchema {
  const found = (name: string) => rules.find((rule) => rule.name === name);
  const minimum = limitOf(found('min')) ?? (emptyAllowed ? 0 : 1);
  const maximum = limitOf(found('max'));
  const pattern = found('pattern')?.args?.['regex'];
  return {
    ...(minimum > 0 ? { minLength: minimum } : {}),
    ...(maximum === undefined ? {} : { maxLength: maximum }),
    ...(typeof pattern === 'string' ? { pattern: pattern.replace(/^\/|\/[a-z]*$/g, '') } : {}),
  };
}

const NUMBER_KEYWORDS: Readonly<Record<string, string>> = {
  min: 'minimum',
  max: 'maximum',
  greater: 'exclusiveMinimum',
  less: 'exclusiveMaximum',
};

function numberRules(rules: readonly Rule[]): JsonSchema {
  return Object.fromEntries(
    rules.flatMap((rule) => {
      const keyword = NUMBER_KEYWORDS[rule.name];
      const limit = limitOf(rule);
      return keyword === undefined || limit === undefined ? [] : [[keyword, limit]];
    }),
  );
}

function arrayRules({ items = [], rules = [] }: Description): JsonSchema {
  const limit = (name: string) => limitOf(rules.find((rule) => rule.name === name));
  const unique = rules.find((rule) => rule.name === 'unique');
  const [item] = items;
  return {
    ...(item ? { items: converted(item) } : {}),
    ...(limit('min') === undefined ? {} : { minItems: limit('min') }),
    ...(limit('max') === undefined ? {} : { maxItems: limit('max') }),
    ...(unique && unique.args === undefined ? { uniqueItems: true } : {}),
  };
}

function objectRules({ keys, patterns, rules = [], flags }: Description): JsonSchema {
  const most = limitOf(rules.find((rule) => rule.name === 'max'));
  const [pattern] = patterns ?? [];
  const required = Object.entries(keys ?? {}).flatMap(([key, d]) =>
    d.flags?.presence === 'required' ? [key] : [],
  );
  return {
    ...(keys
      ? { properties: Object.fromEntries(Object.entries(keys).map(([key, d]) => [key, converted(d)])) }
      : {}),
    ...(required.length > 0 ? { required } : {}),
    ...(most === undefined ? {} : { maxProperties: most }),
    additionalProperties: pattern ? converted(pattern.rule) : flags?.unknown === true,
  };
}

/** A limit that is a number; one that refers to another field is left to the reader. */
function limitOf(rule: Rule | undefined): number | undefined {
  const limit = rule?.args?.['limit'];
  return typeof limit === 'number' ? limit : undefined;
}
