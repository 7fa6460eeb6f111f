import type { Surface } from '@etappe/core';
import { memo, useDeferredValue, useMemo } from 'react';
import { ChoicesField } from '../../quantity-fields/choice-field.tsx';
import type { Option } from '../../quantity-fields/choice-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';

const SURROUNDINGS = [
  { field: 'drainsOnto', label: 'Drains onto', placeholder: 'surfaces and features the run-off reaches' },
  { field: 'beside', label: 'Beside it', placeholder: 'what the work has to watch for' },
  { field: 'below', label: 'Below it', placeholder: 'what is dripped on' },
  { field: 'behind', label: 'Behind it', placeholder: 'what water could get to through it' },
] as const;

/** Where its run-off goes, and what stands beside, below and behind. */
export function SurroundingsPart({ surface }: { readonly surface: Surface }) {
  const { survey } = useSurveySession();
  // Hundreds of places may be offered: they follow a typed letter, they do not hold it up.
  const surfaces = useDeferredValue(survey.surfaces);
  const places = useMemo(
    () => [
      ...surfaces.filter((s) => s.id !== surface.id).map((s) => ({ value: s.id, label: s.name })),
      ...survey.features.map((f) => ({ value: f.id, label: f.name })),
    ],
    [surfaces, survey.features, surface.id],
  );
  return (
    <div className="sheet-part">
      <h3>Below, beside and behind</h3>
      <div className="sheet-grid">
        {SURROUNDINGS.map((of) => (
          <Surrounding
            key={of.field}
            {...of}
            surface={surface.id}
            values={surface[of.field]}
            places={places}
          />
        ))}
      </div>
    </div>
  );
}

interface SurroundingProps {
  readonly surface: string;
  readonly field: (typeof SURROUNDINGS)[number]['field'];
  readonly label: string;
  readonly placeholder: string;
  readonly values: readonly string[];
  readonly places: readonly Option[];
}

const Surrounding = memo(function Surrounding({
  surface,
  field,
  label,
  placeholder,
  values,
  places,
}: SurroundingProps) {
  const { patch } = useEntity('surface', surface);
  return (
    <div className="wide">
      <ChoicesField
        label={label}
        values={values}
        options={places}
        placeholder={placeholder}
        take={(ids) => patch({ [field]: ids })}
      />
    </div>
  );
});
