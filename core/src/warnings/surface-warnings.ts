import type { Warning } from './warning.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { contaminantById } from '../catalogue/catalogue.ts';
import { isByOthers } from '../catalogue/method.ts';
import { decimal } from '../quantity/rounding.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { drainLoop } from '../survey/reference-faults.ts';
import type { Question } from '../readiness/open-questions.ts';
import type { PlannedSurface } from '../wet-cycle/planned-surface.ts';
import type { TreatedSurface } from '../treatment/treated-surface.ts';

/** Everything about one surface that a person must see before it goes on an order. */
export function surfaceWarnings(planned: PlannedSurface): readonly Warning[] {
  const { surface, takeOff, treatment } = planned;
  const warn = (rule: string, severity: Warning['severity'], text: string): Warning => ({
    rule,
    severity,
    text: `${surface.name}: ${text}`,
    surface: surface.id,
  });
  if (!surface.inScope)
    return [
      warn('out-of-scope', 'note', `left out${surface.scopeReason ? `: ${surface.scopeReason}` : ''}.`),
    ];
  if (!takeOff.ok) return [warn('unmeasured', 'stop', `${takeOff.fault.message}.`)];
  if (!treatment || treatment.proposals.length === 0) {
    return surface.nothingFound || surface.zoneOf !== null
      ? [warn('nothing-found', 'note', 'nothing found on it, so nothing is planned.')]
      : [warn('not-looked-at', 'note', 'not looked at in this job yet, so nothing is planned.')];
  }
  const warnings: Warning[] = [];
  for (const p of treatment.proposals) {
    if (!p.chosen) {
      const name = contaminantById(p.finding.contaminant).name.toLowerCase();
      const rules = [...new Set(p.refused.flatMap((r) => r.refusals.map((x) => x.text)))].join(' ');
      warnings.push(
        warn(
          'no-permitted-method',
          'stop',
          `no permitted method against ${name}. ${rules} Leave it out of scope, or set an overridable rule aside with a reason.`,
        ),
      );
    }
    if (p.choice?.standing === 'not-applied')
      warnings.push(warn('choice-not-applied', 'warn', p.choice.text));
    if (p.choice?.standing === 'overriding') warnings.push(warn('rule-set-aside', 'warn', p.choice.text));
  }
  for (const { chosen, finding } of treatment.proposals)
    if (chosen && isByOthers(chosen.method))
      warnings.push(
        warn(
          'by-others',
          'warn',
          `${lowerFirst(contaminantById(finding.contaminant).name)} is not treated by us: ${lowerFirst(chosen.method.name)}.`,
        ),
      );
  for (const cycle of planned.cycles)
    if (cycle.unworkable) warnings.push(warn('not-workable-now', 'stop', cycle.unworkable));
  return warnings;
}

/** A visit that is asked for and is not there any more. */
export function visitNumberWarnings(survey: FacedSurvey, planned: number): readonly Warning[] {
  const { visit } = survey.job;
  if (visit === planned) return [];
  const text = `Visit ${visit} is asked for, the treatment has ${planned} now: visit ${planned} is planned instead.`;
  return [{ rule: 'visit-gone', severity: 'warn', text, surface: null }];
}

/** Nothing is ordered with a dangerous hole in the survey. */
export function questionStops(questions: readonly Question[]): readonly Warning[] {
  return questions
    .filter((q) => q.blocking)
    .map((q) => ({
      rule: q.rule,
      severity: 'stop',
      text: `Still open: ${q.text} Find out, or write the answer to it on the walk.`,
      surface: null,
    }));
}

/** What the weather, the run-off and the crew say about the visit as a whole. */
export function visitWarnings(survey: FacedSurvey, surfaces: readonly TreatedSurface[]): readonly Warning[] {
  const warnings: Warning[] = [];
  const say = (rule: string, severity: Warning['severity'], text: string) =>
    warnings.push({ rule, severity, text, surface: null });
  const sprays = surfaces.some((p) => p.treatment?.stages.some((s) => s.kind === 'apply'));
  const { windMetresPerSecond: wind, temperatureC } = survey.job.weather;
  if (sprays && wind > TRADE_DEFAULTS.driftStoppedMetresPerSecond) {
    say(
      'spray-drift',
      'stop',
      `Wind ${decimal(wind, 1)} m/s: above ${TRADE_DEFAULTS.driftStoppedMetresPerSecond} m/s nothing is sprayed. Wait for a calmer hour.`,
    );
  } else if (sprays && wind > TRADE_DEFAULTS.driftWarnedMetresPerSecond) {
    say(
      'spray-drift',
      'warn',
      `Wind ${decimal(wind, 1)} m/s carries spray: coarse drops, close to the face, people and cars away.`,
    );
  }
  if (sprays && temperatureC < TRADE_DEFAULTS.coldCelsius)
    say(
      'cold',
      'warn',
      `${decimal(temperatureC, 1)} °C: agents work slowly below ${TRADE_DEFAULTS.coldCelsius} °C and wet ground may freeze.`,
    );
  const loop = drainLoop(survey);
  if (loop)
    say(
      'drain-loop',
      'stop',
      `Run-off goes round in a loop: ${loop.join(' → ')}. Water runs down: take one of them out.`,
    );
  if (!sprays && surfaces.every((p) => (p.treatment?.stages.length ?? 0) === 0)) {
    say('nothing-to-do', 'stop', 'There is no work to order yet: add a surface with what is on it.');
  }
  return warnings;
}
