import { beforeEach, describe, expect, it } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SaveMark } from '../job-frame/save-mark.tsx';
import { UndoButtons } from '../job-frame/undo-buttons.tsx';
import { renderInSession, sentChanges, standInServer, stateOfFile } from '../test/in-session.tsx';
import type { Asked } from '../test/in-session.tsx';
import { FeaturesPart } from './property/features-part.tsx';
import { FindingsPart } from './findings/findings-part.tsx';
import { LongAssetsPart } from './property/long-assets-part.tsx';
import { PropertyPart } from './property/property-part.tsx';
import { SidesPart } from './property/sides-part.tsx';
import { ScopePart } from './surface/scope-part.tsx';
import { WalkGrid } from './walk-grid.tsx';
import { WaterPart } from './property/water-part.tsx';
import { MILL, OpenSheet } from '../test/mill-file.tsx';
let asked: Asked[];
beforeEach(() => {
  asked = standInServer(stateOfFile(MILL));
});
const changes = () => sentChanges(asked);

describe('the walk grid', () => {
  it('shows each surface below its side, with area, findings and scope in words', async () => {
    renderInSession(<WalkGrid selected="wall" runOff={false} />);
    expect(await screen.findByText('N · shade: trees')).toBeInTheDocument();
    const wall = screen.getByRole('link', { name: /Mill wall/ });
    expect(wall).toHaveTextContent('12 m²');
    expect(wall).toHaveTextContent('green algae 3');
    expect(wall).toHaveAttribute('aria-current', 'true');
    expect(screen.getByRole('link', { name: /Mill yard/ })).toHaveTextContent('left out');
  });

  it('says how to begin where there is nothing yet', async () => {
    standInServer(stateOfFile({ surfaces: [] }));
    renderInSession(<WalkGrid selected={null} runOff={false} />);
    expect(await screen.findByText('Start the walk')).toBeInTheDocument();
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
    renderInSession(<FindingsPart surface="wall" />);
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
    renderInSession(<ScopePart surface="wall" />);
    await userEvent.click(await screen.findByRole('switch', { name: 'In scope' }));
    await userEvent.type(await screen.findByLabelText('Why it is out of scope'), 'damp');
    await waitFor(() => {
      expect(changes().at(-1)).toMatchObject({ kind: 'scope', fields: { scopeReason: 'damp' } });
    });
    expect(changes()[0]).toMatchObject({
      kind: 'scope',
      op: 'create',
      fields: { surface: 'wall', inScope: false },
    });
  });
});

describe('the record of the property', () => {
  it('asks of a feature what belongs to its kind', async () => {
    renderInSession(<FeaturesPart />);
    await userEvent.click(await screen.findByRole('button', { name: /Add feature/ }));
    await userEvent.click(await screen.findByText('Feature 1'));
    expect(screen.queryByLabelText('Leads to')).toBeNull();
    await userEvent.click(screen.getByLabelText('Kind'));
    await userEvent.click(await screen.findByTitle('Cellar drain'));
    expect(await screen.findByLabelText('Leads to')).toBeInTheDocument();
    expect(screen.getByLabelText('Owner')).toBeInTheDocument();
  });

  it('reckons a flow from timed buckets', async () => {
    renderInSession(<WaterPart />);
    await userEvent.click(await screen.findByRole('button', { name: /Add water point/ }));
    await userEvent.click(await screen.findByText('Tap 1'));
    await userEvent.click(screen.getByRole('button', { name: /Time a bucket/ }));
    await userEvent.type(screen.getByLabelText('Water in the bucket'), '9');
    await userEvent.type(screen.getByLabelText('Seconds'), '6');
    expect(await screen.findByText('90 L/min')).toBeInTheDocument();
    await waitFor(() => {
      expect(changes().at(-1)).toMatchObject({ fields: { buckets: [{ litres: 9, seconds: 6 }] } });
    });
  });

  it('takes quiet hours as one writes them, and says what is none', async () => {
    renderInSession(<PropertyPart />);
    const quiet = await screen.findByLabelText('Quiet hours');
    await userEvent.type(quiet, 'noon');
    expect(screen.getByText('“noon” are no hours: write them as 12:00 to 13:30')).toBeInTheDocument();
    await userEvent.clear(quiet);
    await userEvent.type(quiet, '12 to 13:30');
    await waitFor(() => {
      expect(changes().at(-1)).toMatchObject({
        kind: 'property',
        fields: { quietHours: [{ from: '12:00', to: '13:30' }] },
      });
    });
  });

  it('adds a stretch of a long asset, each part measured by its chainage', async () => {
    renderInSession(<LongAssetsPart />);
    await userEvent.click(await screen.findByRole('button', { name: /Add long asset/ }));
    await userEvent.click(await screen.findByText('Long asset 1'));
    await userEvent.click(screen.getByRole('button', { name: 'Add a stretch' }));
    const dialog = within(await screen.findByRole('dialog'));
    await userEvent.click(dialog.getByRole('button', { name: 'Add the stretch' }));
    expect(dialog.getByText(/choose the material/)).toBeInTheDocument();
    await userEvent.type(dialog.getByLabelText('Material'), 'Concrete');
    await userEvent.click(await screen.findByTitle('Concrete'));
    await userEvent.click(dialog.getByRole('button', { name: 'Add the stretch' }));
    expect(dialog.getByText(/give the width/)).toBeInTheDocument();
    await userEvent.type(dialog.getByLabelText('Width of top and underside'), '2.4');
    await userEvent.click(dialog.getByRole('button', { name: 'Add the stretch' }));
    await waitFor(() => {
      expect(changes().at(-1)).toMatchObject({
        kind: 'surface',
        fields: { size: '(100m - 0m) x 2.4m', asset: { part: 'top', toMetres: 100 } },
      });
    });
  });
});

describe('undo', () => {
  it('takes back one’s own last edit, and does it again', async () => {
    renderInSession(
      <>
        <UndoButtons />
        <SidesPart />
      </>,
    );
    await userEvent.type(await screen.findByDisplayValue('North'), ' X');
    await userEvent.click(screen.getByRole('button', { name: 'Undo the last edit' }));
    expect(screen.getByDisplayValue('North')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Redo' }));
    expect(screen.getByDisplayValue('North X')).toBeInTheDocument();
  });
});

describe('the save mark', () => {
  it('says saved, saving, and saved with the time', async () => {
    renderInSession(
      <>
        <SaveMark />
        <SidesPart />
      </>,
    );
    expect(await screen.findByText('saved')).toBeInTheDocument();
    await userEvent.type(screen.getByDisplayValue('North'), ' A');
    expect(screen.getByText('saving')).toBeInTheDocument();
    expect(await screen.findByText(/^saved \d\d:\d\d$/)).toBeInTheDocument();
  });
});
