import { WHOLE_ENTITY, entityIn } from '@etappe/core';
import type { FieldConflict, SurveyState } from '@etappe/core';
import { Button, Modal } from 'antd';
import { useState } from 'react';
import type { EditBatch, Refusal } from '../survey-edits/edit-batch.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { entityName, fieldName, kindName, shownValue } from '../records/record-words.ts';
import { say } from '../messages/job-frame.ts';
import './refusal-dialog.css';

/** What the server did not take, one edit after the other, with both values side by side. */
export function RefusalDialog({ close }: { readonly close: () => void }) {
  const { saveState } = useSurveySession();
  const [batch] = saveState.refused;
  if (!batch?.refused) return null;
  const last = saveState.refused.length === 1 ? close : () => undefined;
  return batch.refused.conflicts.length > 0 ? (
    <ConflictDialog key={batch.id} batch={batch} refusal={batch.refused} close={close} done={last} />
  ) : (
    <FaultDialog key={batch.id} batch={batch} refusal={batch.refused} close={close} done={last} />
  );
}

interface PartProps {
  readonly batch: EditBatch;
  readonly refusal: Refusal;
  readonly close: () => void;
  /** The last one was decided. */
  readonly done: () => void;
}

const keyOf = (conflict: FieldConflict) => `${conflict.entity} ${conflict.field}`;

function ConflictDialog({ batch, refusal, close, done }: PartProps) {
  const { settle, state } = useSurveySession();
  const { conflicts } = refusal;
  const [mine, setMine] = useState<ReadonlySet<string>>(new Set());
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const choose = (conflict: FieldConflict, keepMine: boolean) => {
    const key = keyOf(conflict);
    setChosen(new Set([...chosen, key]));
    setMine(new Set(keepMine ? [...mine, key] : [...mine].filter((k) => k !== key)));
  };
  const open = conflicts.filter((c) => !chosen.has(keyOf(c))).length;
  return (
    <Modal
      open
      width={680}
      title={say('someone-else-changed-this-field')}
      onCancel={close}
      footer={[
        <span key="open" className="quiet refusal-open">
          {open > 0 ? say('still-to-choose', { open }) : say('all-chosen')}
        </span>,
        <Button
          key="save"
          type="primary"
          disabled={open > 0}
          onClick={() => {
            settle(batch.id, { kind: 'choose', mine: (conflict) => mine.has(keyOf(conflict)) });
            done();
          }}
        >
          {say('save-choices')}
        </Button>,
      ]}
    >
      <p>{say('choose-which-value-to-keep')}</p>
      {conflicts.map((conflict) => (
        <fieldset key={keyOf(conflict)} className="conflict">
          <legend>
            {nameOf(conflict, state, batch)}: <strong>{fieldName(conflict.field)}</strong>
          </legend>
          {[true, false].map((isMine) => (
            <label key={String(isMine)}>
              <input
                type="radio"
                name={keyOf(conflict)}
                checked={chosen.has(keyOf(conflict)) && mine.has(keyOf(conflict)) === isMine}
                onChange={() => {
                  choose(conflict, isMine);
                }}
              />
              <b>{isMine ? say('mine') : say('theirs')}</b>
              <span>{valueOf(conflict, isMine, state)}</span>
            </label>
          ))}
        </fieldset>
      ))}
    </Modal>
  );
}

function nameOf(conflict: FieldConflict, state: SurveyState, batch: EditBatch): string {
  const entity = entityIn(state, conflict.entity) ?? batch.known[conflict.entity];
  return entityName(conflict.kind, entity?.detail) || kindName(conflict.kind);
}

function valueOf({ field, yours, theirs }: FieldConflict, mine: boolean, state: SurveyState): string {
  const value = mine ? yours : theirs;
  if (field !== WHOLE_ENTITY) return shownValue(value, state);
  if (value === null) return mine ? say('deleted-by-me') : say('deleted-by-someone-else');
  return mine ? say('kept-with', { value: shownValue(value, state) }) : say('kept-as-edited-by-someone');
}

function FaultDialog({ batch, refusal, close, done }: PartProps) {
  const { settle, state } = useSurveySession();
  return (
    <Modal
      open
      title={say('the-server-refused-this-edit')}
      onCancel={close}
      footer={[
        <Button
          key="give-up"
          onClick={() => {
            settle(batch.id, { kind: 'give-up' });
            done();
          }}
        >
          {say('discard-this-edit')}
        </Button>,
        <Button
          key="again"
          type="primary"
          onClick={() => {
            settle(batch.id, { kind: 'send-again' });
            done();
          }}
        >
          {say('send-again')}
        </Button>,
      ]}
    >
      <p>{say('until-you-choose-what-you', { reason: refusal.reason })}</p>
      <ul>
        {refusal.faults.map((fault) => {
          const entity = fault.entity === undefined ? null : entityIn(state, fault.entity);
          return (
            <li key={fault.path}>
              <strong>{entity ? entityName(entity.kind, entity.detail) : fault.path}</strong>: {fault.message}
            </li>
          );
        })}
      </ul>
    </Modal>
  );
}
