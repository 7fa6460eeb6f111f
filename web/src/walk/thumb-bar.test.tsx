import { describe, expect, it, jest } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { SurveyChange } from '@etappe/core';
import { useEntity } from '../survey-edits/use-entity.ts';
import { renderInSession, standInServer, stateOfFile } from '../test/in-session.tsx';
import { ThumbBar } from './thumb-bar.tsx';

const file = {
  surfaces: [
    { id: 'wall', name: 'Wall', material: 'concrete', size: '4x3', findings: [] },
    { id: 'path', name: 'Path', band: 'floor', material: 'concrete', size: '4x1', findings: [] },
  ],
};

function Renaming({ surface }: { readonly surface: string | null }) {
  const { patch } = useEntity('surface', 'wall');
  return (
    <>
      <button type="button" onClick={() => patch({ name: 'Long wall' })}>
        Rename
      </button>
      <ThumbBar surface={surface} speak={speak} add={add} />
    </>
  );
}
const speak = jest.fn<() => void>();
const add = jest.fn<() => void>();
const press = async (name: string | RegExp) => userEvent.click(await screen.findByRole('button', { name }));

describe('what is at the thumb', () => {
  it('takes the last edit back, once there is one', async () => {
    const asked = standInServer(stateOfFile(file));
    renderInSession(<Renaming surface="wall" />);
    expect(await screen.findByRole('button', { name: 'Undo' })).toBeDisabled();
    await press('Rename');
    await press('Undo');
    await waitFor(() => {
      const sent = asked
        .filter((a) => a.path.endsWith('/changes'))
        .flatMap((a) => (a.body as { changes: SurveyChange[] }).changes);
      expect(sent.at(-1)?.fields).toEqual({ name: 'Wall' });
    });
  });

  it('leads on to the next surface, to the quick line and to a new surface', async () => {
    standInServer(stateOfFile(file));
    renderInSession(<Renaming surface="wall" />);
    expect(await screen.findByRole('button', { name: 'Next surface, Path' })).toBeEnabled();
    expect(screen.getByRole('button', { name: 'Previous surface' })).toBeDisabled();
    await press(/Say it/);
    expect(speak).toHaveBeenCalledTimes(1);
    await press('Add surface');
    expect(add).toHaveBeenCalledTimes(1);
  });

  it('has no neighbours to go to while no surface is open', async () => {
    standInServer(stateOfFile(file));
    renderInSession(<Renaming surface={null} />);
    expect(await screen.findByRole('button', { name: /Say it/ })).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: /surface, / })).toBeNull();
  });
});
