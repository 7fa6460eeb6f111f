import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Agent } from '../catalogue/agent.ts';
import { isByOthers, workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import type { ChemistryMeeting, GuardedParty } from '../protection/chemistry-guard.ts';
import { roundToStep } from '../quantity/rounding.ts';
import type { ContaminantProposal } from '../treatment/surface-treatment.ts';
import type { TreatedSurface } from './planned-surface.ts';

/** Another treatment of one party, with which nothing has to be kept apart. */
export interface OtherTreatment {
  readonly face: string;
  readonly contaminant: string;
  readonly method: string;
  readonly name: string;
  /** What it is worse by in the ranking, points. */
  readonly worseBy: number;
}

/**
 * The second way out of a meeting of chemistries: permitted treatments of either party that oppose nothing of the other,
 * the least worse first. The first way out, one after the other, always holds.
 */
export function otherTreatments(
  meeting: ChemistryMeeting,
  surfaces: readonly TreatedSurface[],
): readonly OtherTreatment[] {
  const { earlier, later } = meeting;
  const agentsOf = (parties: readonly GuardedParty[]) => parties.map((party) => CATALOGUE.agent(party.agent));
  // Another treatment of one of several earlier parties leaves the others in the way.
  const [first, ...more] = earlier;
  const ways = [
    ...otherWays(later, agentsOf(earlier), surfaces),
    ...(first && more.length === 0 ? otherWays(first, agentsOf([later]), surfaces) : []),
  ];
  return ways.sort((a, b) => a.worseBy - b.worseBy || (a.face < b.face ? -1 : 1));
}

/** For the one finding whose treatment brings the agent in; where several do, no single change helps. */
function otherWays(
  party: GuardedParty,
  others: readonly Agent[],
  surfaces: readonly TreatedSurface[],
): readonly OtherTreatment[] {
  const proposals = surfaces.find((p) => p.surface.id === party.face)?.treatment?.proposals ?? [];
  const bringing = proposals.filter((p) => p.chosen && brings(p.chosen.method, party.agent));
  const [only, ...more] = bringing;
  if (!only || more.length > 0) return [];
  const best = only.alternatives.find(({ method }) => !isByOthers(method) && goesWith(method, others));
  return best ? [wayOf(party.face, only, best)] : [];
}

function wayOf(
  face: string,
  proposal: ContaminantProposal,
  best: ContaminantProposal['alternatives'][number],
): OtherTreatment {
  return {
    face,
    contaminant: proposal.finding.contaminant,
    method: best.method.id,
    name: best.method.name,
    worseBy: roundToStep((proposal.chosen?.points ?? 0) - best.points, 0.1),
  };
}

function brings(method: Method, agent: string): boolean {
  return workedStages(method).some((s) => 'agent' in s && s.agent === agent);
}

function goesWith(method: Method, others: readonly Agent[]): boolean {
  return workedStages(method)
    .flatMap((s) => ('agent' in s ? [CATALOGUE.agent(s.agent)] : []))
    .every((agent) =>
      others.every((o) => !o.opposedTo.includes(agent.class) && !agent.opposedTo.includes(o.class)),
    );
}
