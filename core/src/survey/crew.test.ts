import { describe, expect, it } from '@jest/globals';
import type { CompanyPerson } from '../company/person.ts';
import { newMember } from './crew-and-machines.ts';
import { asEntered, crewOfSize, entryOf, isAsEntered } from './crew.ts';

const person = (id: string, more: Partial<CompanyPerson> = {}): CompanyPerson => ({
  id,
  name: `The ${id}`,
  tickets: [],
  isApprentice: false,
  ratePerHour: null,
  ...more,
});

describe('a member of the crew who works for the company', () => {
  const tower = person('one', { tickets: ['Mobile towers', 'First aid'] });
  const member = { ...newMember('a'), ...asEntered(tower) };

  it('has the name, the tickets and the training of the entry', () => {
    expect(member).toEqual({
      id: 'a',
      entry: 'one',
      name: 'The one',
      tickets: ['Mobile towers', 'First aid'],
      isApprentice: false,
      language: null,
    });
    expect(entryOf(member, [person('two'), tower])).toBe(tower);
  });

  it('is nobody of the company where the entry is gone, and where there never was one', () => {
    expect(entryOf(member, [person('two')])).toBeNull();
    expect(entryOf(newMember('b'), [tower])).toBeNull();
  });

  it('is told apart from the entry once that says otherwise, whatever the order of the tickets', () => {
    expect(isAsEntered(member, { ...tower, tickets: ['First aid', 'Mobile towers'] })).toBe(true);
    for (const more of [{ tickets: ['First aid'] }, { isApprentice: true }, { name: 'Other' }])
      expect(isAsEntered(member, { ...tower, ...more })).toBe(false);
  });
});

describe('a crew that grows', () => {
  it('takes those of the company first who are not there yet, then people still to be named', () => {
    const people = [person('one'), person('two', { tickets: ['Lift'] })];
    const crew = [{ ...newMember('a'), ...asEntered(person('one')) }];
    const grown = crewOfSize(crew, 3, people);
    expect(grown.map(({ name }) => name)).toEqual(['The one', 'The two', 'Person C']);
    expect(grown[1]).toMatchObject({ id: 'b', entry: 'two', tickets: ['Lift'] });
    expect(crewOfSize(grown, 1, people)).toEqual(crew);
  });
});
