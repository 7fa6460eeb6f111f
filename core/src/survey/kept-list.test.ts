import { describe, expect, it } from '@jest/globals';
import { keptList } from './kept-list.ts';

describe('a kept list', () => {
  const [a, b, c] = [{ n: 1 }, { n: 2 }, { n: 3 }];

  it('is the same list for as long as it has the same items', () => {
    const first = keptList([a, b]);
    expect(keptList([a, b])).toBe(first);
    expect(keptList([])).toBe(keptList([]));
  });

  it.each([
    ['another item', [a, c]],
    ['one item more', [a, b, c]],
    ['one item less', [a]],
    ['another order', [b, a]],
    ['an equal but other item', [a, { n: 2 }]],
  ])('is another list with %s', (_, other) => {
    const first = keptList([a, b]);
    expect(keptList(other)).not.toBe(first);
    expect(keptList(other)).toEqual(other);
  });
});
