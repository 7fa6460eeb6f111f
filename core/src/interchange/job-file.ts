import Joi from 'joi';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { CONTAMINANTS } from '../catalogue/data/contaminants.ts';
import type { Survey, SurveyFault, EntityKind } from '../survey/survey.ts';
import { ENTITY_KINDS, checkedDetail } from '../survey/survey.ts';
import { DEFAULT_HOUSE } from '../survey/job-detail.ts';
import { referenceFaults } from '../survey/references.ts';
import { BANDS, usualTilt } from '../survey/surface.ts';
import type { Band } from '../survey/surface.ts';
import { entityIdSchema } from '../survey/entity-id.ts';
import { takeOffArea } from '../takeoff/take-off.ts';
import { assumedValues } from './assumed-values.ts';
import type { AssumedValue } from './assumed-values.ts';

export const JOB_FORMAT = 'etappe-job';
export const JOB_FORMAT_VERSION = 1;

export type JobFileReading =
  | { readonly ok: true; readonly survey: Survey; readonly assumed: readonly AssumedValue[] }
  | { readonly ok: false; readonly faults: readonly SurveyFault[] };

type Raw = Readonly<Record<string, unknown>>;

const list = Joi.array().items(Joi.object().unknown()).max(5000).default([]);
const envelope = Joi.object({
  format: Joi.valid(JOB_FORMAT).required(),
  version: Joi.valid(JOB_FORMAT_VERSION).required(),
  units: Joi.any(), name: Joi.any(), customer: Joi.any(), place: Joi.any(), start: Joi.any(), eventDate: Joi.any(), weather: Joi.any(),
  site: Joi.object({ waterPoints: list, features: list, answers: Joi.any() }).default({ waterPoints: [], features: [] }),
  sides: list,
  surfaces: Joi.array().items(Joi.object({ findings: Joi.array().items(Joi.object().unknown()).max(100).required() }).unknown()).min(1).max(5000).required(),
  house: Joi.object({ crew: Joi.any(), machines: Joi.any(), schools: Joi.any(), dayStart: Joi.any(), dayHours: Joi.any(), wasteShare: Joi.any(), sprayerLitres: Joi.any() }).default({}),
  choices: list,
}).prefs({ abortEarly: false, convert: false, errors: { wrap: { label: false } } }); // prettier-ignore

/**
 * A job file read whole, or every fault in it with its path; never half.
 * @param value parsed JSON
 */
export function readJobFile(value: unknown): JobFileReading {
  const checked = envelope.validate(value) as { value: Raw; error?: Joi.ValidationError };
  if (checked.error)
    return {
      ok: false,
      faults: checked.error.details.map((d) => ({
        path: d.path.join('.') || '(file)',
        message: d.message,
        value: d.context?.value as unknown,
      })),
    };
  const file = checked.value as Raw & { site: Raw; house: Raw; surfaces: readonly Raw[] };
  const faults: SurveyFault[] = [];
  const job = detailOf('job', jobDetail(file), '', faults);
  const entities = (kind: EntityKind, raws: readonly Raw[], path: string) =>
    raws.map((raw, i) => entityOf(kind, raw, i, `${path}[${String(i)}]`, faults));
  const surfaces = file.surfaces.map((raw, i) => {
    const { findings: _, ...own } = raw;
    return entityOf('surface', withSurfaceDefaults(own), i, `surfaces[${String(i)}]`, faults);
  });
  const findings = file.surfaces.flatMap((surface, i) =>
    (surface['findings'] as readonly Raw[]).map((raw, k) =>
      entityOf(
        'finding',
        findingDetail(raw, surface['id']),
        k,
        `surfaces[${String(i)}].findings[${String(k)}]`,
        faults,
      ),
    ),
  );
  const findingPaths = file.surfaces.flatMap((surface, i) =>
    (surface['findings'] as readonly Raw[]).map((_, k) => `surfaces[${String(i)}].findings[${String(k)}]`),
  );
  const survey = {
    job,
    sides: entities('side', (file['sides'] as readonly Raw[]).map(named), 'sides'),
    surfaces,
    features: entities('feature', (file.site['features'] as readonly Raw[]).map(named), 'site.features'),
    waterPoints: entities(
      'water-point',
      (file.site['waterPoints'] as readonly Raw[]).map(named),
      'site.waterPoints',
    ),
    findings,
    choices: (file['choices'] as readonly Raw[]).map((raw, i) =>
      entityOf('choice', { id: `choice-${String(i + 1)}`, ...raw }, i, `choices[${String(i)}]`, faults),
    ),
  } as unknown as Survey;
  if (faults.length === 0)
    faults.push(
      ...duplicateIds(survey),
      ...referenceFaults(survey).map((fault) => inFile(fault, findingPaths)),
      ...sizeFaults(survey),
    );
  if (faults.length > 0) return { ok: false, faults };
  return { ok: true, survey, assumed: assumedValues(value, jobFileOf(survey)) };
}

