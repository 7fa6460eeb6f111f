import { beforeEach, describe, expect, it } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { idOf, renderInSession, sentChanges, standInServer, stateOfFile } from '../../test/in-session.tsx';
import type { Asked } from '../../test/in-session.tsx';
import { DamagesPart } from '../property/damages-part.tsx';
import { FindingsPart } from '../findings/findings-part.tsx';
import { LogPart } from './log-part.tsx';
import { PastPart } from './past-part.tsx';
import { ZonesPart } from './zones-part.tsx';
import { MILL, OpenSheet, Part } from '../../test/mill-file.tsx';
let asked: Asked[];
beforeEach(() => {
  asked = standInServer(stateOfFile(MILL));
});
const changes = () => sentChanges(asked);

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
    asked = standInServer(stateOfFile(MILL), (request) =>
      request.path.includes('/log/') ? { changes: log } : undefined,
    );
    renderInSession(<LogPart entity="wall" />);
    await userEvent.click(await screen.findByRole('button', { name: 'Who changed what' }));
    const [first, second] = await screen.findAllByText(/Zoë|Office/);
    expect(first?.closest('li')).toHaveTextContent(/by the device’s clock.*Material: Concrete → Limestone/);
    expect(second?.closest('li')).toHaveTextContent(/Finding Lichen.*deleted/);
  });
});
