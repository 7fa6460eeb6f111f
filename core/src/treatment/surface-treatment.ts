import { say } from '../messages/message.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { contaminantById } from '../catalogue/catalogue.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { ContaminantFamily } from '../catalogue/contaminant.ts';
import { isByOthers, workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import type { Choice } from '../survey/choice.ts';
import type { Finding } from '../survey/finding.ts';
import type { TestPatch } from '../survey/test-patch.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { lowerFirst } from '../quantity/words.ts';
import { bestCombination } from './best-combination.ts';
import type { Candidates, CombinationWeights } from './best-combination.ts';
import { chainParts, inChainOrder } from './chain.ts';
import type { ChainLink, ChainSurroundings, LiftedSolids } from './chain-link.ts';
import { failedPatch } from './failed-patch.ts';
import { isDry } from './chain-place.ts';
import { stageRefusals } from './limit-verdict.ts';
import type { Refusal } from './limit-verdict.ts';
import { isEnough, methodOptions, withRefused, withSetAside } from './method-options.ts';
import type { MethodOptions, OptionsQuestion, RefusedMethod } from './method-options.ts';
import type { RankedMethod } from './method-ranking.ts';
import type { Reason } from './reason.ts';
import type { Stage, TreatmentPart } from './stage.ts';
import type { SurfaceState } from './surface-state.ts';

/** What is proposed against one contaminant, what else would do, what is refused and why. */
export interface ContaminantProposal {
  readonly finding: Finding;
  /** Why it is there although nobody found it: what another method brings about. Null for what was found. */
  readonly follows: string | null;
  readonly chosen: RankedMethod | null;
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
  readonly because: readonly Reason[];
  readonly expectations: readonly Reason[];
}

export interface TreatmentInput extends ChainSurroundings {
  readonly areaSquareMetres: number;
  readonly findings: readonly Finding[];
  readonly choices: readonly Choice[];
  /** What was tried on the face. */
  readonly patches: readonly TestPatch[];
  readonly state: SurfaceState;
  /** What else the surface may be while its material is unsure: what is refused on one of them is refused. */
  readonly otherStates: readonly SurfaceState[];
}

export const EMPTY_JOINTS = 'empty-joints';
const NOTHING_PERMITTED: Candidates = [null];
/** Areas are decided in steps of 0.01 m². */
const AREA_STEP = 0.01;
/**
 * The treatment of one surface: for each finding the permitted methods ranked and the others refused with their rules,
 * and the best chain through all findings.
 */
export function surfaceTreatment(input: TreatmentInput): SurfaceTreatment {
  const found = input.findings.map((finding) => optionsFor(finding, null, input));
  const weights = {
    visit: input.catalogue.weight('visit').value,
    shared: input.catalogue.weight('shared').value,
  };
  const asFound = bestCombination(washedWhereFinished(found), weights);
  const joints = washedJoints(found, asFound, input);
  const options = joints ? [...found, joints] : found;
  const picked = joints ? withJoints(found, asFound, joints, weights) : asFound;
  const links = mergedLinks(options, picked, input);
  const proposals = options.map((option, index): ContaminantProposal => {
    const chosen = picked[index] ?? null;
    return {
      finding: option.finding,
      follows: option.follows,
      chosen,
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
    because: proposals.flatMap((p) => p.chosen?.because ?? []),
    expectations: expectationsOf(proposals),
  };
}

/**
 * What each finding may be treated with. Where the face is filled, coated or oiled afterwards, what lies there is washed off, and not
 * left to die or brushed dry: sand and coats go on a clean face, and growth is killed before it is shut in.
 */
function washedWhereFinished(found: readonly Options[]): readonly Candidates[] {
  const finishes = found.some(
    (option) => isFinish(option) && candidatesOf(option).some((ranked) => ranked && !isByOthers(ranked.method)),
  );
  return found.map((option) => {
    const candidates = candidatesOf(option);
    if (!finishes || isFinish(option) || !WASHED_FIRST.includes(familyOf(option))) return candidates;
    const washing = candidates.filter(
      (ranked) =>
        ranked && (isWashing(ranked.method) || (isDry(ranked.method) && isEnoughAlone(ranked.method, option))),
    );
    return washing.length > 0 ? washing : candidates;
  });
}

/** What a coat or sand would shut in. */
const WASHED_FIRST: readonly ContaminantFamily[] = ['growth', 'soil', 'hydrocarbon'];

/** What a clean face still wants. */
const isFinish = (option: Options) => familyOf(option) === 'wear';

const familyOf = ({ finding }: Options) => contaminantById(finding.contaminant).family;

const isEnoughAlone = ({ treats }: Method, { finding }: Options) =>
  (treats[finding.contaminant] ?? 0) >= TRADE_DEFAULTS.removesFrom;

/** Water takes it off, and nothing of it stays on. */
function isWashing(method: Method): boolean {
  const stages = workedStages(method);
  return (
    stages.some(({ kind }) => kind === 'wash' || kind === 'rinse') &&
    !stages.some((stage) => stage.kind === 'apply' && stage.leaveOn && !stage.covered)
  );
}

/** The finishes chosen together with the joints that the washing empties, so that sand and sealer are one thing. */
function withJoints(
  found: readonly Options[],
  picked: Candidates,
  joints: Options,
  weights: CombinationWeights,
): Candidates {
  const fixed = found.map((option, i) => (isFinish(option) ? candidatesOf(option) : [picked[i] ?? null]));
  return bestCombination([...fixed, candidatesOf(joints)], weights);
}

/** A jet takes the sand out of sand joints: they are filled again, whoever looked at them before. */
function washedJoints(
  found: readonly Options[],
  picked: readonly (RankedMethod | null)[],
  input: TreatmentInput,
): Options | null {
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
  return optionsFor(finding, say('follows/empty-joints'), input);
}

interface Options extends MethodOptions {
  readonly finding: Finding;
  readonly follows: string | null;
  readonly choice: Choice | null;
  readonly overridden: readonly Refusal[];
}

function optionsFor(finding: Finding, follows: string | null, input: TreatmentInput): Options {
  const { catalogue, schools, patches } = input;
  const choice = input.choices.findLast((c) => c.contaminant === finding.contaminant) ?? null;
  const states = [input.state, ...input.otherStates] as const;
  const isLarge = input.areaSquareMetres * finding.share > TRADE_DEFAULTS.bitByBitSquareMetres;
  const question: OptionsQuestion = { ...finding, isLarge, states, schools, catalogue };
  const tried = withRefused(
    methodOptions(question),
    refusedByPatch(methodOptions(question), patches, catalogue),
    question,
  );
  const aside = tried.refused.find((r) => r.method.id === choice?.method);
  const setAside = aside?.overridable === true && choice !== null && choice.reason.trim() !== '';
  return {
    finding,
    follows,
    choice,
    ...(setAside ? withSetAside(tried, aside, question) : tried),
    overridden: setAside ? aside.refusals : [],
  };
}

/** Methods that a test patch has refused, with whatever else forbids them. */
function refusedByPatch(
  { permitted, refused }: MethodOptions,
  patches: readonly TestPatch[],
  catalogue: Catalogue,
): readonly RefusedMethod[] {
  if (patches.length === 0) return [];
  const all = [...permitted.map(({ method }) => ({ method, refusals: [] })), ...refused];
  return all.flatMap(({ method, refusals }) => {
    const failed = failedPatch(method, patches, catalogue);
    if (!failed) return [];
    const both = [...refusals, failed];
    return [{ method, refusals: both, overridable: both.every((r) => r.overridable) }];
  });
}

/** What each finding may be treated with; a pick that stands is all there is. */
function candidatesOf({ permitted, proposed, choice }: Options): Candidates {
  const pick = choice && permitted.find((ranked) => ranked.method.id === choice.method);
  if (pick) return [pick];
  return proposed.length > 0 ? proposed : NOTHING_PERMITTED;
}

/** One link per method; a method that serves several findings takes the worst severity and the largest share. */
function mergedLinks(
  options: readonly Options[],
  picked: readonly (RankedMethod | null)[],
  input: TreatmentInput,
): readonly ChainLink[] {
  const links = new Map<string, ChainLink>();
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
  return inChainOrder([...links.values()]);
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
  if (isEnough(method, finding)) return [];
  const { id, name } = contaminantById(finding.contaminant);
  const text = say('treatment/lessens', { what: name, method: lowerFirst(method.name) });
  return [{ rule: `lessens-${id}`, text, source: method.source }];
}

function overrideCautions(option: Options): readonly Reason[] {
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

function standingOf(option: Options, chosen: RankedMethod | null): ContaminantProposal['choice'] {
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

function expectationsOf(proposals: readonly ContaminantProposal[]): readonly Reason[] {
  const all = proposals.flatMap((p): Reason[] => {
    const contaminant = contaminantById(p.finding.contaminant);
    const own: Reason = { rule: `expect-${contaminant.id}`, text: contaminant.expectation };
    const method = p.chosen?.method;
    if (!method) return [own];
    const some = isEnough(method, p.finding)
      ? []
      : [
          {
            rule: `expect-lessens-${contaminant.id}`,
            text: say('treatment/better-not-gone', { what: contaminant.name }),
          },
        ];
    const result = method.expectation ? [{ rule: `expect-${method.id}`, text: method.expectation }] : [];
    return [own, ...some, ...result];
  });
  return all.filter((e, index) => all.findIndex((other) => other.rule === e.rule) === index);
}
