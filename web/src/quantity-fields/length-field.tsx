import { METRES_PER, decimal, lengthUnitOf, takeOffLength } from '@etappe/core';
import type { UnitSystem } from '@etappe/core';
import { Input } from 'antd';
import { useId } from 'react';
import { Field } from './field.tsx';
import { useDraft } from './use-draft.ts';

interface LengthFieldProps {
  readonly label: string;
  /** Null: open. */
  readonly metres: number | null;
  readonly units: UnitSystem;
  readonly take: (metres: number) => string | null;
  /** What leaving it empty means; without it a length is needed. */
  readonly clear?: () => string | null;
}

/** A height or distance in the job's unit; other units may be written, as in 12ft 6in. */
export function LengthField({ label, metres, units, take, clear }: LengthFieldProps) {
  const id = useId();
  const unit = lengthUnitOf(units);
  const draft = useDraft(metres === null ? '' : decimal(metres / METRES_PER[unit], 2), (text) => {
    if (text.trim() === '' && clear) return clear();
    const measured = takeOffLength(text, units);
    return measured.ok ? take(measured.metres) : measured.fault.message;
  });
  return (
    <Field label={label} id={id} fault={draft.fault}>
      <Input
        id={id}
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
