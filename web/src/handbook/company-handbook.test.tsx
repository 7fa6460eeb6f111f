import { afterEach, describe, expect, it } from '@jest/globals';
import { NO_RESTRICTIONS } from '@etappe/core';
import type { HandbookRecord } from '@etappe/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { HandbookServer, renderHandbook } from '../test/handbook-server.tsx';
import { press } from '../test/press.ts';
import { ABOUT, retype, openValues } from '../test/handbook-fields.ts';
const JET = 'material.granite.jetLimitKilopascal';
const jet = (value: number, replaced = 200): HandbookRecord => ({
  part: 'override',
  id: JET,
  revision: 3,
  detail: {
    kind: 'material',
    entry: 'granite',
    path: 'jetLimitKilopascal',
    value,
    replaced,
    reason: 'old steps',
    ...ABOUT,
  },
});
const product = (id: string, name: string, more: object = {}): HandbookRecord => ({
  part: 'product',
  id,
  revision: 1,
  detail: {
    name,
    agent: 'hypochlorite',
    strength: { basis: '% w/v', value: 14 },
    strengthRead: false,
    packs: [
      { size: 25, price: 30 },
      { size: 10, price: 15 },
    ],
    label: NO_RESTRICTIONS,
    dataSheet: null,
    inUse: true,
    ...ABOUT,
    ...more,
  },
});

afterEach(() => {
  localStorage.clear();
});

describe('a value of the house', () => {
  it('is set with reason and name, within its bound', async () => {
    const server = new HandbookServer();
    renderHandbook('/handbook/materials/granite');
    await openValues();
    await press('Set Highest jet force');
    const dialog = await screen.findByRole('dialog');
    const field = within(dialog).getByLabelText('Highest jet force');
    await userEvent.clear(field);
    await userEvent.type(field, '900');
    await press('Set');
    expect(within(dialog).getByText(/say why, in three letters/)).toBeInTheDocument();
    await userEvent.type(within(dialog).getByLabelText('Reason'), 'worn steps');
    await press('Set');
    expect(await within(dialog).findByText(/900 kPa lies past the bound: .* to 250 kPa/)).toBeInTheDocument();
    expect(server.batches).toEqual([]);
    await userEvent.clear(field);
    await userEvent.type(field, '150');
    await press('Set');
    await waitFor(() => {
      expect(screen.queryByRole('dialog')).toBeNull();
    });
    expect(await screen.findByText(/150 kPa ▲ stricter/)).toBeInTheDocument();
    expect(server.batches[0]?.[0]).toMatchObject({
      entry: JET,
      op: 'put',
      base: 0,
      detail: { value: 150, replaced: 200, reason: 'worn steps', by: 'Office' },
    });
  });

  it('goes back to the default', async () => {
    const server = new HandbookServer([jet(150)]);
    renderHandbook('/handbook/materials/granite');
    await press('Back to the default of Highest jet force');
    await waitFor(() => {
      expect(screen.queryByText(/stricter/)).toBeNull();
    });
    expect(server.batches[0]?.[0]).toMatchObject({ entry: JET, op: 'remove', base: 3, detail: null });
  });

  it('whose default has changed since is flagged, and may be kept', async () => {
    const server = new HandbookServer([jet(150, 180)]);
    renderHandbook('/handbook/house');
    expect(await screen.findByText(/was 180 kPa when this was set, and is 200 kPa now/)).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Our values △ 1' })).toBeInTheDocument();
    await press('Keep our value');
    await waitFor(() => {
      expect(screen.queryByText(/was 180 kPa/)).toBeNull();
    });
    expect(server.batches[0]?.[0]).toMatchObject({ detail: { value: 150, replaced: 200 } });
  });

  it('that another has changed meanwhile is not written over', async () => {
    const server = new HandbookServer([jet(150)]);
    server.refusal = { status: 409, body: { detail: 'Someone else has changed this entry meanwhile.' } };
    renderHandbook('/handbook/house');
    await press('Back to the default');
    expect(await screen.findByText(/Someone else has changed/)).toBeInTheDocument();
  });
});

