import { CATALOGUE, daysAhead, word } from '@etappe/core';
import type { Product, StockLot } from '@etappe/core';
import { DeleteOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useState } from 'react';
import { ReadingButton } from '../instruments/reading-button.tsx';
import { personOnDevice } from '../person-on-device.ts';
import { ChipField } from '../quantity-fields/chip-field.tsx';
import { ChoiceField } from '../quantity-fields/choice-field.tsx';
import { DateField } from '../quantity-fields/date-field.tsx';
import { FigureToWrite } from '../quantity-fields/figure-to-write.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { today } from '../today.ts';
import { EntryActs } from './entry-acts.tsx';
import { Faults } from './faults.tsx';
import { useEntryDraft } from './use-entry-draft.ts';
import { useSaving } from './use-saving.ts';
import { rich, say } from '../messages/handbook.ts';

type Detail = Omit<StockLot, 'id'>;

const AGENT_OPTIONS = CATALOGUE.agents
  .filter((a) => a.specialistOnly === null)
  .map((a) => ({ value: a.id, label: a.name, words: [a.class, a.basis] }));
const NO_PRODUCT = 'none';
const MONTHS = [
  say('jan'),
  say('feb'),
  say('mar'),
  say('apr'),
  say('may'),
  say('jun'),
  say('jul'),
  say('aug'),
  say('sep'),
  say('oct'),
  say('nov'),
  say('dec'),
];
const STORAGE_OPTIONS = [
  { value: 'one', label: say('the-same-all-year') },
  { value: 'months', label: say('by-the-month') },
];
const HOW_OPTIONS = [
  { value: 'strip', label: 'strip' },
  { value: 'titration', label: 'titration' },
  { value: 'meter', label: 'meter' },
];
const USUAL_CELSIUS = 15;

export function newLot(on: string): Detail {
  return {
    agent: 'hypochlorite',
    product: null,
    lot: '',
    boughtOn: on,
    openedOn: null,
    expiresOn: null,
    place: '',
    left: 20,
    storageCelsius: [USUAL_CELSIUS],
    measured: [],
  };
}

interface FormProps {
  readonly lot: Detail;
  readonly products: readonly Product[];
  /** @returns what is wrong, empty when it is saved */
  readonly save: (detail: Detail) => Promise<readonly string[]>;
  readonly remove: (() => void) | null;
}

/** A lot as its container says it is, and what was measured of it. Nothing is saved before “Save lot”. */
export function LotForm({ lot, products, save, remove }: FormProps) {
  const { draft, set, settle } = useEntryDraft(lot);
  const { faults, saving, submit } = useSaving();
  const agent = CATALOGUE.agent(draft.agent);
  const unit = agent.stock.form === 'powder' ? 'kg' : 'L';
  const own = products.filter((p) => p.agent === draft.agent);
  return (
    <form
      className="product-form"
      onSubmit={(event) => {
        event.preventDefault();
        submit(
          daysAhead(draft, today()).map((f) => f.message),
          () => save(draft),
          settle,
        );
      }}
    >
      <div className="sheet-grid">
        <ChoiceField
          label={say('what-it-is')}
          value={draft.agent}
          options={AGENT_OPTIONS}
          take={(id) => set({ agent: id, product: null, measured: [] })}
        />
        <ChoiceField
          label={say('our-product')}
          value={draft.product ?? NO_PRODUCT}
          options={[
            { value: NO_PRODUCT, label: say('none-named') },
            ...own.map((p) => ({ value: p.id, label: p.name })),
          ]}
          take={(id) => set({ product: id === NO_PRODUCT ? null : id })}
        />
        <TextField label={say('lot-number')} value={draft.lot} take={(text) => set({ lot: text.trim() })} />
        <NumberField
          label={say('left-of-it')}
          value={draft.left}
          unit={unit}
          take={(left) => (left >= 0 ? set({ left }) : say('is-below-0-write-0', { left, unit }))}
        />
        <DateField
          label={say('bought-on')}
          value={draft.boughtOn}
          take={(date) => (date === null ? say('when-was-it-bought') : set({ boughtOn: date }))}
        />
        <DateField label={say('opened-on')} value={draft.openedOn} take={(openedOn) => set({ openedOn })} />
        <DateField
          label={say('expires-on')}
          value={draft.expiresOn}
          take={(expiresOn) => set({ expiresOn })}
        />
        <TextField
          label={say('where-it-stands')}
          value={draft.place}
          take={(text) => set({ place: text.trim() })}
        />
        <StorageFields celsius={draft.storageCelsius} take={(storageCelsius) => set({ storageCelsius })} />
        {agent.stock.form === 'liquid' && <MeasuredFields draft={draft} set={set} />}
      </div>
      <Faults faults={faults} />
      <EntryActs save={say('save-lot')} saving={saving} remove={remove} />
    </form>
  );
}

