import type { ContaminantFamily } from '../catalogue/contaminant.ts';
import { contaminantById } from '../catalogue/catalogue.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { isByOthers, workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import type { Choice } from '../survey/choice.ts';
import type { Finding } from '../survey/finding.ts';
import type { TestPatch } from '../survey/test-patch.ts';
import type { Candidates } from './best-combination.ts';
import type { ChainSurroundings } from '../treatment/chain-link.ts';
import { isDry } from '../treatment/chain-place.ts';
import { failedPatch } from './failed-patch.ts';
import type { Refusal } from '../treatment/limit-verdict.ts';
import { methodOptions, withRefused, withSetAside } from './method-options.ts';
import type { MethodOptions, OptionsQuestion, RefusedMethod } from './method-options.ts';
import { placedOptions } from './placed-options.ts';
import type { Place, PlacedOptions } from './placed-options.ts';
import type { SurfaceState } from '../treatment/surface-state.ts';

export interface TreatmentInput extends Omit<ChainSurroundings, 'surface'>, Place {
  readonly areaSquareMetres: number;
  readonly findings: readonly Finding[];
  readonly choices: readonly Choice[];
  /** What was tried on the face. */
  readonly patches: readonly TestPatch[];
  readonly state: SurfaceState;
  /** What else the surface may be while its material is unsure: what is refused on one of them is refused. */
  readonly otherStates: readonly SurfaceState[];
}

/** Areas are decided in steps of 0.01 m². */
export const AREA_STEP = 0.01;
const NOTHING_PERMITTED: Candidates = [null];

/** What may be done against one finding of a face, with what a person decided. */
export interface FindingOptions extends PlacedOptions {
  readonly finding: Finding;
  readonly follows: string | null;
  readonly choice: Choice | null;
  readonly overridden: readonly Refusal[];
}

/** @param follows why it is there although nobody found it; null for what was found */
export function findingOptions(
  finding: Finding,
  follows: string | null,
  input: TreatmentInput,
): FindingOptions {
  const { catalogue, schools, patches } = input;
  const choice = input.choices.findLast((c) => c.contaminant === finding.contaminant) ?? null;
  const states = [input.state, ...input.otherStates] as const;
  const question: OptionsQuestion = { ...finding, states, schools, catalogue };
  const ofSort = methodOptions(question);
  const tried = withRefused(ofSort, refusedByPatch(ofSort, patches, catalogue));
  const aside = tried.refused.find((r) => r.method.id === choice?.method);
  const setAside = aside?.overridable === true && choice !== null && choice.reason.trim() !== '';
  const amount = {
    severity: finding.severity,
    areaSquareMetres: Math.max(AREA_STEP, input.areaSquareMetres * finding.share),
  };
  return {
    finding,
    follows,
    choice,
    ...placedOptions(setAside ? withSetAside(tried, aside, question) : tried, question, amount, input),
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

/** What a finding may be treated with; a pick that stands is all there is. */
export function candidatesOf({ permitted, proposed, choice }: FindingOptions): Candidates {
  const pick = choice && permitted.find((ranked) => ranked.method.id === choice.method);
  if (pick) return [pick];
  return proposed.length > 0 ? proposed : NOTHING_PERMITTED;
}

/**
 * What each finding may be treated with. Where the face is filled, coated or oiled afterwards, what lies there is washed off, and not
 * left to die or brushed dry: sand and coats go on a clean face, and growth is killed before it is shut in.
 */
export function washedWhereFinished(found: readonly FindingOptions[]): readonly Candidates[] {
  const finishes = found.some(
    (option) =>
      isFinish(option) && candidatesOf(option).some((ranked) => ranked && !isByOthers(ranked.method)),
  );
  return found.map((option) => {
    const candidates = candidatesOf(option);
    if (isFinish(option)) return withOtherCoats(option, candidates, found);
    if (!finishes || !WASHED_FIRST.includes(familyOf(option))) return candidates;
    const washing = candidates.filter(
      (ranked) =>
        ranked &&
        (isWashing(ranked.method) || (isDry(ranked.method) && isEnoughAlone(ranked.method, option))),
    );
    return washing.length > 0 ? washing : candidates;
  });
}

/** A face gets one coat: what another of its findings may be coated with does for this one too, if it does anything. */
function withOtherCoats(
  option: FindingOptions,
  candidates: Candidates,
  found: readonly FindingOptions[],
): Candidates {
  if (option.choice) return candidates;
  const others = new Set(
    found.flatMap((other) =>
      other !== option && isFinish(other)
        ? candidatesOf(other).flatMap((ranked) => ranked?.method.id ?? [])
        : [],
    ),
  );
  const own = new Set(candidates.map((ranked) => ranked?.method.id));
  const more = option.permitted.filter(({ method }) => others.has(method.id) && !own.has(method.id));
  return more.length > 0 ? [...candidates, ...more] : candidates;
}

/** What a coat or sand would shut in. */
const WASHED_FIRST: readonly ContaminantFamily[] = ['growth', 'soil', 'hydrocarbon'];

/** What a clean face still wants. */
export const isFinish = (option: FindingOptions) => familyOf(option) === 'wear';

const familyOf = ({ finding }: FindingOptions) => contaminantById(finding.contaminant).family;

const isEnoughAlone = ({ treats }: Method, { finding }: FindingOptions) =>
  (treats[finding.contaminant] ?? 0) >= TRADE_DEFAULTS.removesFrom;

/** Water takes it off, and nothing of it stays on. */
function isWashing(method: Method): boolean {
  const stages = workedStages(method);
  return (
    stages.some(({ kind }) => kind === 'wash' || kind === 'rinse') &&
    !stages.some((stage) => stage.kind === 'apply' && stage.leaveOn && !stage.covered)
  );
}
