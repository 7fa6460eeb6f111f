import { Button } from 'antd';
import { useState } from 'react';
import { NumberField } from './number-field.tsx';

interface Props {
  readonly label: string;
  readonly unit: string;
  /** Takes the whole figure; returns the fault, or null. */
  readonly write: (figure: number) => string | null;
}

/** A figure that is written down once it is whole: its first digits are none. */
export function FigureToWrite({ label, unit, write }: Props) {
  const [typed, setTyped] = useState<number | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const keep = (figure: number | null): null => {
    setTyped(figure);
    setFault(null);
    return null;
  };
  return (
    <>
      <NumberField label={label} value={typed} unit={unit} clear={() => keep(null)} take={keep} />
      {typed !== null && (
        <Button
          onClick={() => {
            const found = write(typed);
            setFault(found);
            if (found === null) setTyped(null);
          }}
        >
          Write down
        </Button>
      )}
      {fault !== null && <span role="alert">{fault}</span>}
    </>
  );
}
