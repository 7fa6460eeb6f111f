import type { CompanyPerson } from '@etappe/core';
import { Checkbox } from 'antd';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { LanguageField } from '../records/language-field.tsx';
import { TicketsField } from '../records/tickets-field.tsx';
import { EntryActs } from './entry-acts.tsx';
import { Faults } from './faults.tsx';
import { useEntryDraft } from './use-entry-draft.ts';
import { useSaving } from './use-saving.ts';
import { say } from '../messages/handbook.ts';

export type PersonDetail = Omit<CompanyPerson, 'id'>;

interface FormProps {
  readonly person: PersonDetail;
  /** @returns what is wrong, empty when it is saved */
  readonly save: (detail: PersonDetail) => Promise<readonly string[]>;
  /** Null for somebody who is not there yet. */
  readonly remove: (() => void) | null;
}

/** Somebody of the company. Nothing is saved before “Save”. */
export function PersonForm({ person, save, remove }: FormProps) {
  const { draft, set, settle } = useEntryDraft(person);
  const { faults, saving, submit } = useSaving();
  return (
    <form
      className="product-form"
      onSubmit={(event) => {
        event.preventDefault();
        submit(draft.name === '' ? [say('people/who-is-it')] : [], () => save(draft), settle);
      }}
    >
      <div className="sheet-grid">
        <TextField
          label={say('people/name')}
          value={draft.name}
          take={(name) => set({ name: name.trim() })}
        />
        <NumberField
          label={say('people/rate')}
          value={draft.ratePerHour}
          unit={say('people/per-hour')}
          clear={() => set({ ratePerHour: null })}
          take={(ratePerHour) => (ratePerHour >= 0 ? set({ ratePerHour }) : say('people/below-nothing'))}
        />
      </div>
      <TicketsField
        label={say('people/tickets')}
        tickets={draft.tickets}
        take={(tickets) => {
          set({ tickets });
        }}
      />
      <p className="quiet">{say('people/what-tickets-do')}</p>
      <Checkbox
        checked={draft.isApprentice}
        onChange={({ target }) => {
          set({ isApprentice: target.checked });
        }}
      >
        {say('people/is-apprentice')}
      </Checkbox>
      <LanguageField
        label={say('people/language')}
        language={draft.language ?? null}
        otherwise={say('people/language-of-company')}
        take={(language) => {
          set({ language });
        }}
      />
      <Faults faults={faults} />
      <EntryActs save={say('people/save')} saving={saving} remove={remove} />
    </form>
  );
}
