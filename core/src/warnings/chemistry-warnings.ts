import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { ChemistryMeeting, GuardedParty } from '../protection/chemistry-guard.ts';
import { say } from '../messages/message.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { otherTreatments } from '../protection/other-treatments.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { warning } from './warning.ts';
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
    say('party', { place: nameOf(face), agent: CATALOGUE.agent(agent).name.toLowerCase() });
  return meetings.map((meeting) => {
    const { earlier, later, at, how } = meeting;
    const caught = survey.features.some((feature) => feature.id === at);
    const [other] = otherTreatments(meeting, surfaces);
    const apart = {
      later: party(later),
      earlier: earlier.map(party).join(', '),
      count: earlier.length,
      meets: say(`meets/${how}`, { at: nameOf(at) }),
      caught: caught ? `${say('meets/caught')} ` : '',
      way: other
        ? say('saves-the-wait', { method: other.name.toLowerCase(), place: nameOf(other.face) })
        : say('saves-the-wait/none'),
    };
    return warning('chemistry-apart', 'note', apart, later.face);
  });
}
