import { PAVING_SPANS, dryJointSand, pavingOf, unitOf } from '@etappe/core';
import type { Paving, Surface } from '@etappe/core';
import { Button } from 'antd';
import { NumberField } from '../../quantity-fields/number-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { say } from '../../messages/walk.ts';

const NAMES: Readonly<Record<keyof Paving, string>> = {
  lengthMillimetres: say('length-of-a-block'),
  widthMillimetres: say('width-of-a-block'),
  jointMillimetres: say('joint'),
  depthMillimetres: say('depth-of-the-joint'),
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
      <legend className="field-label">{say('how-it-is-laid')}</legend>
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
      <p className="figure quiet">{say('sand-for-empty-joints', { sum: sand.sum })}</p>
      {surface.paving ? (
        <Button size="small" onClick={() => patch({ paving: null })}>
          {say('as-it-is-usually-laid')}
        </Button>
      ) : (
        <p className="quiet">{say('as-such-paving-is-usually')}</p>
      )}
    </fieldset>
  );
}
