import { say } from '../messages/message.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Severity } from '../catalogue/contaminant.ts';
import { isByOthers } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import type { Schools } from '../catalogue/school.ts';
import { decimal, money } from '../quantity/numbers.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { visitsForOne } from './chain.ts';
import { methodFigures } from './method-figures.ts';
import type { Reason } from './reason.ts';
import { schoolStances, schoolsAgainst } from './school-stance.ts';
import type { SurfaceState } from './surface-state.ts';

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
  readonly because: readonly Reason[];
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

/** The points of one permitted method for one contaminant, with what speaks for it and against it. */
export function rankedMethod(method: Method, question: RankingQuestion): RankedMethod {
  const factors = factorsOf(method, question).filter(
    (factor) => factor.points !== 0 || factor.id === 'result',
  );
  const points = roundToStep(
    factors.reduce((sum, factor) => sum + factor.points, 0),
    POINT_STEP,
  );
  return {
    method,
    points,
    factors,
    because: [{ rule: 'method', text: method.why, source: method.source }, sumInWords(points, factors)],
  };
}

function factorsOf(method: Method, question: RankingQuestion): readonly RankingFactor[] {
  const { contaminant, severity, state, catalogue } = question;
  const figures = methodFigures(method, severity, catalogue);
  const result = method.treats[contaminant] ?? 0;
  const water = state.drainsToWater ? TRADE_DEFAULTS.waterHarmFactor : 1;
  const visits = visitsForOne(method);
  const factor = (id: string, figure: string, units: number): RankingFactor => {
    const { name, value } = catalogue.weight(id);
    return { id, name, figure, points: roundToStep(value * units, POINT_STEP) };
  };
  const {
    hoursPerHundredSquareMetres: hours,
    waterLitresPerSquareMetre: litres,
    mixLitresPerSquareMetre: mix,
    costPerSquareMetre: cost,
  } = figures;
  return [
    factor('result', say('rank/of-five', { points: result }), result),
    factor('surface-risk', say('rank/of-five', { points: method.surfaceRisk }), -method.surfaceRisk),
    factor(
      'harm-around',
      say(water > 1 ? 'rank/harm/doubled' : 'rank/of-five', { points: method.harmAround }),
      -method.harmAround * water,
    ),
    factor('time', say('rank/time', { hours: decimal(hours, 1) }), -doublings(hours)),
    factor('water', say('rank/water', { litres: decimal(litres, 1) }), -doublings(litres)),
    factor('product', say('rank/product', { litres: decimal(mix, 2) }), -doublings(mix)),
    ...(cost === null ? [] : [factor('cost', say('rank/cost', { price: money(cost) }), -doublings(cost))]),
    factor('visit', say('rank/visits', { visits }), -Math.max(0, visits - 1)),
    ...preferences(method, question, factor),
    ...(isByOthers(method) ? [BY_OTHERS] : []),
  ];
}

/** How often one doubles from nothing much; a cost that grows tenfold is not ten times as bad. */
function doublings(amount: number): number {
  return Math.log2(1 + amount);
}

const BY_OTHERS: RankingFactor = {
  id: 'by-others',
  name: say('rank/by-others'),
  figure: say('rank/not-ours'),
  points: -TRADE_DEFAULTS.byOthersMalus,
};

function preferences(
  method: Method,
  { contaminant, state, schools, catalogue }: RankingQuestion,
  factor: (id: string, figure: string, units: number) => RankingFactor,
): readonly RankingFactor[] {
  const stances = schoolStances(method, contaminant, state.family, catalogue);
  return schoolsAgainst(stances, schools, catalogue).map((id) => {
    const school = catalogue.school(id);
    const wanted = school.settings.find((s) => s.id === schools[id])?.name ?? '';
    return factor('preference', say('rank/practice', { practice: school.name, wanted }), -1);
  });
}

function sumInWords(points: number, factors: readonly RankingFactor[]): Reason {
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
