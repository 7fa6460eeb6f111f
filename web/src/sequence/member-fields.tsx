import { LANGUAGE_NAMES, asEntered, entryOf, isAsEntered } from '@etappe/core';
import type { CompanyPerson, CrewMember } from '@etappe/core';
import { Button, Checkbox, Select } from 'antd';
import { useId } from 'react';
import { say } from '../messages/sequence.ts';
import { TextField } from '../quantity-fields/text-field.tsx';
import { LanguageField } from '../records/language-field.tsx';
import { TicketsField } from '../records/tickets-field.tsx';

interface MemberProps {
  readonly member: CrewMember;
  /** 1 for the first. */
  readonly number: number;
  /** Of the company, without those who are otherwise in the crew. */
  readonly people: readonly CompanyPerson[];
  /** @returns why it cannot be; null where it can */
  readonly take: (more: Partial<CrewMember>) => string | null;
}

/** One person of the crew: the name, and what is otherwise than usual with them. */
export function MemberFields({ member, number, people, take }: MemberProps) {
  const { from = null, until = null, tickets, isApprentice = false, language = null } = member;
  const facts = [
    from !== null && say('member/from', { from }),
    until !== null && say('member/until', { until }),
    ...tickets,
    isApprentice && say('member/apprentice'),
    language !== null && LANGUAGE_NAMES[language],
  ].filter((fact) => fact !== false);
  const hour = (text: string) => (text.trim() === '' ? null : text.trim());
  return (
    <div className="member-fields">
      {people.length > 0 && <WhoItIs member={member} number={number} people={people} take={take} />}
      {!entryOf(member, people) && (
        <TextField
          label={people.length > 0 ? say('member/name') : say('person', { i: number })}
          value={member.name}
          take={(name) => take({ name: name.trim() })}
        />
      )}
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
        <TicketsField
          label={say('member/tickets')}
          tickets={tickets}
          take={(held) => {
            take({ tickets: held });
          }}
        />
        <Checkbox
          checked={isApprentice}
          onChange={({ target }) => {
            take({ isApprentice: target.checked });
          }}
        >
          {say('member/is-apprentice')}
        </Checkbox>
        <LanguageField
          label={say('member/language')}
          language={language}
          otherwise={say('member/language-of-company')}
          take={(chosen) => {
            take({ language: chosen });
          }}
        />
      </details>
    </div>
  );
}

const SOMEBODY_ELSE = '';

/** One of the company's people, or somebody else; where their entry says otherwise now, that is told and taken by one press. */
function WhoItIs({ member, number, people, take }: MemberProps) {
  const id = useId();
  const person = entryOf(member, people);
  return (
    <>
      <label htmlFor={id} className="setting-row">
        {say('person', { i: number })}
        <Select
          id={id}
          value={person?.id ?? SOMEBODY_ELSE}
          showSearch={{ optionFilterProp: 'label' }}
          options={[
            ...people.map(({ id: value, name }) => ({ value, label: name })),
            { value: SOMEBODY_ELSE, label: say('member/somebody-else') },
          ]}
          onChange={(chosen: string) => {
            const other = people.find(({ id: own }) => own === chosen);
            take(other ? asEntered(other) : { entry: null });
          }}
        />
      </label>
      {person && !isAsEntered(member, person) && (
        <p className="quiet member-changed">
          {say('member/entry-says-otherwise', { name: person.name })}{' '}
          <Button size="small" onClick={() => take(asEntered(person))}>
            {say('member/take-entry')}
          </Button>
        </p>
      )}
    </>
  );
}
