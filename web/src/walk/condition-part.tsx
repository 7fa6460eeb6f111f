import { conditionById, materialById } from '@etappe/core';
import { CuedChecks } from '../quantity-fields/chip-field.tsx';
import { useEntity } from '../survey-edits/use-entity.ts';

interface ConditionPartProps {
  readonly surface: string;
  readonly material: string;
  readonly conditions: readonly string[];
}

/** In what state the surface is, of those that its material can be in. */
export function ConditionPart({ surface, material, conditions }: ConditionPartProps) {
  const { patch } = useEntity('surface', surface);
  return (
    <div className="sheet-part">
      <h3>Its condition</h3>
      <CuedChecks
        legend="Condition"
        options={materialById(material).conditions.map(conditionById)}
        values={conditions}
        take={(values) => patch({ conditions: values })}
      />
    </div>
  );
}
