import { useId } from 'react';
import type { Option } from './choice-field.tsx';
import './chip-field.css';
import './field.css';

interface ChipFieldProps {
  readonly label: string;
  readonly value: string | null;
  readonly options: readonly Option[];
  readonly take: (value: string) => void;
}

/** One of a few, all of them in sight: one tap instead of a list to open. */
export function ChipField({ label, value, options, take }: ChipFieldProps) {
  const name = useId();
  return (
    <fieldset className="field chip-field">
      <legend className="field-label">{label}</legend>
      <div className="chips">
        {options.map((option) => (
          <label key={option.value} className="chip">
            <input
              type="radio"
              name={name}
              checked={option.value === value}
              onChange={() => {
                take(option.value);
              }}
            />
            <span>{option.label}</span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}

export interface Cued {
  readonly id: string;
  readonly name: string;
  /** By what one recognises it. */
  readonly cue: string;
}

interface CuedChecksProps {
  readonly legend: string;
  readonly options: readonly Cued[];
  readonly values: readonly string[];
  readonly take: (values: readonly string[]) => void;
}

/** Any of several, each with the sentence by which one recognises it. */
export function CuedChecks({ legend, options, values, take }: CuedChecksProps) {
  return (
    <fieldset className="field chip-field">
      <legend className="visually-hidden">{legend}</legend>
      <div className="cued-checks">
        {options.map(({ id, name, cue }) => (
          <label key={id}>
            <input
              type="checkbox"
              checked={values.includes(id)}
              onChange={(event) => {
                take(event.target.checked ? [...values, id] : values.filter((v) => v !== id));
              }}
            />
            <b>{name}</b>
            <span>{cue}</span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}

interface SuggestedProps {
  /** What the row is about, for who cannot see it. */
  readonly label: string;
  readonly lead: string;
  readonly options: readonly Option[];
  readonly take: (value: string) => void;
}

/** What was taken before on this property, one tap away. */
export function Suggested({ label, lead, options, take }: SuggestedProps) {
  if (options.length === 0) return null;
  return (
    <div className="chips suggested" role="group" aria-label={label}>
      <span className="quiet">{lead}</span>
      {options.map((option) => (
        <button
          key={option.value}
          type="button"
          className="chip"
          onClick={() => {
            take(option.value);
          }}
        >
          {option.label}
        </button>
      ))}
    </div>
  );
}
