import type { ContaminantProposal } from '../proposal/surface-treatment.ts';
import { warning } from './warning.ts';
import type { Warning } from './warning.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { contaminantById } from '../catalogue/catalogue.ts';
import { isByOthers } from '../catalogue/method.ts';
import { decimal } from '../quantity/numbers.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { drainLoop } from '../survey/reference-faults.ts';
import { say } from '../messages/message.ts';
import type { Question } from '../readiness/question.ts';
import type { Finding } from '../survey/finding.ts';
import type { JobWeather } from '../survey/job-detail.ts';
import type { PlannedSurface } from '../wet-cycle/planned-surface.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';

/** Everything about one surface that a person must see before it goes on an order. */
export function surfaceWarnings({ surface, takeOff, treatment, cycles }: PlannedSurface): readonly Warning[] {
  const { id, name: place } = surface;
  if (!surface.inScope)
    return surface.scopeReason
      ? [warning('out-of-scope/why', 'note', { place, why: surface.scopeReason }, id)]
      : [warning('out-of-scope', 'note', { place }, id)];
  if (!takeOff.ok) return [warning('unmeasured', 'stop', { place, fault: takeOff.fault.message }, id)];
  if (!treatment || treatment.proposals.length === 0) {
    const nothing = surface.nothingFound || surface.zoneOf !== null;
    return [warning(nothing ? 'nothing-found' : 'not-looked-at', 'note', { place }, id)];
  }
  return [
    ...treatment.proposals.flatMap((proposal) => proposalWarnings(proposal, surface)),
    ...treatment.proposals.flatMap(({ chosen, finding }) =>
      isForSpecialists(finding) && !(chosen && isByOthers(chosen.method))
        ? [warning('for-specialists', 'stop', { place, dirt: dirtOf(finding) }, id)]
        : [],
    ),
    ...treatment.proposals.flatMap(({ chosen, finding }) =>
      chosen && isByOthers(chosen.method)
        ? [
            warning(
              'by-others',
              'warn',
              { place, dirt: dirtOf(finding), method: lowerFirst(chosen.method.name) },
              id,
            ),
          ]
        : [],
    ),
    ...cycles.flatMap(({ unworkable: why }) =>
      why ? [warning('not-workable-now', 'stop', { place, why }, id)] : [],
    ),
  ];
}

/** So much of it that its dust alone makes ill. */
function isForSpecialists({ contaminant, severity }: Pick<Finding, 'contaminant' | 'severity'>): boolean {
  return severity >= (contaminantById(contaminant).specialistFrom ?? Infinity);
}

const dirtOf = ({ contaminant }: Pick<Finding, 'contaminant'>) =>
  lowerFirst(contaminantById(contaminant).name);

function proposalWarnings(
  { chosen, choice, refused, finding }: ContaminantProposal,
  { id, name: place }: PlannedSurface['surface'],
): readonly Warning[] {
  const rules = [...new Set(refused.flatMap((r) => r.refusals.map((x) => x.text)))].join(' ');
  return [
    ...(chosen ? [] : [warning('no-permitted-method', 'stop', { place, dirt: dirtOf(finding), rules }, id)]),
    ...(choice?.standing === 'not-applied'
      ? [warning('choice-not-applied', 'warn', { place, why: choice.text }, id)]
      : []),
    ...(choice?.standing === 'overriding'
      ? [warning('rule-set-aside', 'warn', { place, why: choice.text }, id)]
      : []),
  ];
}

/** A visit that is asked for and is not there any more. */
export function visitNumberWarnings(survey: FacedSurvey, planned: number): readonly Warning[] {
  const { visit: asked } = survey.job;
  return asked === planned ? [] : [warning('visit-gone', 'warn', { asked, planned })];
}

/** Nothing is ordered with a dangerous hole in the survey. */
export function questionStops(questions: readonly Question[]): readonly Warning[] {
  return questions
    .filter((q) => q.blocking)
    .map(({ rule, params, text }) => ({
      rule,
      severity: 'stop',
      params,
      text: say('still-open', { question: text }),
      surface: null,
    }));
}

/** What the weather, the run-off and the crew say about the visit as a whole. */
export function visitWarnings(survey: FacedSurvey, surfaces: readonly TreatedSurface[]): readonly Warning[] {
  const sprayed = new Set(
    surfaces.flatMap((p) =>
      (p.treatment?.stages ?? []).flatMap((s) => (s.kind === 'apply' ? (s.apply?.agentClass ?? []) : [])),
    ),
  );
  const sprays = sprayed.size > 0;
  const works = sprays || surfaces.some((p) => (p.treatment?.stages.length ?? 0) > 0);
  const loop = drainLoop(survey);
  return [
    ...(sprays ? weatherWarnings(survey.job.weather, sprayed.has('herbicide')) : []),
    ...(loop ? [warning('drain-loop', 'stop', { loop: loop.join(' → ') })] : []),
    ...(works ? [] : [warning('nothing-to-do', 'stop', {})]),
  ];
}

function weatherWarnings(
  { windMetresPerSecond, temperatureC }: JobWeather,
  killsWeeds: boolean,
): readonly Warning[] {
  const {
    driftStoppedMetresPerSecond: usual,
    driftWarnedMetresPerSecond: warn,
    weedKillerStoppedMetresPerSecond,
    coldCelsius,
  } = TRADE_DEFAULTS;
  const stop = killsWeeds ? weedKillerStoppedMetresPerSecond : usual;
  const wind = decimal(windMetresPerSecond, 1);
  const drift =
    windMetresPerSecond > stop
      ? [warning('spray-drift/stop', 'stop', { wind, limit: stop })]
      : windMetresPerSecond > warn
        ? [warning('spray-drift/warn', 'warn', { wind })]
        : [];
  return temperatureC < coldCelsius
    ? [...drift, warning('cold', 'warn', { air: decimal(temperatureC, 1), limit: coldCelsius })]
    : drift;
}
