import { MATERIAL_FAMILIES } from '@etappe/core';
import type { LabelRestrictions, MaterialFamily } from '@etappe/core';
import { Switch } from 'antd';
import { useId } from 'react';
import { ChoicesField } from '../quantity-fields/choice-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';

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
      {!ready && number('Strongest on the surface', 'g/L', 'greatestGramsPerLitre')}
      {number('Longest dwell', 'min', 'longestDwellMinutes')}
      {number('Coldest air', '°C', 'coldestCelsius')}
      {number('One litre of the mix covers', 'm²', 'squareMetresPerLitre')}
      {number('A litre of each further coat', 'm²', 'nextCoatSquareMetresPerLitre')}
      {number('Spread no further than', 'm²', 'mostSquareMetresPerLitre')}
      <div className="wide">
        <ChoicesField
          label="Not on"
          values={label.notOn}
          options={FAMILY_OPTIONS}
          placeholder="no restriction"
          take={(families) => take({ notOn: families as MaterialFamily[] })}
        />
      </div>
      <label className="switch-row wide" htmlFor={waterId}>
        <Switch
          id={waterId}
          checked={label.keepFromWater}
          onChange={(keepFromWater) => take({ keepFromWater })}
        />{' '}
        Not where run-off reaches open water
      </label>
      <label className="switch-row wide" htmlFor={reuseId}>
        <Switch
          id={reuseId}
          checked={label.caughtMayBeReused}
          onChange={(caughtMayBeReused) => take({ caughtMayBeReused })}
        />{' '}
        Caught water may be reused on the same premises
      </label>
      <div className="wide">
        <TextField
          label="Anything else on it"
          value={label.note}
          take={(note) => take({ note: note.trim() })}
        />
      </div>
    </>
  );
}
