import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { plan, provisionsOf, sectionsByHour, whatIf, withSupplyChange } from '@etappe/core';
import { derived } from '../../core/src/plan/derivation.ts';
import { faced } from '../../core/src/survey/face.ts';
import { ROOT } from '../provision.mjs';
import { MANY_SURFACES, atTemperature, demoFile, largeProperty, soundSurvey } from './properties.ts';
import { spread } from './times.ts';
import type { Row } from './times.ts';

const ROUNDS = 15;
const HANDBOOK = join(ROOT, 'demo/handbook.json');

/** The physics of a whole day on a large property, and what would change in the supply of the demo job. */
export function supplyRows(): Row[] {
  const handbook = JSON.parse(readFileSync(HANDBOOK, 'utf8')) as unknown;
  const demo = soundSurvey({ ...demoFile('hill-observatory'), handbook });
  const made = plan(demo, { asOf: '2026-05-04', seed: 1, budget: 1 });
  const day: number[] = [];
  const asked: number[] = [];
  const provided: number[] = [];
  // The demo job first: in the worker that plans it no large property lies about.
  for (let i = 0; i < ROUNDS; i += 1) {
    const change = { temperatureC: 20 + i, stockDaysOlder: 10 * i, tapLitresPerMinute: 4 + i };
    let began = performance.now();
    whatIf(demo, withSupplyChange(demo, change));
    asked.push(performance.now() - began);
    began = performance.now();
    provisionsOf(made, demo);
    provided.push(performance.now() - began);
  }
  const large = soundSurvey(largeProperty());
  const derivation = derived(faced(large));
  for (let i = 0; i < ROUNDS; i += 1) {
    const survey = atTemperature(large, 12 + i);
    const began = performance.now();
    sectionsByHour(derivation, survey);
    day.push(performance.now() - began);
  }
  const cycles = derivation.surfaces.reduce((sum, p) => sum + p.cycles.length, 0);
  return [
    [
      `sun, air, clocks and sections of ${MANY_SURFACES} surfaces (${cycles} wet cycles) in each of 24 hours, in the core`,
      '200 ms',
      spread(day),
    ],
    ['what a hotter day, older stock and a weaker tap change in the demo job', '50 ms', spread(asked)],
    ['stock, water, hoses, jets, run-off and load of the demo job', '–', spread(provided)],
  ];
}
