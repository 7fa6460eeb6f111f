import { MATERIAL_FAMILIES } from '@etappe/core';
import type { LabelRestrictions, MaterialFamily } from '@etappe/core';
import { Switch } from 'antd';
import { useId } from 'react';
import { ChoicesField } from '../quantity-fields/choice-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { say } from '../messages/handbook.ts';

const FAMILY_OPTIONS = MATERIAL_FAMILIES.map((f) => ({ value: f, label: f }));

interface LabelProps {
  readonly label: LabelRestrictions;
  readonly ready: boolean;
  readonly take: (more: Partial<LabelRestrictions>) => null;
}

/** What the label of a product bounds. */
export function LabelFields({ label, ready, take }: LabelProps) {
  const waterId = useId();
  const reuseId = useId();
  const number = (
    name: string,
    unit: string,
    key:
      | 'greatestGramsPerLitre'
      | 'longestDwellMinutes'
      | 'coldestCelsius'
      | 'squareMetresPerLitre'
      | 'nextCoatSquareMetresPerLitre'
      | 'mostSquareMetresPerLitre',
  ) => (
    <NumberField
      label={name}
      value={label[key]}
      unit={unit}
      clear={() => take({ [key]: null })}
      take={(value) => take({ [key]: value })}
    />
  );
  return (
    <>
      {!ready && number(say('strongest-on-the-surface'), 'g/L', 'greatestGramsPerLitre')}
      {number(say('longest-dwell'), 'min', 'longestDwellMinutes')}
      {number(say('coldest-air'), '°C', 'coldestCelsius')}
      {number(say('one-litre-of-the-mix'), 'm²', 'squareMetresPerLitre')}
      {number(say('a-litre-of-each-further'), 'm²', 'nextCoatSquareMetresPerLitre')}
      {number(say('spread-no-further-than'), 'm²', 'mostSquareMetresPerLitre')}
      <div className="wide">
        <ChoicesField
          label={say('not-on')}
          values={label.notOn}
          options={FAMILY_OPTIONS}
          placeholder={say('no-restriction')}
          take={(families) => take({ notOn: families as MaterialFamily[] })}
        />
      </div>
      <label className="switch-row wide" htmlFor={waterId}>
        <Switch
          id={waterId}
          checked={label.keepFromWater}
          onChange={(keepFromWater) => take({ keepFromWater })}
        />{' '}
        {say('not-where-run-off-reaches')}
      </label>
      <label className="switch-row wide" htmlFor={reuseId}>
        <Switch
          id={reuseId}
          checked={label.caughtMayBeReused}
          onChange={(caughtMayBeReused) => take({ caughtMayBeReused })}
        />{' '}
        {say('caught-water-may-be-reused')}
      </label>
      <div className="wide">
        <TextField
          label={say('anything-else-on-it')}
          value={label.note}
          take={(note) => take({ note: note.trim() })}
        />
      </div>
    </>
  );
}
