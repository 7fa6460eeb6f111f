import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Agent } from '../catalogue/agent.ts';
import { isByOthers, workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import type { ChemistryMeeting, GuardedParty } from './chemistry-guard.ts';
import { kept } from '../quantity/kept.ts';
import { roundToStep } from '../quantity/rounding.ts';
import type { ContaminantProposal } from '../proposal/surface-treatment.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';

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
  const bringing = (parties: readonly GuardedParty[]) => parties.map((party) => CATALOGUE.agent(party.agent));
  // Another treatment of one of several earlier parties leaves the others in the way.
  const [first, ...more] = earlier;
  const against = (others: readonly Agent[]) => (agent: Agent) =>
    others.every((o) => !o.opposedTo.includes(agent.class) && !agent.opposedTo.includes(o.class));
  const ways = [
    ...otherWays(later, against(bringing(earlier)), surfaces),
    ...(first && more.length === 0 ? otherWays(first, against(bringing([later])), surfaces) : []),
  ];
  return ways.sort((a, b) => a.worseBy - b.worseBy || (a.face < b.face ? -1 : 1));
}

/**
 * Another treatment of the one finding that brings an agent onto a face; where several findings do, no single change helps.
 * @param fits whether an agent of the other treatment may come there instead
 */
export function otherWays(
  party: GuardedParty,
  fits: (agent: Agent) => boolean,
  surfaces: readonly TreatedSurface[],
): readonly OtherTreatment[] {
  const proposals = byFace(surfaces).get(party.face)?.treatment?.proposals ?? [];
  const bringing = proposals.filter(
    (p) => p.chosen && agentsOf(p.chosen.method).some((a) => a.id === party.agent),
  );
  const [only, ...more] = bringing;
  if (!only || more.length > 0) return [];
  const fitting = only.alternatives.filter(
    ({ method }) => !isByOthers(method) && agentsOf(method).every(fits),
  );
  // What would not do here is no way out as long as something else is.
  const best = fitting.find(({ leftOut }) => leftOut === null) ?? fitting[0];
  return best ? [wayOf(party.face, only, best)] : [];
}

const agentsOf = kept((method: Method): readonly Agent[] =>
  workedStages(method).flatMap((s) => ('agent' in s ? [CATALOGUE.agent(s.agent)] : [])),
);

const byFace = kept(
  (surfaces: readonly TreatedSurface[]): ReadonlyMap<string, TreatedSurface> =>
    new Map(surfaces.map((planned) => [planned.surface.id, planned])),
);

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
