import { addressHash } from '@etappe/core';
import type { DataSheet } from '@etappe/core';
import { UploadOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useRef, useState } from 'react';
import { DateField } from '../quantity-fields/date-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { ServerProblem, server } from '../server-connection.ts';
import { today } from '../today.ts';
import { Faults } from './faults.tsx';
import { say } from '../messages/handbook.ts';

interface Props {
  readonly sheet: DataSheet | null;
  readonly take: (sheet: DataSheet | null) => null;
}

/** The file of a data sheet, or where it is to be found; with its hash and its day. */
export function DataSheetField({ sheet, take }: Props) {
  const file = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [sending, setSending] = useState(false);
  const send = async (chosen: File) => {
    setSending(true);
    setFault(null);
    try {
      const { sha256 } = await server.sendDataSheet(chosen);
      take({ kind: 'file', name: chosen.name, sha256, dated: sheet?.dated ?? today() });
    } catch (error) {
      if (!(error instanceof ServerProblem)) throw error;
      setFault(error.message);
    } finally {
      setSending(false);
    }
  };
  return (
    <div className="wide data-sheet">
      <p>
        {sheet === null ? (
          say('none-yet-while-it-is')
        ) : (
          <>
            ✓{' '}
            <a
              href={sheet.kind === 'file' ? `/api/v1/data-sheets/${sheet.sha256}` : sheet.name}
              target="_blank"
              rel="noreferrer"
            >
              {sheet.name}
            </a>{' '}
            <span className="quiet" title={sheet.sha256}>
              {sheet.kind === 'file' ? 'file' : 'address'} {sheet.sha256.slice(0, 12)} …
            </span>
          </>
        )}
      </p>
      <Faults faults={fault === null ? [] : [fault]} />
      <input
        ref={file}
        type="file"
        hidden
        aria-label={say('file-of-the-data-sheet')}
        accept="application/pdf,image/jpeg,image/png,image/webp"
        onChange={(event) => {
          const [chosen] = event.target.files ?? [];
          if (chosen) void send(chosen);
          event.target.value = '';
        }}
      />
      <div className="sheet-grid">
        <div>
          <Button icon={<UploadOutlined />} loading={sending} onClick={() => file.current?.click()}>
            {sheet === null ? say('choose-the-pdf-or-a') : say('another-file')}
          </Button>
        </div>
        <TextField
          label={say('or-its-address')}
          value={sheet?.kind === 'link' ? sheet.name : ''}
          placeholder="https://"
          take={(address) => {
            const name = address.trim();
            if (name === '') return take(sheet?.kind === 'link' ? null : sheet);
            if (!/^https?:\/\/\S+\.\S+/.test(name)) return say('an-address-starts-with-https');
            return take({ kind: 'link', name, sha256: addressHash(name), dated: sheet?.dated ?? today() });
          }}
        />
        {sheet && (
          <DateField
            label={say('day-of-the-sheet')}
            value={sheet.dated}
            take={(dated) => (dated === null ? say('a-data-sheet-needs-its') : take({ ...sheet, dated }))}
          />
        )}
      </div>
    </div>
  );
}
