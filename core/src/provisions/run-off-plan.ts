import { word } from '../language/in-language.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { catchNeutraliserGrams } from '../mixing/neutraliser.ts';
import { neutralisersFor } from '../mixing/neutraliser-options.ts';
import type { Plan } from '../plan/plan.ts';
import { stageLitres } from '../visit/stage-water.ts';
import { say } from '../messages/message.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { formatMass, formatVolume } from '../quantity/shown-quantity.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import { listed, lowerFirst } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { sorptivityOf } from '../survey/water-absorption.ts';
import { coverLitres } from '../takeoff/coats.ts';
import { secondOfDay, shortTime } from '../quantity/duration.ts';
import { fullAt } from '../water/catch-line.ts';
import type { Inflow } from '../water/catch-line.ts';
import { runOffLedger } from '../water/run-off.ts';
import type { RunOffLedger } from '../water/run-off.ts';

/** What runs off the faces whose water must be caught, and what is done with it. */
export interface RunOffPlan {
  readonly faces: readonly string[];
  readonly ledger: RunOffLedger;
  readonly sum: string;
  readonly catchLitres: number;
  /** When the catch is full, hh:mm: emptied before. Empty while there is no schedule, or where it holds all. */
  readonly fullAt: readonly string[];
  /** For what is in the catch; the reading decides. */
  readonly neutralisers: readonly string[];
  readonly notes: readonly string[];
}

/** Acts that keep run-off from going where it would. */
const CATCHING: readonly string[] = ['catch', 'divert'];

/** The ledger of what is caught on a visit; null where nothing has to be. */
export function runOffPlan(plan: Plan, survey: FacedSurvey): RunOffPlan | null {
  const { house } = survey.job;
  const { catalogue } = survey;
  const whole = (litres: number) => formatVolume(Math.round(litres), survey.job.units);
  const caught = new Set(
    plan.protections.filter((p) => CATCHING.includes(p.kind)).flatMap((p) => p.neededBy),
  );
  const faces = plan.surfaces.filter((p) => p.treatment?.stages.some((s) => caught.has(s.id)));
  if (faces.length === 0) return null;
  let [applied, rinsed, leaving] = [0, 0, 0];
  const leavingBy = new Map<string, number>();
  const actives = new Map<string, number>();
  const agents = new Set<string>();
  for (const { surface, treatment } of faces) {
    const thirsty = sorptivityOf(surface, catalogue) >= TRADE_DEFAULTS.thirstySorptivity;
    const share = thirsty ? TRADE_DEFAULTS.thirstyRunOffShare : TRADE_DEFAULTS.runOffShare;
    for (const stage of treatment?.stages ?? []) {
      const mix = stage.apply ? stage.areaSquareMetres * coverLitres(stage.apply) : 0;
      const water = stageLitres(stage, stage.areaSquareMetres, house);
      applied += mix;
      rinsed += water;
      if (!stage.apply?.leaveOn) {
        leaving += (mix + water) * share;
        leavingBy.set(stage.id, (mix + water) * share);
      }
      if (stage.apply && !stage.apply.leaveOn) agents.add(stage.apply.agent);
      if (stage.apply && !stage.apply.leaveOn && stage.kind === 'apply')
        actives.set(
          stage.apply.agent,
          (actives.get(stage.apply.agent) ?? 0) + mix * stage.apply.strengthGramsPerLitre,
        );
    }
  }
  const unlabelled = [...agents].filter((id) => catalogue.product(id)?.label.caughtMayBeReused !== true);
  const total = applied + rinsed;
  const ledger = runOffLedger({
    appliedLitres: applied,
    rinseLitres: rinsed,
    leavingShare: total === 0 ? 0 : leaving / total,
    reusedLitres: unlabelled.length === 0 && agents.size > 0 ? leaving : 0,
    captureLitres: house.gear.catchLitres,
  });
  const full = house.gear.catchLitres > 0 ? fullAt(inflowsOf(plan, leavingBy), house.gear.catchLitres) : [];
  const times = full.map((seconds) => shortTime(secondOfDay(house.dayStart) + seconds));
  const leaveOn = faces.some((p) => p.treatment?.stages.some((s) => s.apply?.leaveOn));
  return {
    faces: faces.map((p) => p.surface.name),
    ledger,
    sum: say('run-off/sum', { applied: whole(applied), rinsed: whole(rinsed), leaving: whole(leaving) }),
    catchLitres: house.gear.catchLitres,
    fullAt: times,
    neutralisers: [...actives].flatMap(([agent, grams]) => neutraliserLine(agent, grams, survey.job.units)),
    notes: [
      ...(ledger.overflowLitres > 0
        ? [
            house.gear.catchLitres === 0
              ? say('run-off/nothing-to-catch')
              : times.length > 0
                ? say('run-off/empty-by', { times: times.join(', ') })
                : say('run-off/empty', { times: ledger.emptyings }),
          ]
        : []),
      unlabelled.length === 0 && agents.size > 0 ? say('run-off/reuse') : say('run-off/sewer'),
      ...(unlabelled.length > 0
        ? [
            say('run-off/no-reuse', {
              agents: listed(unlabelled.map((id) => lowerFirst(catalogue.agent(id).name))),
            }),
          ]
        : []),
      ...(leaveOn ? [say('run-off/rain')] : []),
    ],
  };
}

/** What of each stage comes to the catch while it is worked, by the schedule; of a stage in pieces each its share. */
function inflowsOf({ work, visit }: Plan, leavingBy: ReadonlyMap<string, number>): readonly Inflow[] {
  const placed = new Map(visit?.schedule.placements.map((p) => [p.operation, p]));
  const pieces = work.planned.flatMap(({ id, task, stages }) => {
    const at = placed.get(id);
    return at && task !== 'mix' ? stages.map((stage) => ({ stage, from: at.start, to: at.finish })) : [];
  });
  const lengths = new Map<string, number>();
  for (const { stage, from, to } of pieces) lengths.set(stage, (lengths.get(stage) ?? 0) + to - from);
  return pieces.flatMap(({ stage, from, to }) => {
    const litres = leavingBy.get(stage) ?? 0;
    return litres > 0 ? [{ from, to, litres: (litres * (to - from)) / (lengths.get(stage) ?? 1) }] : [];
  });
}

/** At most: what the work used up needs none. */
function neutraliserLine(agentId: string, grams: number, units: UnitSystem): readonly string[] {
  const agent = CATALOGUE.agent(agentId);
  const own = agent.neutraliser;
  if (!own || grams <= 0) return [];
  const { name, basis } = CATALOGUE.agent(own.agent);
  const of = (needed: number) => formatMass(roundToStep(needed, 10), units);
  const neutralisers = [
    say('run-off/neutraliser', {
      kilograms: of(catchNeutraliserGrams(agent, grams)),
      name: lowerFirst(name),
    }),
    ...neutralisersFor(agent.basis, false)
      .filter((o) => o.name !== basis)
      .map((o) =>
        say(o.neverBeforeAcid ? 'run-off/neutraliser/before-acid' : 'run-off/neutraliser', {
          kilograms: of(grams * o.gramsPerGram),
          name: word(o.name),
        }),
      ),
  ].reduce((one, other) => say('run-off/or', { one, other }));
  const active = formatMass(roundToStep(grams, 1), units);
  return [
    say('run-off/neutralise', { active, agent: word(agent.basis), neutralisers, reading: own.reading }),
  ];
}
