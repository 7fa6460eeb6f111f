import type { Finish } from '@etappe/core';
import { CuedChecks } from '../../quantity-fields/chip-field.tsx';
import { ReadingsPart } from './readings-part.tsx';
import { AbsorptionPart } from './absorption-part.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { say } from '../../messages/walk.ts';

interface ConditionPartProps {
  readonly surface: string;
  readonly material: string;
  readonly finish: Finish;
  readonly conditions: readonly string[];
}

/** In what state the surface is, of those that its material can be in. */
export function ConditionPart({ surface, material, finish, conditions }: ConditionPartProps) {
  const { catalogue } = useSurveySession();
  const { patch } = useEntity('surface', surface);
  return (
    <div className="sheet-part">
      <h3>{say('its-condition')}</h3>
      <CuedChecks
        legend={say('condition')}
        options={catalogue.material(material).conditions.map(catalogue.condition)}
        values={conditions}
        take={(values) => patch({ conditions: values })}
      />
      <AbsorptionPart surface={surface} material={material} finish={finish} />
      <ReadingsPart surface={surface} />
    </div>
  );
}
