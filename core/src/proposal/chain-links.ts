import { say } from '../messages/message.ts';
import { contaminantById } from '../catalogue/catalogue.ts';
import { isByOthers, workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import type { Finding } from '../survey/finding.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { lowerFirst } from '../quantity/words.ts';
import { inChainOrder } from '../treatment/chain.ts';
import type { ChainLink, LiftedSolids } from '../treatment/chain-link.ts';
import { isDry } from '../treatment/chain-place.ts';
import { AREA_STEP } from './face-options.ts';
import type { FindingOptions, TreatmentInput } from './face-options.ts';
import { stageRefusals } from '../treatment/limit-verdict.ts';
import type { RankedMethod } from './method-ranking.ts';
import { doorStripOn } from './door-strip.ts';
import { isEnough } from './proposed-methods.ts';
import type { Reason } from '../treatment/reason.ts';

/** One link per method; a method that serves several findings takes the worst severity and the largest share. */
export function mergedLinks(
  options: readonly FindingOptions[],
  picked: readonly (RankedMethod | null)[],
  input: TreatmentInput,
): readonly ChainLink[] {
  const links = new Map<string, Omit<ChainLink, 'doorStripSquareMetres'>>();
  options.forEach((option, index) => {
    const method = picked[index]?.method;
    if (!method) return;
    const link = links.get(method.id);
    const severity = option.finding.severity;
    const share = roundToStep(input.areaSquareMetres * option.finding.share, AREA_STEP);
    links.set(method.id, {
      method,
      severity: link && link.severity > severity ? link.severity : severity,
      areaSquareMetres: Math.max(link?.areaSquareMetres ?? 0, share, AREA_STEP),
      against: [...(link?.against ?? []), option.finding.contaminant],
      cautions: [...(link?.cautions ?? []), ...overrideCautions(option), ...lessens(option.finding, method)],
      solids: [...(link?.solids ?? []), ...solidsOf(option.finding, method, share, input)],
    });
  });
  return inChainOrder(
    [...links.values()].map((link) => ({ ...link, doorStripSquareMetres: doorStripOn(link, input) })),
  );
}

/** The layer of a finding that is lifted off dry, unless its method begins with that or wets nothing. */
function solidsOf(
  { contaminant, severity }: Finding,
  method: Method,
  share: number,
  { state, catalogue }: TreatmentInput,
): readonly LiftedSolids[] {
  const { solids } = contaminantById(contaminant);
  if (!solids || severity < solids.from || !solids.families.includes(state.family)) return [];
  const [first] = workedStages(method);
  if (!first || (first.kind === 'clear' && first.bulk) || isDry(method)) return [];
  if (stageRefusals(state, solids.lift, catalogue).length > 0) return [];
  const areaSquareMetres = Math.max(share, AREA_STEP);
  return [{ contaminant, lift: solids.lift, severity, areaSquareMetres }];
}

/** What the crew is told of a method that leaves some of it. */
function lessens(finding: Finding, method: Method): readonly Reason[] {
  if (isEnough(method, finding) || isByOthers(method)) return [];
  const { id, name } = contaminantById(finding.contaminant);
  const text = say('treatment/lessens', { what: name, method: lowerFirst(method.name) });
  return [{ rule: `lessens-${id}`, text, source: method.source }];
}

function overrideCautions(option: FindingOptions): readonly Reason[] {
  const { choice } = option;
  if (!choice) return [];
  return option.overridden.map((refusal) => ({
    rule: refusal.rule,
    text: say('choice/overridden', {
      person: choice.by,
      reason: choice.reason,
      rule: refusal.text,
      consequence: refusal.whatCanHappen,
    }),
    source: refusal.source,
  }));
}
