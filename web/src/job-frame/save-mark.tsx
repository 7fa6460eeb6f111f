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
import { say } from '../messages/job-frame.ts';

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
          <ExclamationCircleOutlined />{' '}
          {say('not-saved', { refusedCount: changes(saveState.refused.length) })}
          <Button
            size="small"
            onClick={() => {
              setAsking(true);
            }}
          >
            {say('see-why')}
          </Button>
        </>
      ) : offline ? (
        <span title={say('what-you-type-is-kept')}>
          <DisconnectOutlined /> {say('offline-waiting', { waiting: changes(saveState.waiting) })}
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
  return <span title={say('they-are-kept-on-this')}> {say('to-send', { pending })}</span>;
}

function Online({ saveState }: { readonly saveState: SaveState }) {
  switch (saveState.kind) {
    case 'saved':
      return (
        <>
          <CheckOutlined />
          {saveState.savedAt === null
            ? say('saved')
            : say('saved-at', { at: saveState.savedAt.toTimeString().slice(0, 5) })}
        </>
      );
    case 'saving':
      return (
        <>
          <SyncOutlined /> {say('saving')}
        </>
      );
    case 'waiting':
      return (
        <span title={saveState.reason ?? ''}>
          <ClockCircleOutlined /> {say('waiting-the-server-is-not', { waiting: changes(saveState.waiting) })}
        </span>
      );
  }
}
