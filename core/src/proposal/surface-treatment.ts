import { say } from '../messages/message.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { contaminantById } from '../catalogue/catalogue.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { isByOthers, workedStages } from '../catalogue/method.ts';
import type { Choice } from '../survey/choice.ts';
import type { Finding } from '../survey/finding.ts';
import { decimal } from '../quantity/numbers.ts';
import { lowerFirst } from '../quantity/words.ts';
import { bestCombination } from './best-combination.ts';
import type { Candidates, CombinationWeights } from './best-combination.ts';
import { chainParts } from '../treatment/chain.ts';
import { mergedLinks } from './chain-links.ts';
import { candidatesOf, findingOptions, isFinish, washedWhereFinished } from './face-options.ts';
import type { FindingOptions, TreatmentInput } from './face-options.ts';
import type { RefusedMethod } from './method-options.ts';
import { pointsInWords } from './method-ranking.ts';
import type { RankedMethod } from './method-ranking.ts';
import { isEnough } from './proposed-methods.ts';
import type { Reason } from '../treatment/reason.ts';
import type { Stage, TreatmentPart } from '../treatment/stage.ts';

/** What is proposed against one contaminant, what else would do, what is refused and why. */
export interface ContaminantProposal {
  readonly finding: Finding;
  /** Why it is there although nobody found it: what another method brings about. Null for what was found. */
  readonly follows: string | null;
  readonly chosen: RankedMethod | null;
  /** Why it stands above a permitted method with more points; null where none has more, or a person has picked it. */
  readonly whyNotMore: string | null;
  readonly alternatives: readonly RankedMethod[];
  readonly refused: readonly RefusedMethod[];
  /** What became of the person's choice, where one was made. */
  readonly choice: {
    readonly choice: Choice;
    readonly standing: 'applied' | 'overriding' | 'not-applied';
    readonly text: string;
  } | null;
}

export interface SurfaceTreatment {
  readonly surface: string;
  readonly areaSquareMetres: number;
  readonly proposals: readonly ContaminantProposal[];
  /** Of the visit that is planned. */
  readonly stages: readonly Stage[];
  /** The whole treatment, over all its visits. */
  readonly parts: readonly TreatmentPart[];
  /** Null where the face is treated as it would be alone. */
  readonly together: Together | null;
  readonly because: readonly Reason[];
  readonly expectations: readonly Foreseen[];
}

/** What the customer is told of it beforehand. */
export interface Foreseen extends Reason {
  /** The contaminant that only gets less; null where the sentence is about something else. */
  readonly lessens: string | null;
}

export const EMPTY_JOINTS = 'empty-joints';
/** How the property as a whole had its say in a face. */
export interface Together {
  /** What would be done on the face by itself, where that is something else. */
  readonly alone: readonly { readonly contaminant: string; readonly method: string; readonly name: string }[];
  readonly text: string;
}

/** What is decided for a face before its stages are made. */
export interface FacePicks {
  readonly options: readonly FindingOptions[];
  readonly combination: Candidates;
  readonly together: Together | null;
}

/**
 * The treatment of one surface by itself: for each finding the permitted methods ranked and the others refused with their rules,
 * and the best chain through all findings.
 */
export function surfaceTreatment(input: TreatmentInput): SurfaceTreatment {
  const options = input.findings.map((finding) => findingOptions(finding, null, input));
  const combination = bestCombination(washedWhereFinished(options), combinationWeights(input.catalogue));
  return treatmentBy({ options, combination, together: null }, input);
}

/** What the points of a combination are counted by. */
export function combinationWeights(catalogue: Catalogue): CombinationWeights {
  return { visit: catalogue.weight('visit').value, shared: catalogue.weight('shared').value };
}

/** The treatment of one surface by what was picked for each finding. */
export function treatmentBy(
  { options: found, combination: asFound, together }: FacePicks,
  input: TreatmentInput,
): SurfaceTreatment {
  const joints = washedJoints(found, asFound, input);
  const options = joints ? [...found, joints] : found;
  const picked = joints ? withJoints(found, asFound, joints, combinationWeights(input.catalogue)) : asFound;
  const links = mergedLinks(options, picked, input);
  const proposals = options.map((option, index): ContaminantProposal => {
    const chosen = picked[index] ?? null;
    return {
      finding: option.finding,
      follows: option.follows,
      chosen: chosen && { ...chosen, because: [...chosen.because, pointsInWords(chosen)] },
      whyNotMore: whyNotMore(option, chosen, together),
      alternatives: option.permitted.filter((ranked) => ranked !== chosen),
      refused: option.refused,
      choice: standingOf(option, chosen),
    };
  });
  const parts = chainParts(links, input);
  return {
    surface: input.surface.id,
    areaSquareMetres: input.areaSquareMetres,
    proposals,
    stages: parts[0]?.stages ?? [],
    parts,
    together,
    because: proposals.flatMap((p) => p.chosen?.because ?? []),
    expectations: expectationsOf(proposals),
  };
}

