import { decimal } from '@etappe/core';
import { Input } from 'antd';
import { useId } from 'react';
import { Field } from './field.tsx';
import { Stepper } from './stepper.tsx';
import type { Steps } from './stepper.tsx';
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
  /** With buttons that count it, in the unit that is shown. */
  readonly steps?: Steps;
}

export function NumberField({ label, value, unit, take, clear, scale = 1, steps }: NumberFieldProps) {
  const id = useId();
  const draft = useDraft(value === null ? '' : decimal(value * scale, 4), (text) => {
    if (text.trim() === '' && clear) return clear();
    const number = numberIn(text);
    return number === null ? `“${text}” is not a number` : take(Number((number / scale).toPrecision(12)));
  });
  const input = (
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
  );
  return (
    <Field label={label} id={id} fault={draft.fault}>
      {steps ? (
        <Stepper
          label={label}
          value={numberIn(draft.text)}
          steps={steps}
          take={(next) => {
            draft.type(decimal(next, 4));
          }}
        >
          {input}
        </Stepper>
      ) : (
        input
      )}
    </Field>
  );
}

function numberIn(text: string): number | null {
  const number = Number(text.trim().replace(',', '.'));
  return text.trim() === '' || !Number.isFinite(number) ? null : number;
}
