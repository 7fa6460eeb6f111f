import type { Side } from '@etappe/core';
import { ChoiceField } from '../../quantity-fields/choice-field.tsx';
import { LengthField } from '../../quantity-fields/length-field.tsx';
import { NumberField } from '../../quantity-fields/number-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { EntityList, Remove } from '../../records/entity-list.tsx';
import { SHADE_OPTIONS } from '../options.ts';
import { say } from '../../messages/walk.ts';

export function SidesPart() {
  const { survey } = useSurveySession();
  return (
    <EntityList
      title={say('sides-in-walking-order')}
      kind="side"
      add={say('add-side')}
      fields={{ name: say('side-sides-count', { sidesCount: survey.sides.length + 1 }) }}
      count={survey.sides.length}
    >
      {survey.sides.map((side) => (
        <SideRow key={side.id} side={side} />
      ))}
    </EntityList>
  );
}

function SideRow({ side }: { readonly side: Side }) {
  const { survey } = useSurveySession();
  const { patch } = useEntity('side', side.id);
  return (
    <div className="list-row side-row" data-entity={side.id}>
      <TextField label={say('side')} value={side.name} take={(name) => patch({ name: name.trim() })} />
      <ChoiceField
        label={say('shade')}
        value={side.shade}
        options={SHADE_OPTIONS}
        take={(shade) => patch({ shade })}
      />
      <Remove id={side.id} name={side.name} />
      <NumberField
        label={say('faces')}
        value={side.aspectDegrees}
        unit="°"
        take={(aspectDegrees) => patch({ aspectDegrees })}
        clear={() => patch({ aspectDegrees: null })}
      />
      <LengthField
        label={say('hose-route')}
        metres={side.routeMetres}
        units={survey.job.units}
        take={(routeMetres) => patch({ routeMetres })}
        clear={() => patch({ routeMetres: null })}
      />
      <LengthField
        label={say('narrowest-gap')}
        metres={side.gapMetres}
        units={survey.job.units}
        take={(gapMetres) => patch({ gapMetres })}
        clear={() => patch({ gapMetres: null })}
      />
    </div>
  );
}
