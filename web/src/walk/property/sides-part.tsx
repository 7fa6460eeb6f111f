import type { Side } from '@etappe/core';
import { ChoiceField } from '../../quantity-fields/choice-field.tsx';
import { LengthField } from '../../quantity-fields/length-field.tsx';
import { NumberField } from '../../quantity-fields/number-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { EntityList, Remove } from '../../records/entity-list.tsx';
import { SHADE_OPTIONS } from '../options.ts';

export function SidesPart() {
  const { survey } = useSurveySession();
  return (
    <EntityList
      title="Sides, in walking order"
      kind="side"
      add="Add side"
      fields={{ name: `Side ${survey.sides.length + 1}` }}
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
      <TextField label="Side" value={side.name} take={(name) => patch({ name: name.trim() })} />
      <ChoiceField
        label="Shade"
        value={side.shade}
        options={SHADE_OPTIONS}
        take={(shade) => patch({ shade })}
      />
      <Remove id={side.id} name={side.name} />
      <NumberField
        label="Faces"
        value={side.aspectDegrees}
        unit="°"
        take={(aspectDegrees) => patch({ aspectDegrees })}
        clear={() => patch({ aspectDegrees: null })}
      />
      <LengthField
        label="Hose route"
        metres={side.routeMetres}
        units={survey.job.units}
        take={(routeMetres) => patch({ routeMetres })}
        clear={() => patch({ routeMetres: null })}
      />
      <LengthField
        label="Narrowest gap"
        metres={side.gapMetres}
        units={survey.job.units}
        take={(gapMetres) => patch({ gapMetres })}
        clear={() => patch({ gapMetres: null })}
      />
    </div>
  );
}
