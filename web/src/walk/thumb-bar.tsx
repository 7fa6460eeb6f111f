import { AudioOutlined, PlusOutlined, RollbackOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useSteps } from '../job-frame/use-steps.ts';
import { NeighboursAtHand } from './surface/neighbours.tsx';
import { say } from '../messages/walk.ts';

interface ThumbBarProps {
  /** The surface that is open. */
  readonly surface: string | null;
  /** To the quick line, where the device's own dictation writes. */
  readonly speak: () => void;
  readonly add: () => void;
}

/** What one does all the time, at the edge where the thumb of the hand is that holds the device. */
export function ThumbBar({ surface, speak, add }: ThumbBarProps) {
  const { canUndo, notice, go } = useSteps();
  return (
    <div className="thumb-bar" role="toolbar" aria-label={say('at-hand')}>
      {notice !== null && <span role="alert">{notice}</span>}
      <Button
        icon={<RollbackOutlined />}
        aria-label={say('undo')}
        disabled={!canUndo}
        onClick={() => {
          go('undo');
        }}
      />
      <span className="thumb-space" />
      {surface !== null && <NeighboursAtHand surface={surface} />}
      <Button icon={<AudioOutlined />} onClick={speak}>
        {say('say-it')}
      </Button>
      <Button type="primary" icon={<PlusOutlined />} aria-label={say('add-surface')} onClick={add}>
        {say('surface')}
      </Button>
    </div>
  );
}
