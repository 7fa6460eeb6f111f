import Joi from 'joi';
import { MOST_LISTED, MOST_ON_SURFACE } from '../survey/list-limits.ts';
import { ENTITY_KINDS } from '../survey/survey.ts';
import type { EntityKind, SurveyFault } from '../survey/survey.ts';
import type { Raw } from './file-entities.ts';

export const JOB_FORMAT = 'etappe-job';
export const JOB_FORMAT_VERSION = 2;

/** Kinds that a file lists under `site`; those that have a name may leave it to their id. */
export const SITE_KINDS = [
  'water-point',
  'feature',
  'long-asset',
  'damage',
  'damage-photo',
  'acknowledgement',
  'test-patch',
  'mark',
  'test',
  'photo',
  'precondition',
  'waiver',
  'reading',
] as const satisfies readonly EntityKind[];
export const NAMED_SITE_KINDS: readonly EntityKind[] = ['water-point', 'feature', 'long-asset'];
export type SiteKind = (typeof SITE_KINDS)[number];
type SiteList = (typeof ENTITY_KINDS)[SiteKind]['list'];

/** A job file whose outline is sound: every list is there, what stands in the lists is not checked yet. */
export interface JobFile extends Raw {
  readonly property: Raw;
  readonly site: Readonly<Record<SiteList, readonly Raw[]>> & { readonly answers?: unknown };
  readonly sides: readonly Raw[];
  readonly surfaces: readonly Raw[];
  readonly house: Raw;
  readonly choices: readonly Raw[];
  readonly handbook?: unknown;
}

const anything = Joi.object().unknown();
const list = Joi.array().items(anything).max(MOST_LISTED).default([]);
const onSurface = Joi.array().items(anything).max(MOST_ON_SURFACE);
const zone = Joi.object({ findings: onSurface }).unknown();
const surface = Joi.object({
  findings: onSurface.required(),
  zones: Joi.array().items(zone).max(MOST_ON_SURFACE),
}).unknown();

/** The same for each list under `site`. */
function siteLists<T>(each: T): Record<SiteList, T> {
  return Object.fromEntries(SITE_KINDS.map((kind) => [ENTITY_KINDS[kind].list, each])) as Record<SiteList, T>;
}

export const envelopeSchema = Joi.object<JobFile>({
  format: Joi.valid(JOB_FORMAT).required(),
  version: Joi.valid(JOB_FORMAT_VERSION).required(),
  units: Joi.any(),
  name: Joi.any(),
  customer: Joi.any(),
  place: Joi.any(),
  start: Joi.any(),
  visit: Joi.any(),
  event: Joi.any(),
  eventDate: Joi.any(),
  peoplePresent: Joi.any(),
  wordings: Joi.any(),
  acknowledgement: Joi.any(),
  loaded: Joi.any(),
  weather: Joi.any(),
  property: anything.default({}),
  site: Joi.object({ ...siteLists(list), answers: Joi.any() }).default(siteLists([])),
  sides: list,
  surfaces: Joi.array().items(surface).max(MOST_LISTED).required(),
  house: Joi.object({
    crew: Joi.any(),
    machines: Joi.any(),
    schools: Joi.any(),
    dayStart: Joi.any(),
    dayHours: Joi.any(),
    lunch: Joi.any(),
    spareMinutes: Joi.any(),
    pins: Joi.any(),
    wasteShare: Joi.any(),
    sprayerLitres: Joi.any(),
    guarantee: Joi.any(),
    gear: Joi.any(),
  }).default({}),
  choices: list,
  handbook: Joi.any(),
}).prefs({ abortEarly: false, convert: false, errors: { wrap: { label: false } } });

/** The outline of a file, or every fault in it. */
export function checkedEnvelope(
  value: unknown,
):
  | { readonly ok: true; readonly file: JobFile }
  | { readonly ok: false; readonly faults: readonly SurveyFault[] } {
  const checked = envelopeSchema.validate(value);
  if (!checked.error) return { ok: true, file: checked.value };
  return {
    ok: false,
    faults: checked.error.details.map((d) => ({
      path:
        d.path.reduce<string>(
          (at, key) => (typeof key === 'number' ? `${at}[${key}]` : at === '' ? key : `${at}.${key}`),
          '',
        ) || '(file)',
      message: d.message,
      value: d.context?.value as unknown,
    })),
  };
}
