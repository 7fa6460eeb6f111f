import type { Catalogue } from '../catalogue/catalogue.ts';
import { workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import { say } from '../messages/message.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { ContaminantProposal } from './surface-treatment.ts';
import type { TreatedSurface } from './treated-surface.ts';

/** A surface that is treated otherwise than before, although nobody changed it. */
export interface ChangedElsewhere {
  readonly surface: string;
  readonly text: string;
}

type Proposed = Pick<TreatedSurface, 'surface' | 'treatment'>;

/**
 * What an edit of other surfaces has changed: surfaces that are as they were, with the same findings and picks, and get another
 * method now. Each says whose mix it goes with.
 */
export function changedElsewhere(
  before: readonly Proposed[],
  now: readonly Proposed[],
  catalogue: Catalogue,
): readonly ChangedElsewhere[] {
  const earlier = new Map(before.map((one) => [one.surface.id, one]));
  const changed = now.filter((one) => {
    const was = earlier.get(one.surface.id);
    return was && isOtherwise(was, one);
  });
  const isSame = (one: Proposed) => {
    const was = earlier.get(one.surface.id);
    return was !== undefined && ownInputs(was) === ownInputs(one);
  };
  // Whose mix it is: of what was edited, before others.
  const users = [...now].sort((a, b) => Number(isSame(a)) - Number(isSame(b)));
  return changed.filter(isSame).flatMap((one) => {
    const was = earlier.get(one.surface.id);
    const text = was && changeInWords(was, one, users, catalogue);
    return text === undefined ? [] : [{ surface: one.surface.id, text }];
  });
}

const proposalsOf = ({ treatment }: Proposed) => treatment?.proposals ?? [];
const picked = (proposals: readonly ContaminantProposal[]) =>
  proposals.map((p) => `${p.finding.contaminant} ${p.chosen?.method.id ?? ''}`).join();
const isOtherwise = (was: Proposed, one: Proposed) => picked(proposalsOf(was)) !== picked(proposalsOf(one));

/** What people have said of a surface: plans come as copies, so that the words tell what is the same. */
function ownInputs(one: Proposed): string {
  return JSON.stringify([one.surface, proposalsOf(one).map((p) => [p.finding, p.choice?.choice ?? null])]);
}

function changeInWords(
  was: Proposed,
  one: Proposed,
  users: readonly Proposed[],
  catalogue: Catalogue,
): string | undefined {
  const method = (of: Proposed, contaminant: string) =>
    proposalsOf(of).find((p) => p.finding.contaminant === contaminant)?.chosen?.method;
  for (const { finding, chosen } of proposalsOf(one)) {
    const left = method(was, finding.contaminant);
    if (!chosen || !left || left.id === chosen.method.id) continue;
    const about = {
      place: one.surface.name,
      method: lowerFirst(chosen.method.name),
      before: lowerFirst(left.name),
    };
    for (const id of appliedBy(chosen.method)) {
      const other = users.find(
        (user) =>
          user.surface.id !== one.surface.id &&
          proposalsOf(user).some((p) => p.chosen && appliedBy(p.chosen.method).includes(id)),
      );
      if (other)
        return say('changed/with', {
          ...about,
          agent: lowerFirst(catalogue.agent(id).name),
          other: other.surface.name,
        });
    }
    return say('changed/by-itself', about);
  }
  return undefined;
}

const appliedBy = (method: Method): readonly string[] =>
  workedStages(method).flatMap((stage) => (stage.kind === 'apply' ? [stage.agent] : []));
