import { MOST_LISTED, MOST_ON_SURFACE } from '../survey/list-limits.ts';
import { entityIdSchema } from '../survey/entity-id.ts';
import { ENTITY_KINDS, schemaOf } from '../survey/survey.ts';
import type { EntityKind, RecordKind } from '../survey/survey.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { JOB_FORMAT, JOB_FORMAT_VERSION, NAMED_SITE_KINDS, SITE_KINDS } from './job-file-envelope.ts';
import { OWN_ID } from '../company/own-entry.ts';
import { companyHandbookSchema } from '../company/company-handbook.ts';
import { jsonSchemaOf } from './json-schema.ts';
import type { JsonSchema } from './json-schema.ts';

type Properties = Readonly<Record<string, JsonSchema>>;

/**
 * The published JSON Schema of job files, made from the very checks that read them; `docs/formats/` holds it as a file
 * and a test keeps the two in step.
 */
export function jobFileSchema(): JsonSchema {
  const job = propertiesOf('job');
  const { customer, place, ...property } = propertiesOf('property');
  const { answers, ...ownJob } = job;
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: `${JOB_FORMAT}-${JOB_FORMAT_VERSION}`,
    title: `Etappe job file, version ${JOB_FORMAT_VERSION}`,
    description:
      'One survey of one property: sizes in the tape language, all else in SI. Only format, version and surfaces are required; what is left out takes a stated default that the plan lists. Materials and contaminants are ids of the catalogue or its synonyms, agents and methods are ids.',
    type: 'object',
    properties: {
      format: { const: JOB_FORMAT },
      version: { const: JOB_FORMAT_VERSION },
      ...ownJob,
      ...(customer ? { customer } : {}),
      ...(place ? { place } : {}),
      property: closed({ ...property, ...(customer ? { customer } : {}), ...(place ? { place } : {}) }, []),
      site: closed(
        {
          ...Object.fromEntries(
            SITE_KINDS.map((kind) => [
              ENTITY_KINDS[kind].list,
              listOf(NAMED_SITE_KINDS.includes(kind) ? entitySchema(kind) : entitySchema(kind, ['name'])),
            ]),
          ),
          ...(answers ? { answers } : {}),
        },
        [],
      ),
      sides: listOf(entitySchema('side')),
      surfaces: listOf(surfaceSchema()),
      choices: listOf(optionalId(entitySchema('choice'))),
      handbook: jsonSchemaOf(companyHandbookSchema),
    },
    required: ['format', 'version', 'surfaces'],
    additionalProperties: false,
  };
}

function surfaceSchema(): JsonSchema {
  const { surface: _, ...scope } = propertiesOf('scope');
  const own = entitySchema('surface', ['name', 'finish']);
  const zone = entitySchema('zone', ['name', 'surface']);
  const { surface: _on, ...zoneProperties } = zone['properties'] as Properties;
  const findings = { ...listOf(findingSchema()), maxItems: MOST_ON_SURFACE };
  return {
    ...own,
    properties: {
      ...(own['properties'] as Properties),
      material: { anyOf: [wordOf(CATALOGUE.materials), { type: 'string', pattern: OWN_ID.source }] },
      ...scope,
      zones: {
        type: 'array',
        items: { ...zone, properties: { ...zoneProperties, findings } },
        maxItems: MOST_ON_SURFACE,
      },
      findings,
    },
    required: [...(own['required'] as string[]), 'findings'],
  };
}

function findingSchema(): JsonSchema {
  const finding = optionalId(entitySchema('finding', ['surface']));
  const { surface: _s, zone: _z, ...properties } = finding['properties'] as Properties;
  return { ...finding, properties: { ...properties, contaminant: wordOf(CATALOGUE.contaminants) } };
}

/** An id of the catalogue or one of its synonyms. */
function wordOf(
  entries: readonly { readonly id: string; readonly synonyms: readonly string[] }[],
): JsonSchema {
  return { enum: [...new Set(entries.flatMap((entry) => [entry.id, ...entry.synonyms]))] };
}

function propertiesOf(kind: RecordKind): Properties {
  return jsonSchemaOf(schemaOf(kind))['properties'] as Properties;
}

/** An entity as it stands in a file: with its id; what the reader fills in is not required. */
function entitySchema(kind: EntityKind, filled: readonly string[] = ['name']): JsonSchema {
  const schema = jsonSchemaOf(ENTITY_KINDS[kind].schema);
  const required = ((schema['required'] ?? []) as string[]).filter((key) => !filled.includes(key));
  return {
    ...schema,
    properties: { id: jsonSchemaOf(entityIdSchema), ...(schema['properties'] as Properties) },
    required: ['id', ...required],
  };
}

function optionalId(schema: JsonSchema): JsonSchema {
  return { ...schema, required: (schema['required'] as string[]).filter((key) => key !== 'id') };
}

function listOf(items: JsonSchema): JsonSchema {
  return { type: 'array', items, maxItems: MOST_LISTED };
}

function closed(properties: Properties, required: readonly string[]): JsonSchema {
  return { type: 'object', properties, required, additionalProperties: false };
}
