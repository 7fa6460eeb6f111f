import { TICKETS, ticketName } from '@etappe/core';
import { Select } from 'antd';
import { useId } from 'react';
import './tickets-field.css';

interface TicketsProps {
  readonly label: string;
  readonly tickets: readonly string[];
  readonly take: (tickets: readonly string[]) => void;
}

/** What somebody is trained and signed off for: what the work asks for is offered, anything else is written. */
export function TicketsField({ label, tickets, take }: TicketsProps) {
  const id = useId();
  return (
    <label htmlFor={id} className="tickets-field">
      {label}
      <Select
        id={id}
        mode="tags"
        value={[...tickets]}
        options={TICKETS.map((ticket) => ({ value: ticketName(ticket) }))}
        onChange={take}
      />
    </label>
  );
}
