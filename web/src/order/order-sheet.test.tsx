import { describe, expect, it } from '@jest/globals';
import type { CrewOrder, OrderEntry } from '@etappe/core';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { OrderSheet } from './order-sheet.tsx';

const entry = (more: Partial<OrderEntry>): OrderEntry => ({
  operation: 'x',
  start: '08:00',
  finish: '08:10',
  task: 'apply',
  title: 'Apply oxalic acid',
  place: 'Yard',
  section: '1 of 2',
  area: '7 m²',
  mix: 'Mix 1',
  sameAs: null,
  how: ['Dwell 3 to 10 min.'],
  rinse: { from: '08:13', latest: '08:15', by: 'Bo' },
  checks: ['Brown goes.'],
  stopWhen: 'It is gone.',
  ifNotEnough: 'Repeat.',
  cautions: [],
  ...more,
});
const order: CrewOrder = {
  jobName: 'Mill',
  customer: 'Miller',
  date: '2026-05-04',
  units: 'metric',
  start: '08:00',
  finish: '09:00',
  site: [{ about: 'Access', text: 'by the gate' }],
  people: [
    {
      id: 'a',
      name: 'Ada',
      entries: [
        entry({}),
        entry({
          operation: 'y',
          start: '08:20',
          sameAs: '08:00',
          how: [],
          checks: [],
          stopWhen: null,
          ifNotEnough: null,
        }),
      ],
    },
  ],
  mixes: [],
  products: [
    {
      product: 'oxalic-acid',
      name: 'Oxalic acid',
      unit: 'kg',
      amount: 0.3,
      containers: [{ size: 1, count: 1 }],
      leftOver: 0.7,
      called: 'Bag acid',
      price: null,
    },
  ],
  machines: ['Sprayer'],
  protection: ['goggles'],
  before: [],
  after: [],
  cautions: ['Oxalic acid: Poisonous.'],
  setAside: ['Yard: Ada overrode the rule.'],
  expectations: [],
  questions: ['Where does the drain lead?'],
  safetyFloor: ['Label first.'],
};

