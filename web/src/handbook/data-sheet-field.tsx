import { addressHash } from '@etappe/core';
import type { DataSheet } from '@etappe/core';
import { DateField } from '../quantity-fields/date-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { server } from '../server-connection.ts';
import { today } from '../today.ts';
import { FileButton } from './file-button.tsx';
import { say } from '../messages/handbook.ts';

interface Props {
  readonly sheet: DataSheet | null;
  readonly take: (sheet: DataSheet | null) => null;
}

/** The file of a data sheet, or where it is to be found; with its hash and its day. */
export function DataSheetField({ sheet, take }: Props) {
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
      <div className="sheet-grid">
        <FileButton
          label={sheet === null ? say('choose-the-pdf-or-a') : say('another-file')}
          what={say('file-of-the-data-sheet')}
          accept="application/pdf,image/jpeg,image/png,image/webp"
          send={async (file) => {
            const { sha256 } = await server.sendDataSheet(file);
            take({ kind: 'file', name: file.name, sha256, dated: sheet?.dated ?? today() });
          }}
        />
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