function StorageFields({
  celsius,
  take,
}: {
  readonly celsius: Detail['storageCelsius'];
  readonly take: (celsius: readonly number[]) => null;
}) {
  const [first = USUAL_CELSIUS] = celsius;
  const monthly = celsius.length > 1;
  return (
    <fieldset className="field wide">
      <legend className="field-label">{say('storage-temperature')}</legend>
      <ChipField
        label={say('storage-temperature')}
        value={monthly ? 'months' : 'one'}
        options={STORAGE_OPTIONS}
        take={(how) => {
          take(how === 'months' ? MONTHS.map(() => first) : [first]);
        }}
      />
      <div className="lot-months">
        {celsius.map((value, i) => (
          <NumberField
            key={monthly ? MONTHS[i] : 'all'}
            label={monthly ? (MONTHS[i] ?? '') : say('all-year')}
            value={value}
            unit="°C"
            take={(next) => take(celsius.map((before, at) => (at === i ? next : before)))}
          />
        ))}
      </div>
    </fieldset>
  );
}

function MeasuredFields({
  draft,
  set,
}: {
  readonly draft: Detail;
  readonly set: (more: Partial<Detail>) => null;
}) {
  const [how, setHow] = useState<Detail['measured'][number]['how']>('strip');
  const add = (gramsPerLitre: number): string | null =>
    gramsPerLitre > 0
      ? set({ measured: [...draft.measured, { on: today(), gramsPerLitre, how, by: personOnDevice() }] })
      : say('g-l-is-no-strength', { gramsPerLitre });
  return (
    <fieldset className="field wide">
      <legend className="field-label">
        {say('measured-g-l-of', { basis: word(CATALOGUE.agent(draft.agent).basis) })}
      </legend>
      <ul className="done-tests" aria-label={say('measured-strengths')}>
        {draft.measured.map((reading, i) => (
          <li key={`${reading.on} ${i}`}>
            <span>
              {rich('by-grams-per-litre', {
                gramsPerLitre: <b className="figure">{reading.gramsPerLitre} g/L</b>,
                how: reading.how,
                on: reading.on,
              })}
              {reading.by === '' ? '' : `, ${reading.by}`}
            </span>
            <Button
              type="text"
              size="small"
              icon={<DeleteOutlined />}
              aria-label={say('take-out-the-reading-of', { on: reading.on })}
              onClick={() => {
                set({ measured: draft.measured.filter((_, at) => at !== i) });
              }}
            />
          </li>
        ))}
      </ul>
      <div className="thirst-row">
        <ChipField
          label={say('by')}
          value={how}
          options={HOW_OPTIONS}
          take={(value) => {
            setHow(value as typeof how);
          }}
        />
        <FigureToWrite label={say('strength-typed')} unit="g/L" write={add} />
        {CATALOGUE.agent(draft.agent).class === 'hypochlorite' && (
          <ReadingButton kind="chlorine-strip" take={add} />
        )}
      </div>
    </fieldset>
  );
}
