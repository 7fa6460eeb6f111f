import { facesOf, formatArea } from '@etappe/core';
import type { Surface, Zone } from '@etappe/core';
import { ChoiceField, ChoicesField } from '../../quantity-fields/choice-field.tsx';
import { TapeField } from '../../quantity-fields/tape-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { EntityCard } from '../../records/entity-card.tsx';
import { EntityList } from '../../records/entity-list.tsx';
import { FindingCards } from '../findings/findings-part.tsx';
import { PhotoStrip } from '../../photos/photo-strip.tsx';
import { MarksPart } from '../findings/marks-part.tsx';
import { ZONE_PLACE_OPTIONS } from '../options.ts';
import { say } from '../../messages/walk.ts';

/** Parts of the surface that differ and may be treated differently. */
export function ZonesPart({ surface }: { readonly surface: Surface }) {
  const { survey } = useSurveySession();
  const zones = survey.zones.filter((z) => z.surface === surface.id);
  const rest = facesOf(survey).find((f) => f.id === surface.id);
  return (
    <EntityList
      title={say('zones-that-differ')}
      kind="zone"
      add={say('add-zone')}
      fields={{ surface: surface.id, name: say('zone-zones-count', { zonesCount: zones.length + 1 }) }}
      count={zones.length}
      about={say('the-foot-of-a-wall')}
    >
      {zones.map((zone) => (
        <ZoneCard key={zone.id} zone={zone} surface={surface} />
      ))}
      {zones.length > 0 && rest && (
        <p className={rest.takeOff.ok ? 'quiet' : 'field-fault'}>
          {rest.takeOff.ok
            ? say('the-rest-of-the-surface', {
                squareMetres: formatArea(rest.takeOff.squareMetres, survey.job.units),
              })
            : `${rest.takeOff.fault.message}.`}
        </p>
      )}
    </EntityList>
  );
}

function ZoneCard({ zone, surface }: { readonly zone: Zone; readonly surface: Surface }) {
  const { survey, catalogue } = useSurveySession();
  const { patch } = useEntity('zone', zone.id);
  const { units } = survey.job;
  const face = facesOf(survey).find((f) => f.id === zone.id);
  const found = survey.findings.filter((f) => f.zone === zone.id).length;
  const about = `${face?.takeOff.ok ? formatArea(face.takeOff.squareMetres, units) : say('not-measured')}, ${
    found === 0 ? say('nothing-found') : say('so-many-found', { found })
  }`;
  const conditions = catalogue
    .material(surface.material)
    .conditions.filter((c) => !surface.conditions.includes(c));
  return (
    <EntityCard id={zone.id} name={zone.name} about={about}>
      <TextField label={say('zone')} value={zone.name} take={(name) => patch({ name: name.trim() })} />
      <ChoiceField
        label={say('where-it-lies')}
        value={zone.lies}
        options={ZONE_PLACE_OPTIONS}
        take={(lies) => patch({ lies })}
      />
      <div className="wide">
        <TapeField
          label={say('size-of-the-zone')}
          value={zone.size}
          units={units}
          take={(size) => patch({ size })}
        />
      </div>
      <div className="wide">
        <ChoicesField
          label={say('besides-the-surfaces-conditions')}
          values={zone.conditions}
          options={conditions.map((id) => ({ value: id, label: catalogue.condition(id).name }))}
          placeholder={say('as-the-surface')}
          take={(values) => patch({ conditions: values })}
        />
      </div>
      <div className="wide">
        <FindingCards surface={surface.id} zone={zone.id} />
        <MarksPart surface={surface.id} zone={zone.id} />
        <PhotoStrip kind="photo" of={zone.id} what={zone.name} />
      </div>
    </EntityCard>
  );
}
