import { beforeAll, beforeEach, describe, expect, it } from '@jest/globals';
import { EMPTY_HANDBOOK, plan, surveyOf } from '@etappe/core';
import type { Plan } from '@etappe/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { PlanContext } from '../planning/use-plan.tsx';
import { idOf, renderInSession, sentChanges, standInServer, stateOfFile } from '../test/in-session.tsx';
import type { Asked } from '../test/in-session.tsx';
import { SupplyPage } from './supply-page.tsx';

const lot = (more: object) => ({
  id: 'a',
  agent: 'hypochlorite',
  product: null,
  lot: 'A-1',
  boughtOn: '2026-03-04',
  openedOn: null,
  expiresOn: null,
  place: 'yard',
  left: 20,
  storageCelsius: [20],
  measured: [],
  ...more,
});
const state = stateOfFile({
  start: '2026-05-04',
  place: { latitude: 47.1, longitude: 9.3, timeZone: 'Europe/Zurich' },
  sides: [
    { id: 'north', name: 'North', aspectDegrees: 0, routeMetres: 30 },
    { id: 'south', name: 'South', aspectDegrees: 180, routeMetres: 20 },
  ],
  site: { waterPoints: [{ id: 'tap', name: 'Yard tap', flowLitresPerMinute: 3, distanceMetres: 20 }] },
  handbook: { ...EMPTY_HANDBOOK, lots: [lot({}), lot({ id: 'b', lot: 'B-2', expiresOn: '2026-04-01' })] },
  house: { gear: { tank: { litres: 50, startLitres: 50 }, vehicle: { kilograms: 20, litres: 9000 } } },
  surfaces: [
    {
      id: 'wall',
      name: 'Mill wall',
      material: 'painted-render',
      side: 'north',
      size: '8x3',
      topMetres: 3,
      findings: [{ contaminant: 'green-algae', severity: 3 }],
    },
    {
      id: 'front',
      name: 'Mill front',
      material: 'painted-render',
      side: 'south',
      size: '12x4',
      topMetres: 4,
      findings: [{ contaminant: 'green-algae', severity: 2 }],
    },
  ],
});
let made: Plan;
let asked: Asked[];
beforeAll(() => {
  made = plan(surveyOf(state), { asOf: '2026-05-04', seed: 1, budget: 1 });
});
beforeEach(() => {
  asked = standInServer(state, (request) =>
    request.path === '/stock/reservations'
      ? { reservations: [{ lot: 'a', job: idOf('1'), jobName: 'Quay', order: 7, amount: 19.9 }] }
      : undefined,
  );
});
const show = (part = 'products', shown: Plan = made) =>
  renderInSession(
    <PlanContext value={{ plan: shown, working: false, failed: null }}>
      <SupplyPage />
    </PlanContext>,
    `supply?part=${part}`,
  );
const type = async (label: string, text: string) => {
  const field = await screen.findByLabelText(label);
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
};
const lastHouse = () => sentChanges(asked).at(-1)?.fields['house'];

describe('products', () => {
  it('come from lots that age, less what other orders have reserved, and the rest is bought', async () => {
    show();
    const row = await screen.findByRole('row', { name: /Sodium hypochlorite/ });
    expect(await within(row).findByText(/19.9 L reserved by orders of other jobs/)).toBeInTheDocument();
    const sums = within(row).getAllByText(
      /125 g\/L on the label, bought 2026-03-04; 61 days at 20 °C leave about/,
    );
    expect(sums).toHaveLength(2);
    expect(row).toHaveTextContent('✕ expired 2026-04-01');
    expect(row).toHaveTextContent('1 × 5 L');
    expect(screen.getByText(/Not enough in stock for Sodium hypochlorite/)).toBeInTheDocument();
  });
});

