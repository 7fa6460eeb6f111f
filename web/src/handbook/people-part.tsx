import { money } from '@etappe/core';
import type { CompanyPerson } from '@etappe/core';
import { OwnEntries } from './own-entries.tsx';
import { PersonForm } from './person-form.tsx';
import type { PersonDetail } from './person-form.tsx';
import { useHandbook } from './use-handbook.ts';
import { useOwnEntry } from './use-own-entry.ts';
import { say } from '../messages/handbook.ts';

const PATH = '/handbook/people';
const NOBODY_YET: PersonDetail = { name: '', tickets: [], isApprentice: false, ratePerHour: null };
const NONE: readonly CompanyPerson[] = [];

/** Who works for the company: what they may do alone, and what their hour costs. */
export function PeoplePart({ id }: { readonly id: string | null }) {
  const { handbook } = useHandbook();
  const entry = useOwnEntry('person', PATH);
  return (
    <OwnEntries
      path={PATH}
      entries={handbook.people ?? NONE}
      id={id}
      words={{
        add: say('people/add'),
        all: say('people/all'),
        noneYet: say('people/none-yet'),
        openOne: say('people/open-one'),
        noSuch: say('people/no-such'),
      }}
      line={(person) => (
        <>
          {person.name} <span className="quiet">{inShort(person)}</span>
        </>
      )}
      card={(open) => (
        <>
          <h3>{open ? open.name : say('people/new')}</h3>
          <PersonForm
            person={open ? detailOf(open) : NOBODY_YET}
            save={(detail) => entry.save(open, detail)}
            remove={entry.remove(open)}
          />
        </>
      )}
    />
  );
}

const detailOf = ({ id: _, ...detail }: CompanyPerson): PersonDetail => detail;

function inShort({ tickets, isApprentice, ratePerHour }: CompanyPerson): string {
  return [
    ...tickets,
    isApprentice && say('people/apprentice'),
    ratePerHour !== null && say('people/rate-in-short', { rate: money(ratePerHour) }),
  ]
    .filter((part) => part !== false)
    .join(', ');
}
