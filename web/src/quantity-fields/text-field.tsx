import { Input } from 'antd';
import { useId } from 'react';
import { Field } from './field.tsx';
import { useDraft } from './use-draft.ts';

interface TextFieldProps {
  readonly label: string;
  readonly value: string;
  readonly take: (text: string) => string | null;
  readonly placeholder?: string;
}

export function TextField({ label, value, take, placeholder }: TextFieldProps) {
  const id = useId();
  const draft = useDraft(value, take);
  return (
    <Field label={label} id={id} fault={draft.fault}>
      <Input
        id={id}
        value={draft.text}
        {...(placeholder === undefined ? {} : { placeholder })}
        status={draft.fault === null ? '' : 'error'}
        onChange={(event) => {
          draft.type(event.target.value);
        }}
      />
    </Field>
  );
}
