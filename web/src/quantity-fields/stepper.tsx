import { MinusOutlined, PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import type { ReactNode } from 'react';

export interface Steps {
  /** In the unit that is shown. */
  readonly by: number;
  readonly from?: number;
  readonly to?: number;
}

/**
 * The next whole step above or below a value, within the bounds.
 *
 * @example stepped(2.3, 1, { by: 0.5 }) // 2.5
 */
export function stepped(value: number, way: 1 | -1, { by, from = 0, to = Infinity }: Steps): number {
  // A hair off a whole step counts as on it: 0.3 / 0.1 is not 3.
  const at = Number((value / by).toPrecision(9));
  const next = (way === 1 ? Math.floor(at) + 1 : Math.ceil(at) - 1) * by;
  return Number(Math.min(to, Math.max(from, next)).toPrecision(9));
}

interface StepperProps {
  readonly label: string;
  /** What stands in the field; null while it is empty or cannot be read. */
  readonly value: number | null;
  readonly steps: Steps;
  readonly take: (value: number) => void;
  readonly children: ReactNode;
}

/** A field between two buttons that count it down and up: no keyboard needed. */
export function Stepper({ label, value, steps, take, children }: StepperProps) {
  const button = (way: 1 | -1) => {
    const next = stepped(value ?? 0, way, steps);
    return (
      <Button
        icon={way === 1 ? <PlusOutlined /> : <MinusOutlined />}
        aria-label={`${label}: ${way === 1 ? 'more' : 'less'}`}
        disabled={value !== null && next === value}
        onClick={() => {
          take(next);
        }}
      />
    );
  };
  return (
    <div className="stepper">
      {button(-1)}
      {children}
      {button(1)}
    </div>
  );
}
