import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readJobFile } from '@etappe/core';
import type { Survey } from '@etappe/core';
import { ROOT } from '../provision.mjs';

/** As much of a job file as is repeated and changed here. */
export interface FileSurface extends Record<string, unknown> {
  readonly name: string;
  readonly inScope?: boolean;
  readonly findings: readonly unknown[];
}
export interface File extends Record<string, unknown> {
  readonly surfaces: readonly FileSurface[];
  readonly site: {
    readonly features: readonly { readonly id: string }[];
    readonly waterPoints: readonly unknown[];
  };
  readonly house: { readonly crew: unknown };
}

export const MANY_SURFACES = 300;

/** A job file of the demo, as it is. */
export const demoFile = (name: string) =>
  JSON.parse(readFileSync(join(ROOT, `demo/${name}.etappe.json`), 'utf8')) as File;

/** @throws Error with the faults of a file that is not sound */
export function soundSurvey(file: unknown): Survey {
  const reading = readJobFile(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults).slice(0, 400));
  return reading.survey;
}

/** The demo job with so many surfaces, each a repeat of one of its own that is worked on, with findings of its own. */
export function generatedFile(surfaces: number): File {
  const file = demoFile('hill-observatory');
  const worked = file.surfaces.filter((s) => s.inScope !== false && s.findings.length > 0);
  return {
    ...file,
    name: `Generated, ${surfaces} surfaces`,
    site: { waterPoints: file.site.waterPoints, features: file.site.features },
    surfaces: repeated(worked, surfaces, ({ drainsOnto: _drains, beside: _beside, ...surface }, i) => ({
      ...surface,
      id: `surface-${i}`,
      name: `${surface.name} ${i}`,
    })),
    house: { crew: file.house.crew, dayHours: 16 },
    choices: [],
  } as File;
}

/** The surfaces of the demo job over and over, each draining onto the next, every tenth into something that stands there. */
export function largeProperty(): File {
  const base = demoFile('hill-observatory');
  const { features, waterPoints } = base.site;
  const into = (i: number) => features[i % features.length]?.id;
  const surfaces = repeated(base.surfaces, MANY_SURFACES, ({ asset: _asset, zones: _zones, ...like }, i) => ({
    ...like,
    id: `s-${i}`,
    name: `Surface ${i}`,
    inScope: true,
    scopeReason: '',
    nothingFound: false,
    drainsOnto: [i === MANY_SURFACES - 1 ? into(0) : i % 10 === 9 ? into(i) : `s-${i + 1}`],
    beside: [],
    below: [],
    behind: [],
    findings: like.findings.length > 0 ? like.findings : [{ contaminant: 'green-algae', severity: 2 }],
  }));
  return { ...base, surfaces, choices: [], site: { features, waterPoints } };
}

function repeated<T>(
  of: readonly FileSurface[],
  count: number,
  make: (surface: FileSurface, at: number) => T,
): T[] {
  return Array.from({ length: count }, (_, i) => {
    const surface = of[i % of.length];
    if (!surface) throw new Error('nothing to repeat');
    return make(surface, i);
  });
}

/** A copy in another weather: nothing that was worked out for the first is of use for it. */
export function atTemperature(survey: Survey, temperatureC: number): Survey {
  const copy = structuredClone(survey);
  return { ...copy, job: { ...copy.job, weather: { ...copy.job.weather, temperatureC } } };
}
