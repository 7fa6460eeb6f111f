import { beforeEach, describe, expect, it } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { SurveyChange } from '@etappe/core';
import { renderInSession, standInServer, stateOfFile } from '../../test/in-session.tsx';
import type { Asked } from '../../test/in-session.tsx';
import { QuickLine } from './quick-line.tsx';

const state = stateOfFile({
  sides: [{ id: 'north', name: 'North', aspectDegrees: 0 }],
  surfaces: [
    { id: 'wall', name: 'Mill wall', side: 'north', material: 'concrete', size: '4x3', findings: [] },
  ],
});
let asked: Asked[];
beforeEach(async () => {
  sessionStorage.clear();
  asked = standInServer(state);
  renderInSession(<QuickLine selected={null} />);
  await screen.findByRole('textbox', { name: 'Quick line' });
});
const field = () => screen.getByRole('textbox', { name: 'Quick line' });
const type = (text: string) => userEvent.type(field(), text.replaceAll('{', '{{'));
const sent = () =>
  asked
    .filter((a) => a.path.endsWith('/changes'))
    .flatMap((a) => (a.body as { changes: SurveyChange[] }).changes);

describe('the quick line', () => {
  it('shows what it understood before it is accepted, and takes it with Enter', async () => {
    await type('north path, granite, 4x2, algae 2');
    expect(await screen.findByText('Adds Path, north')).toBeInTheDocument();
    expect(screen.getAllByRole('listitem').map((li) => li.textContent)).toEqual([
      'North',
      'path',
      'Granite',
      '4x2',
      'green algae 2',
    ]);
    expect(sent()).toEqual([]);
    await userEvent.keyboard('{Enter}');
    await waitFor(() => {
      expect(sent().map((c) => c.kind)).toEqual(['surface', 'finding']);
    });
    expect(field()).toHaveValue('');
    expect(screen.getByRole('status')).toHaveTextContent('Added Path, north.');
  });

  it('asks instead of guessing, underlines what it does not know, and writes the answer into the line', async () => {
    await type('mill wall algae zyxw');
    expect(await screen.findByText(/“zyxw” is not known/)).toBeInTheDocument();
    expect([...document.querySelectorAll('.quick-underlines .open')].map((e) => e.textContent)).toEqual([
      'algae',
      'zyxw',
    ]);
    expect(screen.getByRole('button', { name: 'Not ready' })).toBeDisabled();
    await userEvent.keyboard('{Enter}');
    expect(sent()).toEqual([]);
    await userEvent.click(screen.getByRole('button', { name: /^3: the surface is green/ }));
    expect(field()).toHaveValue('mill wall algae 3 zyxw');
    await userEvent.type(field(), '{Backspace}{Backspace}{Backspace}{Backspace}', {
      initialSelectionStart: 22,
    });
    await userEvent.click(await screen.findByRole('button', { name: 'Change Mill wall' }));
    await waitFor(() => {
      expect(sent()[0]?.fields).toMatchObject({ surface: 'wall', severity: 3 });
    });
  });

  it('keeps a line that was begun when the page is left', async () => {
    await type('north roof');
    expect(Object.values(sessionStorage)).toEqual(['north roof']);
  });
});
