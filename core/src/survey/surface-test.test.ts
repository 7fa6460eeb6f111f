import { describe, expect, it } from '@jest/globals';
import { checkedDetail } from './survey.ts';

const faults = (detail: object) => {
  const checked = checkedDetail('test', { surface: 'wall', ...detail });
  return checked.ok ? [] : checked.faults.map((f) => f.message);
};

describe('a test on a surface', () => {
  it.each([
    ['an outcome of its own', { test: 'wet-smear', outcome: 'yes' }],
    ['no outcome yet', { test: 'wet-smear' }],
    ['the seconds of a drop', { test: 'thirst', seconds: 12 }],
  ])('has %s', (_, detail) => {
    expect(faults(detail)).toEqual([]);
  });

  it.each([
    [
      'an outcome of another test',
      { test: 'wet-smear', outcome: 'disc' },
      'wet-smear has no outcome disc; it has yes, no',
    ],
    ['a drop without its time', { test: 'thirst' }, 'it needs seconds, and no outcome'],
    [
      'a drop with an outcome',
      { test: 'thirst', seconds: 3, outcome: 'yes' },
      'it needs seconds, and no outcome',
    ],
    ['a drop of no time', { test: 'thirst', seconds: 0 }, 'seconds must be a positive number'],
    ['a test that nobody knows', { test: 'lick' }, 'test must be one of'],
  ])('does not take %s', (_, detail, message) => {
    expect(faults(detail).join()).toContain(message);
  });
});
