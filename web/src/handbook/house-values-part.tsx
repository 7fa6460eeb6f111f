import { houseValues, overrideId, settingInWords } from '@etappe/core';
import type { ChangedKind, HouseValue, Setting } from '@etappe/core';
import { Button } from 'antd';
import { useState } from 'react';
import { ReasonDialog } from '../reason-dialog.tsx';
import { personOnDevice } from '../person-on-device.ts';
import { ChipField } from '../quantity-fields/chip-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { Faults } from './faults.tsx';
import { useHandbook } from './use-handbook.ts';
import type { HandbookDraft } from './use-handbook.ts';

const DIRECTION_WORDS = {
  same: '',
  stricter: '▲ stricter',
  looser: '▽ looser',
  other: '◇ set',
} as const;

interface PartProps {
  readonly kind: ChangedKind;
  readonly id: string;
}

/** What the house has set of an entry, and every value that it may set. */
export function HouseValuesPart({ kind, id }: PartProps) {
  const { handbook, change } = useHandbook();
  const [setting, setSetting] = useState<string | null>(null);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const rows = houseValues(kind, id, handbook);
  const own = handbook.materials.find((m) => m.id === id) ?? null;
  const open = rows.find((row) => row.value.path === setting);
  if (rows.length === 0) return null;
  const send = async (draft: HandbookDraft) => {
    const found = await change([draft]);
    setFaults(found);
    if (found.length === 0) setSetting(null);
  };
  const draftOf = (row: HouseValue, value: Setting | null, reason: string, by: string): HandbookDraft => {
    const { path, shipped } = row.value;
    const at = new Date().toISOString();
    if (own) {
      const { id: entry, ...detail } = own;
      const { [path]: _, ...others } = own.values;
      const values = value === null ? others : { ...others, [path]: value };
      return {
        part: 'material',
        entry,
        detail: { ...detail, values, ...(value === null ? {} : { reason, by }), at },
      };
    }
    const entry = overrideId({ kind, entry: id, path });
    const detail = { kind, entry: id, path, value, replaced: shipped, reason, by, at };
    return { part: 'override', entry, detail: value === null ? null : detail };
  };
  const changed = rows.filter((row) => row.direction !== 'same').length;
  return (
    <details className="house-values" open={changed > 0}>
      <summary>
        <h4>Our values</h4>{' '}
        <span className="quiet">
          {changed === 0 ? 'none: trade defaults apply' : `${changed} of ${rows.length} set`}
        </span>
      </summary>
      {!open && <Faults faults={faults} />}
      <table className="report-table">
        <thead>
          <tr>
            <th>Value</th>
            <th>{own ? `As ${own.like.replaceAll('-', ' ')}` : 'Default'}</th>
            <th>House</th>
            <th>
              <span className="visually-hidden">Change</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <ValueRow
              key={row.value.path}
              row={row}
              set={() => {
                setFaults([]);
                setSetting(row.value.path);
              }}
              revert={() => void send(draftOf(row, null, '', ''))}
            />
          ))}
        </tbody>
      </table>
      {open && (
        <ValueDialog
          row={open}
          faults={faults}
          close={() => {
            setSetting(null);
            setFaults([]);
          }}
          accept={(value, reason, by) => void send(draftOf(open, value, reason, by))}
        />
      )}
    </details>
  );
}

interface RowProps {
  readonly row: HouseValue;
  readonly set: () => void;
  readonly revert: () => void;
}

function ValueRow({ row, set, revert }: RowProps) {
  const { value, setting, direction, override } = row;
  return (
    <tr className={direction === 'same' ? '' : 'is-set'}>
      <td>
        {value.name}
        {override && (
          <div className="quiet">
            {override.by}, {override.at.slice(0, 10)}: “{override.reason}”
          </div>
        )}
      </td>
      <td className="figure">{settingInWords(value.shipped, value.unit)}</td>
      <td className="figure">
        {direction === 'same' ? (
          <span className="quiet">default</span>
        ) : (
          <b>
            {settingInWords(setting, value.unit)} {DIRECTION_WORDS[direction]}
          </b>
        )}
      </td>
      <td>
        <div className="house-value-acts">
          <Button size="small" onClick={set} aria-label={`Set ${value.name}`}>
            Set …
          </Button>
          {direction !== 'same' && (
            <Button size="small" onClick={revert} aria-label={`Back to the default of ${value.name}`}>
              Default
            </Button>
          )}
        </div>
      </td>
    </tr>
  );
}

interface DialogProps {
  readonly row: HouseValue;
  readonly faults: readonly string[];
  readonly close: () => void;
  readonly accept: (value: Setting, reason: string, by: string) => void;
}

function ValueDialog({ row, faults, close, accept }: DialogProps) {
  const { value } = row;
  const [draft, setDraft] = useState<Setting>(row.setting);
  const { span, unit, safer } = value;
  const bound =
    'steps' in span
      ? ''
      : `${settingInWords(span.least, unit)} to ${settingInWords(span.most, unit)}${safer === 'neither' ? '' : `; ${safer} is the safer way`}`;
  return (
    <ReasonDialog
      title={`${value.name}, our value`}
      ok="Set"
      cancel="Cancel"
      danger={false}
      ask="say why, in three letters or more: it is shown beside the value"
      firstBy={personOnDevice()}
      close={close}
      accept={(reason, by) => {
        accept(draft, reason, by);
      }}
    >
      {'steps' in span ? (
        <ChipField
          label={value.name}
          value={String(draft)}
          options={span.steps.map((step) => ({ value: String(step), label: settingInWords(step, unit) }))}
          take={(text) => {
            setDraft(span.steps.find((step) => String(step) === text) ?? draft);
          }}
        />
      ) : (
        <NumberField
          label={value.name}
          value={typeof draft === 'number' ? draft : null}
          unit={unit}
          take={(number) => {
            setDraft(number);
            return null;
          }}
        />
      )}
      <p className="field-hint">
        The trade default is {settingInWords(value.shipped, unit)}.
        {bound === '' ? '' : ` You may go from ${bound}.`} Labels and data sheets come before both.
      </p>
      <Faults faults={faults} />
    </ReasonDialog>
  );
}
