import type { ReactNode } from 'react';
import './field.css';

interface FieldProps {
  readonly label: string;
  readonly id: string;
  readonly fault?: string | null;
  readonly hint?: ReactNode;
  /** Stands beside the label. */
  readonly help?: ReactNode;
  readonly children: ReactNode;
}

/** A labelled field with its fault or hint below it. */
export function Field({ label, id, fault = null, hint, help, children }: FieldProps) {
  return (
    <div className="field">
      {help === undefined ? (
        <label htmlFor={id}>{label}</label>
      ) : (
        <div className="field-label-row">
          <label htmlFor={id}>{label}</label>
          {help}
        </div>
      )}
      {children}
      {fault !== null ? (
        <div className="field-fault" role="alert">
          {fault}
        </div>
      ) : (
        hint !== undefined && <div className="field-hint">{hint}</div>
      )}
    </div>
  );
}
