import type { Precondition } from '@etappe/core';
import { Switch } from 'antd';
import { DateField } from '../../quantity-fields/date-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { EntityCard } from '../../records/entity-card.tsx';
import { EntityList } from '../../records/entity-list.tsx';

/** What others must do before the work: each with a name and a date. */
export function PreconditionsPart() {
  const { survey } = useSurveySession();
  return (
    <EntityList
      title="What others do first"
      kind="precondition"
      add="Add precondition"
      fields={{ what: 'Something to be done' }}
      count={survey.preconditions.length}
      about="Containers moved, cars away, a loose board repaired, gardeners told."
    >
      {survey.preconditions.map((precondition) => (
        <PreconditionCard key={precondition.id} precondition={precondition} />
      ))}
    </EntityList>
  );
}

function PreconditionCard({ precondition }: { readonly precondition: Precondition }) {
  const { what, who, by, met } = precondition;
  const { patch } = useEntity('precondition', precondition.id);
  const open = [who || 'nobody named yet', by === null ? 'no date yet' : `until ${by}`].join(', ');
  return (
    <EntityCard id={precondition.id} name={what} about={met ? 'met' : open}>
      <div className="wide">
        <TextField label="What" value={what} take={(text) => patch({ what: text.trim() })} />
      </div>
      <TextField label="Who" value={who} take={(text) => patch({ who: text.trim() })} />
      <DateField label="Until" value={by} take={(date) => patch({ by: date })} />
      <label className="switch-row wide">
        <Switch checked={met} onChange={(checked) => patch({ met: checked })} /> {met ? 'Met' : 'Not met yet'}
      </label>
    </EntityCard>
  );
}
