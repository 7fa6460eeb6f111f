import type { CompanyPerson } from '../company/person.ts';
import { newMember } from './crew-and-machines.ts';
import type { CrewMember } from './crew-and-machines.ts';

const MEMBER_IDS = ['a', 'b', 'c', 'd'] as const;
export const LARGEST_CREW = MEMBER_IDS.length;

/**
 * A crew of so many: the first of those that are there, then those of the company who are not there yet, then new ones who are still
 * to be named.
 */
export function crewOfSize(
  crew: readonly CrewMember[],
  size: number,
  people: readonly CompanyPerson[] = [],
): readonly CrewMember[] {
  const there = crew.slice(0, size);
  const free = MEMBER_IDS.filter((id) => !there.some((member) => member.id === id));
  const others = people.filter((person) => !there.some(({ entry }) => entry === person.id));
  const added = free.slice(0, size - there.length).map((id, i) => {
    const person = others[i];
    return person ? { ...newMember(id), ...asEntered(person) } : newMember(id);
  });
  return [...there, ...added];
}

/** What a member of the crew takes from the company's entry. */
type FromEntry = Required<Pick<CrewMember, 'entry' | 'name' | 'tickets' | 'isApprentice' | 'language'>>;

export const asEntered = ({ id, name, tickets, isApprentice, language }: CompanyPerson): FromEntry => ({
  entry: id,
  name,
  tickets,
  isApprentice,
  language: language ?? null,
});

/** The company's person that a member of the crew is; null for anybody else, and for one whose entry is gone. */
export function entryOf(
  { entry = null }: CrewMember,
  people: readonly CompanyPerson[],
): CompanyPerson | null {
  return people.find(({ id }) => id === entry) ?? null;
}

/** Whether the job still has somebody as the company has them: who lost a ticket since then does. */
export function isAsEntered(member: CrewMember, person: CompanyPerson): boolean {
  const { isApprentice = false } = member;
  const held = (tickets: readonly string[]) => [...tickets].sort().join('\n');
  return (
    member.name === person.name &&
    isApprentice === person.isApprentice &&
    (member.language ?? null) === (person.language ?? null) &&
    held(member.tickets) === held(person.tickets)
  );
}