/** The job file of a survey; reading it gives the survey again. */
export function jobFileOf(survey: Survey): Raw {
  const { weather, house, answers, ...job } = survey.job;
  const bare = <T extends { readonly position: number }>({ position: _, ...rest }: T) => rest;
  return {
    format: JOB_FORMAT,
    version: JOB_FORMAT_VERSION,
    ...job,
    site: { waterPoints: survey.waterPoints.map(bare), features: survey.features.map(bare), answers },
    sides: survey.sides.map(bare),
    surfaces: survey.surfaces.map((surface) => ({
      ...bare(surface),
      findings: survey.findings
        .filter((f) => f.surface === surface.id)
        .map(({ contaminant, severity, share }) => ({ contaminant, severity, share })),
    })),
    house,
    weather,
    choices: survey.choices.map(({ id: _id, position: _position, ...choice }) => choice),
  };
}

function jobDetail(file: Raw & { readonly site: Raw; readonly house: Raw }): Raw {
  const { format: _f, version: _v, site, sides: _s, surfaces: _u, choices: _c, ...job } = file;
  const machines = file.house['machines'];
  // A listed machine stands for its kind; kinds that are not listed keep their usual count.
  const kinds = Array.isArray(machines) ? machines.map((m: unknown) => (m as Raw | null)?.['kind']) : [];
  const house = Array.isArray(machines)
    ? {
        ...file.house,
        machines: [
          ...(machines as unknown[]),
          ...DEFAULT_HOUSE.machines.filter((m) => !kinds.includes(m.kind)),
        ],
      }
    : file.house;
  return {
    name: 'Unnamed job',
    ...job,
    house,
    ...(site['answers'] === undefined ? {} : { answers: site['answers'] }),
  };
}

function withSurfaceDefaults(raw: Raw): Raw {
  const band = BANDS.includes(raw['band'] as Band) ? (raw['band'] as Band) : 'wall';
  const material = CATALOGUE.materials.find(
    (m) => m.id === raw['material'] || m.synonyms.includes(String(raw['material'])),
  );
  return {
    tiltDegrees: usualTilt(band),
    ...(material ? { finish: material.finishes[0] } : {}),
    ...named(raw),
    ...(material ? { material: material.id } : {}),
  };
}

function findingDetail(raw: Raw, surface: unknown): Raw {
  const contaminant =
    CONTAMINANTS.find((c) => c.id === raw['contaminant'] || c.synonyms.includes(String(raw['contaminant'])))
      ?.id ?? raw['contaminant'];
  return { ...raw, id: `${String(surface)}-${String(contaminant)}`, surface, contaminant };
}

function named(raw: Raw): Raw {
  const id = typeof raw['id'] === 'string' && raw['id'] !== '' ? raw['id'] : 'unnamed';
  return { name: (id.charAt(0).toUpperCase() + id.slice(1)).replaceAll('-', ' '), ...raw };
}

function detailOf(kind: EntityKind | 'job', detail: Raw, path: string, faults: SurveyFault[]): Raw {
  const checked = checkedDetail(kind, detail);
  if (checked.ok) return checked.detail;
  for (const fault of checked.faults)
    faults.push({ ...fault, path: path === '' ? fault.path : `${path}.${fault.path}` });
  return {};
}

function entityOf(kind: EntityKind, raw: Raw, position: number, path: string, faults: SurveyFault[]): Raw {
  const { id, ...detail } = raw;
  const { error } = entityIdSchema.required().validate(id);
  if (error)
    faults.push({
      path: `${path}.id`,
      message: 'an id is lower-case words with hyphens, at most 100 characters',
      value: id,
    });
  return { id, position, ...detailOf(kind, detail, path, faults) };
}

/** Findings stand below their surface in the file, in a list of their own in the survey. */
function inFile(fault: SurveyFault, findingPaths: readonly string[]): SurveyFault {
  const path = fault.path.replace(
    /^findings\[(\d+)\]/,
    (whole, index: string) => findingPaths[Number(index)] ?? whole,
  );
  return { ...fault, path };
}

function duplicateIds(survey: Survey): readonly SurveyFault[] {
  const seen = new Set<string>();
  const faults: SurveyFault[] = [];
  for (const { list: name } of Object.values(ENTITY_KINDS)) {
    if (name === 'findings' || name === 'choices') continue;
    survey[name].forEach(({ id }, index) => {
      if (seen.has(id))
        faults.push({
          path: `${name}[${String(index)}].id`,
          message: `the id "${id}" is used twice in the file`,
          value: id,
        });
      seen.add(id);
    });
  }
  return faults;
}

function sizeFaults(survey: Survey): readonly SurveyFault[] {
  return survey.surfaces.flatMap((surface, index) => {
    const measured = takeOffArea(surface.size, survey.job.units);
    if (measured.ok) return [];
    const { message, position } = measured.fault;
    return [
      {
        path: `surfaces[${String(index)}].size`,
        message: `${message} (at character ${String(position + 1)})`,
        value: surface.size,
      },
    ];
  });
}
