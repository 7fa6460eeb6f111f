import { decimal } from '@etappe/core';
import { Input } from 'antd';
import { useId } from 'react';
import { Field } from './field.tsx';
import { Stepper } from './stepper.tsx';
import type { Steps } from './stepper.tsx';
import { useDraft } from './use-draft.ts';
import { say } from '../messages/quantity-fields.ts';

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
  /** Decimals of the same figure where it is told. */
  readonly digits?: number;
  /** With buttons that count it, in the unit that is shown. */
  readonly steps?: Steps;
}

/** Of what is typed more is kept in sight than of what is told. */
const MORE_DIGITS = 2;

export function NumberField(props: NumberFieldProps) {
  const { label, value, unit, take, clear, scale = 1, digits = 2, steps } = props;
  const id = useId();
  const shown = (figure: number) => decimal(figure, digits + MORE_DIGITS);
  const draft = useDraft(value === null ? '' : shown(value * scale), (text) => {
    if (text.trim() === '' && clear) return clear();
    const number = numberIn(text);
    return number === null
      ? say('is-not-a-number', { text })
      : take(Number((number / scale).toPrecision(12)));
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
            draft.type(shown(next));
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
