import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { ChemistryMeeting, GuardedParty } from '../protection/chemistry-guard.ts';
import type { OtherTreatment } from '../protection/other-treatments.ts';
import { sharedCures } from '../protection/shared-cures.ts';
import type { SharedCure } from '../protection/shared-cures.ts';
import { say } from '../messages/message.ts';
import { listed, lowerFirst } from '../quantity/words.ts';
import type { Survey } from '../survey/survey.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { warning } from './warning.ts';
import type { Warning } from './warning.ts';

/** What is kept apart in time, in one note for whatever one change would spare. */
export interface ApartNote {
  readonly text: string;
  /** Every face that it is about. */
  readonly faces: readonly string[];
  readonly ways: readonly OtherTreatment[];
  readonly warning: Warning;
}

type Places = Pick<Survey, 'features'> & {
  readonly surfaces: readonly { readonly id: string; readonly name: string }[];
};

/** Chemistries that would meet, each with where, what the sequence does about it, and the other way out. */
export function apartNotes(
  meetings: readonly ChemistryMeeting[],
  surfaces: readonly TreatedSurface[],
  places: Places,
): readonly ApartNote[] {
  return sharedCures(meetings, surfaces).map((cure) => {
    const told = new NoteWords(places).note(cure);
    const faces = cure.meetings.flatMap(({ earlier, later }) => [later, ...earlier].map((p) => p.face));
    return { text: told.text, faces: [...new Set(faces)], ways: cure.ways, warning: told };
  });
}

class NoteWords {
  private readonly names: ReadonlyMap<string, string>;

  constructor(private readonly places: Places) {
    this.names = new Map([...places.surfaces, ...places.features].map(({ id, name }) => [id, name]));
  }

  note({ meetings, ways: [way] }: SharedCure): Warning {
    const [only, ...more] = meetings;
    const told = way
      ? say(more.length > 0 ? 'saves-the-waits' : 'saves-the-wait', {
          method: lowerFirst(way.name),
          place: this.nameOf(way.face),
        })
      : say('saves-the-wait/none');
    return !only || (way && more.length > 0)
      ? this.several(meetings, way?.face ?? '', told)
      : this.single(only, told);
  }

  private single(meeting: ChemistryMeeting, way: string): Warning {
    const { earlier, later, at, how } = meeting;
    const apart = {
      later: this.party(later),
      earlier: earlier.map((p) => this.party(p)).join(', '),
      count: earlier.length,
      meets: say(`meets/${how}`, { at: this.nameOf(at) }),
      caught: this.isCaught(at) ? `${say('meets/caught')} ` : '',
      way,
    };
    return warning('chemistry-apart', 'note', apart, later.face);
  }

  /** One face that takes turns with others: what comes before it, and what after. */
  private several(meetings: readonly ChemistryMeeting[], face: string, way: string): Warning {
    const isLater = ({ later }: ChemistryMeeting) => later.face === face;
    const before = meetings.filter(isLater).flatMap(({ earlier }) => earlier);
    const after = meetings.filter((m) => !isLater(m)).map(({ later }) => later);
    const own = meetings.flatMap(({ earlier, later }) => [later, ...earlier]).find((p) => p.face === face);
    const parties = (all: readonly GuardedParty[]) => listed([...new Set(all.map((p) => this.party(p)))], 9);
    const turns =
      before.length > 0 && after.length > 0
        ? say('turns/both', { before: parties(before), after: parties(after) })
        : before.length > 0
          ? say('turns/after', { before: parties(before) })
          : say('turns/before', { after: parties(after) });
    const catches = [...new Set(meetings.map(({ at }) => at).filter((at) => this.isCaught(at)))];
    const apart = {
      place: own ? this.party(own) : this.nameOf(face),
      turns,
      caught:
        catches.length > 0
          ? `${say('meets/caught-at', { at: listed(catches.map((c) => this.nameOf(c))) })} `
          : '',
      way,
    };
    return warning('chemistry-apart/several', 'note', apart, face);
  }

  private party({ face, agent }: GuardedParty): string {
    return say('party', { place: this.nameOf(face), agent: lowerFirst(CATALOGUE.agent(agent).name) });
  }

  private nameOf(id: string): string {
    return this.names.get(id) ?? id;
  }

  private isCaught(at: string): boolean {
    return this.places.features.some(({ id }) => id === at);
  }
}
