import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { ChemistryMeeting, GuardedParty } from '../protection/chemistry-guard.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { Warning } from './warnings.ts';

/** Chemistries that would meet, each with where, and what the sequence does about it. */
export function chemistryWarnings(
  meetings: readonly ChemistryMeeting[],
  survey: FacedSurvey,
): readonly Warning[] {
  const places = [...survey.surfaces, ...survey.features];
  const nameOf = (id: string) => places.find((place) => place.id === id)?.name ?? id;
  const party = ({ face, agent }: GuardedParty) => `${nameOf(face)} (${CATALOGUE.agent(agent).name.toLowerCase()})`;
  return meetings.map(({ at, how, earlier, later }) => ({
    rule: 'chemistry-apart',
    severity: 'note',
    text: `${party(later)} begins only when ${earlier.map(party).join(', ')} ${earlier.length === 1 ? 'is' : 'are'} rinsed: ${
      how === 'run-off' ? `their water comes together at ${nameOf(at)}` : 'they stand side by side'
    }, and these never meet. To save the wait, choose a treatment that goes with the other.`,
    surface: later.face,
  }));
} // prettier-ignore
