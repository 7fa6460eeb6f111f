import { RollbackOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useHotkeys } from 'react-hotkeys-hook';
import { useSteps } from './use-steps.ts';

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
        aria-label="Undo the last edit"
        title="Undo, Ctrl Z"
        disabled={!canUndo}
        onClick={() => {
          go('undo');
        }}
      />
      <Button
        type="text"
        icon={<RollbackOutlined className="mirrored" />}
        aria-label="Redo"
        title="Redo, Ctrl Shift Z"
        disabled={!canRedo}
        onClick={() => {
          go('redo');
        }}
      />
    </span>
  );
}
