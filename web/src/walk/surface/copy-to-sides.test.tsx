import { describe, expect, it } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { SurveyChange } from '@etappe/core';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { renderInSession, standInServer, stateOfFile } from '../../test/in-session.tsx';
import { CopyToSides } from './copy-to-sides.tsx';
import { Neighbours } from './neighbours.tsx';

const file = {
  sides: [
    { id: 'north', name: 'North' },
    { id: 'east', name: 'East' },
    { id: 'south', name: 'South' },
  ],
  surfaces: [
    {
      id: 'wall',
      name: 'Wall, north',
      side: 'north',
      material: 'concrete',
      size: '4x3',
      findings: [{ contaminant: 'lichen', severity: 2 }],
    },
    {
      id: 'path',
      name: 'Path, east',
      side: 'east',
      band: 'floor',
      material: 'concrete',
      size: '4x1',
      findings: [],
    },
  ],
};

function OfFirst({ part: Part }: { readonly part: typeof CopyToSides }) {
  const { survey } = useSurveySession();
  const [surface] = survey.surfaces;
  return surface ? <Part surface={surface} /> : null;
}

describe('a surface', () => {
  it('is copied with what is on it to the sides that are ticked, as one edit', async () => {
    const asked = standInServer(stateOfFile(file));
    renderInSession(<OfFirst part={CopyToSides} />);
    await userEvent.click(await screen.findByRole('button', { name: 'Copy Wall, north to other sides' }));
    await userEvent.click(screen.getByRole('checkbox', { name: 'East' }));
    await userEvent.click(screen.getByRole('button', { name: 'Add 1 surface' }));
    await waitFor(() => {
      const sent = asked
        .filter((a) => a.path.endsWith('/changes'))
        .map((a) => (a.body as { changes: SurveyChange[] }).changes);
      expect(sent).toHaveLength(1);
      expect(sent[0]?.map((c) => [c.kind, c.fields['name'] ?? c.fields['contaminant']])).toEqual([
        ['surface', 'Wall, south'],
        ['finding', 'lichen'],
      ]);
    });
  });

  it('leads to the one before and after it in walking order', async () => {
    standInServer(stateOfFile(file));
    renderInSession(<Neighbours surface="wall" />);
    expect(await screen.findByRole('button', { name: 'Previous surface' })).toBeDisabled();
    expect(screen.getByRole('button', { name: 'Next surface, Path, east' })).toBeEnabled();
  });
});
