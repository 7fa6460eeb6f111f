import type { IssuedOrder } from '@etappe/core';
/** @jest-environment node */
import { describe, expect, it } from '@jest/globals';
import { plan, readJobFile } from '@etappe/core';
import { STATIONS } from './route-bar.tsx';

const algae = [{ contaminant: 'green-algae', severity: 2 }];
const stateOf = (station: string, file: Record<string, unknown>, orders: readonly IssuedOrder[] = []) => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    site: { waterPoints: [{ id: 'tap' }] },
    surfaces: [{ id: 'w', material: 'concrete', size: '3x2', findings: algae }],
    ...file,
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  const made = plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
  const found = STATIONS.find((s) => s.name === station);
  const hash = orders[0]?.inputsHash === 'same' ? [{ ...orders[0], inputsHash: made.inputsHash }] : orders;
  return found?.state(reading.survey, made, hash);
};
const order = (inputsHash: string): IssuedOrder => ({
  id: 'x',
  number: 7,
  issuedAt: '',
  issuedBy: '',
  inputsHash,
});
const choice = { surface: 'w', contaminant: 'green-algae', by: 'Ada', at: '2026-05-01T08:00:00Z' };

describe('a station says how it stands', () => {
  it.each<[string, string, Record<string, unknown>, { text: string; tone: string }]>([
    [
      'surfaces',
      'Walk',
      { site: { waterPoints: [{ id: 'tap', flowLitresPerMinute: 12 }], answers: { windows: 'shut' } } },
      { text: '1 surface', tone: 'quiet' },
    ],
    ['open questions', 'Walk', {}, { text: '1 open question', tone: 'quiet' }],
    ['blocking questions', 'Walk', { site: {} }, { text: '1 blocking', tone: 'stop' }],
    ['ready', 'Treat', {}, { text: 'ready', tone: 'quiet' }],
    [
      'no permitted method',
      'Treat',
      {
        surfaces: [
          {
            id: 'w',
            material: 'limestone',
            size: '3x2',
            findings: [{ contaminant: 'hard-water-scale', severity: 2 }],
          },
        ],
      },
      { text: '1 stop', tone: 'stop' },
    ],
    [
      'a rule set aside',
      'Treat',
      {
        surfaces: [{ id: 'w', material: 'larch-boards', size: '3x2', findings: algae }],
        choices: [{ ...choice, method: 'soft-wash-hypochlorite', reason: 'why not' }],
      },
      { text: '1 rule overridden', tone: 'stale' },
    ],
    ['products', 'Supply', {}, { text: '2 products', tone: 'quiet' }],
    ['a visit', 'Sequence', {}, { text: 'ready', tone: 'quiet' }],
    ['too much wind', 'Sequence', { weather: { windMetresPerSecond: 9 } }, { text: '1 stop', tone: 'stop' }],
    ['no order', 'Order', {}, { text: 'not issued', tone: 'quiet' }],
  ])('%s', (_, station, file, state) => {
    expect(stateOf(station, file)).toEqual(state);
  });

  it('an order that still matches, and one that the survey has left behind', () => {
    expect(stateOf('Order', {}, [order('same')])).toEqual({ text: 'No. 7 issued', tone: 'quiet' });
    expect(stateOf('Order', {}, [order('other')])).toEqual({ text: 'No. 7 is stale', tone: 'stale' });
  });
});
