import { CATALOGUE, NO_RESTRICTIONS, isReadyToUse, strengthQuestion, lowerFirst, word } from '@etappe/core';
import type { Product } from '@etappe/core';
import { Button, Switch } from 'antd';
import { useId } from 'react';
import { personOnDevice } from '../person-on-device.ts';
import { ChipField } from '../quantity-fields/chip-field.tsx';
import { ChoiceField } from '../quantity-fields/choice-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { DataSheetField } from './data-sheet-field.tsx';
import { EntryActs } from './entry-acts.tsx';
import { Faults } from './faults.tsx';
import { useEntryDraft } from './use-entry-draft.ts';
import { useSaving } from './use-saving.ts';
import { PackFields } from './pack-fields.tsx';
import { LabelFields } from './label-fields.tsx';
import { say } from '../messages/handbook.ts';

type Detail = Omit<Product, 'id'>;
type Basis = 'g/L' | '% w/v' | '% w/w';

const AGENTS = CATALOGUE.agents.filter((a) => a.specialistOnly === null);
const AGENT_OPTIONS = AGENTS.map((a) => ({ value: a.id, label: a.name, words: [a.class, a.basis] }));
const BASES: readonly Basis[] = ['g/L', '% w/v', '% w/w'];
const USUAL_DENSITY = 1.2;

export const NEW_PRODUCT: Detail = {
  name: '',
  agent: 'hypochlorite',
  strength: { basis: 'g/L', value: 125 },
  strengthRead: false,
  packs: [{ size: 20, price: null }],
  label: NO_RESTRICTIONS,
  dataSheet: null,
  inUse: true,
  by: '',
  at: '',
};

interface FormProps {
  readonly product: Detail;
  /** Name of the product that is in use for the agent now, which this one would take the place of. */
  readonly replaces: (agent: string) => string | null;
  /** @returns what is wrong, empty when it is saved */
  readonly save: (detail: Detail) => Promise<readonly string[]>;
  readonly remove: (() => void) | null;
}

/** A product as its label says it is. Nothing is saved before “Save product”. */
export function ProductForm({ product, replaces, save, remove }: FormProps) {
  const { draft, set, settle } = useEntryDraft(product);
  const { faults, saving, submit } = useSaving();
  const inUseId = useId();
  const agent = CATALOGUE.agent(draft.agent);
  const other = draft.inUse ? replaces(draft.agent) : null;
  const powder = agent.stock.form === 'powder';
  return (
    <form
      className="product-form"
      onSubmit={(event) => {
        event.preventDefault();
        submit([], () => save({ ...draft, by: personOnDevice(), at: new Date().toISOString() }), settle);
      }}
    >
      <div className="sheet-grid">
        <TextField
          label={say('name-on-the-label')}
          value={draft.name}
          take={(name) => set({ name: name.trim() })}
        />
        <ChoiceField
          label={say('what-it-is')}
          value={draft.agent}
          options={AGENT_OPTIONS}
          take={(id) => {
            const { stock } = CATALOGUE.agent(id);
            set({
              agent: id,
              strength: stock.form === 'powder' ? null : stock.strength,
              strengthRead: false,
            });
          }}
        />
        {!powder && <StrengthFields draft={draft} set={set} />}
        <PackFields packs={draft.packs} unit={powder ? 'kg' : 'L'} take={(packs) => set({ packs })} />
        <h4 className="wide">{say('limits-on-its-label')}</h4>
        <LabelFields
          label={draft.label}
          ready={isReadyToUse(agent)}
          take={(more) => set({ label: { ...draft.label, ...more } })}
        />
        <h4 className="wide">{say('its-data-sheet')}</h4>
        <DataSheetField sheet={draft.dataSheet} take={(dataSheet) => set({ dataSheet })} />
        <label className="switch-row wide" htmlFor={inUseId}>
          <Switch id={inUseId} checked={draft.inUse} onChange={(inUse) => set({ inUse })} />{' '}
          {say('used-on-every-job', { name: lowerFirst(agent.name) })}
          {other !== null && <span className="quiet">{say('in-place-of', { other })}</span>}
        </label>
      </div>
      <Faults faults={faults} />
      <EntryActs save={say('save-product')} saving={saving} remove={remove} />
    </form>
  );
}

interface PartProps {
  readonly draft: Detail;
  readonly set: (more: Partial<Detail>) => null;
}

function StrengthFields({ draft, set }: PartProps) {
  const agent = CATALOGUE.agent(draft.agent);
  const { strength } = draft;
  const readId = useId();
  if (!strength) return null;
  const density = strength.basis === '% w/w' ? strength.densityKilogramsPerLitre : USUAL_DENSITY;
  const take = (basis: Basis, value: number, densityKilogramsPerLitre = density) =>
    set({
      strength: basis === '% w/w' ? { basis, value, densityKilogramsPerLitre } : { basis, value },
      strengthRead: false,
    });
  const question = strengthQuestion(strength, agent);
  return (
    <>
      <NumberField
        label={say('strength-on-the-label', { basis: word(agent.basis) })}
        value={strength.value}
        unit={strength.basis}
        take={(value) => take(strength.basis, value)}
      />
      <ChipField
        label={say('counted-as')}
        value={strength.basis}
        options={BASES.map((b) => ({ value: b, label: b }))}
        take={(basis) => {
          take(basis as Basis, strength.value);
        }}
      />
      {strength.basis === '% w/w' && (
        <NumberField
          label={say('density-from-the-data-sheet')}
          value={strength.densityKilogramsPerLitre}
          unit="kg/L"
          take={(kg) => take('% w/w', strength.value, kg)}
        />
      )}
      {question && (
        <div className="wide product-question" role="alert">
          <p>△ {question.text}</p>
          {question.meant && (
            <Button
              onClick={() => {
                if (question.meant) set({ strength: question.meant, strengthRead: false });
              }}
            >
              {say('yes', { value: question.meant.value, basis: question.meant.basis })}
            </Button>
          )}
          <label htmlFor={readId}>
            <input
              id={readId}
              type="checkbox"
              checked={draft.strengthRead}
              onChange={(event) => {
                set({ strengthRead: event.target.checked });
              }}
            />{' '}
            {say('the-label-really-says-so')}
          </label>
        </div>
      )}
    </>
  );
}
