import { say } from '../messages/message.ts';
import { FRAIL } from '../catalogue/data/conditions.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Severity } from '../catalogue/contaminant.ts';
import type { AgentClass } from '../catalogue/agent.ts';
import { isByOthers, workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import type { Schools } from '../catalogue/school.ts';
import { kept } from '../quantity/kept.ts';
import { decimal, money } from '../quantity/numbers.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { visitsForOne } from '../treatment/chain.ts';
import { methodFigures } from './method-figures.ts';
import type { Reason } from '../treatment/reason.ts';
import { schoolStances, schoolsAgainst, staysOn } from './school-stance.ts';
import type { SurfaceState } from '../treatment/surface-state.ts';

/** What speaks for a method or against it, with the figure that says so. */
export interface RankingFactor {
  /** Of the weight that it counts by. */
  readonly id: string;
  readonly name: string;
  readonly figure: string;
  /** Above zero for, below against. */
  readonly points: number;
}

/** A method that treats one contaminant, with the sum of its points. */
export interface RankedMethod {
  readonly method: Method;
  readonly points: number;
  readonly factors: readonly RankingFactor[];
  /** What it takes and harms, in points: all but its result. A method that removes two things on a face costs that once. */
  readonly costs: number;
  readonly removes: boolean;
  readonly because: readonly Reason[];
  /** Why it is not proposed here although it is permitted; null where it may be. */
  readonly leftOut: Reason | null;
}

/** What methods are ranked for. */
export interface RankingQuestion {
  readonly contaminant: string;
  readonly severity: Severity;
  readonly state: SurfaceState;
  readonly schools: Schools;
  readonly catalogue: Catalogue;
}

/** Points are counted in tenths. */
const POINT_STEP = 0.1;

/** Those of one permitted method for one contaminant on any face of a sort: what hangs on the place comes by {@link withFactors}. */
export function rankedMethod(method: Method, question: RankingQuestion): RankedMethod {
  const because = [{ rule: 'method', text: method.why, source: method.source }];
  const removes = (method.treats[question.contaminant] ?? 0) >= TRADE_DEFAULTS.removesFrom;
  return ranked({ method, because, removes }, factorsOf(method, question));
}

/** The same with more that speaks for it or against it; of a factor that is there already the new one counts. */
export function withFactors({ factors, ...own }: RankedMethod, more: readonly RankingFactor[]): RankedMethod {
  const ids = new Set(more.map(({ id }) => id));
  return ranked(own, [...factors.filter(({ id }) => !ids.has(id)), ...more]);
}

function ranked(
  { method, because, removes }: Pick<RankedMethod, 'method' | 'because' | 'removes'>,
  all: readonly RankingFactor[],
): RankedMethod {
  const factors = all.filter((factor) => factor.points !== 0 || factor.id === 'result');
  const sum = (of: readonly RankingFactor[]) => of.reduce((points, factor) => points + factor.points, 0);
  return {
    method,
    points: roundToStep(sum(factors), POINT_STEP),
    costs: -roundToStep(sum(factors.filter(({ id }) => id !== 'result')), POINT_STEP),
    removes,
    factors,
    because,
    leftOut: null,
  };
}

/** A factor by its weight, for so many units. */
export function rankingFactor(
  catalogue: Catalogue,
  id: string,
  figure: string,
  units: number,
): RankingFactor {
  const { name, value } = catalogue.weight(id);
  return { id, name, figure, points: roundToStep(value * units, POINT_STEP) };
}

function factorsOf(method: Method, question: RankingQuestion): readonly RankingFactor[] {
  const { contaminant, severity, state, catalogue } = question;
  const figures = methodFigures(method, severity, catalogue);
  const result = method.treats[contaminant] ?? 0;
  const factor = (id: string, figure: string, units: number) => rankingFactor(catalogue, id, figure, units);
  const {
    waterLitresPerSquareMetre: litres,
    mixLitresPerSquareMetre: mix,
    costPerSquareMetre: cost,
  } = figures;
  return [
    factor('result', say('rank/of-five', { points: result }), result),
    surfaceRisk(method, state, catalogue),
    harmAround(method, state.drainsToWater, catalogue),
    factor('water', say('rank/water', { litres: decimal(litres, 1) }), -doublings(litres)),
    factor('product', say('rank/product', { litres: decimal(mix, 2) }), -doublings(mix)),
    factor('cost', say('rank/cost', { price: money(cost) }), -doublings(cost)),
    visitsFactor(visitsForOne(method), catalogue),
    ...laterFactor(method, question, factor),
    ...preferences(method, question, factor),
    ...(isByOthers(method) ? [BY_OTHERS] : []),
  ];
}

/** Grades more where what an agent leaves behind stays in a stone that salts burst, and where a machine's jet meets what is weak or old. */
function surfaceRisk(method: Method, state: SurfaceState, catalogue: Catalogue): RankingFactor {
  const { saltsRisk, frailRisk } = TRADE_DEFAULTS;
  const isFrail = FRAIL.some((condition) => state.conditions.includes(condition));
  const salts = state.saltSensitive && leavesSalts(method, catalogue) ? saltsRisk : 0;
  const force = isFrail && isJetted(method, catalogue) ? frailRisk : 0;
  const points = method.surfaceRisk + salts + force;
  const why = force > 0 ? 'rank/risk/frail' : salts > 0 ? 'rank/risk/salts' : 'rank/of-five';
  return rankingFactor(catalogue, 'surface-risk', say(why, { points }), -points);
}

const isJetted = kept((method: Method, catalogue: Catalogue): boolean =>
  workedStages(method).some(({ tool }) => {
    const { jet, machines } = catalogue.tool(tool);
    return jet !== null && !machines.includes('hose');
  }),
);

const SALTY: readonly AgentClass[] = ['hypochlorite', 'caustic', 'mild-alkaline'];

/** Alkalis and what turns into soda. */
const leavesSalts = kept((method: Method, catalogue: Catalogue): boolean =>
  workedStages(method).some((stage) => {
    if (stage.kind !== 'apply') return false;
    const agent = catalogue.agent(stage.agent);
    return SALTY.includes(agent.class) || (agent.class === 'peroxide' && agent.stock.form === 'powder');
  }),
);

/** What it does to plants, water and people, twice where its run-off reaches open water. */
export function harmAround(method: Method, reachesWater: boolean, catalogue: Catalogue): RankingFactor {
  const points = method.harmAround;
  const figure = say(reachesWater ? 'rank/harm/doubled' : 'rank/of-five', { points });
  return rankingFactor(
    catalogue,
    'harm-around',
    figure,
    -points * (reachesWater ? TRADE_DEFAULTS.waterHarmFactor : 1),
  );
}

/** How often somebody comes: the first time counts for nothing. */
export function visitsFactor(visits: number, catalogue: Catalogue): RankingFactor {
  return rankingFactor(catalogue, 'visit', say('rank/visits', { visits }), -Math.max(0, visits - 1));
}

/** How often one doubles from nothing much; a cost that grows tenfold is not ten times as bad. */
export function doublings(amount: number): number {
  return Math.log2(1 + amount);
}

const BY_OTHERS: RankingFactor = {
  id: 'by-others',
  name: say('rank/by-others'),
  figure: say('rank/not-ours'),
  points: -TRADE_DEFAULTS.byOthersMalus,
};

/** What a wash takes off the same day, and a leave-on over weeks. */
function laterFactor(
  method: Method,
  { contaminant, schools, catalogue }: RankingQuestion,
  factor: (id: string, figure: string, units: number) => RankingFactor,
): readonly RankingFactor[] {
  const isLate = staysOn(method, catalogue) && TRADE_DEFAULTS.washesOff.includes(contaminant);
  return isLate && schools['result'] !== 'leave-on' ? [factor('later', say('rank/weeks'), -1)] : [];
}

function preferences(
  method: Method,
  { contaminant, state, schools, catalogue }: RankingQuestion,
  factor: (id: string, figure: string, units: number) => RankingFactor,
): readonly RankingFactor[] {
  const stances = schoolStances(method, contaminant, state, catalogue);
  return schoolsAgainst(stances, schools, { contaminant, state }, catalogue).map(({ id, isChosen }) => {
    const school = catalogue.school(id);
    const wanted = school.settings.find((s) => s.id === schools[id])?.name ?? '';
    const figure = say('rank/practice', { practice: school.name, wanted });
    return factor(isChosen ? 'preference' : 'default-practice', figure, -1);
  });
}

/** The sum of its points in words. */
export function pointsInWords({ points, factors }: Pick<RankedMethod, 'points' | 'factors'>): Reason {
  const parts = factors.map((f) =>
    say('rank/part', { factor: f.name.toLowerCase(), figure: f.figure, points: signed(f.points) }),
  );
  return {
    rule: 'ranking',
    text: say(Math.abs(points) === 1 ? 'rank/sum/one' : 'rank/sum', {
      points: decimal(points, 1),
      parts: parts.join('; '),
    }),
    source: say('source/priorities'),
  };
}

/** "+12", "−2.5". */
export function signed(points: number): string {
  return points < 0 ? `−${decimal(-points, 1)}` : `+${decimal(points, 1)}`;
}

/** Best first; ties by id, so that the order never depends on the data's order. */
export function inRankOrder(methods: readonly RankedMethod[]): readonly RankedMethod[] {
  return [...methods].sort((a, b) => b.points - a.points || (a.method.id < b.method.id ? -1 : 1));
}
