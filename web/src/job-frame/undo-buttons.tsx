import { RollbackOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useHotkeys } from 'react-hotkeys-hook';
import { useSteps } from './use-steps.ts';
import { say } from '../messages/job-frame.ts';

/** Takes back one's own last edit, or does it again; inside a text field the keys stay the field's own. */
export function UndoButtons() {
  const { canUndo, canRedo, notice, go } = useSteps();
  useHotkeys('mod+z', () => {
    go('undo');
  });
  useHotkeys(['mod+shift+z', 'mod+y'], () => {
    go('redo');
  });
  return (
    <span className="undo-buttons">
      {notice !== null && (
        <span className="undo-notice" role="alert">
          {notice}
        </span>
      )}
      <Button
        type="text"
        icon={<RollbackOutlined />}
        aria-label={say('undo-the-last-edit')}
        title={say('undo-ctrl-z')}
        disabled={!canUndo}
        onClick={() => {
          go('undo');
        }}
      />
      <Button
        type="text"
        icon={<RollbackOutlined className="mirrored" />}
        aria-label={say('redo')}
        title={say('redo-ctrl-shift-z')}
        disabled={!canRedo}
        onClick={() => {
          go('redo');
        }}
      />
    </span>
  );
}
