import type { Precondition } from '@etappe/core';
import { Switch } from 'antd';
import { DateField } from '../../quantity-fields/date-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { EntityCard } from '../../records/entity-card.tsx';
import { EntityList } from '../../records/entity-list.tsx';
import { say } from '../../messages/walk.ts';

/** What others must do before the work: each with a name and a date. */
export function PreconditionsPart() {
  const { survey } = useSurveySession();
  return (
    <EntityList
      title={say('what-others-do-first')}
      kind="precondition"
      add={say('add-precondition')}
      fields={{ what: say('something-to-be-done') }}
      count={survey.preconditions.length}
      about={say('containers-moved-cars-away-a')}
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
  const open = [
    who || say('nobody-named-yet'),
    by === null ? say('no-date-yet') : say('until-day', { by }),
  ].join(', ');
  return (
    <EntityCard id={precondition.id} name={what} about={met ? say('met-in-line') : open}>
      <div className="wide">
        <TextField label={say('what')} value={what} take={(text) => patch({ what: text.trim() })} />
      </div>
      <TextField label={say('who')} value={who} take={(text) => patch({ who: text.trim() })} />
      <DateField label={say('until')} value={by} take={(date) => patch({ by: date })} />
      <label className="switch-row wide">
        <Switch checked={met} onChange={(checked) => patch({ met: checked })} />{' '}
        {met ? say('met') : say('not-met-yet')}
      </label>
    </EntityCard>
  );
}
