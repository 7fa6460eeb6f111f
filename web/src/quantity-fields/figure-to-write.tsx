import { Button } from 'antd';
import { useState } from 'react';
import { NumberField } from './number-field.tsx';
import { say } from '../messages/quantity-fields.ts';

interface Props {
  readonly label: string;
  readonly unit: string;
  /** Shown figure = written figure × scale. */
  readonly scale?: number;
  /** Takes the whole figure; returns the fault, or null. */
  readonly write: (figure: number) => string | null | Promise<string | null>;
}

/** A figure that is written down once it is whole: its first digits are none. */
export function FigureToWrite({ label, unit, scale = 1, write }: Props) {
  const [typed, setTyped] = useState<number | null>(null);
  const [writing, setWriting] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const keep = (figure: number | null): null => {
    setTyped(figure);
    setFault(null);
    return null;
  };
  const writeDown = async (figure: number) => {
    setWriting(true);
    const found = await write(figure);
    setWriting(false);
    setFault(found);
    if (found === null) setTyped(null);
  };
  return (
    <>
      <NumberField
        label={label}
        value={typed}
        unit={unit}
        scale={scale}
        clear={() => keep(null)}
        take={keep}
      />
      {typed !== null && (
        <Button
          loading={writing}
          onClick={() => {
            void writeDown(typed);
          }}
        >
          {say('record')}
        </Button>
      )}
      {fault !== null && <span role="alert">{fault}</span>}
    </>
  );
}
