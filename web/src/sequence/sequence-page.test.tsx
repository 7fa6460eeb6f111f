import { beforeAll, beforeEach, describe, expect, it } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SequencedMill } from '../test/sequenced-mill.tsx';

let mill: SequencedMill;
beforeAll(() => {
  mill = new SequencedMill();
});
beforeEach(() => {
  mill.begin();
});

describe('the sequence station', () => {
  it('shows how long the visit takes, what is paid, and the least it could take with the reason', async () => {
    mill.show();
    expect(await screen.findByText('Takes')).toBeInTheDocument();
    expect(screen.getByText(/\(2 people\)/)).toBeInTheDocument();
    expect(screen.getByText(/^Limited by /)).toBeInTheDocument();
    expect(screen.getByText(/gap \d+ %/)).toBeInTheDocument();
  });

  it('says that a shorter day is still looked for, what that has gained, and leaves it at that', async () => {
    let stopped = 0;
    mill.show(mill.made, { betterBySeconds: 840, isStillTooLong: false, stop: () => (stopped += 1) });
    expect(await screen.findByText(/Still looking, 14 min shorter/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Stop here' }));
    expect(stopped).toBe(1);
  });

  it('says nothing of it once that has ended', async () => {
    mill.show();
    expect(await screen.findByText('Takes')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Stop here' })).not.toBeInTheDocument();
  });

  it('gives the day as a table as well, with when what dwells is rinsed', async () => {
    mill.show();
    await userEvent.click(await screen.findByText('The day as a table'));
    const table = await screen.findByRole('table', { name: 'The day as a table' });
    expect(
      within(table)
        .getAllByRole('columnheader')
        .map((cell) => cell.textContent),
    ).toContain('Why then');
    const [first] = within(table).getAllByRole('row').slice(1);
    expect(first).toHaveTextContent(/Set out/);
    expect(within(table).getAllByText(/^to \d\d:\d\d/).length).toBeGreaterThan(0);
  });

  it('opens the front to its sum', async () => {
    mill.show();
    const row = await screen.findByRole('row', { name: /Mill wall, hypochlorite/ });
    expect(within(row).getByText(/24 m² in 3 strips of 8 m²/)).toBeInTheDocument();
    expect(within(row).getByText(/evaporation 0.29 mm\/h/)).toBeInTheDocument();
  });

  it('takes another crew, each with a name', async () => {
    mill.show();
    const people = await screen.findByLabelText('People');
    await userEvent.clear(people);
    await userEvent.type(people, '3{Enter}');
    await waitFor(() => {
      expect(mill.lastHouse()).toMatchObject({
        crew: [{ id: 'a' }, { id: 'b' }, { id: 'c', name: 'Person C' }],
      });
    });
  });

  it('takes a count of machines and keeps the others', async () => {
    mill.show();
    const washers = await screen.findByLabelText('Pressure washer');
    await userEvent.clear(washers);
    await userEvent.type(washers, '2{Enter}');
    await waitFor(() => {
      expect(mill.lastHouse()).toMatchObject({
        machines: expect.arrayContaining([
          expect.objectContaining({ kind: 'pressure-washer', count: 2 }),
          expect.objectContaining({ kind: 'hose', count: 2 }),
        ]) as unknown,
      });
    });
  });

  it('says at the field what an hour of the day looks like', async () => {
    mill.show();
    const start = await screen.findByLabelText('Day starts');
    await userEvent.clear(start);
    await userEvent.type(start, '8am');
    expect(screen.getByRole('alert')).toHaveTextContent(/hh:mm/);
    expect(start).toHaveValue('8am');
  });

  it('says why nothing can be sequenced', async () => {
    const stop = {
      rule: 'no-sequence' as const,
      severity: 'stop' as const,
      params: {},
      text: 'No sequence: there is no hose.',
      surface: null,
    };
    mill.show({ ...mill.made, visit: null, warnings: [stop] });
    expect(await screen.findByText('No sequence: there is no hose.')).toBeInTheDocument();
  });

  it('keeps the day in sight: what stops is told, of other warnings the first, the rest on demand', async () => {
    const warning = (severity: 'stop' | 'warn', i: number) => ({
      rule: 'cold' as const,
      severity,
      params: {},
      text: `${severity} ${i}`,
      surface: null,
    });
    const warnings = [1, 2, 3, 4].map((i) => warning('warn', i));
    mill.show({ ...mill.made, warnings: [...warnings, warning('stop', 5)] });
    expect(await screen.findByText('stop 5')).toBeVisible();
    expect(screen.getByText('warn 2')).toBeVisible();
    expect(screen.getByText('warn 4')).not.toBeVisible();
    await userEvent.click(screen.getByText('△ 2 more to look at'));
    expect(screen.getByText('warn 4')).toBeVisible();
  });

  it('says how sure the day is, on what it hangs and what helps, once the search is over', async () => {
    const { unmount } = mill.show();
    const risk = await screen.findByRole('region', { name: 'How sure is the day' });
    expect(
      await within(risk).findByText(/^Planned until .* Half of such days end by \d\d:\d\d, nine in ten by/),
    ).toBeInTheDocument();
    expect(within(risk).getByRole('img', { name: /^When such days end: planned by / })).toBeInTheDocument();
    const hangs = within(risk).getAllByRole('listitem');
    expect(hangs[0]).toHaveTextContent(/^\d+ % \S/);
    expect(within(risk).getByText(/^Worked 2.?000 times as a crew works/)).toBeInTheDocument();
    unmount();
    mill.show(mill.made, { betterBySeconds: 60, isStillTooLong: false, stop: () => undefined });
    const open = await screen.findByRole('region', { name: 'How sure is the day' });
    expect(open).toHaveAttribute('aria-busy', 'true');
  });

  it('compares the day with other crews, machines and hours, and takes one by one press', async () => {
    mill.show();
    await userEvent.click(await screen.findByText('Compare: other crew, machines and hours'));
    const table = await screen.findByRole('table', { name: 'Compare: other crew, machines and hours' });
    const row = await within(table).findByRole('row', { name: /^Three people/ });
    await waitFor(() => {
      expect(row).toHaveTextContent(/\d h \d+ min|\d+ min/);
    });
    expect(within(table).getByRole('row', { name: /^As it is/ })).toHaveTextContent(/\d\d:\d\d/);
    await userEvent.click(screen.getByRole('button', { name: 'Take it: Three people' }));
    await waitFor(() => {
      expect((mill.lastHouse() as { crew: unknown[] }).crew).toHaveLength(3);
    });
  });

  it('takes when somebody comes and leaves, what they hold and that they are still learning', async () => {
    mill.show();
    const [first] = await screen.findAllByText('whole day, no tickets entered');
    if (!first) throw new Error('nobody');
    await userEvent.click(first);
    const [comes] = screen.getAllByLabelText('Comes at');
    if (!comes) throw new Error('no field');
    await userEvent.type(comes, '09:30');
    await userEvent.tab();
    await waitFor(() => {
      expect((mill.lastHouse() as { crew: object[] }).crew[0]).toMatchObject({ from: '09:30' });
    });
    const [apprentice] = screen.getAllByRole('checkbox', { name: /^Apprentice/ });
    if (!apprentice) throw new Error('no box');
    await userEvent.click(apprentice);
    await waitFor(() => {
      expect((mill.lastHouse() as { crew: object[] }).crew[0]).toMatchObject({
        from: '09:30',
        isApprentice: true,
      });
    });
    expect(await screen.findByText('from 09:30, apprentice')).toBeInTheDocument();
  });
});
