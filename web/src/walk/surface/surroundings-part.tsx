import type { Surface } from '@etappe/core';
import { memo, useDeferredValue, useMemo } from 'react';
import { ChoicesField } from '../../quantity-fields/choice-field.tsx';
import type { Option } from '../../quantity-fields/choice-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { say } from '../../messages/walk.ts';

const SURROUNDINGS = [
  { field: 'drainsOnto', label: say('drains-onto'), placeholder: say('surfaces-and-features-the-run') },
  { field: 'beside', label: say('beside-it'), placeholder: say('what-the-work-has-to') },
  { field: 'below', label: say('below-it'), placeholder: say('what-is-dripped-on') },
  { field: 'behind', label: say('behind-it'), placeholder: say('what-water-could-get-to') },
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
      <h3>{say('below-beside-and-behind')}</h3>
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
