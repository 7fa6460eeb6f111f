import { Input } from 'antd';
import { useId } from 'react';
import { Field } from './field.tsx';
import { useDraft } from './use-draft.ts';

interface DateFieldProps {
  readonly label: string;
  /** YYYY-MM-DD; null while it is open. */
  readonly value: string | null;
  readonly take: (date: string | null) => string | null;
}

/** A day of the calendar, picked or typed; emptied it is open again. */
export function DateField({ label, value, take }: DateFieldProps) {
  const id = useId();
  const draft = useDraft(value ?? '', (text) => take(text === '' ? null : text));
  return (
    <Field label={label} id={id} fault={draft.fault}>
      <Input
        id={id}
        type="date"
        value={draft.text}
        status={draft.fault === null ? '' : 'error'}
        onChange={(event) => {
          draft.type(event.target.value);
        }}
      />
    </Field>
  );
}
