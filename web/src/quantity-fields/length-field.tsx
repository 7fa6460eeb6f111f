import { METRES_PER, decimal, lengthUnitOf, takeOffLength } from '@etappe/core';
import type { UnitSystem } from '@etappe/core';
import { Input } from 'antd';
import { useId } from 'react';
import { Field } from './field.tsx';
import { Stepper } from './stepper.tsx';
import type { Steps } from './stepper.tsx';
import { useDraft } from './use-draft.ts';

interface LengthFieldProps {
  readonly label: string;
  /** Null: open. */
  readonly metres: number | null;
  readonly units: UnitSystem;
  readonly take: (metres: number) => string | null;
  /** What leaving it empty means; without it a length is needed. */
  readonly clear?: () => string | null;
  /** With buttons that count it, in the job's unit. */
  readonly steps?: Steps;
}

/** A height or distance in the job's unit; other units may be written, as in 12ft 6in. */
export function LengthField({ label, metres, units, take, clear, steps }: LengthFieldProps) {
  const id = useId();
  const unit = lengthUnitOf(units);
  const draft = useDraft(metres === null ? '' : decimal(metres / METRES_PER[unit], 2), (text) => {
    if (text.trim() === '' && clear) return clear();
    const measured = takeOffLength(text, units);
    return measured.ok ? take(measured.metres) : measured.fault.message;
  });
  const input = (
    <Input
      id={id}
      value={draft.text}
      suffix={unit}
      status={draft.fault === null ? '' : 'error'}
      onChange={(event) => {
        draft.type(event.target.value);
      }}
    />
  );
  const typed = takeOffLength(draft.text, units);
  return (
    <Field label={label} id={id} fault={draft.fault}>
      {steps ? (
        <Stepper
          label={label}
          value={typed.ok ? typed.metres / METRES_PER[unit] : null}
          steps={steps}
          take={(next) => {
            draft.type(decimal(next, 2));
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