describe('what was used of a lot', () => {
  const uses = () => screen.findByRole('row', { name: /Sodium hypochlorite/ });
  const answering = (post: (request: Asked) => unknown) => {
    let kept: readonly object[] = [];
    asked = standInServer(state, (request) => {
      if (request.path === '/stock/reservations') return { reservations: [] };
      if (!request.path.startsWith('/stock/uses')) return undefined;
      if (request.method === 'POST') {
        const { job: _job, ...use } = request.body as { job: string };
        kept = [{ ...use, by: 'Ada', at: '2026-05-04T16:00:00.000Z' }];
      }
      if (request.method === 'DELETE') {
        kept = [];
        return undefined;
      }
      return post(request) ?? { uses: kept };
    });
  };
  const writeDown = async (litres: string) => {
    const row = await uses();
    await userEvent.type(within(row).getAllByLabelText('Used, after the work')[0] ?? row, litres);
    await userEvent.click(within(row).getByRole('button', { name: 'Record' }));
  };

  it('is written down whole, takes the place of what was planned, and goes back on demand', async () => {
    answering(() => undefined);
    show();
    await writeDown('7.5');
    const row = await uses();
    expect(await within(row).findByText(/7.5 L used of 20 L/)).toBeInTheDocument();
    expect(within(row).getByText(/7.5 L used, recorded 2026-05-04 by Ada/)).toBeInTheDocument();
    expect(within(row).getByText(/12.5 L are left after it/)).toBeInTheDocument();
    const posts = asked.filter((r) => r.method === 'POST' && r.path === '/stock/uses');
    expect(posts.map((r) => r.body)).toEqual([expect.objectContaining({ lot: 'a', amount: 7.5 })]);
    await userEvent.click(within(row).getByRole('button', { name: 'Put 7.5 L back in stock' }));
    await waitFor(() => {
      expect(screen.queryByText(/written down 2026-05-04/)).toBeNull();
    });
  });

  it('is sent under one number until the answer has come, so that nothing comes off twice', async () => {
    let lost = true;
    answering((request) => {
      if (request.method !== 'POST' || !lost) return undefined;
      lost = false;
      throw new TypeError('network');
    });
    show();
    await writeDown('3');
    expect(await screen.findByText('Cannot reach the server.')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: /Record/ }));
    await screen.findByText(/3 L used of 20 L/);
    const ids = asked.filter((r) => r.method === 'POST').map((r) => (r.body as { id: string }).id);
    expect(ids).toHaveLength(2);
    expect(new Set(ids).size).toBe(1);
  });
});

describe('mixes', () => {
  it('show vessel, lot, strength after rounding, sum, and how long they keep', async () => {
    show('mixes');
    expect(await screen.findByText(/for Mill wall, in the sprayer/)).toBeInTheDocument();
    expect(screen.getAllByRole('img', { name: /^In this order: Water/ }).length).toBeGreaterThan(1);
    expect(screen.getByText(/24 m² × \(1 × 0.2 L\/m²\) \+ 10 % waste = 5.3 L/)).toBeInTheDocument();
    expect(screen.getAllByText(/lot A-1, \d+(\.\d)? g\/L/).length).toBeGreaterThan(0);
    expect(screen.getAllByText(/Good for 24 h once mixed/).length).toBeGreaterThan(0);
  });

  it('take another share of waste, and a draw that was tested', async () => {
    show('mixes');
    await type('Waste added', '20');
    await waitFor(() => {
      expect(lastHouse()).toMatchObject({ wasteShare: 0.2 });
    });
    await type('…by a test: drawn of 12 L delivered', '1.5');
    await userEvent.click(screen.getByRole('button', { name: 'Record' }));
    await waitFor(() => {
      expect(lastHouse()).toMatchObject({ gear: { injectorShare: 0.125 } });
    });
    await type('…by a test: drawn of 12 L delivered', '13');
    await userEvent.click(screen.getByRole('button', { name: 'Record' }));
    expect(await screen.findByText(/drawn 13 L is not less than the delivered 12 L/)).toBeInTheDocument();
  });

  it('say so where nothing is mixed', async () => {
    show('mixes', { ...made, mixes: [], products: [] });
    expect(await screen.findByText(/Nothing is mixed on this visit/)).toBeInTheDocument();
  });
});

describe('wet time', () => {
  it('draws one section with its dwell, and reads it by the keyboard', async () => {
    show('wetness');
    const line = await screen.findByRole('slider', { name: /Wet line of Mill wall: film until/ });
    line.focus();
    await userEvent.keyboard('{ArrowRight}{ArrowRight}');
    expect(line).toHaveAttribute('aria-valuenow', '2');
    expect(line.getAttribute('aria-valuetext')).toMatch(/^After 2 min: \d+ g\/m² on the surface/);
  });

  it('tells the gentlest side and the hours of each face', async () => {
    show('wetness');
    expect(await screen.findByText(/Gentlest side: North, [\d.]+ mm\/h at most/)).toBeInTheDocument();
    const row = screen.getByRole('row', { name: /Mill front/ });
    expect(within(row).getByRole('img', { name: /^13:00: .*W\/m² net/ })).toBeInTheDocument();
  });
});

