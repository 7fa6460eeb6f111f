import { beforeEach, describe, expect, it } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { sentChanges, standInServer } from '../test/in-session.tsx';
import type { Asked } from '../test/in-session.tsx';
import { show, state, supplyServer, type } from '../test/supply-house.tsx';
let asked: Asked[];
beforeEach(() => {
  asked = supplyServer();
});
const lastHouse = () => sentChanges(asked).at(-1)?.fields['house'];

describe('what comes along', () => {
  it('takes a tower by two figures, a booster, and what water costs; and leaves them at home', async () => {
    show('water');
    const tower = await screen.findByRole('checkbox', { name: 'Bringing a tower' });
    await userEvent.click(tower);
    await type('Width of its base', '1.4');
    await type('Height of its platform', '6');
    await waitFor(() => {
      expect(lastHouse()).toMatchObject({ gear: { tower: { baseMetres: 1.4, platformMetres: 6 } } });
    });
    await userEvent.click(screen.getByRole('checkbox', { name: 'Bringing a booster for the tap' }));
    await type('Pressure at no flow', '2.5');
    await userEvent.click(screen.getByRole('checkbox', { name: 'Water costs money' }));
    await type('A cubic metre from the tap', '4.2');
    await type("A truck's trip", '180');
    await waitFor(() => {
      expect(lastHouse()).toMatchObject({
        gear: {
          lift: null,
          booster: { shutOffBar: 2.5 },
          waterPrice: { perCubicMetre: 4.2, perTruck: 180, truckLitres: 1000 },
        },
      });
    });
    await userEvent.click(tower);
    await waitFor(() => {
      expect(lastHouse()).toMatchObject({ gear: { tower: null } });
    });
  });

  it('takes a pump by its plate and its tips, and refuses what no pump gives', async () => {
    show('water');
    const washer = await screen.findByRole('group', { name: 'Pressure washer, by its plate' });
    const fill = async (label: string, text: string) => {
      await userEvent.clear(within(washer).getByLabelText(label));
      await userEvent.type(within(washer).getByLabelText(label), text);
    };
    await fill('Flow', '15');
    await fill('Pressure', '165');
    await fill('Nozzle size', '4.5');
    await waitFor(() => {
      expect(lastHouse()).toMatchObject({
        machines: expect.arrayContaining([
          expect.objectContaining({
            kind: 'pressure-washer',
            flowLitresPerMinute: 15,
            pressureBar: 165,
            tipOrifice: 4.5,
          }),
        ]),
      });
    });
    await fill('Flow', '0');
    expect(await within(washer).findByText(/must be greater than or equal to 0.5/)).toBeInTheDocument();
  });
});

describe('in US customary units', () => {
  const us = { ...state, job: { ...state.job, detail: { ...state.job.detail, units: 'us' } } };

  it('what comes along is typed in gallons, feet, inches and psi, and kept in SI', async () => {
    asked = standInServer(us);
    show('water');
    expect(await screen.findByLabelText('Tank')).toHaveValue('13.2086');
    await type('Longest pole', '30');
    await waitFor(() => {
      expect((lastHouse() as { gear: { longestPoleMetres: number } }).gear.longestPoleMetres).toBeCloseTo(
        9.144,
        6,
      );
    });
    const washer = screen.getByRole('group', { name: 'Pressure washer, by its plate' });
    await userEvent.type(within(washer).getByLabelText('Pressure'), '2400');
    await waitFor(() => {
      const { machines } = lastHouse() as {
        machines: readonly { kind: string; pressureBar: number | null }[];
      };
      expect(machines.find((m) => m.kind === 'pressure-washer')?.pressureBar).toBeCloseTo(165.47, 1);
    });
    expect(screen.getByLabelText('Inside of hose 1')).toHaveValue('0.374');
  });
});
