import { DeleteOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { say } from '../messages/handbook.ts';

interface Props {
  /** What the button says that saves. */
  readonly save: string;
  readonly saving: boolean;
  /** Null for an entry that is not there yet. */
  readonly remove: (() => void) | null;
}

/** What one does with an entry of the company once it is filled in. */
export function EntryActs({ save, saving, remove }: Props) {
  return (
    <div className="product-acts">
      <Button type="primary" htmlType="submit" loading={saving}>
        {save}
      </Button>
      {remove && (
        <Button danger icon={<DeleteOutlined />} onClick={remove}>
          {say('remove')}
        </Button>
      )}
    </div>
  );
}
