import { wordsOf } from '../quantity/words.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { MACHINE_KINDS } from '../catalogue/tool.ts';
import type { Machine } from '../survey/crew-and-machines.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import type { Survey, SurveyFault } from '../survey/survey.ts';
import { ENTITY_KINDS } from '../survey/survey.ts';
import { referenceFaults } from '../survey/reference-faults.ts';
import { takeOffFace } from '../takeoff/take-off.ts';
import { assumedValues } from './assumed-values.ts';
import type { AssumedValue } from './assumed-values.ts';
import { checkedEnvelope } from './job-file-envelope.ts';
import { handbookInFile, readHandbook } from './file-handbook.ts';
import { FileEntities } from './file-entities.ts';
import type { Raw } from './file-entities.ts';
import type { JobFile, SiteKind } from './job-file-envelope.ts';
import { completedFinding, completedJob, completedSurface, named } from './file-defaults.ts';
import { upgradedFile } from './file-upgrades.ts';
import { JOB_FORMAT, JOB_FORMAT_VERSION, NAMED_SITE_KINDS, SITE_KINDS } from './job-file-envelope.ts';

export type JobFileReading =
  | {
      readonly ok: true;
      readonly survey: Survey;
      readonly assumed: readonly AssumedValue[];
      /** Sizes that cannot be read, half-typed ones: kept with their text, and not measured yet. */
      readonly unmeasured: readonly SurveyFault[];
    }
  | { readonly ok: false; readonly faults: readonly SurveyFault[] };

/** Keys of the property that stand at the top of a file. */
const OUTER_KEYS = ['customer', 'place'] as const;

/**
 * A job file read whole, or every fault in it with its path; never half.
 * @param value parsed JSON, of this version or an older one
 */
export function readJobFile(value: unknown): JobFileReading {
  const upgraded = upgradedFile(value);
  if (!upgraded.ok) return upgraded;
  const checked = checkedEnvelope(upgraded.file);
  if (!checked.ok) return checked;
  const { file } = checked;
  const handbook = readHandbook(file.handbook);
  if (!handbook.ok) return handbook;
  const entities = new FileEntities();
  const job = entities.single('job', completedJob(file), '');
  const property = entities.single('property', propertyOf(file), 'property', (path) =>
    OUTER_KEYS.some((key) => path.startsWith(`property.${key}`) && file.property[key] === undefined)
      ? path.slice('property.'.length)
      : path,
  );
  const survey: Survey = {
    job,
    handbook: handbook.handbook,
    property,
    sides: entities.list('side', file.sides.map(named), 'sides'),
    ...siteOf(file, entities),
    ...surfacesOf(file.surfaces, entities, companyCatalogue(handbook.handbook)),
    choices: entities.list(
      'choice',
      file.choices.map((raw, i) => ({ id: `choice-${i + 1}`, ...raw })),
      'choices',
    ),
  };
  const { faults } = entities;
  if (faults.length === 0)
    faults.push(
      ...entities.duplicateIds(survey),
      ...referenceFaults(survey).map((fault) => entities.inFile(fault)),
    );
  if (faults.length > 0) return { ok: false, faults };
  return {
    ok: true,
    survey,
    assumed: assumedValues(value, jobFileOf(survey)),
    unmeasured: unreadSizes(survey, entities),
  };
}

/** What a file lists under `site`. */
function siteOf(
  { site }: JobFile,
  entities: FileEntities,
): Pick<Survey, (typeof ENTITY_KINDS)[SiteKind]['list']> {
  const lists = SITE_KINDS.map((kind) => {
    const { list } = ENTITY_KINDS[kind];
    const raws = NAMED_SITE_KINDS.includes(kind) ? site[list].map(named) : site[list];
    return [list, entities.list(kind, raws, `site.${list}`)] as const;
  });
  // Each list was read by its own kind.
  return Object.fromEntries(lists) as unknown as Pick<Survey, (typeof ENTITY_KINDS)[SiteKind]['list']>;
}

