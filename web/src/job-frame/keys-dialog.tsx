import { Modal } from 'antd';
import { STATIONS } from './route-bar.tsx';
import { say } from '../messages/job-frame.ts';

const KEYS: readonly (readonly [string, string])[] = [
  ...STATIONS.map(({ name }, i) => [String(i + 1), name] as const),
  ['q', say('quick-line-on-walk')],
  ['n', say('add-a-surface-on-walk')],
  ['j  k', say('next-and-previous-surface-on')],
  ['/', say('jump-to-a-surface-a')],
  [say('ctrl-z'), say('undo-the-last-edit-z')],
  [say('ctrl-shift-z'), say('redo')],
  ['Space', say('on-a-tile-of-the')],
  ['?', say('this-list')],
];

/** Every key that does something in a job. */
export function KeysDialog({ close }: { readonly close: () => void }) {
  return (
    <Modal open title={say('keys')} footer={null} onCancel={close}>
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
      <p className="quiet">{say('inside-a-text-field-keys')}</p>
    </Modal>
  );
}
