import { formatArea, takeOffFace } from '@etappe/core';
import type { TakeOff, UnitSystem } from '@etappe/core';
import { Button, Input } from 'antd';
import { useId } from 'react';
import { Field } from './field.tsx';
import { TapeHelp } from './tape-help.tsx';
import { useDraft } from './use-draft.ts';
import { say } from '../messages/quantity-fields.ts';

interface TapeFieldProps {
  readonly label: string;
  readonly value: string;
  readonly units: UnitSystem;
  readonly take: (text: string) => string | null;
  /** What one running metre or piece has of face, and what relief adds. */
  readonly girth?: string;
  readonly reliefFactor?: number;
}

/** A size in the tape language: the result while typing, the sum below it, the fault at its character. */
export function TapeField({ label, value, units, take, girth = '', reliefFactor = 1 }: TapeFieldProps) {
  const id = useId();
  const draft = useDraft(value, (text) => take(text.trim()));
  const measured = takeOffFace({ size: draft.text, girth, reliefFactor }, units);
  return (
    <Field
      label={label}
      id={id}
      fault={draft.fault}
      help={<TapeHelp units={units} />}
      hint={<TapeResult text={draft.text} measured={measured} units={units} replace={draft.type} />}
    >
      <Input
        id={id}
        value={draft.text}
        placeholder={units === 'us' ? '24ft x 9ft - 3(3ft x 4ft)' : '7.5x4 + 3x2.5 - 2(1.2x1.4)'}
        status={measured.ok || draft.text === '' ? '' : 'error'}
        autoComplete="off"
        spellCheck={false}
        onChange={(event) => {
          draft.type(event.target.value);
        }}
      />
    </Field>
  );
}

interface TapeResultProps {
  readonly text: string;
  readonly measured: TakeOff;
  readonly units: UnitSystem;
  readonly replace: (text: string) => void;
}

export function TapeResult({ text, measured, units, replace }: TapeResultProps) {
  if (measured.ok) {
    return (
      <div aria-live="polite">
        <span className="tape-result">{formatArea(measured.squareMetres, units)}</span>
        {measured.sum.length > 1 && (
          <ul className="tape-sum">
            {measured.sum.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        )}
      </div>
    );
  }
  if (text.trim() === '')
    return (
      <span>
        {say('sums-products-brackets-and-openings')}{' '}
        {units === 'us' ? '12ft 6in x 9ft - 2(3ft x 4ft)' : '7.5x4 + 6m2 - 2(1.2x1.4)'}
      </span>
    );
  const { position, length, message, proposal } = measured.fault;
  const end = Math.max(position + 1, position + length);
  return (
    <div role="alert">
      <div className="tape-fault-text" aria-hidden>
        {text.slice(0, position)}
        <mark>{text.slice(position, end) || '▂'}</mark>
        {text.slice(end)}
      </div>
      <span style={{ color: 'var(--stop)' }}>
        {say('at-character', { position: position + 1, message })}{' '}
      </span>
      {proposal !== undefined && (
        <Button
          size="small"
          onClick={() => {
            // A missing bracket is closed at the end; all else is replaced where it stands.
            replace(
              proposal === ')'
                ? `${text})`
                : text.slice(0, position) + proposal + text.slice(position + length),
            );
          }}
        >
          {say('use', { proposal })}
        </Button>
      )}
    </div>
  );
}
