import { keptBy } from '../quantity/kept.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Severity } from '../catalogue/contaminant.ts';
import type { Method } from '../catalogue/method.ts';
import type { Schools } from '../catalogue/school.ts';
import { methodRefusals } from '../treatment/limit-verdict.ts';
import type { Refusal } from '../treatment/limit-verdict.ts';
import { inRankOrder, rankedMethod } from './method-ranking.ts';
import type { RankedMethod } from './method-ranking.ts';
import type { SurfaceState } from '../treatment/surface-state.ts';

export interface RefusedMethod {
  readonly method: Method;
  readonly refusals: readonly Refusal[];
  readonly overridable: boolean;
}

/** What may be done against one contaminant, best first, and what may not. */
export interface MethodOptions {
  readonly permitted: readonly RankedMethod[];
  readonly refused: readonly RefusedMethod[];
}

export interface OptionsQuestion {
  readonly contaminant: string;
  readonly severity: Severity;
  /** What the face may be: what is refused on one of them is refused. The first is what it is taken for. */
  readonly states: readonly [SurfaceState, ...SurfaceState[]];
  readonly schools: Schools;
  readonly catalogue: Catalogue;
}

/**
 * The methods for one contaminant on any face of a sort, before anybody has picked or tried one and without what hangs on the place.
 * Faces of one sort get the same answer, and are many.
 */
export const methodOptions = keptBy(
  ({ states, catalogue, contaminant, severity, schools }: OptionsQuestion) => [
    ...states,
    catalogue,
    contaminant,
    severity,
    JSON.stringify(schools),
  ],
  optionsFor,
);

function optionsFor(question: OptionsQuestion): MethodOptions {
  const { contaminant, states, catalogue } = question;
  const permitted: RankedMethod[] = [];
  const refused: RefusedMethod[] = [];
  for (const method of catalogue.methods) {
    if (!isMeantFor(method, contaminant, states)) continue;
    const refusals = refusalsOnAny(states, method, catalogue);
    if (refusals.length === 0) permitted.push(rankedMethod(method, { ...question, state: states[0] }));
    else refused.push({ method, refusals, overridable: refusals.every((r) => r.overridable) });
  }
  return { permitted: inRankOrder(permitted), refused };
}

/** Options with some more refused, as by a test patch. */
export function withRefused(options: MethodOptions, more: readonly RefusedMethod[]): MethodOptions {
  if (more.length === 0) return options;
  const ids = new Set(more.map((r) => r.method.id));
  const without = <Entry extends { readonly method: Method }>(list: readonly Entry[]) =>
    list.filter((entry) => !ids.has(entry.method.id));
  return { permitted: without(options.permitted), refused: [...without(options.refused), ...more] };
}

/** Options with one refused method permitted all the same, because somebody sets its rules aside. */
export function withSetAside(
  options: MethodOptions,
  { method }: RefusedMethod,
  question: OptionsQuestion,
): MethodOptions {
  const ranked = rankedMethod(method, { ...question, state: question.states[0] });
  return {
    permitted: inRankOrder([...options.permitted, ranked]),
    refused: options.refused.filter((r) => r.method !== method),
  };
}

function isMeantFor(method: Method, contaminant: string, states: readonly SurfaceState[]): boolean {
  if (!method.treats[contaminant]) return false;
  if (!states.every((s) => isFor(method, s))) return false;
  return !method.onlyOn || states.some((s) => method.onlyOn?.some((c) => s.conditions.includes(c)));
}

function isFor(
  { families, onlyMaterials, notMaterials, onlyFinishes }: Method,
  { family, material, finish }: SurfaceState,
): boolean {
  if (onlyFinishes && !onlyFinishes.includes(finish)) return false;
  if (!families.includes(family) || notMaterials?.includes(material)) return false;
  return onlyMaterials?.includes(material) ?? true;
}

/** What forbids a method on any of the states, each rule once. */
function refusalsOnAny(
  states: readonly SurfaceState[],
  method: Method,
  catalogue: Catalogue,
): readonly Refusal[] {
  const all = states.flatMap((state) => methodRefusals(state, method, catalogue));
  return all.filter((refusal, index) => all.findIndex((other) => other.rule === refusal.rule) === index);
}

/** What would do most first: why it is not done is what one asks; of equals what may be set aside. */
export function refusedInOrder(
  refused: readonly RefusedMethod[],
  contaminant: string,
): readonly RefusedMethod[] {
  const result = ({ method }: RefusedMethod) => method.treats[contaminant] ?? 0;
  return [...refused].sort((a, b) => result(b) - result(a) || Number(b.overridable) - Number(a.overridable));
}
