import { UploadOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useRef, useState } from 'react';
import { ServerProblem } from '../server-connection.ts';
import { Faults } from './faults.tsx';

interface Props {
  readonly label: string;
  /** Of the field, for who cannot see that it belongs to the button. */
  readonly what: string;
  /** MIME types. */
  readonly accept: string;
  /** @throws ServerProblem where the file is not taken: its words are shown */
  readonly send: (file: File) => Promise<void>;
}

/** Chooses a file and sends it; says what is wrong with it. */
export function FileButton({ label, what, accept, send }: Props) {
  const file = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [sending, setSending] = useState(false);
  const take = async (chosen: File) => {
    setSending(true);
    setFault(null);
    try {
      await send(chosen);
    } catch (error) {
      if (!(error instanceof ServerProblem)) throw error;
      setFault(error.message);
    } finally {
      setSending(false);
    }
  };
  return (
    <div>
      <input
        ref={file}
        type="file"
        hidden
        aria-label={what}
        accept={accept}
        onChange={(event) => {
          const [chosen] = event.target.files ?? [];
          if (chosen) void take(chosen);
          event.target.value = '';
        }}
      />
      <Button icon={<UploadOutlined />} loading={sending} onClick={() => file.current?.click()}>
        {label}
      </Button>
      <Faults faults={fault === null ? [] : [fault]} />
    </div>
  );
}
