import { describe, expect, it } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { HandbookServer, renderHandbook } from '../test/handbook-server.tsx';
import { today } from '../today.ts';

const LOT = {
  agent: 'hypochlorite',
  product: null,
  lot: 'W-1',
  boughtOn: '2026-01-10',
  openedOn: null,
  expiresOn: null,
  place: 'yard',
  left: 12,
  storageCelsius: [18],
  measured: [],
};
const shelf = () => new HandbookServer([{ part: 'lot', id: 'white', revision: 1, detail: LOT }]);
const type = async (label: string, text: string) => {
  const field = await screen.findByLabelText(label);
  await userEvent.clear(field);
  await userEvent.type(field, text);
};

describe('the shelf', () => {
  it('lists lots with what is left and how strong they are today, and opens one to its sum', async () => {
    shelf();
    renderHandbook('/handbook/lots/white');
    expect(
      await screen.findByRole('link', { name: /Sodium hypochlorite, lot W-1 12 L · [\d.]+ g\/L today/ }),
    ).toBeInTheDocument();
    expect(
      screen.getByText(/125 g\/L on the label, bought 2026-01-10; \d+ days at 18 °C/),
    ).toBeInTheDocument();
  });

  it('takes a new lot from its container', async () => {
    const server = shelf();
    renderHandbook('/handbook/lots/new');
    await screen.findByRole('link', { name: /lot W-1/ });
    await type('Lot number', 'N-7');
    await type('Left of it', '25');
    await userEvent.click(screen.getByRole('button', { name: 'Save lot' }));
    await waitFor(() => {
      expect(server.batches.at(-1)?.[0]).toMatchObject({
        part: 'lot',
        op: 'put',
        base: 0,
        detail: { agent: 'hypochlorite', lot: 'N-7', left: 25, boughtOn: today() },
      });
    });
  });

  it('takes a strip reading, typed or from the reader', async () => {
    const server = shelf();
    renderHandbook('/handbook/lots/white');
    await type('Strength, typed', '96');
    await userEvent.click(screen.getByRole('button', { name: 'Record' }));
    await userEvent.click(screen.getByRole('button', { name: /Read chlorine strip reader \(simulated\)/ }));
    const list = screen.getByRole('list', { name: 'Measured strengths' });
    await waitFor(() => {
      expect(within(list).getAllByRole('listitem')).toHaveLength(2);
    });
    await userEvent.click(screen.getByRole('button', { name: 'Save lot' }));
    await waitFor(() => {
      const detail = server.batches.at(-1)?.[0]?.detail as unknown as typeof LOT;
      expect(detail.measured).toMatchObject([
        { gramsPerLitre: 96, how: 'strip', on: today() },
        { how: 'strip' },
      ]);
    });
  });

  it('refuses a day that has not come, and saves nothing', async () => {
    const server = shelf();
    renderHandbook('/handbook/lots/white');
    const bought = await screen.findByLabelText('Bought on');
    await userEvent.clear(bought);
    await userEvent.type(bought, '2099-01-01');
    await userEvent.click(screen.getByRole('button', { name: 'Save lot' }));
    expect(await screen.findByText(/bought on 2099-01-01 has not come yet, today is/)).toBeInTheDocument();
    expect(server.batches).toEqual([]);
  });
});
