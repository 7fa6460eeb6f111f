import { beforeEach, describe, expect, it } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { RackContext } from '../../instruments/rack-context.ts';
import { simulatedRack } from '../../instruments/simulated-rack.ts';
import { InstrumentSilent } from '../../instruments/instrument.ts';
import type { InstrumentRack } from '../../instruments/instrument.ts';
import { renderInSession, sentChanges, standInServer, stateOfFile } from '../../test/in-session.tsx';
import type { Asked } from '../../test/in-session.tsx';
import { today } from '../../today.ts';
import { ReadingsPart } from './readings-part.tsx';

const state = stateOfFile({
  surfaces: [{ id: 'wall', material: 'larch-boards', size: '8x3', findings: [] }],
});
let asked: Asked[];
beforeEach(() => {
  asked = standInServer(state);
});
const show = (rack: InstrumentRack) =>
  renderInSession(
    <RackContext value={rack}>
      <ReadingsPart surface="wall" />
    </RackContext>,
  );
const silent: InstrumentRack = (kind) => ({
  kind,
  label: 'broken',
  read: () => Promise.reject(new InstrumentSilent('It gives no steady figure: type the figure in.')),
});

describe('readings on a face', () => {
  it('are typed and written down whole, with the day', async () => {
    show(() => null);
    await userEvent.type(await screen.findByLabelText('Surface temperature, typed'), '41.5');
    expect(sentChanges(asked)).toEqual([]);
    await userEvent.click(screen.getByRole('button', { name: 'Record' }));
    await waitFor(() => {
      expect(sentChanges(asked).at(-1)).toMatchObject({
        kind: 'reading',
        op: 'create',
        fields: { surface: 'wall', what: 'surface-temperature', figure: 41.5, on: today() },
      });
    });
    const list = screen.getByRole('list', { name: 'Readings' });
    expect(within(list).getByText('41.5 °C')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: /^Read/ })).not.toBeInTheDocument();
  });

  it('that cannot be are refused with the limit, and stay in the field', async () => {
    show(() => null);
    await userEvent.type(await screen.findByLabelText('Moisture, typed'), '130');
    await userEvent.click(screen.getByRole('button', { name: 'Record' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('130 % is outside 0 to 100 %: read it again');
    expect(screen.getByLabelText('Moisture, typed')).toHaveValue('130');
    expect(sentChanges(asked)).toEqual([]);
  });

  it('come from an instrument where there is one, and are taken back', async () => {
    show(simulatedRack(5, 0));
    await userEvent.click(await screen.findByRole('button', { name: /Read moisture meter \(simulated\)/ }));
    await waitFor(() => {
      expect(sentChanges(asked).at(-1)?.fields).toMatchObject({ what: 'moisture' });
    });
    await userEvent.click(await screen.findByRole('button', { name: 'Remove this moisture' }));
    await waitFor(() => {
      expect(sentChanges(asked).at(-1)).toMatchObject({ kind: 'reading', op: 'delete' });
    });
  });

  it('are none where the instrument is silent, and it says what to do', async () => {
    show(silent);
    await userEvent.click(await screen.findByRole('button', { name: /Read surface thermometer/ }));
    expect(await screen.findByText('It gives no steady figure: type the figure in.')).toBeInTheDocument();
    expect(sentChanges(asked)).toEqual([]);
  });

  it('take the pH of the wet face by its own instrument, and refuse what no strip has', async () => {
    renderInSession(
      <RackContext value={simulatedRack(1, 0)}>
        <ReadingsPart surface="wall" />
      </RackContext>,
    );
    await userEvent.click(await screen.findByRole('button', { name: /Read pH strip reader/ }));
    await waitFor(() => {
      expect(sentChanges(asked).at(-1)).toMatchObject({ op: 'create', fields: { what: 'ph' } });
    });
    await userEvent.type(screen.getByLabelText('pH of the wet face, typed'), '15');
    await userEvent.click(screen.getByRole('button', { name: 'Record' }));
    expect(await screen.findByText(/15 pH is outside 0 to 14 pH/)).toBeInTheDocument();
  });
});
