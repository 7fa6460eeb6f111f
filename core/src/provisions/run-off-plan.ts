import { CATALOGUE } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { catchNeutraliserGrams } from '../mixing/neutraliser.ts';
import { neutralisersFor } from '../mixing/neutraliser-options.ts';
import type { Plan } from '../plan/plan.ts';
import { stageLitres } from '../visit/stage-water.ts';
import { decimal } from '../quantity/numbers.ts';
import { listed, lowerFirst } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { sorptivityOf } from '../survey/thirst.ts';
import { coverLitres } from '../takeoff/coats.ts';
import { runOffLedger } from '../water/run-off.ts';
import type { RunOffLedger } from '../water/run-off.ts';

/** What runs off the faces whose water must be caught, and what is done with it. */
export interface RunOffPlan {
  readonly faces: readonly string[];
  readonly ledger: RunOffLedger;
  readonly sum: string;
  readonly catchLitres: number;
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
  const caught = new Set(
    plan.protections.filter((p) => CATCHING.includes(p.kind)).flatMap((p) => p.neededBy),
  );
  const faces = plan.surfaces.filter((p) => p.treatment?.stages.some((s) => caught.has(s.id)));
  if (faces.length === 0) return null;
  let [applied, rinsed, leaving] = [0, 0, 0];
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
      if (!stage.apply?.leaveOn) leaving += (mix + water) * share;
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
  const leaveOn = faces.some((p) => p.treatment?.stages.some((s) => s.apply?.leaveOn));
  return {
    faces: faces.map((p) => p.surface.name),
    ledger,
    sum: `${decimal(applied, 0)} L of mix + ${decimal(rinsed, 0)} L through hoses and lances, of which ${decimal(leaving, 0)} L leave the surfaces`,
    catchLitres: house.gear.catchLitres,
    neutralisers: [...actives].flatMap(([agent, grams]) => neutraliserLine(agent, grams)),
    notes: [
      ...(ledger.overflowLitres > 0
        ? [
            house.gear.catchLitres === 0
              ? 'You are bringing nothing to catch it in.'
              : `Empty the catch ${ledger.emptyings} ${ledger.emptyings === 1 ? 'time' : 'times'} during the work, before it is full.`,
          ]
        : []),
      unlabelled.length === 0 && agents.size > 0
        ? 'Every label allows it: reuse caught water on these premises as the labels say, once the strip reads as they ask. None of it leaves the premises.'
        : 'Caught water goes down a drain only if that leads to the foul sewer and the sewer’s owner allows it. Otherwise take it away by a licensed route.',
      ...(unlabelled.length > 0
        ? [
            `Do not reuse it on the premises: no product label in use allows it, for ${listed(unlabelled.map((id) => lowerFirst(catalogue.agent(id).name)))}.`,
          ]
        : []),
      ...(leaveOn ? ['The first rain washes off what is left on: tell whoever lives with that water.'] : []),
    ],
  };
}

/** At most: what the work used up needs none. */
function neutraliserLine(agentId: string, grams: number): readonly string[] {
  const agent = CATALOGUE.agent(agentId);
  const own = agent.neutraliser;
  if (!own || grams <= 0) return [];
  const others = neutralisersFor(agent.basis, false).filter(
    (o) => o.name !== CATALOGUE.agent(own.agent).basis,
  );
  const other =
    others.length > 0
      ? `, or ${others.map((o) => `${decimal((grams * o.gramsPerGram) / 1000, 2)} kg of ${o.name}${o.neverBeforeAcid ? ' (never where an acid follows)' : ''}`).join(', or ')}`
      : '';
  return [
    `For ${decimal(grams, 0)} g of ${agent.basis} at most ${decimal(catchNeutraliserGrams(agent, grams) / 1000, 2)} kg of ${CATALOGUE.agent(own.agent).name.toLowerCase()}${other}; until the ${own.reading}.`,
  ];
}
