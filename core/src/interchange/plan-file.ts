import type { CompanyCatalogue } from '../company/company-catalogue.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import { contaminantById } from '../catalogue/catalogue.ts';
import { roundToStep } from '../quantity/rounding.ts';
import type { Expectation } from '../order/expectations.ts';
import { toldCustomer } from '../order/told-customer.ts';
import { otherTreatments } from '../protection/other-treatments.ts';
import { provisionsOf } from '../provisions/provisions.ts';
import type { Provisions } from '../provisions/provisions.ts';
import { stageProtection } from '../protection/stage-protection.ts';
import { pointsInWords } from '../proposal/method-ranking.ts';
import { schoolsOn } from '../proposal/school-stance.ts';
import type { Plan } from '../plan/plan.ts';
import type { PlannedSurface } from '../wet-cycle/planned-surface.ts';
import type { Survey } from '../survey/survey.ts';
import type { Stage } from '../treatment/stage.ts';
import type { Task } from '../visit/work-builder.ts';
import type { AssumedValue } from './assumed-values.ts';
import { mixesOf } from './plan-file-mixes.ts';
import { visitsOf } from './plan-file-visits.ts';

export const PLAN_FORMAT = 'etappe-plan';
const PLAN_FORMAT_VERSION = 2;

/** A plan in the published form, see docs/formats/plan-file.schema.json. */
export function planFileOf(
  plan: Plan,
  survey: Survey,
  assumed: readonly AssumedValue[],
  asOf: string,
): Record<string, unknown> {
  const told = toldCustomer(plan, survey).filter((topic) => !topic.leftOut);
  const expectations = told.flatMap(({ of }) => of).filter((e) => !e.leftOut);
  const catalogue = companyCatalogue(survey.handbook);
  // A plan of one job knows nothing of what others have reserved.
  const provisions = provisionsOf(plan, survey);
  return {
    format: PLAN_FORMAT,
    version: PLAN_FORMAT_VERSION,
    engine: plan.engine,
    inputsHash: plan.inputsHash,
    asOf,
    assumed: assumed.map(({ path, value }) => ({ path, value })),
    surfaces: plan.surfaces.map((planned) => surfaceOf(planned, plan, catalogue, expectations)),
    expectations: told.map(({ topic, title, text }) => ({ rule: topic, text: `${title}: ${text}` })),
    schools: schoolsOn({ schools: {} }, survey.job.house, catalogue),
    guard: plan.work.meetings.map((meeting) => ({
      ...meeting,
      otherTreatments: otherTreatments(meeting, plan.surfaces),
    })),
    mixes: mixesOf(plan, survey),
    products: plan.products.map((p) => ({
      agent: p.product,
      ...(p.called === null ? {} : { product: p.called }),
      ...(p.unit === 'L' ? { litres: p.amount } : { kilograms: p.amount }),
      containers: p.containers,
      leftOver: p.leftOver,
    })),
    water: waterOf(provisions),
    load: loadOf(provisions),
    protections: plan.protections.map((p) => ({
      feature: p.feature,
      surface: p.surface,
      kind: p.kind,
      act: p.text,
      when: p.when,
      who: p.who,
      minutes: p.minutes,
      material: p.material,
      longestMinutesInSun: p.longestMinutesInSun,
      neededBy: p.neededBy,
      liftedBy: p.when === 'after' ? null : (p.liftedBy.at(-1) ?? null),
    })),
    // How an answer is given is the job's own affair.
    questions: plan.questions.map(({ rule, text, blocking, about }) => ({ rule, text, blocking, about })),
    visits: visitsOf(plan, survey, asOf),
    warnings: plan.warnings.map((w) => ({
      rule: w.rule,
      text: w.text,
      severity: w.severity,
      ...(w.surface === null ? {} : { surface: w.surface }),
    })),
  };
}

function waterOf({ water }: Provisions) {
  if (!water) return null;
  const { line, input, peakLitresPerMinute, waysOut } = water;
  return {
    usedLitres: roundToStep(line.usedLitres, 0.1),
    peakLitresPerMinute: roundToStep(peakLitresPerMinute, 0.1),
    supplyLitresPerMinute: roundToStep(input.supplyLitresPerMinute, 0.1),
    firstDryMinute: line.firstDryMinute === null ? null : roundToStep(line.firstDryMinute, 0.1),
    shortLitres: roundToStep(line.shortLitres, 0.1),
    waysOut: waysOut.map((way) => way.text),
  };
}

