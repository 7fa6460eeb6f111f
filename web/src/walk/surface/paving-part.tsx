import { PAVING_SPANS, dryJointSand, pavingOf, unitOf } from '@etappe/core';
import type { Paving, Surface } from '@etappe/core';
import { Button } from 'antd';
import { NumberField } from '../../quantity-fields/number-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';

const NAMES: Readonly<Record<keyof Paving, string>> = {
  lengthMillimetres: 'Length of a block',
  widthMillimetres: 'Width of a block',
  jointMillimetres: 'Joint',
  depthMillimetres: 'Depth of the joint',
};
const MEASURES = Object.keys(PAVING_SPANS) as readonly (keyof Paving)[];

/** How paving in sand is laid: what its joints take when they are filled anew. Nothing for a face without such joints. */
export function PavingPart({ surface }: { readonly surface: Surface }) {
  const { catalogue, survey } = useSurveySession();
  const { patch } = useEntity('surface', surface.id);
  const paving = pavingOf(surface, catalogue);
  if (!paving) return null;
  const sand = dryJointSand(paving);
  return (
    <fieldset className="field wide">
      <legend className="field-label">How it is laid</legend>
      <div className="sheet-grid">
        {MEASURES.map((measure) => (
          <NumberField
            key={measure}
            label={NAMES[measure]}
            value={paving[measure]}
            {...unitOf('smallLength', survey.job.units)}
            take={(millimetres) => patch({ paving: { ...paving, [measure]: millimetres } })}
          />
        ))}
      </div>
      <p className="figure quiet">Sand for empty joints: {sand.sum}</p>
      {surface.paving ? (
        <Button size="small" onClick={() => patch({ paving: null })}>
          As it is usually laid
        </Button>
      ) : (
        <p className="quiet">As such paving is usually laid: measure one block and its joint.</p>
      )}
    </fieldset>
  );
}
