import { decimal } from '@etappe/core';
import { Input } from 'antd';
import { useId } from 'react';
import { Field } from './field.tsx';
import { useDraft } from './use-draft.ts';

interface NumberFieldProps {
  readonly label: string;
  /** Null: open. */
  readonly value: number | null;
  readonly unit: string;
  readonly take: (value: number) => string | null;
  /** What leaving it empty means; without it a number is needed. */
  readonly clear?: () => string | null;
  /** Shown value = value × scale. */
  readonly scale?: number;
}

export function NumberField({ label, value, unit, take, clear, scale = 1 }: NumberFieldProps) {
  const id = useId();
  const draft = useDraft(value === null ? '' : decimal(value * scale, 4), (text) => {
    if (text.trim() === '' && clear) return clear();
    const number = Number(text.trim().replace(',', '.'));
    return text.trim() === '' || !Number.isFinite(number)
      ? `“${text}” is not a number`
      : take(Number((number / scale).toPrecision(12)));
  });
  return (
    <Field label={label} id={id} fault={draft.fault}>
      <Input
        id={id}
        inputMode="decimal"
        value={draft.text}
        suffix={unit}
        status={draft.fault === null ? '' : 'error'}
        onChange={(event) => {
          draft.type(event.target.value);
        }}
      />
    </Field>
  );
}
