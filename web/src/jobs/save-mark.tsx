import {
  CheckOutlined,
  ClockCircleOutlined,
  ExclamationCircleOutlined,
  SyncOutlined,
} from '@ant-design/icons';
import { Button, Modal } from 'antd';
import { useState } from 'react';
import { useSurveySession } from '../survey-edits/survey-session.tsx';

/** Whether what was typed is saved; leads to the choice when the server said no. */
export function SaveMark() {
  const { saveState } = useSurveySession();
  const [asking, setAsking] = useState(false);
  return (
    <div className={`save-mark ${saveState.kind}`} role="status">
      {saveState.kind === 'saved' && (
        <>
          <CheckOutlined />
          {saveState.at === null ? 'saved' : `saved ${saveState.at.toTimeString().slice(0, 5)}`}
        </>
      )}
      {saveState.kind === 'saving' && (
        <>
          <SyncOutlined /> saving
        </>
      )}
      {saveState.kind === 'waiting' && (
        <span title={saveState.reason}>
          <ClockCircleOutlined /> {saveState.count} {saveState.count === 1 ? 'change' : 'changes'} waiting: no
          answer from the server, trying again
        </span>
      )}
      {saveState.kind === 'refused' && (
        <>
          <ExclamationCircleOutlined /> not saved
          <Button
            size="small"
            onClick={() => {
              setAsking(true);
            }}
          >
            See why
          </Button>
        </>
      )}
      {asking && saveState.kind === 'refused' && (
        <RefusalDialog
          close={() => {
            setAsking(false);
          }}
        />
      )}
    </div>
  );
}

function RefusalDialog({ close }: { readonly close: () => void }) {
  const { saveState, settle } = useSurveySession();
  const [failed, setFailed] = useState<string | null>(null);
  if (saveState.kind !== 'refused') return null;
  const conflict = saveState.conflicts.length > 0;
  const choose = (keep: 'mine' | 'theirs') => {
    settle(keep).then(close, (error: unknown) => {
      setFailed(error instanceof Error ? error.message : String(error));
    });
  };
  return (
    <Modal
      open
      title={conflict ? 'Someone else changed the same field' : 'The server did not take this edit'}
      onCancel={close}
      footer={[
        <Button
          key="theirs"
          onClick={() => {
            choose('theirs');
          }}
        >
          {conflict ? 'Take theirs' : 'Give the edit up'}
        </Button>,
        <Button
          key="mine"
          type="primary"
          onClick={() => {
            choose('mine');
          }}
        >
          {conflict ? 'Keep mine' : 'Send it again'}
        </Button>,
      ]}
    >
      <p>{saveState.reason} Until you choose, what you typed stays on this screen.</p>
      <ul>
        {saveState.conflicts.map((c) => (
          <li key={`${c.entity} ${c.field}`}>
            <strong>{c.field}</strong>: yours <q>{shown(c.yours)}</q>, theirs <q>{shown(c.theirs)}</q>
          </li>
        ))}
        {saveState.faults.map((f) => (
          <li key={f.path}>
            <strong>{f.path}</strong>: {f.message}
          </li>
        ))}
      </ul>
      {failed !== null && <p>{failed} Try again in a moment.</p>}
    </Modal>
  );
}

function shown(value: unknown): string {
  return typeof value === 'string' ? value : JSON.stringify(value);
}
