import { Select } from 'antd';
import { useId, useMemo } from 'react';
import { Field } from './field.tsx';

export interface Option {
  readonly value: string;
  readonly label: string;
  /** Further words that find it. */
  readonly words?: readonly string[];
}

interface ChoiceFieldProps {
  readonly label: string;
  readonly value: string | null;
  readonly options: readonly Option[];
  readonly take: (value: string) => void;
  readonly placeholder?: string;
  readonly fault?: string | null;
}

const found = (input: string, option: Option | undefined) =>
  `${option?.label ?? ''} ${(option?.words ?? []).join(' ')}`.toLowerCase().includes(input.toLowerCase());

export function ChoiceField({ label, value, options, take, placeholder, fault = null }: ChoiceFieldProps) {
  const id = useId();
  const shown = useMemo(() => [...options], [options]);
  return (
    <Field label={label} id={id} fault={fault}>
      <Select<string, Option>
        id={id}
        showSearch={{ filterOption: found }}
        value={value}
        status={fault === null ? '' : 'error'}
        options={shown}
        {...(placeholder === undefined ? {} : { placeholder })}
        onChange={take}
      />
    </Field>
  );
}

interface ChoicesFieldProps {
  readonly label: string;
  readonly values: readonly string[];
  readonly options: readonly Option[];
  readonly take: (values: string[]) => string | null;
  readonly placeholder: string;
}

export function ChoicesField({ label, values, options, take, placeholder }: ChoicesFieldProps) {
  const id = useId();
  const shown = useMemo(() => [...options], [options]);
  return (
    <Field label={label} id={id}>
      <Select<string[], Option>
        id={id}
        mode="multiple"
        showSearch={{ filterOption: found }}
        value={[...values]}
        options={shown}
        placeholder={placeholder}
        onChange={take}
      />
    </Field>
  );
}
