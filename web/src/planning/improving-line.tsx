import { formatDuration } from '@etappe/core';
import { Button } from 'antd';
import { say } from '../messages/sequence.ts';
import { usePlan } from './use-plan.tsx';
import './improving-line.css';

/** Less than this is not worth telling. */
const TOLD_FROM_SECONDS = 60;

/** That a better sequence is still looked for, how much has been gained, and the way to leave it at that. */
export function ImprovingLine() {
  const { improving } = usePlan();
  return (
    <p className="improving-line quiet" aria-live="polite">
      {improving && (
        <>
          {improving.betterBySeconds >= TOLD_FROM_SECONDS
            ? say('improving/better', { by: formatDuration(improving.betterBySeconds) })
            : say('improving')}{' '}
          <Button size="small" onClick={improving.stop}>
            {say('improving/stop')}
          </Button>
        </>
      )}
    </p>
  );
}
