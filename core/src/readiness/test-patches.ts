import { lowerFirst } from '../quantity/words.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { PatchRule } from '../catalogue/patch-rule.ts';
import type { Face } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import type { TestPatch } from '../survey/test-patch.ts';
import type { Waiver } from '../survey/waiver.ts';
import { say } from '../messages/message.ts';
import { formatGramsPerLitre } from '../quantity/concentration.ts';
import { patchesOn } from '../proposal/failed-patch.ts';
import type { SurfaceTreatment } from '../proposal/surface-treatment.ts';
import type { Stage } from '../treatment/stage.ts';
import { warning } from '../warnings/warning.ts';
import type { Warning } from '../warnings/warning.ts';

/** An agent that must be tried on a spot of a face before it goes on the whole of it. */
export interface NeededPatch {
  readonly surface: Face;
  readonly agent: string;
  readonly agentName: string;
  /** What the plan puts on: a patch that is weaker or shorter does not clear it. */
  readonly strengthGramsPerLitre: number | null;
  readonly dwellMinutes: number;
  readonly tool: string;
  /** The rules that ask for it, with their reason. */
  readonly because: readonly PatchRule[];
  /** It was tried and may go on. */
  readonly passed: TestPatch | null;
  /** Somebody answers for it that it was not tried. */
  readonly waiver: Waiver | null;
}

type PatchSurvey = Pick<Survey, 'testPatches' | 'waivers' | 'handbook'>;

/** The patches that a face needs under the stages that are planned on it; several stages with one agent need one. */
export function neededPatches(
  surface: Face,
  treatment: SurfaceTreatment | null,
  survey: PatchSurvey,
): readonly NeededPatch[] {
  const catalogue = companyCatalogue(survey.handbook);
  const applied = (treatment?.stages ?? []).flatMap((s) =>
    s.kind === 'apply' && s.apply ? [{ ...s, apply: s.apply }] : [],
  );
  const agents = [...new Set(applied.map((s) => s.apply.agent))];
  return agents.flatMap((agent) => {
    const stages = applied.filter((s) => s.apply.agent === agent);
    const because = catalogue.patchRules.filter((rule) =>
      stages.some((s) => asksFor(rule, surface, s, catalogue)),
    );
    const [first] = stages;
    if (because.length === 0 || !first) return [];
    const strengths = stages.map((s) => s.apply.strengthGramsPerLitre);
    const needed = {
      strengthGramsPerLitre: catalogue.agent(agent).stock.form === 'ready' ? null : Math.max(...strengths),
      dwellMinutes: Math.max(...stages.map((s) => s.apply.dwell?.fromMinutes ?? 0)),
    };
    return [
      {
        surface,
        agent,
        agentName: catalogue.agent(agent).name,
        ...needed,
        tool: first.tool ?? '',
        because,
        passed:
          patchesOn(surface, survey.testPatches).find((p) => p.agent === agent && clears(p, needed)) ?? null,
        waiver: survey.waivers.findLast((w) => w.agent === agent && w.surface === surface.id) ?? null,
      },
    ];
  });
}

function asksFor(rule: PatchRule, surface: Face, stage: Stage, catalogue: Catalogue): boolean {
  const agent = stage.apply && catalogue.agent(stage.apply.agent);
  const method = catalogue.methods.find((m) => m.id === stage.method);
  return (
    (rule.unsure === undefined || surface.unsureBetween.some((id) => id !== surface.material)) &&
    (rule.conditions?.some((id) => surface.conditions.includes(id)) ?? true) &&
    (rule.coated === undefined || surface.finish !== 'bare') &&
    (rule.agentClasses === undefined || (!!agent && rule.agentClasses.includes(agent.class))) &&
    (rule.surfaceRiskFrom === undefined || (method?.surfaceRisk ?? 0) >= rule.surfaceRiskFrom)
  );
}

/** A go for less is no go for more. */
function clears(
  patch: TestPatch,
  needed: Pick<NeededPatch, 'strengthGramsPerLitre' | 'dwellMinutes'>,
): boolean {
  return (
    patch.verdict === 'go' &&
    (needed.strengthGramsPerLitre === null ||
      (patch.strengthGramsPerLitre ?? 0) >= needed.strengthGramsPerLitre) &&
    patch.dwellMinutes >= needed.dwellMinutes
  );
}

/** A patch that is missing stops the order; one that was waived stands on it with name and reason. */
export function patchWarnings(
  surface: Face,
  treatment: SurfaceTreatment | null,
  survey: PatchSurvey,
): readonly Warning[] {
  return neededPatches(surface, treatment, survey).flatMap((needed): readonly Warning[] => {
    if (needed.passed) return [];
    const { agentName, strengthGramsPerLitre: strength, dwellMinutes, waiver, because } = needed;
    const rules = because.map((rule) => rule.text).join(' ');
    const about = { place: surface.name, agent: lowerFirst(agentName), rules };
    if (waiver) {
      const { by, reason } = waiver;
      return [warning('rule-set-aside/patch', 'warn', { ...about, by, reason }, surface.id)];
    }
    const how =
      strength === null ? say('patch/ready') : say('patch/at', { strength: formatGramsPerLitre(strength) });
    const patch = { ...about, strength: how, minutes: dwellMinutes };
    return [warning('patch-missing', 'stop', patch, surface.id)];
  });
}
