import { describe, expect, it } from '@jest/globals';
import { kept, keptBy } from './kept.ts';

describe('what is worked out once', () => {
  const counted = () => {
    const asked: unknown[][] = [];
    return { asked, work: (...args: unknown[]) => asked.push(args) };
  };

  it('knows objects by identity and all else by value', () => {
    const { asked, work } = counted();
    const once = kept((stone: object, severity: number, where: string | null) =>
      work(stone, severity, where),
    );
    const stone = {};
    expect([once(stone, 1, 'a'), once(stone, 1, 'a')]).toEqual([1, 1]);
    expect([once(stone, 2, 'a'), once(stone, 1, null), once({}, 1, 'a')]).toEqual([2, 3, 4]);
    expect([once(stone, 1, null), once(stone, 2, 'a')]).toEqual([3, 2]);
    expect(asked).toHaveLength(4);
  });

  it('keeps what is nothing too, and does not take a part of a key for the whole', () => {
    const asked: string[] = [];
    const nothing = kept((...parts: string[]): null => {
      asked.push(parts.join(' '));
      return null;
    });
    expect([nothing('a'), nothing('a'), nothing('a', 'b')]).toEqual([null, null, null]);
    expect(asked).toEqual(['a', 'a b']);
  });

  it('throws what its work throws, and asks again after that', () => {
    let asked = 0;
    const failing = kept((limit: number) => {
      asked += 1;
      if (asked === 1) throw new RangeError('not yet');
      return limit;
    });
    expect(() => failing(7)).toThrow('not yet');
    expect(failing(7)).toBe(7);
    expect(asked).toBe(2);
  });

  it('reads its key off what it is given, and never holds more than the most', () => {
    const { asked, work } = counted();
    const lists = keptBy(
      (list: readonly number[]) => list,
      (list) => work(list),
      2,
    );
    lists([1, 2]);
    lists([1, 2]);
    lists([3]);
    expect(asked).toHaveLength(2);
    lists([4]); // lets the first two go
    lists([4]);
    expect(asked).toHaveLength(3);
    lists([3]);
    expect(asked).toHaveLength(4);
  });
});
