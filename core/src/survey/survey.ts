import type Joi from 'joi';
import { acknowledgementSchema } from './acknowledgement.ts';
import type { DamageAcknowledgement } from './acknowledgement.ts';
import { choiceSchema } from './choice.ts';
import type { Choice } from './choice.ts';
import { damageSchema } from './damage.ts';
import type { Damage } from './damage.ts';
import { featureSchema } from './feature.ts';
import type { Feature } from './feature.ts';
import { findingSchema } from './finding.ts';
import type { Finding } from './finding.ts';
import { EMPTY_HANDBOOK } from '../company/company-handbook.ts';
import type { CompanyHandbook } from '../company/company-handbook.ts';
import { jobDetailSchema } from './job-detail.ts';
import type { JobDetail } from './job-detail.ts';
import { longAssetSchema } from './long-asset.ts';
import type { LongAsset } from './long-asset.ts';
import { markSchema } from './mark.ts';
import type { Mark } from './mark.ts';
import { photoSchema } from './photo.ts';
import type { DamagePhoto, Photo } from './photo.ts';
import { preconditionSchema } from './precondition.ts';
import type { Precondition } from './precondition.ts';
import { propertySchema } from './property.ts';
import type { Property } from './property.ts';
import { scopeSchema } from './scope.ts';
import type { Scope } from './scope.ts';
import { sideSchema } from './side.ts';
import type { Side } from './side.ts';
import { surfaceSchema } from './surface.ts';
import type { Surface } from './surface.ts';
import { surfaceTestSchema } from './surface-test.ts';
import type { SurfaceTest } from './surface-test.ts';
import { testPatchSchema } from './test-patch.ts';
import type { TestPatch } from './test-patch.ts';
import { readingSchema } from './reading.ts';
import type { Reading } from './reading.ts';
import { waiverSchema } from './waiver.ts';
import type { Waiver } from './waiver.ts';
import { waterPointSchema } from './water-point.ts';
import type { WaterPoint } from './water-point.ts';
import { zoneSchema } from './zone.ts';
import type { Zone } from './zone.ts';

/** Everything one job knows: its own fields, what lasts of the property, what passes with the job. */
export interface Survey {
  readonly job: JobDetail;
  /** What the company has made of the catalogue. */
  readonly handbook: CompanyHandbook;
  readonly property: Property;
  readonly sides: readonly Side[];
  readonly longAssets: readonly LongAsset[];
  readonly surfaces: readonly Surface[];
  readonly zones: readonly Zone[];
  readonly features: readonly Feature[];
  readonly waterPoints: readonly WaterPoint[];
  readonly damages: readonly Damage[];
  readonly damagePhotos: readonly DamagePhoto[];
  readonly acknowledgements: readonly DamageAcknowledgement[];
  readonly testPatches: readonly TestPatch[];
  readonly scopes: readonly Scope[];
  readonly findings: readonly Finding[];
  readonly marks: readonly Mark[];
  readonly tests: readonly SurfaceTest[];
  readonly photos: readonly Photo[];
  readonly preconditions: readonly Precondition[];
  readonly choices: readonly Choice[];
  readonly waivers: readonly Waiver[];
  readonly readings: readonly Reading[];
}

/** Kinds of survey entities: the list that holds each, whether it lasts with the property, and what checks it. */
export const ENTITY_KINDS = {
  side: { list: 'sides', lasts: true, schema: sideSchema },
  'long-asset': { list: 'longAssets', lasts: true, schema: longAssetSchema },
  surface: { list: 'surfaces', lasts: true, schema: surfaceSchema },
  zone: { list: 'zones', lasts: true, schema: zoneSchema },
  feature: { list: 'features', lasts: true, schema: featureSchema },
  'water-point': { list: 'waterPoints', lasts: true, schema: waterPointSchema },
  damage: { list: 'damages', lasts: true, schema: damageSchema },
  'damage-photo': { list: 'damagePhotos', lasts: true, schema: photoSchema },
  acknowledgement: { list: 'acknowledgements', lasts: true, schema: acknowledgementSchema },
  'test-patch': { list: 'testPatches', lasts: true, schema: testPatchSchema },
  scope: { list: 'scopes', lasts: false, schema: scopeSchema },
  finding: { list: 'findings', lasts: false, schema: findingSchema },
  mark: { list: 'marks', lasts: false, schema: markSchema },
  test: { list: 'tests', lasts: false, schema: surfaceTestSchema },
  photo: { list: 'photos', lasts: false, schema: photoSchema },
  precondition: { list: 'preconditions', lasts: false, schema: preconditionSchema },
  choice: { list: 'choices', lasts: false, schema: choiceSchema },
  waiver: { list: 'waivers', lasts: false, schema: waiverSchema },
  reading: { list: 'readings', lasts: false, schema: readingSchema },
} as const satisfies Record<string, { list: keyof Survey; lasts: boolean; schema: Joi.ObjectSchema }>;
export type EntityKind = keyof typeof ENTITY_KINDS;

/** The lists of a survey that has nothing in it yet, under the catalogue as shipped. */
export const NO_ENTITIES = {
  ...Object.fromEntries(Object.values(ENTITY_KINDS).map(({ list }) => [list, []])),
  handbook: EMPTY_HANDBOOK,
} as unknown as Omit<Survey, 'job' | 'property'>;
export const JOB_KIND = 'job';
export const PROPERTY_KIND = 'property';
/** Everything that a change can touch: the entities, and the one job and one property of a survey. */
export type RecordKind = EntityKind | typeof JOB_KIND | typeof PROPERTY_KIND;

const SINGLE_SCHEMAS = { [JOB_KIND]: jobDetailSchema, [PROPERTY_KIND]: propertySchema } as const;

/** Whether it stays with the property when a job is over. */
export function lastsWithProperty(kind: RecordKind): boolean {
  return kind === PROPERTY_KIND || (kind !== JOB_KIND && ENTITY_KINDS[kind].lasts);
}

/** What checks the fields of a kind. */
export function schemaOf(kind: RecordKind): Joi.ObjectSchema {
  return kind === JOB_KIND || kind === PROPERTY_KIND ? SINGLE_SCHEMAS[kind] : ENTITY_KINDS[kind].schema;
}

/** One fault of a checked value: where, what was expected, what came. */
export interface SurveyFault {
  readonly path: string;
  readonly message: string;
  readonly value?: unknown;
  /** The entity at fault, where the path counts a list. */
  readonly entity?: string;
}

/**
 * The fields of one entity, checked and completed with defaults.
 * @returns the detail, or every fault with its path
 */
export function checkedDetail(
  kind: RecordKind,
  detail: unknown,
):
  | { readonly ok: true; readonly detail: Record<string, unknown> }
  | { readonly ok: false; readonly faults: readonly SurveyFault[] } {
  const { value, error } = schemaOf(kind).validate(detail, {
    abortEarly: false,
    convert: false,
    errors: { wrap: { label: false } },
  }) as {
    value: Record<string, unknown>;
    error?: Joi.ValidationError;
  };
  if (!error) return { ok: true, detail: value };
  return {
    ok: false,
    faults: error.details.map((d) => ({
      path: d.path.join('.'),
      message: d.message,
      value: d.context?.value as unknown,
    })),
  };
}