/** The finishes chosen together with the joints that the washing empties, so that sand and sealer are one thing. */
function withJoints(
  found: readonly FindingOptions[],
  picked: Candidates,
  joints: FindingOptions,
  weights: CombinationWeights,
): Candidates {
  const fixed = found.map((option, i) => (isFinish(option) ? candidatesOf(option) : [picked[i] ?? null]));
  return bestCombination([...fixed, candidatesOf(joints)], weights);
}

/** A jet takes the sand out of sand joints: they are filled again, whoever looked at them before. */
function washedJoints(
  found: readonly FindingOptions[],
  picked: readonly (RankedMethod | null)[],
  input: TreatmentInput,
): FindingOptions | null {
  const { surface, catalogue } = input;
  if (catalogue.material(surface.material).joints !== 'sand') return null;
  if (found.some((o) => o.finding.contaminant === EMPTY_JOINTS)) return null;
  const washed = found.filter((_, i) => {
    const method = picked[i]?.method;
    return method && workedStages(method).some((s) => s.kind === 'wash' && catalogue.tool(s.tool).jet);
  });
  if (washed.length === 0) return null;
  const finding: Finding = {
    id: `${surface.id}.${EMPTY_JOINTS}`,
    position: 0,
    surface: surface.id,
    zone: null,
    contaminant: EMPTY_JOINTS,
    severity: TRADE_DEFAULTS.washedJointSeverity,
    share: Math.max(...washed.map((o) => o.finding.share)),
    confidence: 1,
    note: '',
  };
  return findingOptions(finding, say('follows/empty-joints'), input);
}

function whyNotMore(
  { permitted, choice, finding }: FindingOptions,
  chosen: RankedMethod | null,
  together: Together | null,
): string | null {
  if (together?.alone.some(({ contaminant }) => contaminant === finding.contaminant)) return together.text;
  const [best] = permitted;
  if (!best || !chosen || best.points <= chosen.points || choice?.method === chosen.method.id) return null;
  const more = { name: lowerFirst(best.method.name), points: decimal(best.points, 1) };
  return best.leftOut
    ? say('choice/fewer-points', { ...more, why: lowerFirst(best.leftOut.text) })
    : say('choice/together', more);
}

function standingOf(option: FindingOptions, chosen: RankedMethod | null): ContaminantProposal['choice'] {
  const { choice } = option;
  if (!choice) return null;
  const { by: person } = choice;
  if (chosen?.method.id === choice.method) {
    return option.overridden.length > 0
      ? { choice, standing: 'overriding', text: say('choice/overrode', { person, reason: choice.reason }) }
      : { choice, standing: 'applied', text: say('choice/chosen', { person }) };
  }
  const refused = option.refused.find((r) => r.method.id === choice.method);
  const why = refused
    ? refused.overridable
      ? say('choice/needs-reason')
      : refused.refusals.map((r) => r.text).join(' ')
    : say('choice/not-found');
  return {
    choice,
    standing: 'not-applied',
    text: say('choice/not-applied', { person, why }),
  };
}

function expectationsOf(proposals: readonly ContaminantProposal[]): readonly Foreseen[] {
  const all = proposals.flatMap((p): Foreseen[] => {
    const { id, name, expectation } = contaminantById(p.finding.contaminant);
    const own: Foreseen = { rule: `expect-${id}`, text: expectation, lessens: null };
    const method = p.chosen?.method;
    if (!method) return [own];
    const some =
      isEnough(method, p.finding) || isByOthers(method)
        ? []
        : [
            {
              rule: `expect-lessens-${id}`,
              text: say('treatment/better-not-gone', { what: name }),
              lessens: id,
            },
          ];
    const result = method.expectation
      ? [{ rule: `expect-${method.id}`, text: method.expectation, lessens: null }]
      : [];
    return [own, ...some, ...result];
  });
  return all.filter((e, index) => all.findIndex((other) => other.rule === e.rule) === index);
}