function loadOf({ load }: Provisions) {
  return {
    kilograms: roundToStep(load.kilograms, 1),
    litres: roundToStep(load.litres, 1),
    short: load.faults,
    items: load.items.map(({ group, name, amount }) => ({ group, name, amount })),
  };
}

function surfaceOf(
  planned: PlannedSurface,
  plan: Plan,
  catalogue: CompanyCatalogue,
  expectations: readonly Expectation[],
): Record<string, unknown> {
  const proposals = planned.treatment?.proposals ?? [];
  const methods = [...new Set(proposals.flatMap((p) => (p.chosen ? [p.chosen.method.id] : [])))];
  return {
    surface: planned.surface.id,
    areaSquareMetres: planned.takeOff.ok ? planned.takeOff.squareMetres : null,
    method: methods.length > 0 ? methods.join(' + ') : null,
    because: planned.treatment?.because ?? [],
    alternatives: proposals.flatMap((p) =>
      p.alternatives.map((a) => ({
        method: a.method.id,
        points: a.points,
        factors: a.factors,
        contaminant: contaminantById(p.finding.contaminant).id,
        because: [...a.because, pointsInWords(a)],
      })),
    ),
    refused: proposals.flatMap((p) =>
      p.refused.flatMap((r) =>
        r.refusals.map((x) => ({
          method: r.method.id,
          contaminant: p.finding.contaminant,
          rule: x.rule,
          text: x.text,
          overridable: x.overridable,
        })),
      ),
    ),
    stages:
      planned.treatment?.parts.flatMap((part) =>
        part.stages.map((stage) => ({
          ...stageOf(stage),
          wear: stageProtection(stage, planned.surface, catalogue),
        })),
      ) ?? [],
    sections: plan.work.planned
      .filter(({ task }) => isApplied(task))
      .flatMap(({ id, parts, stages }) => {
        const part = parts.find((p) => p.surface === planned.surface.id && p.cycle !== null);
        if (!part) return [];
        const own = planned.treatment?.stages.find((stage) => stages.includes(stage.id));
        return [{ id, stage: own?.id, areaSquareMetres: roundToStep(part.areaSquareMetres ?? 0, 0.01) }];
      }),
    expectations: expectations
      .filter((e) => e.surfaces.includes(planned.surface.id))
      .map(({ key, text }) => ({ rule: key, text })),
  };
}

/** What puts product on a piece; its finish is of the same piece. */
const APPLYING: readonly Task[] = ['apply', 'front', 'lead', 'work'];
const isApplied = (task: Task) => APPLYING.includes(task);

function stageOf(stage: Stage): Record<string, unknown> {
  const { apply } = stage;
  return {
    id: stage.id,
    kind: stage.kind,
    ...(stage.tool === null ? {} : { tool: stage.tool }),
    ...(stage.direction === null ? {} : { direction: stage.direction }),
    ...(apply === null
      ? {}
      : {
          agent: apply.agent,
          strengthGramsPerLitre: apply.strengthGramsPerLitre,
          basis: apply.basis,
          delivery: stage.tool,
          dwell: apply.dwell && {
            fromMinutes: apply.dwell.fromMinutes,
            toMinutes: apply.dwell.toMinutes,
            usefulMinutes: apply.dwell.usefulMinutes,
            lookFromMinutes: apply.dwell.lookFromMinutes,
            expectedMinutes: apply.dwell.expectedMinutes,
          },
          leaveOn: apply.leaveOn,
          keepWet: !apply.leaveOn && apply.dwell !== null,
          stopWhen: apply.stopWhen,
          ifNotEnough: apply.ifNotEnough,
        }),
    ...(stage.maxSurfacePressureKilopascal === null
      ? {}
      : { maxSurfacePressureKilopascal: stage.maxSurfacePressureKilopascal }),
    ...(stage.reading === null ? {} : { reading: stage.reading }),
    ...(stage.bulk === null ? {} : { bulk: stage.bulk }),
    checks: stage.checks,
    cautions: stage.cautions,
  };
}
