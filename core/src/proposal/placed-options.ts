import { contaminantById } from '../catalogue/catalogue.ts';
import type { ContaminantFamily } from '../catalogue/contaminant.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { isByOthers, workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import { say } from '../messages/message.ts';
import { formatDuration } from '../quantity/duration.ts';
import { formatArea } from '../quantity/shown-quantity.ts';
import { methodMinutes } from './method-minutes.ts';
import type { WorkAmount, WorkPlace } from './method-minutes.ts';
import type { MethodOptions, OptionsQuestion } from './method-options.ts';
import { visitsForOne } from '../treatment/chain.ts';
import {
  doublings,
  harmAround,
  inRankOrder,
  rankingFactor,
  visitsFactor,
  withFactors,
} from './method-ranking.ts';
import type { RankedMethod, RankingFactor } from './method-ranking.ts';
import { proposedOf } from './proposed-methods.ts';
import type { PlacedMethod } from './proposed-methods.ts';
import { harmTo } from './surroundings.ts';
import type { Surroundings } from './surroundings.ts';

/** Options on one face: ranked by what they take and do here, with those that come into question apart. */
export interface PlacedOptions extends MethodOptions {
  /** What the company does itself and what suffices here; the others say why they are left out. */
  readonly proposed: readonly RankedMethod[];
}

/** One face with all that bears on which of the permitted methods is best there. */
export interface Place extends WorkPlace {
  readonly surroundings: Surroundings;
}

/** What is permitted on faces of a sort → ranked on this one, and sifted. */
export function placedOptions(
  { permitted, refused }: MethodOptions,
  question: OptionsQuestion,
  amount: WorkAmount,
  place: Place,
): PlacedOptions {
  const placed = permitted.map((ranked) => placedMethod(ranked, question, amount, place));
  const { proposed, leftOut } = proposedOf(placed, { ...question, ...amount, place });
  const all = placed.map(({ ranked }) => ({ ...ranked, leftOut: leftOut.get(ranked.method.id) ?? null }));
  const ids = new Set(proposed.map(({ ranked }) => ranked.method.id));
  const inOrder = inRankOrder(all);
  return { permitted: inOrder, refused, proposed: inOrder.filter(({ method }) => ids.has(method.id)) };
}

function placedMethod(
  ranked: RankedMethod,
  { contaminant, states: [state], catalogue }: OptionsQuestion,
  amount: WorkAmount,
  place: Place,
): PlacedMethod {
  const { method } = ranked;
  // What others do takes nobody here any time.
  const { minutes, isWorkable } = isByOthers(method)
    ? { minutes: 0, isWorkable: true }
    : methodMinutes(method, amount, place);
  const { neighbours, isCaught } = place.surroundings;
  const harmed = harmTo(neighbours, method, catalogue);
  const factors: readonly RankingFactor[] = [
    ...(minutes > 0 ? [timeFactor(minutes, amount, place)] : []),
    ...(harmed.length > 0
      ? [
          rankingFactor(
            catalogue,
            'neighbours',
            harmed.map(({ neighbour }) => neighbour.name).join(', '),
            -Math.min(
              TRADE_DEFAULTS.mostHarmed,
              harmed.reduce((sum, { units }) => sum + units, 0),
            ),
          ),
        ]
      : []),
    ...(!WASHED_ANYWAY.includes(contaminantById(contaminant).family) && emptiesJoints(method, place)
      ? [visitsFactor(visitsForOne(method) + 1, catalogue)]
      : []),
    ...(isCaught && state.drainsToWater ? [harmAround(method, false, catalogue)] : []),
  ];
  return { ranked: withFactors(ranked, factors), minutes, isWorkable, harmed };
}

/** Dirt that wants a wash on paving: nobody argues it away by the sand that follows. */
const WASHED_ANYWAY: readonly ContaminantFamily[] = ['growth', 'hydrocarbon'];

/** A jet takes sand out of the joints, and somebody comes again to fill them. */
function emptiesJoints(method: Method, { surface, catalogue }: Place): boolean {
  if (catalogue.material(surface.material).joints !== 'sand') return false;
  return workedStages(method).some((s) => s.kind === 'wash' && catalogue.tool(s.tool).jet !== null);
}

function timeFactor(minutes: number, { areaSquareMetres }: WorkAmount, { catalogue }: Place): RankingFactor {
  const figure = say('rank/time', {
    time: formatDuration(60 * minutes),
    area: formatArea(areaSquareMetres, 'metric'),
  });
  return rankingFactor(catalogue, 'time', figure, -doublings((100 * minutes) / 60 / areaSquareMetres));
}