describe('the order sheet', () => {
  it('shows the safety floor and what was set aside before anything else', () => {
    render(<OrderSheet order={order} heading="Order No. 7" />);
    const headings = screen.getAllByRole('heading').map((h) => h.textContent);
    expect(headings.slice(0, 3)).toEqual(['Mill', 'Always', 'Rules overridden']);
    expect(screen.getByText('Label first.')).toBeInTheDocument();
    expect(screen.getByText('Order No. 7')).toBeInTheDocument();
  });

  it('gives each application its mix, its rinse with the latest moment, and what to look for', () => {
    render(<OrderSheet order={order} heading="" />);
    const [, first] = screen.getAllByRole('row');
    if (!first) throw new Error('there is a row');
    for (const text of [
      'Mix 1',
      'Start rinsing 08:13, no later than 08:15 (Bo)',
      'Brown goes.',
      'Stop when: It is gone.',
      'Not enough: Repeat.',
    ]) {
      expect(within(first).getByText(text)).toBeInTheDocument();
    }
  });

  it('points back where the same was said before, but never leaves out when the rinse is due', () => {
    render(<OrderSheet order={order} heading="" />);
    const [, , second] = screen.getAllByRole('row');
    if (!second) throw new Error('there is a second row');
    expect(within(second).getByText('As at 08:00.')).toBeInTheDocument();
    expect(within(second).getByText(/no later than 08:15/)).toBeInTheDocument();
  });

  it('draws what the face allows of a jet and what it is given, and nothing where none is used', () => {
    const force = { limitKilopascal: 25, kilopascals: [2.1, 22] };
    const people = [
      { id: 'a', name: 'Ada', entries: [entry({ force }), entry({ operation: 'y', force: null })] },
    ];
    render(<OrderSheet order={{ ...order, people }} heading="" />);
    expect(screen.getAllByRole('img').map((img) => img.getAttribute('aria-label'))).toEqual([
      'Force: allowed up to 25 kPa; used 2.1 kPa and 22 kPa',
    ]);
  });

  it('tells of the place, and an order of old that does not still opens', () => {
    const { rerender } = render(<OrderSheet order={order} heading="" />);
    expect(screen.getByText('by the gate')).toBeInTheDocument();
    const { site: _, ...old } = order;
    rerender(<OrderSheet order={old} heading="" />);
    expect(screen.queryByText('The site')).toBeNull();
  });

  it('loads products in whole containers', () => {
    render(<OrderSheet order={order} heading="" />);
    expect(screen.getByText('Bag acid (oxalic acid): 1 × 1 kg')).toBeInTheDocument();
  });

  it('is read in rounds where a day has them: time and name once, to each person their own protections', () => {
    const [ada] = order.people;
    if (!ada) throw new Error('Ada is there');
    const rounds = [{ name: 'Yard: A on, rinse', start: '08:00', finish: '08:25', operations: ['x', 'y'] }];
    const during = ['Rose bed: Keep it wet.'];
    render(
      <OrderSheet
        order={{ ...order, before: ['Pond: cover it'], people: [{ ...ada, rounds, during }] }}
        heading="Order No. 1"
      />,
    );
    const row = screen.getByRole('row', { name: /Yard: A on, rinse/ });
    expect(within(row).getByText('08:00')).toBeInTheDocument();
    expect(screen.getByText('Rose bed: Keep it wet.')).toBeInTheDocument();
    // What others set out is not read by Ada.
    expect(screen.queryByText('Pond: cover it')).toBeNull();
    expect(screen.getAllByText('Dwell 3 to 10 min.')).toHaveLength(1);
  });

  it('is read for one person, whose day comes first and alone, as chosen once on the device', async () => {
    const [ada] = order.people;
    if (!ada) throw new Error('Ada is there');
    const bo = { ...ada, id: 'b', name: 'Bo' };
    const both = { ...order, people: [ada, bo] };
    const { unmount } = render(<OrderSheet order={both} heading="" />);
    expect(screen.getAllByRole('table')).toHaveLength(2);
    await userEvent.click(screen.getByRole('radio', { name: 'Bo' }));
    expect(screen.getAllByRole('table')).toHaveLength(1);
    expect(screen.getByRole('heading', { name: 'Bo' })).toBeInTheDocument();
    unmount();
    render(<OrderSheet order={both} heading="" />);
    expect(screen.queryByRole('heading', { name: 'Ada' })).toBeNull();
    await userEvent.click(screen.getByRole('radio', { name: 'Everybody' }));
    expect(screen.getAllByRole('table')).toHaveLength(2);
  });

  it('says who sends it, whom to call, and how the company is reached', () => {
    const company = {
      name: 'Reed and Rill',
      phone: '555 01 20',
      mail: 'office@rill.example',
      address: '',
      registration: ['Register 4711'],
      emergencyLine: '112',
    };
    render(<OrderSheet order={{ ...order, company }} heading="" />);
    expect(screen.getByText('Reed and Rill · 555 01 20')).toBeInTheDocument();
    expect(screen.getByText('Emergency: 112')).toBeInTheDocument();
    expect(
      screen.getByText('Reed and Rill · 555 01 20 · office@rill.example · Register 4711'),
    ).toBeInTheDocument();
  });

  it('marks what comes next in the day of each, on the day of the order alone', () => {
    const [ada] = order.people;
    if (!ada) throw new Error('Ada is there');
    const rounds = [
      { name: 'Yard: A on', start: '08:00', finish: '08:25', operations: ['x'] },
      { name: 'Yard: rinse', start: '08:25', finish: '08:40', operations: ['y'] },
    ];
    const today = { ...order, date: '2026-05-04', people: [{ ...ada, rounds }] };
    const { rerender } = render(
      <OrderSheet order={today} heading="" now={{ date: '2026-05-04', time: '08:30' }} />,
    );
    expect(screen.getByRole('link', { current: 'time' })).toHaveTextContent('Yard: rinse');
    rerender(<OrderSheet order={today} heading="" now={{ date: '2026-05-05', time: '08:30' }} />);
    expect(screen.queryByRole('link', { current: 'time' })).toBeNull();
  });

  it('says first what changed against the order before', () => {
    const changes = { since: 4, lines: ['Bo joins the crew.'] };
    const { unmount } = render(<OrderSheet order={{ ...order, changes }} heading="" />);
    const told = screen.getByRole('heading', { name: 'Changed since order 4' });
    expect(told.compareDocumentPosition(screen.getByRole('heading', { name: 'Always' }))).toBe(
      Node.DOCUMENT_POSITION_FOLLOWING,
    );
    expect(screen.getByText('Bo joins the crew.')).toBeInTheDocument();
    unmount();
    render(<OrderSheet order={{ ...order, changes: { since: 4, lines: [] } }} heading="" />);
    expect(screen.getByText('The work is as in order 4.')).toBeInTheDocument();
  });

  it('has whose sheet it is and which of how many on each printed sheet, whatever the job is called', () => {
    const { container } = render(
      <OrderSheet order={{ ...order, jobName: 'Mill "</style>' }} heading="Order 4" />,
    );
    const style = container.querySelector('style')?.textContent ?? '';
    expect(style).toContain('counter(page)');
    expect(style).toContain('Mill \\22 \\3c /style\\3e  · Order 4');
    expect(style).not.toContain('</style>');
  });

  it('tells at the end how the tools are handled', () => {
    render(
      <OrderSheet order={{ ...order, tools: [{ name: 'Broom', handling: 'solids lifted' }] }} heading="" />,
    );
    expect(screen.getByText('solids lifted')).toBeInTheDocument();
  });
});