describe('water', () => {
  it('tells when the tank runs dry, and what would help', async () => {
    show('water');
    expect(
      await screen.findByRole('img', { name: /Tank line: (dry from \d\d:\d\d|it lasts)/ }),
    ).toBeInTheDocument();
    const warned = made.warnings.some((w) => w.rule === 'water-short');
    expect(screen.queryAllByText(/Ways out/).length > 0).toBe(warned);
    expect(warned).toBe(true);
    expect(screen.getByText(/Yard tap to the vehicle: 22 m with 10 % spare/)).toBeInTheDocument();
  });

  it('takes another tank and another hose', async () => {
    show('water');
    await type('Tank', '600');
    await waitFor(() => {
      expect(lastHouse()).toMatchObject({ gear: { tank: { litres: 600, startLitres: null } } });
    });
    await userEvent.click(screen.getByRole('button', { name: /Add hose/ }));
    await waitFor(() => {
      expect(lastHouse()).toMatchObject({
        gear: { hoses: expect.arrayContaining([{ use: 'supply', metres: 25, innerMillimetres: 12.7 }]) },
      });
    });
  });
});

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

describe('the load list', () => {
  it('is ticked off one by one, and says what is short', async () => {
    show('load');
    const papers = await screen.findByRole('region', { name: 'Papers' });
    await userEvent.click(within(papers).getByRole('checkbox', { name: /Crew order, printed/ }));
    await waitFor(() => {
      expect(sentChanges(asked).at(-1)?.fields).toEqual({ 'loaded.paper order': expect.any(String) });
    });
    expect(screen.getByText(/^1 of \d+ loaded/)).toBeInTheDocument();
    expect(screen.getByText(/The load weighs about \d+ kg, the vehicle carries 20 kg/)).toBeInTheDocument();
  });
});

describe('what if', () => {
  it('shows what would change before anything is taken, and takes it on demand', async () => {
    show();
    await userEvent.click(await screen.findByText(/What if the weather/));
    await type('Air, warmest', '34');
    expect(await screen.findByRole('rowheader', { name: 'Fastest drying' })).toBeInTheDocument();
    expect(sentChanges(asked)).toEqual([]);
    await userEvent.click(screen.getByRole('button', { name: 'Apply' }));
    await waitFor(() => {
      expect(sentChanges(asked).at(-1)?.fields['weather']).toMatchObject({ temperatureC: 34 });
    });
  });

  it('tells of larger tips: more water, by the sequence as it is', async () => {
    show();
    await userEvent.click(await screen.findByText(/What if the weather/));
    await type('Nozzle size', '8');
    await type('Yard tap', '0.5');
    expect(await screen.findByRole('rowheader', { name: 'Water of the day' })).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Apply' }));
    await waitFor(() => {
      const house = sentChanges(asked).find((change) => 'house' in change.fields)?.fields['house'];
      expect(house).toMatchObject({
        machines: expect.arrayContaining([
          expect.objectContaining({ kind: 'pressure-washer', tipOrifice: 8 }),
        ]),
      });
    });
  });

  it('leaves all as it is on demand, and takes no older stock', async () => {
    show();
    await userEvent.click(await screen.findByText(/What if the weather/));
    await type('Stock older by', '60');
    expect(await screen.findByText(/This does not age the stock itself/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Apply' })).toBeDisabled();
    await userEvent.click(screen.getByRole('button', { name: 'Discard' }));
    expect(screen.queryByText(/Stock is not made older/)).not.toBeInTheDocument();
    expect(sentChanges(asked)).toEqual([]);
  });

  it('refuses what cannot be, with the limit', async () => {
    show();
    await userEvent.click(await screen.findByText(/What if the weather/));
    await type('Cloud', '130');
    expect(await screen.findByText('130 % is outside 0 % to 100 %')).toBeInTheDocument();
    await type('Yard tap', '0');
    expect(await screen.findByText('0 L/min is outside 0.1 L/min to 500 L/min')).toBeInTheDocument();
  });
});
