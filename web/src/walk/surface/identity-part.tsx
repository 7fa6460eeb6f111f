import { mostUsed, ofMaterial, usualTilt } from '@etappe/core';
import type { Band, Surface } from '@etappe/core';
import { Switch } from 'antd';
import { useDeferredValue, useId } from 'react';
import { ChipField, Suggested } from '../../quantity-fields/chip-field.tsx';
import { ChoiceField, ChoicesField } from '../../quantity-fields/choice-field.tsx';
import { DateField } from '../../quantity-fields/date-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { MaterialPart } from './material-part.tsx';
import { BAND_OPTIONS, materialOptions } from '../options.ts';
import { say } from '../../messages/walk.ts';

const MOST_SUGGESTED = 4;

/** What the surface is: where it stands and what it is made of. */
export function IdentityPart({ surface }: { readonly surface: Surface }) {
  const { survey, catalogue } = useSurveySession();
  const { patch } = useEntity('surface', surface.id);
  const materials = materialOptions(catalogue);
  const thinId = useId();
  const { material, conditions } = surface;
  const finishes = catalogue.material(material).finishes.map((f) => ({ value: f, label: f }));
  const take = (id: string) => patch(ofMaterial(catalogue.material(id), { conditions }));
  return (
    <div className="sheet-part">
      <h3>{say('what-it-is')}</h3>
      <div className="sheet-grid">
        <div className="wide">
          <TextField label={say('name')} value={surface.name} take={(name) => patch({ name: name.trim() })} />
        </div>
        <div className="wide">
          <ChipField
            label={say('side')}
            value={surface.side}
            options={survey.sides.map((s) => ({ value: s.id, label: s.name }))}
            take={(side) => patch({ side })}
          />
        </div>
        <div className="wide">
          <ChipField
            label={say('height-band')}
            value={surface.band}
            options={BAND_OPTIONS}
            take={(band) => patch({ band, tiltDegrees: usualTilt(band as Band) })}
          />
        </div>
        <div className="wide">
          <ChoiceField label={say('material')} value={material} options={materials} take={take} />
          <SuggestedMaterials of={material} take={take} />
        </div>
        <div className="wide">
          <ChipField
            label={say('finish')}
            value={surface.finish}
            options={finishes}
            take={(finish) => patch({ finish })}
          />
        </div>
        <div className="wide">
          <ChoicesField
            label={say('unsure-it-may-also-be')}
            values={surface.unsureBetween}
            options={materials.filter((o) => o.value !== material)}
            placeholder={say('sure-of-the-material')}
            take={(unsureBetween) => patch({ unsureBetween })}
          />
          <MaterialPart surface={surface} />
        </div>
        <DateField
          label={say('new-since')}
          value={surface.newSince}
          take={(newSince) => patch({ newSince })}
        />
        <label className="switch-row" htmlFor={thinId} style={{ alignSelf: 'end' }}>
          <Switch id={thinId} checked={surface.thinMember} onChange={(thinMember) => patch({ thinMember })} />{' '}
          {say('rail-post-or-rope')}
        </label>
      </div>
    </div>
  );
}

/** What other surfaces of the property are made of: most have few materials. */
function SuggestedMaterials({ of, take }: { readonly of: string; readonly take: (id: string) => void }) {
  const { survey, catalogue } = useSurveySession();
  const surfaces = useDeferredValue(survey.surfaces);
  const used = mostUsed(surfaces.map((s) => s.material)).filter((id) => id !== of);
  return (
    <Suggested
      label={say('materials-on-this-property')}
      lead={say('here-also')}
      options={used.slice(0, MOST_SUGGESTED).map((id) => ({ value: id, label: catalogue.material(id).name }))}
      take={take}
    />
  );
}
