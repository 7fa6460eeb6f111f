import { beforeEach, describe, expect, it } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { SurveyChange, Surface } from '@etappe/core';
import type { ReactNode } from 'react';
import { SaveMark } from '../job-frame/save-mark.tsx';
import { UndoButtons } from '../job-frame/undo-buttons.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { idOf, renderInSession, standInServer, stateOfFile } from '../test/in-session.tsx';
import type { Asked } from '../test/in-session.tsx';
import { DamagesPart } from './property/damages-part.tsx';
import { FeaturesPart } from './property/features-part.tsx';
import { FindingsPart } from './findings/findings-part.tsx';
import { LogPart } from './surface/log-part.tsx';
import { LongAssetsPart } from './property/long-assets-part.tsx';
import { PastPart } from './surface/past-part.tsx';
import { PropertyPart } from './property/property-part.tsx';
import { SidesPart } from './property/sides-part.tsx';
import { ScopePart } from './surface/scope-part.tsx';
import { SurfaceSheet } from './surface/surface-sheet.tsx';
import { WalkGrid } from './walk-grid.tsx';
import { WaterPart } from './property/water-part.tsx';
import { ZonesPart } from './surface/zones-part.tsx';

const file = {
  sides: [
    { id: 'north', name: 'North', aspectDegrees: 0, shade: 'trees' },
    { id: 'south', name: 'South', aspectDegrees: 180 },
  ],
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

/** One part of the sheet of the first surface: the whole sheet takes long to type into. */
function Part({ of }: { readonly of: (props: { surface: Surface }) => ReactNode }) {
  const { survey } = useSurveySession();
  const [surface] = survey.surfaces;
  const Of = of;
  return surface ? <Of surface={surface} /> : null;
}

function OpenSheet() {
  const { survey } = useSurveySession();
  const [surface] = survey.surfaces;
  return surface ? <SurfaceSheet surface={surface} /> : null;
}

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

describe('the record of a surface', () => {
  it('takes a zone with its size off the surface, and what is found on it', async () => {
    renderInSession(<Part of={ZonesPart} />);
    await userEvent.click(await screen.findByRole('button', { name: /Add zone/ }));
    await userEvent.click(await screen.findByText('Zone 1'));
    await userEvent.type(screen.getByLabelText('Size of the zone'), '4x0.5');
    expect(await screen.findByText('The rest of the surface has 10 m².')).toBeInTheDocument();
    expect(screen.getByText('2 m², nothing found')).toBeInTheDocument();
  });

  it('measures running metres by their girth, and grows by relief', async () => {
    renderInSession(<OpenSheet />);
    const size = await screen.findByLabelText('Size');
    await userEvent.clear(size);
    await userEvent.type(size, '24m');
    expect(screen.getByText(/for rails and copings give the girth/)).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('Girth, of a metre or a piece'), '0.5');
    expect(await screen.findByText('24 m × 0.5 = 12 m²')).toBeInTheDocument();
    await userEvent.clear(screen.getByLabelText('Relief factor'));
    await userEvent.type(screen.getByLabelText('Relief factor'), '1.5');
    expect(await screen.findByText('18 m²')).toBeInTheDocument();
  });

  it('shows how a size is written, beside the field', async () => {
    renderInSession(<OpenSheet />);
    await userEvent.click(await screen.findByRole('button', { name: 'How to write a size' }));
    expect(await screen.findByText('11x7.2 @ 32deg')).toBeInTheDocument();
  });

  it('keeps its past', async () => {
    renderInSession(<Part of={PastPart} />);
    await userEvent.click(await screen.findByRole('button', { name: /Add to its past/ }));
    await userEvent.type(await screen.findByLabelText('How'), 'lime wash');
    await waitFor(() => {
      expect(changes().findLast((c) => c.kind === 'surface')).toMatchObject({
        fields: { past: [{ act: 'cleaned', date: null, how: 'lime wash' }] },
      });
    });
  });

  it('keeps the damage that is there', async () => {
    renderInSession(<DamagesPart surface="wall" />);
    await userEvent.click(await screen.findByRole('button', { name: /Add damage/ }));
    expect(await screen.findByText('not shown to the customer yet')).toBeInTheDocument();
    await waitFor(() => {
      expect(changes()).toMatchObject([{ kind: 'damage', op: 'create', fields: { surface: 'wall' } }]);
    });
  });

  it('says that it was looked at and is clean', async () => {
    asked = standInServer(
      stateOfFile({ surfaces: [{ id: 'wall', material: 'limestone', size: '4x3', findings: [] }] }),
    );
    renderInSession(<FindingsPart surface="wall" />);
    await userEvent.click(await screen.findByRole('checkbox', { name: 'Looked at, nothing found' }));
    await waitFor(() => {
      expect(changes()).toMatchObject([{ kind: 'scope', fields: { nothingFound: true } }]);
    });
  });

  it('offers what was found last time, and takes it over by hand', async () => {
    const state = stateOfFile({
      surfaces: [{ id: 'wall', material: 'limestone', size: '4x3', findings: [] }],
    });
    const found = {
      surface: 'wall',
      zone: null,
      contaminant: 'green-algae',
      severity: 3,
      share: 0.5,
      confidence: 1,
      note: '',
    };
    asked = standInServer(state, (request) =>
      request.method === 'GET' && /jobs\/[^/]+$/.test(request.path)
        ? {
            id: request.path.slice(6),
            propertyId: idOf('1'),
            sequence: 0,
            handbook: state.handbook,
            handbookRevision: 0,
            job: { ...state.job, id: request.path.slice(6) },
            entities: [...state.entities.values()],
            orders: [],
            previous: { id: idOf('2'), name: 'Spring', start: '2025-04-01', findings: [found] },
          }
        : undefined,
    );
    renderInSession(<FindingsPart surface="wall" />);
    expect(await screen.findByText(/Last time \(Spring, 2025-04-01\)/)).toHaveTextContent('green algae 3');
    await userEvent.click(screen.getByRole('button', { name: 'The same again' }));
    await waitFor(() => {
      expect(changes()).toMatchObject([
        { kind: 'finding', op: 'create', fields: { severity: 3, share: 0.5 } },
      ]);
    });
    expect(screen.queryByText(/Last time/)).toBeNull();
  });

  it('tells who changed what, from what to what', async () => {
    const log = [
      {
        sequence: 3,
        at: '2026-05-02T09:00:00Z',
        deviceAt: '2026-05-01T08:00:00Z',
        by: 'Zoë',
        kind: 'surface',
        entity: 'wall',
        op: 'patch',
        fields: [{ field: 'material', from: 'concrete', to: 'limestone' }],
      },
      {
        sequence: 2,
        at: '2026-05-02T08:00:00Z',
        deviceAt: null,
        by: 'Office',
        kind: 'finding',
        entity: 'gone',
        op: 'delete',
        fields: [{ field: 'contaminant', from: 'lichen', to: null }],
      },
    ];
    asked = standInServer(stateOfFile(file), (request) =>
      request.path.includes('/log/') ? { changes: log } : undefined,
    );
    renderInSession(<LogPart entity="wall" />);
    await userEvent.click(await screen.findByRole('button', { name: 'Who changed what' }));
    const [first, second] = await screen.findAllByText(/Zoë|Office/);
    expect(first?.closest('li')).toHaveTextContent(/by the device’s clock.*Material: Concrete → Limestone/);
    expect(second?.closest('li')).toHaveTextContent(/Finding Lichen.*deleted/);
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
