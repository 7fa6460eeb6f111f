import {
  CheckOutlined,
  ClockCircleOutlined,
  DisconnectOutlined,
  ExclamationCircleOutlined,
  SyncOutlined,
} from '@ant-design/icons';
import { Button } from 'antd';
import { useState, useSyncExternalStore } from 'react';
import { pendingPhotos } from '../photos/pending-photos.ts';
import type { SaveState } from '../survey-edits/edit-queue.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useOffline } from '../use-offline.ts';
import { RefusalDialog } from './refusal-dialog.tsx';

const changes = (count: number) => `${count} ${count === 1 ? 'change' : 'changes'}`;

/** Whether what was typed is saved; leads to the choice when the server said no. */
export function SaveMark() {
  const { saveState } = useSurveySession();
  const offline = useOffline();
  const [asking, setAsking] = useState(false);
  const refused = saveState.refused.length > 0;
  return (
    <div className={`save-mark ${refused ? 'refused' : offline ? 'waiting' : saveState.kind}`} role="status">
      {refused ? (
        <>
          <ExclamationCircleOutlined /> {changes(saveState.refused.length)} not saved
          <Button
            size="small"
            onClick={() => {
              setAsking(true);
            }}
          >
            See why
          </Button>
        </>
      ) : offline ? (
        <span title="What you type is kept on this device and sent once the server is back.">
          <DisconnectOutlined /> offline, {changes(saveState.waiting)} waiting
        </span>
      ) : (
        <Online saveState={saveState} />
      )}
      <PhotosWaiting />
      {asking && refused && (
        <RefusalDialog
          close={() => {
            setAsking(false);
          }}
        />
      )}
    </div>
  );
}

/** Pictures that are on this device alone. */
function PhotosWaiting() {
  const pending = useSyncExternalStore(pendingPhotos.subscribe, pendingPhotos.read).size;
  if (pending === 0) return null;
  return (
    <span title="They are kept on this device and sent once the server answers.">
      {' '}
      · {pending} {pending === 1 ? 'photo' : 'photos'} to send
    </span>
  );
}

function Online({ saveState }: { readonly saveState: SaveState }) {
  switch (saveState.kind) {
    case 'saved':
      return (
        <>
          <CheckOutlined />
          {saveState.savedAt === null ? 'saved' : `saved ${saveState.savedAt.toTimeString().slice(0, 5)}`}
        </>
      );
    case 'saving':
      return (
        <>
          <SyncOutlined /> saving
        </>
      );
    case 'waiting':
      return (
        <span title={saveState.reason ?? ''}>
          <ClockCircleOutlined /> {changes(saveState.waiting)} waiting: the server is not answering, retrying
          automatically
        </span>
      );
  }
}
