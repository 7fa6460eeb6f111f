import { plan, whatIf } from '@etappe/core';
import type { Survey } from '@etappe/core';
import { scheduleJudge } from '../../core/src/plan/day-log.ts';
import { derived } from '../../core/src/plan/derivation.ts';
import { faced } from '../../core/src/survey/face.ts';
import type { FacedSurvey } from '../../core/src/survey/face.ts';
import { FaceHours } from '../../core/src/wet-cycle/face-hours.ts';
import { chosenVariants, openFaces, treatedSurfaces } from '../../core/src/proposal/treated-surface.ts';
import { MANY_SURFACES, atTemperature, demoFile, largeProperty, soundSurvey } from './properties.ts';
import { spread } from './times.ts';
import type { Row } from './times.ts';

const ROUNDS = 15;

/** The day of the demo job as a flat log, and judged, as it is before every schedule that is shown. */
export function judgeRow(): Row {
  const survey = soundSurvey(demoFile('hill-observatory'));
  const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
  if (!made.visit) throw new Error('nothing is worked on in the demo job');
  const { schedule } = made.visit;
  const times: number[] = [];
  for (let i = 0; i < 10 * ROUNDS; i += 1) {
    const judge = scheduleJudge(made, faced(survey));
    const began = performance.now();
    if (judge(schedule).length > 0) throw new Error('the demo day is not sound');
    times.push(performance.now() - began);
  }
  return [
    `the day of the demo job judged, ${schedule.placements.length} operations, with its log`,
    '5 ms',
    spread(times),
  ];
}

/** A large property derived with nothing known of it, and its treatments after an edit of one surface. */
export function treatmentRows(): Row[] {
  const large = soundSurvey(largeProperty());
  const demo = soundSurvey(demoFile('hill-observatory'));
  const whole: number[] = [];
  const edited: number[] = [];
  const asked: number[] = [];
  const chosen: number[] = [];
  const chosenAgain: number[] = [];
  for (let i = 0; i < ROUNDS; i += 1) {
    // Another temperature makes another state of every surface: nothing that was worked out before helps.
    const survey = atTemperature(large, 12 + i / 10);
    chosen.push(choiceTime(faced(atTemperature(large, 20 + i / 10))));
    let began = performance.now();
    derived(faced(survey));
    whole.push(performance.now() - began);
    // As an edit comes to the worker: a copy of everything, one finding worse, which its neighbours below feel.
    const after = withWorse(survey, i * 7);
    const faces = faced(after);
    began = performance.now();
    const hours = new FaceHours(faces, faces.job.start);
    treatedSurfaces(faces, (face) => hours.hardest(face).air);
    edited.push(performance.now() - began);
    chosenAgain.push(choiceTime(faced(withWorse(survey, i * 7 + 1))));
    const other = withPractice(demo, 'growth-chemistry', i % 2 ? 'hypochlorite' : 'oxygen-or-neutral');
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
    [
      `one choice of methods for the property of ${MANY_SURFACES} surfaces: the search alone`,
      '50 ms',
      spread(chosen),
    ],
    ['the same after an edit of one surface', '20 ms', spread(chosenAgain)],
    [`the treatments of the ${MANY_SURFACES} after an edit of one`, '20 ms', spread(edited)],
    ['what another way of working changes in the demo job', '50 ms', spread(asked)],
  ];
}

/** What it takes to choose for all faces together once the ways to treat each are known, ms. */
function choiceTime(survey: FacedSurvey): number {
  const hours = new FaceHours(survey, survey.job.start);
  const faces = openFaces(survey, (face) => hours.hardest(face).air);
  const began = performance.now();
  chosenVariants(faces, survey);
  return performance.now() - began;
}

/** A copy with one finding a step worse, the worst as the slightest. */
function withWorse(survey: Survey, at: number): Survey {
  const copy = structuredClone(survey);
  return {
    ...copy,
    findings: copy.findings.map((finding, i) =>
      i === at ? { ...finding, severity: ((finding.severity % 4) + 1) as typeof finding.severity } : finding,
    ),
  };
}

function withPractice(survey: Survey, school: string, option: string): Survey {
  const copy = structuredClone(survey);
  return { ...copy, job: { ...copy.job, house: { ...copy.job.house, schools: { [school]: option } } } };
}
