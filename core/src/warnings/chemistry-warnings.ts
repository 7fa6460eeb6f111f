import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { ChemistryMeeting, GuardedParty } from '../protection/chemistry-guard.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { otherTreatments } from '../protection/other-treatments.ts';
import type { TreatedSurface } from '../treatment/treated-surface.ts';
import type { Warning } from './warning.ts';

/** Chemistries that would meet, each with where, what the sequence does about it, and the other way out. */
export function chemistryWarnings(
  meetings: readonly ChemistryMeeting[],
  surfaces: readonly TreatedSurface[],
  survey: FacedSurvey,
): readonly Warning[] {
  const names = new Map(
    [...survey.surfaces, ...survey.features].map((place) => [place.id as string, place.name]),
  );
  const nameOf = (id: string) => names.get(id) ?? id;
  const party = ({ face, agent }: GuardedParty) =>
    `${nameOf(face)} (${CATALOGUE.agent(agent).name.toLowerCase()})`;
  return meetings.map((meeting) => {
    const { earlier, later, at, how } = meeting;
    const caught = survey.features.some((feature) => feature.id === at);
    const [other] = otherTreatments(meeting, surfaces);
    return {
      rule: 'chemistry-apart',
      severity: 'note',
      text: [
        `${party(later)} begins only when ${earlier.map(party).join(', ')} ${earlier.length === 1 ? 'is' : 'are'} rinsed and the reading is good: ${MEETS[how](nameOf(at))}, and these never meet.`,
        ...(caught ? ['What is caught there is emptied and neutral in between.'] : []),
        other
          ? `To save the wait: ${other.name.toLowerCase()} on ${nameOf(other.face)}.`
          : 'No other permitted treatment saves the wait.',
      ].join(' '),
      surface: later.face,
    };
  });
}

const MEETS: Readonly<Record<ChemistryMeeting['how'], (at: string) => string>> = {
  'run-off': (at) => `their water comes together at ${at}`,
  beside: () => 'they stand side by side',
  splash: (at) => `its washing splashes the foot of ${at}`,
  drift: () => 'in this wind the spray of one reaches the other on the same side',
};
