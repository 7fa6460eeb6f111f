import { PROFILE_ID, companyProfile } from '@etappe/core';
import type { CompanyProfile } from '@etappe/core';
import { Input } from 'antd';
import { useId } from 'react';
import { Field } from '../quantity-fields/field.tsx';
import { LanguageField } from '../records/language-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { say } from '../messages/handbook.ts';
import { EntryActs } from './entry-acts.tsx';
import { Faults } from './faults.tsx';
import { LogoField } from './logo-field.tsx';
import { useEntryDraft } from './use-entry-draft.ts';
import { useHandbook } from './use-handbook.ts';
import { useSaving } from './use-saving.ts';

type Detail = Omit<CompanyProfile, 'id'>;
/** A logo that is taken away again is none. */
type Draft = Omit<Detail, 'logo' | 'language'> & {
  readonly logo?: Detail['logo'] | undefined;
  readonly language?: Detail['language'] | undefined;
};
const UNWRITTEN: Draft = {
  name: '',
  phone: '',
  mail: '',
  address: '',
  registration: [],
  emergencyLine: '',
};

/** What stands of the company on every paper. Nothing is saved before “Save”. */
export function CompanyPart() {
  const { handbook, change } = useHandbook();
  const stored = companyProfile(handbook);
  const { draft, set, settle } = useEntryDraft(stored ? detailOf(stored) : UNWRITTEN);
  const { faults, saving, submit } = useSaving();
  const lines = useId();
  const text = (key: 'name' | 'phone' | 'mail' | 'address', label: string) => (
    <TextField label={label} value={draft[key]} take={(words) => set({ [key]: words.trim() })} />
  );
  return (
    <article className="handbook-card">
      <h3>{say('our-company')}</h3>
      <p className="quiet">{say('company/what-for')}</p>
      <form
        className="product-form"
        onSubmit={(event) => {
          event.preventDefault();
          submit(
            draft.name === '' ? [say('company/what-is-it-called')] : [],
            () => change([{ part: 'profile', entry: PROFILE_ID, detail: tidied(draft) }]),
            settle,
          );
        }}
      >
        <div className="sheet-grid">
          {text('name', say('company/name'))}
          {text('phone', say('company/phone'))}
          {text('mail', say('company/mail'))}
          {text('address', say('company/address'))}
          <TextField
            label={say('company/currency')}
            value={draft.currency ?? ''}
            placeholder="EUR"
            take={(words) => set({ currency: words.trim().toUpperCase() })}
          />
          <LanguageField
            label={say('company/language')}
            language={draft.language ?? 'en'}
            take={(language) => {
              set({ language: language ?? undefined });
            }}
          />
        </div>
        <div className="sheet-grid">
          <TextField
            label={say('company/emergency')}
            value={draft.emergencyLine}
            placeholder={say('company/emergency-example')}
            take={(words) => set({ emergencyLine: words.trim() })}
          />
          <Field label={say('company/registration')} id={lines} fault={null}>
            <Input.TextArea
              id={lines}
              rows={3}
              value={draft.registration.join('\n')}
              onChange={({ target }) => {
                set({ registration: target.value.split('\n') });
              }}
            />
          </Field>
        </div>
        <LogoField
          logo={draft.logo ?? null}
          take={(logo) => {
            set({ logo: logo ?? undefined });
          }}
        />
        <Faults faults={faults} />
        <EntryActs save={say('company/save')} saving={saving} remove={null} />
      </form>
    </article>
  );
}

/** Without empty lines, and without a currency where none is written. */
const tidied = ({ registration, currency = '', logo, language, ...detail }: Draft): Detail => ({
  ...detail,
  ...(logo && { logo }),
  ...(language && { language }),
  ...(currency !== '' && { currency }),
  registration: registration.map((line) => line.trim()).filter((line) => line !== ''),
});

const detailOf = ({ id: _id, ...detail }: CompanyProfile): Draft => detail;
