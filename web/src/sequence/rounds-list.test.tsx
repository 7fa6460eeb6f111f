import { beforeAll, beforeEach, describe, expect, it } from '@jest/globals';
import type { Plan } from '@etappe/core';
import { act, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { PlanContext } from '../planning/use-plan.tsx';
import { renderInSession } from '../test/in-session.tsx';
import { SequencedMill } from '../test/sequenced-mill.tsx';
import { SequencePage } from './sequence-page.tsx';

let mill: SequencedMill;
beforeAll(() => {
  mill = new SequencedMill();
});
beforeEach(() => {
  mill.begin();
});

/** The same day with everybody doing the work of the next. */
function withHandsSwapped(plan: Plan): Plan {
  const { visit } = plan;
  if (!visit) throw new Error('no visit');
  const ids = visit.schedule.placements.map(({ person }) => person);
  const people = [...new Set(ids)];
  const next = (id: string) => people[(people.indexOf(id) + 1) % people.length] ?? id;
  const placements = visit.schedule.placements.map((placed) => ({ ...placed, person: next(placed.person) }));
  return { ...plan, visit: { ...visit, schedule: { ...visit.schedule, placements } } };
}

describe('a round that is fixed', () => {
  it('tells what a fixed round costs before it is fixed, and lets it go again', async () => {
    mill.show();
    const [open] = await screen.findAllByRole('button', { name: /^Fix who does it and when: Mill wall/ });
    if (!open) throw new Error('no round');
    await userEvent.click(open);
    expect(screen.getByRole('button', { name: 'Fix it' })).toBeDisabled();
    const time = screen.getAllByLabelText('Not before').at(-1);
    if (!time) throw new Error('no field');
    await userEvent.type(time, 'noon');
    expect(screen.getByText('“noon” is no time of day: write 13:00.')).toBeInTheDocument();
    await userEvent.clear(time);
    await userEvent.type(time, '13:00');
    expect(await screen.findByText(/^The visit ends .+ later, by \d\d:\d\d\.$/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Fix it' }));
    await waitFor(() => {
      expect((mill.lastHouse() as { pins: unknown[] }).pins).toMatchObject([
        { notBefore: '13:00', person: null },
      ]);
    });
    expect((await screen.findAllByText('not before 13:00')).length).toBeGreaterThan(0);
    await userEvent.click(open);
    await userEvent.click(screen.getByRole('button', { name: 'Let it go' }));
    await waitFor(() => {
      expect((mill.lastHouse() as { pins: unknown[] }).pins).toEqual([]);
    });
  });

  it('moves a round by keys: an earlier time is a time by which it is begun', async () => {
    mill.show();
    const [bar] = await screen.findAllByRole('button', { name: /^\d\d:\d\d .*: Mill wall/ });
    if (!bar) throw new Error('no round');
    act(() => {
      bar.focus();
    });
    await userEvent.keyboard('.');
    const editor = await screen.findByRole('group', { name: /^Fix who does it and when: Mill wall/ });
    expect(within(editor).getByLabelText('Not before')).toHaveDisplayValue(/^\d\d:\d[05]$/);
    expect(within(editor).getByLabelText('Begun by')).toHaveValue('');
    act(() => {
      bar.focus();
    });
    await userEvent.keyboard(',');
    const earlier = await screen.findByRole('group', { name: /^Fix who does it and when: Mill wall/ });
    expect(within(earlier).getByLabelText('Not before')).toHaveValue('');
    expect(
      await within(earlier).findByText(/cannot be begun by|The visit ends|costs no time|No day/),
    ).toBeInTheDocument();
  });

  it('stands still while a round is open: what is typed stays, though a better day arrives meanwhile', async () => {
    let arrive: (plan: Plan) => void = () => undefined;
    const Page = () => {
      const [shown, setShown] = useState(mill.made);
      arrive = setShown;
      return (
        <PlanContext value={{ plan: shown, working: false, improving: null, failed: null }}>
          <SequencePage />
        </PlanContext>
      );
    };
    renderInSession(<Page />, 'sequence');
    const [open] = await screen.findAllByRole('button', { name: /^Fix who does it and when: Mill wall/ });
    if (!open) throw new Error('no round');
    await userEvent.click(open);
    const editor = screen.getByRole('group', { name: /^Fix who does it and when: Mill wall/ });
    await userEvent.type(within(editor).getByLabelText('Not before'), '13:00');
    act(() => {
      arrive(withHandsSwapped(mill.made));
    });
    expect(screen.getByDisplayValue('13:00')).toBeInTheDocument();
    await userEvent.click(within(editor).getByRole('button', { name: 'Close' }));
    const [again] = screen.getAllByRole('button', { name: /^Fix who does it and when: Mill wall/ });
    expect(again).toHaveAttribute('aria-expanded', 'false');
  });

  it('keeps what was told of the first part of the day, and lets go of it all', async () => {
    mill.show();
    const until = await screen.findByLabelText('Keep what was told, until');
    await userEvent.type(until, '23:00');
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    await waitFor(() => {
      expect((mill.lastHouse() as { pins: unknown[] }).pins.length).toBeGreaterThan(0);
    });
    for (const pin of (mill.lastHouse() as { pins: object[] }).pins)
      expect(pin).toMatchObject({
        person: expect.any(String),
        notBefore: expect.any(String),
        notAfter: expect.any(String),
      });
    await userEvent.click(await screen.findByRole('button', { name: /^Let go of all that is fixed/ }));
    await waitFor(() => {
      expect((mill.lastHouse() as { pins: unknown[] }).pins).toEqual([]);
    });
  });
});
