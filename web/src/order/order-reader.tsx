import { Segmented } from 'antd';
import type { CrewOrder } from '@etappe/core';
import { useState } from 'react';
import type { ReactNode } from 'react';
import { say } from '../messages/order.ts';

const KEY = 'etappe.order-reader';
const ALL = '';

/** Whose day an order is read for on this device, by name, as it was chosen once; null for everybody's. */
export function useReader(people: CrewOrder['people']) {
  const [name, setName] = useState(() => localStorage.getItem(KEY) ?? ALL);
  const reader = people.find((person) => person.name === name) ?? null;
  const choose = (next: string) => {
    if (next === ALL) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, next);
    setName(next);
  };
  return { reader, choose };
}

interface ChoiceProps {
  readonly people: CrewOrder['people'];
  readonly reader: CrewOrder['people'][number] | null;
  readonly choose: (name: string) => void;
  /** Beside the choice. */
  readonly children?: ReactNode;
}

/** Who reads: their day comes first, and is what is printed of the days. */
export function ReaderChoice({ people, reader, choose, children }: ChoiceProps) {
  if (people.length < 2) return null;
  return (
    <div className="order-reader">
      <Segmented
        aria-label={say('whose-day')}
        value={reader?.name ?? ALL}
        options={[
          { value: ALL, label: say('everybody') },
          ...people.map(({ name }) => ({ value: name, label: name })),
        ]}
        onChange={choose}
      />
      {children}
    </div>
  );
}
