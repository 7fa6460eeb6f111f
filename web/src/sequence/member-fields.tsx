import { TICKETS, ticketName } from '@etappe/core';
import type { CrewMember } from '@etappe/core';
import { Checkbox, Select } from 'antd';
import { useId } from 'react';
import { say } from '../messages/sequence.ts';
import { TextField } from '../quantity-fields/text-field.tsx';

interface MemberProps {
  readonly member: CrewMember;
  /** 1 for the first. */
  readonly number: number;
  /** @returns why it cannot be; null where it can */
  readonly take: (more: Partial<CrewMember>) => string | null;
}

/** One person of the crew: the name, and what is otherwise than usual with them. */
export function MemberFields({ member, number, take }: MemberProps) {
  const ticketsId = useId();
  const { from = null, until = null, tickets, isApprentice = false } = member;
  const facts = [
    from !== null && say('member/from', { from }),
    until !== null && say('member/until', { until }),
    ...tickets,
    isApprentice && say('member/apprentice'),
  ].filter((fact) => fact !== false);
  const hour = (text: string) => (text.trim() === '' ? null : text.trim());
  return (
    <div className="member-fields">
      <TextField
        label={say('person', { i: number })}
        value={member.name}
        take={(name) => take({ name: name.trim() })}
      />
      <details>
        <summary>{facts.length > 0 ? facts.join(', ') : say('member/usual')}</summary>
        <div className="settings-grid">
          <TextField
            label={say('member/comes')}
            value={from ?? ''}
            placeholder={say('member/at-start')}
            take={(text) => take({ from: hour(text) })}
          />
          <TextField
            label={say('member/leaves')}
            value={until ?? ''}
            placeholder={say('member/at-end')}
            take={(text) => take({ until: hour(text) })}
          />
        </div>
        <label htmlFor={ticketsId} className="member-tickets">
          {say('member/tickets')}
          <Select
            id={ticketsId}
            mode="tags"
            value={[...tickets]}
            options={TICKETS.map((ticket) => ({ value: ticketName(ticket) }))}
            onChange={(held: string[]) => {
              take({ tickets: held });
            }}
          />
        </label>
        <Checkbox
          checked={isApprentice}
          onChange={({ target }) => {
            take({ isApprentice: target.checked });
          }}
        >
          {say('member/is-apprentice')}
        </Checkbox>
      </details>
    </div>
  );
}
