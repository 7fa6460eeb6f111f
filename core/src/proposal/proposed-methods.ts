import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { contaminantById } from '../catalogue/catalogue.ts';
import { isByOthers, workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import { kept } from '../quantity/kept.ts';
import { say } from '../messages/message.ts';
import type { LEFT_OUT } from '../messages/english/left-out.ts';
import { methodFigures } from './method-figures.ts';
import type { WorkAmount, WorkPlace } from './method-minutes.ts';
import type { OptionsQuestion } from './method-options.ts';
import type { RankedMethod } from './method-ranking.ts';
import type { Reason } from '../treatment/reason.ts';
import { roofWay } from './school-stance.ts';
import type { Neighbour } from './surroundings.ts';

/** A permitted method on one face, with what it takes and does there. */
export interface PlacedMethod {
  readonly ranked: RankedMethod;
  readonly minutes: number;
  readonly isWorkable: boolean;
  readonly harmed: readonly { readonly neighbour: Neighbour; readonly units: number }[];
}

export interface SiftQuestion extends OptionsQuestion, WorkAmount {
  readonly place: WorkPlace;
}

/** What a company proposes of what is permitted, and why not the rest, by method. */
export interface Sifted {
  readonly proposed: readonly PlacedMethod[];
  readonly leftOut: ReadonlyMap<string, Reason>;
}

type Sieve = (methods: readonly PlacedMethod[], question: SiftQuestion) => readonly PlacedMethod[];

/** One after the other; each keeps something of what it is given. */
const SIEVES: Readonly<Record<keyof typeof LEFT_OUT, Sieve>> = {
  'left-out/by-others': ownWork,
  'left-out/gear': usualGear,
  'left-out/second': first,
  'left-out/unworkable': workable,
  'left-out/drips': sparing,
  'left-out/cleaned-before': roofCleanedBefore,
  'left-out/practice': byOurWays,
  'left-out/insufficient': sufficing,
  'left-out/bit-by-bit': practical,
  'left-out/by-hand': byMachineOnFloors,
};

/**
 * What comes into question: the company's own work that can be worked here, spares what it would drip on, and removes what is there;
 * on large floors by machine. A sieve that would leave nothing leaves all.
 */
export function proposedOf(methods: readonly PlacedMethod[], question: SiftQuestion): Sifted {
  const leftOut = new Map<string, Reason>();
  let proposed = methods;
  for (const [rule, sieve] of Object.entries(SIEVES) as [keyof typeof LEFT_OUT, Sieve][]) {
    const left = sieve(proposed, question);
    for (const placed of proposed)
      if (!left.includes(placed)) leftOut.set(placed.ranked.method.id, { rule, text: say(rule, {}) });
    proposed = left;
  }
  return { proposed, leftOut };
}

/** What others do is proposed only where it is no work for the company. */
function ownWork(methods: readonly PlacedMethod[], { states }: SiftQuestion): readonly PlacedMethod[] {
  const own = methods.filter(({ ranked }) => !isByOthers(ranked.method));
  if (own.length > 0) return own;
  return states.some((s) => s.handOver) ? methods.filter(({ ranked }) => !ranked.method.onlyOn) : [];
}

/** What takes gear of its own is there to be picked. */
function usualGear(methods: readonly PlacedMethod[]): readonly PlacedMethod[] {
  const usual = methods.filter(({ ranked }) => !ranked.method.specialGear);
  return usual.length > 0 ? usual : methods;
}

/** What is for the rest that another leaves comes when there is a rest. */
function first(methods: readonly PlacedMethod[]): readonly PlacedMethod[] {
  const firsts = methods.filter(({ ranked }) => !ranked.method.secondOnly);
  return firsts.length > 0 ? firsts : methods;
}

/** What no rhythm keeps wet and within its dwell here never beats what can be worked. */
function workable(methods: readonly PlacedMethod[]): readonly PlacedMethod[] {
  const can = methods.filter(({ isWorkable }) => isWorkable);
  return can.length > 0 ? can : methods;
}

/** What would drip on something that it burns gives way to what does not, where that does well enough. */
function sparing(methods: readonly PlacedMethod[], { contaminant }: SiftQuestion): readonly PlacedMethod[] {
  const { exposure, sparesFrom } = TRADE_DEFAULTS;
  const burns = ({ harmed }: PlacedMethod) =>
    harmed.some(({ neighbour, units }) => neighbour.exposed === 'drip' && units >= exposure.drip);
  const spares = methods.filter((placed) => !burns(placed));
  const does = spares.some(({ ranked }) => (ranked.method.treats[contaminant] ?? 0) >= sparesFrom);
  return does ? spares : methods;
}

/** The ways that the company has chosen, and the way of each roof, where any method goes by them. */
function byOurWays(methods: readonly PlacedMethod[]): readonly PlacedMethod[] {
  const ours = methods.filter(({ ranked }) => ranked.factors.every(({ id }) => id !== 'preference'));
  return ours.length > 0 ? ours : methods;
}

/**
 * Traces and films: what shows at all, one grade of result more than the dirt has of severity. From severity 3 on what removes what is
 * there. Where nothing does, what does most, and about as much where the most goes only bit by bit: a method that leaves it is not
 * gentle, it is a call-back, but nobody steams a whole wall by hand.
 */
function sufficing(methods: readonly PlacedMethod[], question: SiftQuestion): readonly PlacedMethod[] {
  const { severity, contaminant } = question;
  const { removesFrom } = TRADE_DEFAULTS;
  const result = ({ ranked }: PlacedMethod) => ranked.method.treats[contaminant] ?? 0;
  // Half a tag is still a tag: of paint and ink nothing less than off will do.
  const isCoating = contaminantById(contaminant).family === 'coating';
  const enough = isCoating ? removesFrom : Math.min(severity + 1, removesFrom);
  const suffices = methods.filter((placed) => result(placed) >= enough);
  if (suffices.some((placed) => isPractical(placed, question))) return suffices;
  const most = Math.max(0, ...methods.map(result));
  const least = most >= removesFrom ? most - 1 : most;
  return methods.filter((placed) => result(placed) >= least);
}

/** What goes bit by bit is for spots and details where anything else does it. */
function practical(methods: readonly PlacedMethod[], question: SiftQuestion): readonly PlacedMethod[] {
  const quick = methods.filter((placed) => isPractical(placed, question));
  return quick.length > 0 ? quick : methods;
}

/** A roof that was scraped or washed before and has only begun to grow again gets biocide alone, where roofs go by material. */
function roofCleanedBefore(
  methods: readonly PlacedMethod[],
  { contaminant, severity, states: [state], schools, place, catalogue }: SiftQuestion,
): readonly PlacedMethod[] {
  const wasCleaned = place.surface.past.some(({ act }) => act === 'cleaned');
  const isGrowth = contaminantById(contaminant).family === 'growth';
  if (state.family !== 'roofing' || !isGrowth || !wasCleaned) return methods;
  if (severity >= TRADE_DEFAULTS.severeFrom || schools['roofs'] !== 'by-material') return methods;
  const alone = methods.filter(({ ranked }) => roofWay(ranked.method, catalogue) === 'biocide');
  return alone.length > 0 ? alone : methods;
}

/** Nobody scrubs a large floor on which a machine may go, and goes faster. */
function byMachineOnFloors(
  methods: readonly PlacedMethod[],
  { areaSquareMetres, place, contaminant, catalogue }: SiftQuestion,
): readonly PlacedMethod[] {
  const { levelDegrees, handWorkSquareMetres, sparesFrom } = TRADE_DEFAULTS;
  if (place.surface.tiltDegrees >= levelDegrees || areaSquareMetres <= handWorkSquareMetres) return methods;
  const byMachine = methods.filter(({ ranked: { method } }) =>
    workedStages(method).some((s) => s.kind === 'wash' && catalogue.tool(s.tool).jet),
  );
  const does = byMachine.filter(({ ranked }) => (ranked.method.treats[contaminant] ?? 0) >= sparesFrom);
  const quickest = Math.min(Infinity, ...does.map(({ minutes }) => minutes));
  return methods.filter(({ ranked, minutes }) => !isByHand(ranked.method) || minutes < quickest);
}

/** Brushed, scraped or lifted at a pace of hands. */
const isByHand = kept((method: Method): boolean =>
  workedStages(method).some(
    ({ kind, rate }) =>
      (kind === 'agitate' || kind === 'clear') &&
      Math.sqrt(rate.lowSquareMetresPerHour * rate.highSquareMetresPerHour) <
        TRADE_DEFAULTS.handWorkSquareMetresPerHour,
  ),
);

/** Whether a method goes fast enough for so much: slower ones are for spots and details. */
function isPractical(
  { ranked }: PlacedMethod,
  { severity, areaSquareMetres, catalogue }: SiftQuestion,
): boolean {
  const { bitByBitSquareMetres, bitByBitSquareMetresPerHour } = TRADE_DEFAULTS;
  if (areaSquareMetres <= bitByBitSquareMetres) return true;
  const { hoursPerHundredSquareMetres: hours } = methodFigures(ranked.method, severity, catalogue);
  return hours * bitByBitSquareMetresPerHour <= 100;
}

/** Whether a method removes a contaminant, and does not only lessen it. Traces go by anything. */
export function isEnough(
  { treats }: Method,
  { contaminant, severity }: Pick<OptionsQuestion, 'contaminant' | 'severity'>,
): boolean {
  const { removesFrom, severeFrom } = TRADE_DEFAULTS;
  return severity < severeFrom || (treats[contaminant] ?? 0) >= removesFrom;
}
