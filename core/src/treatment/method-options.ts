import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { keptBy } from '../quantity/kept.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Severity } from '../catalogue/contaminant.ts';
import { isByOthers } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import type { Schools } from '../catalogue/school.ts';
import { methodRefusals } from './limit-verdict.ts';
import type { Refusal } from './limit-verdict.ts';
import { methodFigures } from './method-figures.ts';
import { inRankOrder, rankedMethod } from './method-ranking.ts';
import type { RankedMethod } from './method-ranking.ts';
import type { SurfaceState } from './surface-state.ts';

export interface RefusedMethod {
  readonly method: Method;
  readonly refusals: readonly Refusal[];
  readonly overridable: boolean;
}

/** What may be done against one contaminant on a face, best first, and what may not. */
export interface MethodOptions {
  readonly permitted: readonly RankedMethod[];
  readonly refused: readonly RefusedMethod[];
  /**
   * Of the permitted, what the company does itself and what suffices for what is there; what others do only where it is no work for the
   * company.
   */
  readonly proposed: readonly RankedMethod[];
}

export interface OptionsQuestion {
  readonly contaminant: string;
  readonly severity: Severity;
  /** Of more than is worked bit by bit. */
  readonly isLarge: boolean;
  /** What the face may be: what is refused on one of them is refused. The first is what it is taken for. */
  readonly states: readonly [SurfaceState, ...SurfaceState[]];
  readonly schools: Schools;
  readonly catalogue: Catalogue;
}

/**
 * The methods for one contaminant on a face in its state, before anybody has picked or tried one. Faces of one sort get the
 * same answer, and are many.
 */
export const methodOptions = keptBy(
  ({ states, catalogue, contaminant, severity, isLarge, schools }: OptionsQuestion) => [
    ...states,
    catalogue,
    contaminant,
    severity,
    isLarge,
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
  return withProposed(inRankOrder(permitted), refused, question);
}

/** Options with some more refused, as by a test patch. */
export function withRefused(
  options: MethodOptions,
  more: readonly RefusedMethod[],
  question: OptionsQuestion,
): MethodOptions {
  if (more.length === 0) return options;
  const ids = new Set(more.map((r) => r.method.id));
  const without = <Entry extends { readonly method: Method }>(list: readonly Entry[]) =>
    list.filter((entry) => !ids.has(entry.method.id));
  return withProposed(without(options.permitted), [...without(options.refused), ...more], question);
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
    proposed: options.proposed,
  };
}

function withProposed(
  permitted: readonly RankedMethod[],
  refused: readonly RefusedMethod[],
  question: OptionsQuestion,
): MethodOptions {
  const own = permitted.filter((ranked) => !isByOthers(ranked.method));
  const handOver = question.states.some((s) => s.handOver);
  const others = handOver ? permitted.filter((ranked) => !ranked.method.onlyOn) : [];
  return { permitted, refused, proposed: sufficing(own.length > 0 ? own : others, question) };
}

/**
 * What removes what is there, by the ways that the company has chosen where any does it by them. Where nothing does, or on a large
 * surface only what goes bit by bit, also what does about as much: then the ranking decides. A method that leaves it is not gentle, it
 * is a call-back; nor does anybody steam a whole wall by hand.
 */
function sufficing(methods: readonly RankedMethod[], question: OptionsQuestion): readonly RankedMethod[] {
  if (question.severity < TRADE_DEFAULTS.severeFrom) return methods;
  const result = ({ method }: RankedMethod) => method.treats[question.contaminant] ?? 0;
  const ours = methods.filter(({ factors }) => factors.every(({ id }) => id !== 'preference'));
  const wanted = ours.length > 0 ? ours : methods;
  const suffices = wanted.filter(({ method }) => isEnough(method, question));
  const isPractical = !question.isLarge || suffices.some(({ method }) => !isBitByBit(method, question));
  if (suffices.length > 0 && isPractical) return suffices;
  const most = Math.max(0, ...wanted.map(result));
  return wanted.filter((ranked) => result(ranked) >= most - 1);
}

/** Whether a method goes so slowly that it is for spots and details. */
function isBitByBit(method: Method, { severity, catalogue }: OptionsQuestion): boolean {
  const { hoursPerHundredSquareMetres: hours } = methodFigures(method, severity, catalogue);
  return hours * TRADE_DEFAULTS.bitByBitSquareMetresPerHour > 100;
}

/** Whether a method removes a contaminant, and does not only lessen it. Traces go by anything. */
export function isEnough(
  { treats }: Method,
  { contaminant, severity }: Pick<OptionsQuestion, 'contaminant' | 'severity'>,
): boolean {
  const { removesFrom, severeFrom } = TRADE_DEFAULTS;
  return severity < severeFrom || (treats[contaminant] ?? 0) >= removesFrom;
}

function isMeantFor(method: Method, contaminant: string, states: readonly SurfaceState[]): boolean {
  if (!method.treats[contaminant]) return false;
  if (!states.every((s) => method.families.includes(s.family))) return false;
  return !method.onlyOn || states.some((s) => method.onlyOn?.some((c) => s.conditions.includes(c)));
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