/** Surfaces stand in the file with their zones, findings and scope; in a survey each has a list of its own. */
function surfacesOf(
  raws: readonly Raw[],
  entities: FileEntities,
  catalogue: Catalogue,
): Pick<Survey, 'surfaces' | 'zones' | 'findings' | 'scopes'> {
  const zoned = raws.flatMap((raw, i) =>
    listIn(raw, 'zones').map((zone, k) => ({
      zone,
      surface: raw['id'],
      at: `surfaces[${i}].zones[${k}]`,
    })),
  );
  const found = [
    ...raws.flatMap((raw, i) =>
      listIn(raw, 'findings').map((finding, k) => ({
        detail: completedFinding(finding, raw['id'], null),
        at: `surfaces[${i}].findings[${k}]`,
      })),
    ),
    ...zoned.flatMap(({ zone, surface, at }) =>
      listIn(zone, 'findings').map((finding, k) => ({
        detail: completedFinding(finding, surface, zone['id']),
        at: `${at}.findings[${k}]`,
      })),
    ),
  ];
  const scoped = raws.flatMap((raw, i) => {
    const { inScope, scopeReason, nothingFound, id } = raw;
    const fields = Object.fromEntries(
      Object.entries({ inScope, scopeReason, nothingFound }).filter(([, v]) => v !== undefined),
    );
    const usual =
      (inScope ?? true) === true && (scopeReason ?? '') === '' && (nothingFound ?? false) === false;
    return usual ? [] : [{ detail: { id: scopeId(id), surface: id, ...fields }, at: `surfaces[${i}]` }];
  });
  return {
    surfaces: raws.map((raw, i) =>
      entities.entity('surface', completedSurface(raw, catalogue), i, `surfaces[${i}]`),
    ),
    zones: zoned.map(({ zone: { findings: _, ...own }, surface, at }, i) =>
      entities.entity('zone', { ...named(own), surface }, i, at),
    ),
    findings: found.map(({ detail, at }, i) => entities.entity('finding', detail, i, at)),
    scopes: scoped.map(({ detail, at }, i) => entities.entity('scope', detail, i, at)),
  };
}

function listIn(raw: Raw, key: string): readonly Raw[] {
  return (raw[key] ?? []) as readonly Raw[];
}

/** Findings and scopes need ids of their own in a survey; what the surface's id leaves room for. */
function scopeId(surface: unknown): string {
  return `scope-${wordsOf(surface)}`.slice(0, 100);
}

function propertyOf(file: { readonly property: Raw } & Raw): Raw {
  const { customer, place } = file;
  return {
    ...(customer === undefined ? {} : { customer }),
    ...(place === undefined ? {} : { place }),
    ...file.property,
  };
}

/** The job file of a survey; reading it gives the survey again. */
export function jobFileOf(survey: Survey): Raw {
  const { weather, house, answers, ...job } = survey.job;
  const { customer, place, ...property } = survey.property;
  return {
    format: JOB_FORMAT,
    version: JOB_FORMAT_VERSION,
    ...job,
    customer,
    place,
    property,
    site: {
      ...Object.fromEntries(
        SITE_KINDS.map((kind) => [ENTITY_KINDS[kind].list, survey[ENTITY_KINDS[kind].list].map(bare)]),
      ),
      answers,
    },
    sides: survey.sides.map(bare),
    surfaces: survey.surfaces.map((surface) => surfaceInFile(surface, survey)),
    house: { ...house, machines: everyMachine(house.machines) },
    handbook: handbookInFile(survey.handbook),
    weather,
    choices: survey.choices.map(bare),
  };
}

/** A file that says nothing of a kind means the usual count of it: where there is none, it says so. */
function everyMachine(machines: readonly Machine[]): readonly Machine[] {
  const none = MACHINE_KINDS.filter((kind) => !machines.some((machine) => machine.kind === kind));
  return [
    ...machines,
    ...none.map((kind) => ({
      kind,
      count: 0,
      flowLitresPerMinute: null,
      pressureBar: null,
      tipOrifice: null,
    })),
  ];
}

function surfaceInFile(surface: Survey['surfaces'][number], survey: Survey): Raw {
  const scope = survey.scopes.find((s) => s.surface === surface.id);
  const findings = (zone: string | null) =>
    survey.findings
      .filter((f) => f.surface === surface.id && f.zone === zone)
      .map(({ surface: _s, zone: _z, position: _p, ...own }) => own);
  return {
    ...bare(surface),
    inScope: scope?.inScope ?? true,
    scopeReason: scope?.scopeReason ?? '',
    nothingFound: scope?.nothingFound ?? false,
    zones: survey.zones
      .filter((z) => z.surface === surface.id)
      .map((zone) => {
        const { surface: _, ...own } = bare(zone);
        return { ...own, findings: findings(zone.id) };
      }),
    findings: findings(null),
  };
}

function bare<T extends { readonly position: number }>({ position: _, ...rest }: T): Omit<T, 'position'> {
  return rest;
}

function unreadSizes(survey: Survey, entities: FileEntities): readonly SurveyFault[] {
  const { units } = survey.job;
  const measured = [
    ...survey.surfaces.map((s, i) => ({ path: `surfaces[${i}].size`, face: s })),
    ...survey.zones.map((z, i) => ({
      path: entities.inFile({ path: `${ENTITY_KINDS.zone.list}[${i}].size`, message: '' }).path,
      face: { size: z.size, girth: '', reliefFactor: 1 },
    })),
  ];
  return measured.flatMap(({ path, face }) => {
    // Not measured yet: the plan says so.
    if (face.size === '') return [];
    const takeOff = takeOffFace(face, units);
    if (takeOff.ok) return [];
    const { message, position } = takeOff.fault;
    return [{ path, message: `${message} (at character ${position + 1})`, value: face.size }];
  });
}