describe('a product of the house', () => {
  it('is questioned for a slip of the unit, and put right by one press', async () => {
    new HandbookServer([product('white', 'White')]);
    renderHandbook('/handbook/products/white');
    await retype('Strength on the label, available chlorine', '12.5');
    await userEvent.click(screen.getByRole('radio', { name: 'g/L' }));
    expect(screen.getByText(/is 12.5 % w\/v meant\?/)).toBeInTheDocument();
    await press('Save product');
    expect((await screen.findAllByText(/such agents have about 125 g\/L/)).length).toBeGreaterThan(1);
    await press('Yes: 12.5 % w/v');
    expect(screen.getByRole('radio', { name: '% w/v' })).toBeChecked();
  });

  it('takes the place of the one in use, both in one batch', async () => {
    const server = new HandbookServer([product('old', 'Old white')]);
    renderHandbook('/handbook/products/new');
    await retype('Name on the label', 'New white');
    expect(await screen.findByText(/in place of “Old white”/)).toBeInTheDocument();
    expect(screen.getByText(/None yet: while it is in use/)).toBeInTheDocument();
    await press('Save product');
    await waitFor(() => {
      expect(server.batches).toHaveLength(1);
    });
    expect(server.batches[0]).toMatchObject([
      { entry: 'old', detail: { inUse: false } },
      { part: 'product', base: 0, detail: { name: 'New white', inUse: true } },
    ]);
    expect(await screen.findByRole('heading', { name: 'New white' })).toBeInTheDocument();
  });

  it('has its data sheet as a file or by an address, with its day', async () => {
    const server = new HandbookServer([product('white', 'White')]);
    renderHandbook('/handbook/products/white');
    await retype('Or its address', 'somewhere');
    expect(await screen.findByText(/an address starts with https/)).toBeInTheDocument();
    await retype('Or its address', 'https://sheets.example/white.pdf');
    expect(await screen.findByRole('link', { name: 'https://sheets.example/white.pdf' })).toBeInTheDocument();
    await userEvent.upload(
      screen.getByLabelText('File of the data sheet'),
      new File(['%PDF'], 'white.pdf', { type: 'application/pdf' }),
    );
    expect(await screen.findByRole('link', { name: 'white.pdf' })).toHaveAttribute(
      'href',
      `/api/v1/data-sheets/${'a'.repeat(64)}`,
    );
    await press('Save product');
    await waitFor(() => {
      expect(server.batches).toHaveLength(1);
    });
    expect(server.batches[0]?.[0]?.detail).toMatchObject({ dataSheet: { kind: 'file', name: 'white.pdf' } });
  });

  it('says of coats and of caught water what its label says, and not what contradicts itself', async () => {
    const server = new HandbookServer([product('white', 'White')]);
    renderHandbook('/handbook/products/white');
    await retype('One litre of the mix covers', '8');
    await retype('A litre of each further coat', '12');
    await retype('Spread no further than', '10');
    await userEvent.click(screen.getByRole('switch', { name: /Caught water may be reused/ }));
    await press('Save product');
    expect(
      await screen.findByText(/12 m² from a litre are more than the 10 m² up to which it is of use/),
    ).toBeInTheDocument();
    expect(server.batches).toEqual([]);
    await retype('A litre of each further coat', '9');
    await press('Save product');
    await waitFor(() => {
      expect(server.batches).toHaveLength(1);
    });
    expect(server.batches[0]?.[0]?.detail).toMatchObject({
      label: {
        squareMetresPerLitre: 8,
        nextCoatSquareMetresPerLitre: 9,
        mostSquareMetresPerLitre: 10,
        caughtMayBeReused: true,
      },
    });
  });

  it('shows what a litre costs by pack, and is taken out', async () => {
    const server = new HandbookServer([product('white', 'White')]);
    renderHandbook('/handbook/products/white');
    expect(await screen.findByText('25 L: 1.20 a L (least) · 10 L: 1.50 a L')).toBeInTheDocument();
    await press(/Remove$/);
    await waitFor(() => {
      expect(screen.queryByRole('heading', { name: 'White' })).toBeNull();
    });
    expect(server.records).toEqual([]);
  });

  it('is told on the card of its agent, with what its label bounds', async () => {
    new HandbookServer([
      product('white', 'White', { label: { ...NO_RESTRICTIONS, greatestGramsPerLitre: 30 } }),
    ]);
    renderHandbook('/handbook/agents/hypochlorite');
    expect(await screen.findByText('“White”: ✕ no data sheet')).toBeInTheDocument();
    expect(screen.getByText(/30 g\/L by the label of “White” in place of 60 g\/L/)).toBeInTheDocument();
  });
});
