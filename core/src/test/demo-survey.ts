import { readFileSync } from 'node:fs';
import { readJobFile } from '../interchange/job-file.ts';
import type { Survey } from '../survey/survey.ts';

/** @throws Error with the faults of a file that is not sound */
export function surveyOf(file: unknown): Survey {
  const reading = readJobFile(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
}

/** A demo job's file as it ships. */
export const demoFile = (name: string): Readonly<Record<string, unknown>> =>
  JSON.parse(readFileSync(new URL(`../../../demo/${name}.etappe.json`, import.meta.url), 'utf8')) as Readonly<
    Record<string, unknown>
  >;

/** A demo job as it ships. */
export const demo = (name: string): Survey => surveyOf(demoFile(name));
