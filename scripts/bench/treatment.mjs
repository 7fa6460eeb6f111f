import { tsImport } from 'tsx/esm/api';
import { MANY_SURFACES, largeProperty } from './large-property.mjs';
import { demoFile, spread } from './served.mjs';

const ROUNDS = 15;

/** The day of the demo job as a flat log, and judged, as it is before every schedule that is shown. */
export async function judgeRow() {
  const { faced, plan, readJobFile, scheduleJudge } = await tsImport('./engine.ts', import.meta.url);
  const reading = readJobFile(demoFile('hill-observatory'));
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults).slice(0, 400));
  const made = plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
  const times = [];
  for (let i = 0; i < 10 * ROUNDS; i += 1) {
    const judge = scheduleJudge(made, faced(reading.survey));
    const began = performance.now();
    if (judge(made.visit.schedule).length > 0) throw new Error('the demo day is not sound');
    times.push(performance.now() - began);
  }
  const { length } = made.visit.schedule.placements;
  return [`the day of the demo job judged, ${length} operations, with its log`, '5 ms', spread(times)];
}

/** A large property derived with nothing known of it, and its treatments after an edit of one face. */
export async function treatmentRows() {
  const { readJobFile, whatIf, derived, treatedSurfaces, faced } = await tsImport(
    './engine.ts',
    import.meta.url,
  );
  const soundSurvey = (file) => {
    const reading = readJobFile(file);
    if (!reading.ok) throw new Error(JSON.stringify(reading.faults).slice(0, 400));
    return reading.survey;
  };
  const large = soundSurvey(largeProperty());
  const demo = soundSurvey(demoFile('hill-observatory'));
  const whole = [];
  const edited = [];
  const asked = [];
  for (let i = 0; i < ROUNDS; i += 1) {
    // Another temperature makes another state of every face: nothing that was worked out before helps.
    const survey = structuredClone(large);
    survey.job.weather.temperatureC = 12 + i / 10;
    let began = performance.now();
    derived(faced(survey), 1);
    whole.push(performance.now() - began);
    // As an edit comes to the worker: a copy of everything, one finding worse, which its neighbours below feel.
    const after = structuredClone(survey);
    after.findings[i * 7].severity = (after.findings[i * 7].severity % 4) + 1;
    const faces = faced(after);
    began = performance.now();
    treatedSurfaces(faces);
    edited.push(performance.now() - began);
    const other = structuredClone(demo);
    other.job.house.schools = { 'growth-chemistry': i % 2 ? 'hypochlorite' : 'oxygen-or-neutral' };
    began = performance.now();
    whatIf(demo, other);
    asked.push(performance.now() - began);
  }
  return [
    [
      `treatment of ${MANY_SURFACES} surfaces: rules, methods, chains, guard, protections, and sections, in the core`,
      '300 ms',
      spread(whole),
    ],
    [`the treatments of the ${MANY_SURFACES} after an edit of one`, '20 ms', spread(edited)],
    ['what another way of working changes in the demo job', '50 ms', spread(asked)],
  ];
}
