import { expect, it } from '@jest/globals';
import { fewestRounds } from './fewest-rounds.ts';

it('is how many groups of work there are that share neither a place nor a round, by way of others either', () => {
  expect(fewestRounds([])).toBe(0);
  expect(fewestRounds([{ place: 1, round: 1 }])).toBe(1);
  const chain = [
    { place: 1, round: 1 },
    { place: 2, round: 1 },
    { place: 2, round: 2 },
  ];
  expect(fewestRounds(chain)).toBe(1);
  expect(fewestRounds([...chain, { place: 3, round: 3 }])).toBe(2);
});
