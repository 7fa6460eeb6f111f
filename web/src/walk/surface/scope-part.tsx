import { Switch } from 'antd';
import { v7 as uuidv7 } from 'uuid';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { creation, firstFault } from '../../survey-edits/use-entity.ts';
import { say } from '../../messages/walk.ts';

/** How what one job says of a surface is written down: the first word of it makes the entry. */
export function useScope(surface: string) {
  const { survey, edit } = useSurveySession();
  const scope = survey.scopes.find((s) => s.surface === surface);
  return {
    inScope: scope?.inScope ?? true,
    scopeReason: scope?.scopeReason ?? '',
    nothingFound: scope?.nothingFound ?? false,
    patch: (fields: Readonly<Record<string, unknown>>) =>
      firstFault(
        edit([
          scope
            ? { kind: 'scope', entity: scope.id, op: 'patch', fields }
            : creation('scope', uuidv7(), { surface, position: survey.scopes.length + 1, ...fields }),
        ]),
      ),
  };
}

/** Whether the surface belongs to this job; leaving it out can be the safe decision. */
export function ScopePart({ surface }: { readonly surface: string }) {
  const { inScope, scopeReason, patch } = useScope(surface);
  return (
    <div className="sheet-part">
      <h3>{say('scope-of-this-job')}</h3>
      <label className="switch-row">
        <Switch checked={inScope} onChange={(checked) => patch({ inScope: checked })} />{' '}
        {inScope ? say('in-scope') : say('left-out')}
      </label>
      {!inScope && (
        <TextField
          label={say('why-it-is-out-of')}
          value={scopeReason}
          take={(reason) => patch({ scopeReason: reason.trim() })}
        />
      )}
    </div>
  );
}
