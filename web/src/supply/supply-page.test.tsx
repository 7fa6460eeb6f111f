import { beforeEach, describe, expect, it } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { sentChanges, standInServer } from '../test/in-session.tsx';
import type { Asked } from '../test/in-session.tsx';
import { PLAN, show, state, supplyServer, type } from '../test/supply-house.tsx';
let asked: Asked[];
beforeEach(() => {
  asked = supplyServer();
});
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
    expect(await screen.findByText(/for .*Mill wall.*, in the sprayer/)).toBeInTheDocument();
    expect(screen.getAllByRole('img', { name: /^In this order: Water/ }).length).toBeGreaterThan(1);
    expect(screen.getAllByText(/\d m² × \(1 × 0.2 L\/m²\) \+ 10 % waste = [\d.]+ L/).length).toBeGreaterThan(
      0,
    );
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
    show('mixes', { ...PLAN, mixes: [], products: [] });
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
    const warned = PLAN.warnings.some((w) => w.rule === 'water-short');
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
