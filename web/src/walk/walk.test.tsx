import { beforeEach, describe, expect, it } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { SurveyChange } from '@etappe/core';
import { SaveMark } from '../jobs/save-mark.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { renderInSession, standInServer, stateOfFile } from '../test/in-session.tsx';
import type { Asked } from '../test/in-session.tsx';
import { SurfaceSheet } from './surface-sheet.tsx';
import { WalkGrid } from './walk-grid.tsx';

const file = {
  sides: [{ id: 'north', name: 'North', aspectDegrees: 0, shade: 'trees' }, { id: 'south', name: 'South', aspectDegrees: 180 }], // prettier-ignore
  surfaces: [
    {
      id: 'wall',
      name: 'Mill wall',
      side: 'north',
      band: 'wall',
      material: 'limestone',
      size: '4x3',
      findings: [{ contaminant: 'green-algae', severity: 3 }],
    },
    {
      id: 'yard',
      name: 'Mill yard',
      side: 'south',
      band: 'floor',
      material: 'concrete',
      size: '5x5',
      inScope: false,
      findings: [],
    },
  ],
};
let asked: Asked[];
beforeEach(() => {
  asked = standInServer(stateOfFile(file));
});
const changes = () =>
  asked
    .filter((a) => a.path.endsWith('/changes'))
    .flatMap((a) => (a.body as { changes: SurveyChange[] }).changes);

function OpenSheet() {
  const { survey } = useSurveySession();
  const [surface] = survey.surfaces;
  return surface ? <SurfaceSheet surface={surface} /> : null;
}

describe('the walk grid', () => {
  it('shows each surface below its side, with area, findings and scope in words', async () => {
    renderInSession(<WalkGrid selected="wall" />);
    expect(await screen.findByText('N · shade: trees')).toBeInTheDocument();
    const wall = screen.getByRole('link', { name: /Mill wall/ });
    expect(wall).toHaveTextContent('12 m²');
    expect(wall).toHaveTextContent('green algae 3');
    expect(wall).toHaveAttribute('aria-current', 'true');
    expect(screen.getByRole('link', { name: /Mill yard/ })).toHaveTextContent('left out');
  });

  it('says how to begin where there is nothing yet', async () => {
    const state = stateOfFile(file);
    standInServer({ ...state, entities: new Map() });
    renderInSession(<WalkGrid selected={null} />);
    expect(await screen.findByText('Begin the walk')).toBeInTheDocument();
  });
});

describe('the surface sheet', () => {
  it('saves a new size by itself, as one change of that field', async () => {
    renderInSession(<OpenSheet />);
    const size = await screen.findByLabelText('Size');
    await userEvent.clear(size);
    await userEvent.type(size, '6x2');
    await waitFor(() => {
      expect(changes().at(-1)).toMatchObject({
        kind: 'surface',
        entity: 'wall',
        op: 'patch',
        fields: { size: '6x2' },
      });
    });
    expect(screen.getByText('12 m²')).toBeInTheDocument();
  });

  it('takes severity by its cue sentence', async () => {
    renderInSession(<OpenSheet />);
    await userEvent.click(await screen.findByText('a thick mat that a fingernail lifts'));
    await waitFor(() => {
      expect(changes()).toMatchObject([{ kind: 'finding', op: 'patch', fields: { severity: 4 } }]);
    });
  });

  it('shows the conditions of the material, and keeps what is ticked', async () => {
    renderInSession(<OpenSheet />);
    await userEvent.click(await screen.findByRole('checkbox', { name: /soft stone/ }));
    await waitFor(() => {
      expect(changes()).toMatchObject([{ fields: { conditions: ['soft-stone'] } }]);
    });
    expect(screen.queryByRole('checkbox', { name: /splintering/ })).toBeNull();
  });

  it('asks why a surface is left out', async () => {
    renderInSession(<OpenSheet />);
    await userEvent.click(await screen.findByRole('switch'));
    await userEvent.type(await screen.findByLabelText('Why it is left out'), 'damp');
    await waitFor(() => {
      expect(changes().at(-1)).toMatchObject({ fields: { inScope: false, scopeReason: 'damp' } });
    });
  });
});

describe('the save mark', () => {
  it('says saved, saving, and saved with the time', async () => {
    renderInSession(
      <>
        <SaveMark />
        <OpenSheet />
      </>,
    );
    expect(await screen.findByText('saved')).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('Name'), ' A');
    expect(screen.getByText('saving')).toBeInTheDocument();
    expect(await screen.findByText(/^saved \d\d:\d\d$/)).toBeInTheDocument();
  });
});
