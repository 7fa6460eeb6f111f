import type { LoggedChange, SurveyState } from '@etappe/core';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { queryKeys } from '../../query-keys.ts';
import { server } from '../../server-connection.ts';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { shownMoment } from '../../today.ts';
import { entityName, fieldName, kindName, shownValue } from '../../records/record-words.ts';
import { say } from '../../messages/walk.ts';

const CLOCKS_APART_MILLISECONDS = 5 * 60_000;

/** Who changed what, when, from what to what: of one surface and all that hangs on it. */
export function LogPart({ entity }: { readonly entity: string }) {
  const { jobId, state, saveState } = useSurveySession();
  const [open, setOpen] = useState(false);
  const log = useQuery({
    queryKey: [...queryKeys.log(jobId, entity), saveState.savedAt?.getTime() ?? 0],
    queryFn: () => server.log(jobId, entity),
    enabled: open,
  });
  return (
    <div className="sheet-part">
      <h3>{say('log')}</h3>
      {!open && (
        <Button
          onClick={() => {
            setOpen(true);
          }}
        >
          {say('who-changed-what')}
        </Button>
      )}
      {open && log.error && <p className="field-fault">{log.error.message}</p>}
      {open && log.data?.changes.length === 0 && <p className="quiet">{say('no-changes-since-it-was')}</p>}
      {open && (
        <ul className="log-list">
          {log.data?.changes.map((change) => (
            <LogLine key={change.sequence} change={change} own={entity} state={state} />
          ))}
        </ul>
      )}
    </div>
  );
}

interface LogLineProps {
  readonly change: LoggedChange;
  /** The entity whose log it is: its own name need not be said. */
  readonly own: string;
  readonly state: SurveyState;
}

function LogLine({ change, own, state }: LogLineProps) {
  const { by, at, deviceAt, kind, entity, op, fields } = change;
  const values = Object.fromEntries(fields.map(({ field, from, to }) => [field, to ?? from]));
  const name = entityName(kind, { ...values, ...state.entities.get(entity)?.detail });
  const apart =
    deviceAt !== null && Math.abs(Date.parse(deviceAt) - Date.parse(at)) > CLOCKS_APART_MILLISECONDS;
  return (
    <li>
      <span className="quiet">
        <span className="figure">{shownMoment(at)}</span>, {by}
        {apart ? say('entered-by-the-devices-clock', { deviceAt: shownMoment(deviceAt) }) : ''}
      </span>
      {entity !== own && <div>{`${kindName(kind)} ${name}`}</div>}
      {op !== 'patch' && <div>{op === 'create' ? 'added' : 'deleted'}</div>}
      {op === 'patch' &&
        fields.map(({ field, from, to }) => (
          <div key={field}>
            {fieldName(field)}: <del>{shownValue(from, state)}</del> → {shownValue(to, state)}
          </div>
        ))}
    </li>
  );
}
