import { Modal } from 'antd';
import { STATIONS } from './route-bar.tsx';

const KEYS: readonly (readonly [string, string])[] = [
  ...STATIONS.map(({ name }, i) => [String(i + 1), name] as const),
  ['q', 'Quick line on Walk'],
  ['n', 'Add a surface on Walk'],
  ['j  k', 'Next and previous surface on Walk'],
  ['/', 'Jump to a surface, a side or a station'],
  ['Ctrl Z', 'Undo the last edit; ⌘ Z on a Mac'],
  ['Ctrl Shift Z', 'Redo'],
  ['Space', 'On a tile of the walk grid: lift it, arrows move it, Space sets it down'],
  ['?', 'This list'],
];

/** Every key that does something in a job. */
export function KeysDialog({ close }: { readonly close: () => void }) {
  return (
    <Modal open title="Keys" footer={null} onCancel={close}>
      <dl className="keys-list">
        {KEYS.map(([key, what]) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <p className="quiet">Inside a text field, keys type; Escape leaves it.</p>
    </Modal>
  );
}
