import { describe, expect, it } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { SurveyChange } from '@etappe/core';
import { renderInSession, standInServer, stateOfFile } from '../test/in-session.tsx';
import { SidesPart } from '../walk/property/sides-part.tsx';
import { SaveMark } from './save-mark.tsx';

const state = stateOfFile({
  sides: [{ id: 'north', name: 'North', aspectDegrees: 0, shade: 'trees' }],
  surfaces: [],
});
const page = (
  <>
    <SaveMark />
    <SidesPart />
  </>
);

/** A server that refuses the first batch with a problem document and takes the others. */
function refusingOnce(status: number, problem: object) {
  let refused = false;
  const asked = standInServer(state);
  const take = globalThis.fetch;
  globalThis.fetch = (async (input: string, init?: RequestInit) => {
    if (init?.method === 'POST' && !refused) {
      refused = true;
      const { changes } = JSON.parse(init.body as string) as { changes: SurveyChange[] };
      const conflicts =
        'conflicts' in problem
          ? (problem.conflicts as object[]).map((c) => ({
              change: changes[0]?.id,
              kind: 'side',
              entity: 'north',
              revision: 1,
              ...c,
            }))
          : [];
      return { ok: false, status, text: () => Promise.resolve(JSON.stringify({ ...problem, conflicts })) };
    }
    return take(input, init);
  }) as typeof fetch;
  return asked;
}
const sent = (asked: ReturnType<typeof standInServer>) =>
  asked
    .filter((a) => a.path.endsWith('/changes'))
    .flatMap((a) => (a.body as { changes: SurveyChange[] }).changes);

describe('a conflict', () => {
  it('shows both values side by side, and is saved as a person chose, field by field', async () => {
    const asked = refusingOnce(409, {
      detail: 'Changed by someone else',
      conflicts: [{ field: 'name', yours: 'North X', theirs: 'Street side' }],
    });
    renderInSession(page);
    // At once: on a slow machine a pause between two keys would be saved for itself.
    await userEvent.click(await screen.findByDisplayValue('North'));
    await userEvent.paste(' X');
    await userEvent.click(await screen.findByRole('button', { name: 'See why' }));
    const dialog = within(await screen.findByRole('dialog'));
    const save = dialog.getByRole('button', { name: 'Save choices' });
    expect(save).toBeDisabled();
    expect(dialog.getByRole('radio', { name: /Theirs.*Street side/ })).not.toBeChecked();
    await userEvent.click(dialog.getByRole('radio', { name: /Mine.*North X/ }));
    expect(dialog.getByText('All chosen')).toBeInTheDocument();
    await userEvent.click(save);
    await waitFor(() => {
      expect(sent(asked)).toMatchObject([{ entity: 'north', base: 1, fields: { name: 'North X' } }]);
    });
    expect(await screen.findByText(/^saved \d\d:\d\d$/)).toBeInTheDocument();
  });
});

describe('an edit that breaks a rule', () => {
  it('says which and can be given up; nothing of it is sent again', async () => {
    const asked = refusingOnce(422, {
      detail: 'Not accepted',
      faults: [{ path: 'north.name', message: 'two sides are called so', entity: 'north' }],
    });
    renderInSession(page);
    await userEvent.type(await screen.findByDisplayValue('North'), ' X');
    await userEvent.click(await screen.findByRole('button', { name: 'See why' }));
    expect(await screen.findByText(/two sides are called so/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Discard this edit' }));
    expect(await screen.findByDisplayValue('North')).toBeInTheDocument();
    expect(sent(asked)).toEqual([]);
  });
});
