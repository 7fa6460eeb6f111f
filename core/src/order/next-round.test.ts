import { describe, expect, it } from '@jest/globals';
import { nextRound } from './next-round.ts';

const ROUNDS = [
  { name: 'Set out', start: '08:00', finish: '08:30', operations: ['a'] },
  { name: 'Yard: wash', start: '08:30', finish: '09:10', operations: ['b'] },
  { name: 'Clear up', start: '09:40', finish: '10:00', operations: ['c'] },
];
const at = (time: string, date = '2026-05-04') =>
  nextRound(ROUNDS, '2026-05-04', { date, time })?.name ?? null;

describe('the round that comes next', () => {
  it('is the one somebody is at, or the first after a pause', () => {
    expect([at('06:00'), at('08:29'), at('08:30'), at('09:15'), at('09:59')]).toEqual([
      'Set out',
      'Set out',
      'Yard: wash',
      'Clear up',
      'Clear up',
    ]);
  });

  it('is none once all is done, on another day, and where the order has no day', () => {
    expect([at('10:00'), at('08:00', '2026-05-05')]).toEqual([null, null]);
    expect(nextRound(ROUNDS, '', { date: '2026-05-04', time: '08:00' })).toBeNull();
    expect(nextRound([], '2026-05-04', { date: '2026-05-04', time: '08:00' })).toBeNull();
  });
});
