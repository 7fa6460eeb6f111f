import { decimal } from '@etappe/core';
import type { CompanyPerson } from '@etappe/core';
import { PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { Link, NavLink, useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { PersonForm } from './person-form.tsx';
import type { PersonDetail } from './person-form.tsx';
import { useHandbook } from './use-handbook.ts';
import { say } from '../messages/handbook.ts';

const NEW = 'new';
const NOBODY_YET: PersonDetail = { name: '', tickets: [], isApprentice: false, ratePerHour: null };
const NONE: readonly CompanyPerson[] = [];

/** Who works for the company: what they may do alone, and what their hour costs. */
export function PeoplePart({ id }: { readonly id: string | null }) {
  const { handbook, change } = useHandbook();
  const navigate = useNavigate();
  const people = handbook.people ?? NONE;
  const open = people.find((person) => person.id === id) ?? null;
  const save = async (detail: PersonDetail) => {
    const entry = open?.id ?? uuidv7();
    const found = await change([{ part: 'person', entry, detail }]);
    if (found.length === 0) void navigate(`/handbook/people/${entry}`);
    return found;
  };
  return (
    <div className={`handbook-columns ${id === null ? '' : 'has-open'}`}>
      <div className="handbook-list">
        <Button
          type="primary"
          icon={<PlusOutlined />}
          onClick={() => void navigate(`/handbook/people/${NEW}`)}
        >
          {say('people/add')}
        </Button>
        <ul>
          {people.map((person) => (
            <li key={person.id}>
              <NavLink to={`/handbook/people/${person.id}`}>
                {person.name} <span className="quiet">{inShort(person)}</span>
              </NavLink>
            </li>
          ))}
        </ul>
        {people.length === 0 && <p className="quiet">{say('people/none-yet')}</p>}
      </div>
      {id !== null && (
        <Link className="handbook-back" to="/handbook/people">
          {say('people/all')}
        </Link>
      )}
      <div className="handbook-cards">
        {id === null && people.length > 0 && <p className="quiet">{say('people/open-one')}</p>}
        {id !== null && id !== NEW && !open && <p>{say('people/no-such')}</p>}
        {(open !== null || id === NEW) && (
          <article className="handbook-card" key={open?.id ?? NEW}>
            <h3>{open ? open.name : say('people/new')}</h3>
            <PersonForm
              person={open ? detailOf(open) : NOBODY_YET}
              save={save}
              remove={
                open &&
                (() => {
                  void change([{ part: 'person', entry: open.id, detail: null }]).then((found) => {
                    if (found.length === 0) void navigate('/handbook/people');
                  });
                })
              }
            />
          </article>
        )}
      </div>
    </div>
  );
}

const detailOf = ({ id: _, ...detail }: CompanyPerson): PersonDetail => detail;

function inShort({ tickets, isApprentice, ratePerHour }: CompanyPerson): string {
  return [
    ...tickets,
    isApprentice && say('people/apprentice'),
    ratePerHour !== null && say('people/rate-in-short', { rate: decimal(ratePerHour, 2) }),
  ]
    .filter((part) => part !== false)
    .join(', ');
}
