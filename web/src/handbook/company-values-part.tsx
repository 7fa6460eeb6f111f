import { companyValues, overrideId, settingInWords } from '@etappe/core';
import type { ChangedKind, CompanyValue, Setting } from '@etappe/core';
import { Button } from 'antd';
import { useState } from 'react';
import { ReasonDialog } from '../reason-dialog.tsx';
import { personOnDevice } from '../person-on-device.ts';
import { ChipField } from '../quantity-fields/chip-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { Faults } from './faults.tsx';
import { ProvenanceNote } from './provenance.tsx';
import { useHandbook } from './use-handbook.ts';
import type { HandbookDraft } from './use-handbook.ts';
import { say } from '../messages/handbook.ts';

const DIRECTION_WORDS = {
  same: '',
  stricter: say('stricter'),
  looser: say('looser'),
  other: say('set-in-line'),
} as const;

interface PartProps {
  readonly kind: ChangedKind;
  readonly id: string;
}

/** What the company has set of an entry, and every value that it may set. */
export function CompanyValuesPart({ kind, id }: PartProps) {
  const { handbook, change } = useHandbook();
  const [setting, setSetting] = useState<string | null>(null);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const rows = companyValues(kind, id, handbook);
  const own = handbook.materials.find((m) => m.id === id) ?? null;
  const open = rows.find((row) => row.value.path === setting);
  if (rows.length === 0) return null;
  const send = async (draft: HandbookDraft) => {
    const found = await change([draft]);
    setFaults(found);
    if (found.length === 0) setSetting(null);
  };
  const draftOf = (row: CompanyValue, value: Setting | null, reason: string, by: string): HandbookDraft => {
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
        <h4>{say('our-values')}</h4>{' '}
        <span className="quiet">
          {changed === 0
            ? say('none-trade-defaults-apply')
            : say('of-set', { changed, rowsCount: rows.length })}
        </span>
      </summary>
      {!open && <Faults faults={faults} />}
      <table className="report-table">
        <thead>
          <tr>
            <th>{say('value')}</th>
            <th>{own ? say('as', { like: own.like.replaceAll('-', ' ') }) : say('default')}</th>
            <th>{say('house')}</th>
            <th>
              <span className="visually-hidden">{say('change')}</span>
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
  readonly row: CompanyValue;
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
      <td className="figure">
        {settingInWords(value.shipped, value.unit)} <ProvenanceNote of={row.provenance} unit={value.unit} />
      </td>
      <td className="figure">
        {direction === 'same' ? (
          <span className="quiet">{say('default-in-line')}</span>
        ) : (
          <b>
            {settingInWords(setting, value.unit)} {DIRECTION_WORDS[direction]}
          </b>
        )}
      </td>
      <td>
        <div className="house-value-acts">
          <Button size="small" onClick={set} aria-label={say('set-name', { name: value.name })}>
            {say('set-head')}
          </Button>
          {direction !== 'same' && (
            <Button
              size="small"
              onClick={revert}
              aria-label={say('back-to-the-default-of', { name: value.name })}
            >
              {say('default')}
            </Button>
          )}
        </div>
      </td>
    </tr>
  );
}

interface DialogProps {
  readonly row: CompanyValue;
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
      : say('from-to', { from: settingInWords(span.least, unit), to: settingInWords(span.most, unit) }) +
        (safer === 'neither'
          ? ''
          : say('is-the-safer-way', { safer: safer === 'lower' ? say('safer-lower') : say('safer-higher') }));
  return (
    <ReasonDialog
      title={say('our-value-name', { name: value.name })}
      ok={say('set')}
      cancel={say('cancel')}
      danger={false}
      ask={say('say-why-in-three-letters')}
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
        {say('the-trade-default-is-labels', {
          shipped: settingInWords(value.shipped, unit),
          boundWords: bound === '' ? '' : say('you-may-go-from', { bound }),
        })}
      </p>
      <Faults faults={faults} />
    </ReasonDialog>
  );
}
