import { NEEDED_COLUMNS, SURFACE_COLUMNS } from '@etappe/core';
import type { ColumnMapping, RowsReading, SurfaceColumnKey } from '@etappe/core';
import { useMutation } from '@tanstack/react-query';
import { Alert, Button, Checkbox, Modal, Select } from 'antd';
import { useId, useState } from 'react';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { FileDrop } from './file-drop.tsx';
import type { CsvReading } from './file-reader.ts';
import { useFileReader } from './use-file-reader.ts';
import { say } from '../messages/interchange.ts';

const DELIMITERS: Readonly<Record<string, string>> = {
  ',': 'commas',
  ';': 'semicolons',
  '\t': 'tabs',
  '|': 'bars',
};
const MOST_SHOWN = 100;

/** Brings a list of surfaces in: what was recognised, which column holds what, then all of it as one edit. */
export function SurfacesImport({ close }: { readonly close: () => void }) {
  const { state, edit } = useSurveySession();
  const reader = useFileReader();
  const [table, setTable] = useState<(CsvReading & { readonly ok: true }) | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [mapping, setMapping] = useState<ColumnMapping>({});
  const [decimalComma, setDecimalComma] = useState(false);
  const [reading, setReading] = useState<RowsReading | null>(null);
  const look = useMutation({
    mutationFn: async (next: {
      rows: CsvReading & { readonly ok: true };
      mapping: ColumnMapping;
      comma: boolean;
    }) => {
      setReading(await reader().surfaces(next.rows.table.rows, state, next.mapping, next.comma));
    },
  });
  const read = useMutation({
    mutationFn: async (file: File) => {
      const found = await reader().csv(new Uint8Array(await file.arrayBuffer()));
      setFault(found.ok ? null : found.fault);
      setTable(found.ok ? found : null);
      setReading(null);
      if (!found.ok) return;
      setMapping(found.mapping);
      setDecimalComma(found.decimalComma);
      look.mutate({ rows: found, mapping: found.mapping, comma: found.decimalComma });
    },
  });
  const remap = (next: ColumnMapping, comma: boolean) => {
    setMapping(next);
    setDecimalComma(comma);
    if (table) look.mutate({ rows: table, mapping: next, comma });
  };
  const bring = () => {
    if (!reading?.ok) return;
    const faults = edit(reading.drafts);
    if (faults.length > 0) setFault(faults.map((f) => f.message).join('; '));
    else close();
  };
  return (
    <Modal
      open
      width={760}
      title={say('import-surfaces')}
      onCancel={close}
      footer={
        reading?.ok ? (
          <Button type="primary" onClick={bring}>
            {say('add-change', { added: reading.added, changed: reading.changed })}
          </Button>
        ) : null
      }
    >
      <FileDrop
        label={read.isPending || look.isPending ? say('reading') : say('drop-a-csv-file-here')}
        accept=".csv,.tsv,.txt,text/csv"
        take={(file) => {
          read.mutate(file);
        }}
      />
      {fault !== null && (
        <Alert style={{ marginTop: 12 }} type="error" showIcon title={say('nothing-imported', { fault })} />
      )}
      {table && (
        <>
          <p style={{ marginTop: 12 }}>
            {say('rows-separated-by', {
              rowsCount: table.table.rows.length,
              delimiter: DELIMITERS[table.table.delimiter] ?? table.table.delimiter,
              encoding: table.table.encoding,
              isGuessed: table.table.encoding === 'Windows-1252' ? 'yes' : 'no',
            })}
          </p>
          <Checkbox
            checked={decimalComma}
            onChange={(event) => {
              remap(mapping, event.target.checked);
            }}
          >
            {say('numbers-have-a-decimal-comma')}
          </Checkbox>
          <h3 style={{ margin: '12px 0 6px' }}>{say('which-column-holds-what')}</h3>
          <div className="mapping-grid">
            {SURFACE_COLUMNS.map(({ key, header }) => (
              <MappingField
                key={key}
                column={key}
                header={header}
                headers={table.table.headers}
                first={table.table.rows[0] ?? []}
                mapping={mapping}
                set={(next) => {
                  remap(next, decimalComma);
                }}
              />
            ))}
          </div>
        </>
      )}
      {reading && !reading.ok && (
        <div style={{ marginTop: 12 }} role="alert">
          <h3>{say('nothing-imported-faults-count', { faultsCount: reading.faults.length })}</h3>
          <ul className="fault-list">
            {reading.faults.slice(0, MOST_SHOWN).map((f, i) => (
              <li key={`${f.line} ${f.column} ${i}`}>
                <code>{say('line', { line: f.line, column: f.column })}</code> {f.message}
              </li>
            ))}
          </ul>
        </div>
      )}
      {reading?.ok && (
        <p style={{ marginTop: 12 }}>
          {say('surfaces-are-added-changed-it', {
            added: reading.added,
            changed: reading.changed,
            sidesWords: reading.sides > 0 ? say('sides-made', { sides: reading.sides }) : '',
          })}
        </p>
      )}
    </Modal>
  );
}

interface MappingFieldProps {
  readonly column: SurfaceColumnKey;
  readonly header: string;
  readonly headers: readonly string[];
  /** The cells of the first row: by them a person sees whether it is the right column and encoding. */
  readonly first: readonly string[];
  readonly mapping: ColumnMapping;
  readonly set: (mapping: ColumnMapping) => void;
}

function MappingField({ column, header, headers, first, mapping, set }: MappingFieldProps) {
  const id = useId();
  const needed = NEEDED_COLUMNS.includes(column);
  const index = mapping[column];
  return (
    <div className="field">
      <label htmlFor={id}>
        {header}
        {needed ? say('needed') : ''}
      </label>
      <Select
        id={id}
        showSearch={{ optionFilterProp: 'label' }}
        value={index ?? -1}
        status={needed && index === undefined ? 'error' : ''}
        options={[
          { value: -1, label: say('not-in-the-file') },
          ...headers.map((text, i) => ({
            value: i,
            label: text === '' ? say('column', { number: i + 1 }) : text,
          })),
        ]}
        onChange={(value) => {
          const { [column]: _, ...others } = mapping;
          set(value < 0 ? others : { ...others, [column]: value });
        }}
      />
      {index !== undefined && (
        <p className="quiet mapping-first">{say('in-the-first-row', { first: first[index] || 'empty' })}</p>
      )}
    </div>
  );
}
