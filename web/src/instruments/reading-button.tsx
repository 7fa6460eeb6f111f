import { ExperimentOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { use, useState } from 'react';
import { lowerFirst } from '@etappe/core';
import { INSTRUMENTS, InstrumentSilent } from './instrument.ts';
import type { InstrumentKind } from './instrument.ts';
import { RackContext } from './rack-context.ts';
import { say } from '../messages/instruments.ts';

interface Props {
  readonly kind: InstrumentKind;
  /** @returns the fault to show, or null */
  readonly take: (figure: number) => string | null;
}

/** Takes one reading from an instrument; nothing where nobody has it. */
export function ReadingButton({ kind, take }: Props) {
  const instrument = use(RackContext)(kind);
  const [said, setSaid] = useState<string | null>(null);
  const [reading, setReading] = useState(false);
  if (!instrument) return null;
  const { name, unit } = INSTRUMENTS[kind];
  const read = async () => {
    setReading(true);
    try {
      const figure = await instrument.read();
      setSaid(take(figure) ?? `${figure} ${unit}`);
    } catch (error) {
      if (!(error instanceof InstrumentSilent)) throw error;
      setSaid(error.message);
    } finally {
      setReading(false);
    }
  };
  return (
    <span className="reading-button">
      <Button
        size="small"
        icon={<ExperimentOutlined />}
        loading={reading}
        onClick={() => {
          void read();
        }}
      >
        {say('read', { name: lowerFirst(name), label: instrument.label })}
      </Button>{' '}
      <span role="status" className="quiet">
        {said}
      </span>
    </span>
  );
}
