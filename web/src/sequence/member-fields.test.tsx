import { describe, expect, it, jest } from '@jest/globals';
import type { CompanyPerson, CrewMember } from '@etappe/core';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemberFields } from './member-fields.tsx';

const ADA: CompanyPerson = {
  id: 'ada',
  name: 'Ada',
  tickets: ['Mobile towers'],
  isApprentice: false,
  language: null,
  ratePerHour: 31,
};
const shown = (member: Partial<CrewMember>, people = [ADA]) => {
  const take = jest.fn((_: Partial<CrewMember>) => null);
  render(
    <MemberFields
      member={{ id: 'a', name: 'Person A', tickets: [], ...member }}
      number={1}
      people={people}
      take={take}
    />,
  );
  return take;
};

describe('a person of the crew', () => {
  it('is picked from those of the company, with what they hold', async () => {
    const take = shown({});
    await userEvent.click(screen.getByRole('combobox', { name: /^Person 1/ }));
    await userEvent.click(await screen.findByText('Ada'));
    expect(take).toHaveBeenCalledWith({
      entry: 'ada',
      name: 'Ada',
      tickets: ['Mobile towers'],
      isApprentice: false,
      language: null,
    });
  });

  it('is told to be otherwise in the handbook by now, and taken from there by one press', async () => {
    const take = shown({ entry: 'ada', name: 'Ada', tickets: ['Mobile towers', 'Lift'] });
    expect(screen.getByText('The entry of Ada in the handbook says otherwise.')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Take what it says' }));
    expect(take).toHaveBeenCalledWith(expect.objectContaining({ tickets: ['Mobile towers'] }));
  });

  it('has a name of its own where the company has entered nobody, or another', async () => {
    const take = shown({}, []);
    const name = screen.getByLabelText('Person 1');
    await userEvent.clear(name);
    await userEvent.type(name, 'Jo{Enter}');
    expect(take).toHaveBeenLastCalledWith({ name: 'Jo' });
    expect(screen.queryByRole('combobox', { name: /^Person 1/ })).not.toBeInTheDocument();
  });
});
