import fc from 'fast-check';
import type { JsonSchema } from '../interchange/json-schema.ts';

/** Values that a plain pattern cannot tell apart from others: they mean something to the reader. */
export type Known = Readonly<Record<string, fc.Arbitrary<unknown>>>;

const DAYS = ['2019-02-28', '2024-02-29', '2026-11-25'];
const MOMENTS = DAYS.map((day) => `${day}T10:15:00`);
const HASH = 'ab'.repeat(32);
const TIMES = ['00:00', '07:30', '12:00', '18:45'];

/**
 * Values that a JSON Schema of ours allows, each optional property present or not.
 * @param known arbitraries by name of property, which win over the schema
 * @throws RangeError for a schema that has nothing to go by
 */
export function allowedBy(schema: JsonSchema, known: Known, name = ''): fc.Arbitrary<unknown> {
  const plain = known[name] ?? withoutNull(schema, known);
  const types = [schema['type']].flat();
  return types.includes('null') ? fc.option(plain, { nil: null, freq: 3 }) : plain;
}

function withoutNull(schema: JsonSchema, known: Known): fc.Arbitrary<unknown> {
  if ('const' in schema) return fc.constant(schema['const']);
  if (Array.isArray(schema['enum'])) return fc.constantFrom(...(schema['enum'] as unknown[]));
  // The first of several is the catalogue's; what a company calls its own is named with its handbook.
  if (Array.isArray(schema['anyOf'])) return allowedBy((schema['anyOf'] as JsonSchema[])[0] ?? {}, known);
  const number = (key: string, otherwise: number) =>
    typeof schema[key] === 'number' ? schema[key] : otherwise;
  switch ([schema['type']].flat()[0]) {
    case 'string':
      return text(schema, number);
    case 'integer':
      return fc.integer({ min: number('minimum', 0), max: number('maximum', 100) });
    case 'number': {
      // Tenths are figures that people write; the rest of the doubles is for the number format, not for this file.
      const min = Math.max(number('minimum', 0), number('exclusiveMinimum', -1e9));
      const tenths = fc.integer({
        min: Math.ceil(min * 10) + 1,
        max: Math.floor(number('maximum', 1000) * 10),
      });
      return tenths.map((n) => n / 10);
    }
    case 'boolean':
      return fc.boolean();
    case 'array': {
      const items = allowedBy(schema['items'] as JsonSchema, known);
      const minLength = number('minItems', 0);
      const limits = { minLength, maxLength: Math.max(minLength, Math.min(3, number('maxItems', 3))) };
      return schema['uniqueItems'] === true
        ? fc.uniqueArray(items, { ...limits, selector: (item) => JSON.stringify(item) })
        : fc.array(items, limits);
    }
    case 'object':
      return object(schema, known);
    default:
      throw new RangeError(`no values are known for ${JSON.stringify(schema).slice(0, 200)}`);
  }
}

function text(schema: JsonSchema, number: (key: string, otherwise: number) => number): fc.Arbitrary<string> {
  const { pattern } = schema;
  const minLength = number('minLength', 0);
  if (minLength === HASH.length) return fc.constant(HASH);
  if (typeof pattern !== 'string') {
    const limits = { minLength, maxLength: Math.min(12, number('maxLength', 12)) };
    return fc.string({ ...limits, unit: 'grapheme' });
  }
  if (pattern.includes('T\\d')) return fc.constantFrom(...MOMENTS);
  if (pattern.includes('\\d{4}')) return fc.constantFrom(...DAYS);
  if (pattern.includes('[01]\\d')) return fc.constantFrom(...TIMES);
  return fc.stringMatching(new RegExp(pattern));
}

function object(schema: JsonSchema, known: Known): fc.Arbitrary<unknown> {
  const properties = (schema['properties'] ?? {}) as Readonly<Record<string, JsonSchema>>;
  const required = (schema['required'] ?? []) as readonly string[];
  return fc.record(
    Object.fromEntries(Object.entries(properties).map(([key, of]) => [key, allowedBy(of, known, key)])),
    { requiredKeys: [...required] },
  );
}

/**
 * Takes out of a file what a path names, or what holds it when it is not there.
 * @param path as faults give it, for instance `surfaces[2].zones[0].size`
 */
export function without(file: unknown, path: string): unknown {
  const keys = path.split(/[.[\]]+/).filter((key) => key !== '');
  const copy = structuredClone(file);
  let at: unknown = copy;
  const steps: (readonly [Record<string, unknown>, string])[] = [];
  for (const key of keys) {
    if (typeof at !== 'object' || at === null || !(key in at)) break;
    const holder = at as Record<string, unknown>;
    steps.push([holder, key]);
    at = holder[key];
  }
  // What is missing is not there to be taken out: then what lacks it goes.
  const [holder, key] = steps.at(-1) ?? [{}, ''];
  if (Array.isArray(holder)) holder.splice(Number(key), 1);
  else Reflect.deleteProperty(holder, key);
  return copy;
}
