import { describe, expect, it } from '@jest/globals';
import { assumedValues } from './assumed-values.ts';

describe('what a file left open', () => {
  it.each<[string, unknown, unknown, { path: string; value: unknown }[]]>([
    ['nothing', { a: 1 }, { a: 1 }, []],
    ['a key', { a: 1 }, { a: 1, b: 2 }, [{ path: 'b', value: 2 }]],
    ['a key further in', { a: { b: 1 } }, { a: { b: 1, c: 3 } }, [{ path: 'a.c', value: 3 }]],
    ['a whole part, named once', {}, { a: { b: 1, c: 2 } }, [{ path: 'a', value: { b: 1, c: 2 } }]],
    [
      'a key of the second in a list',
      { l: [{ x: 1, y: 2 }, { x: 3 }] },
      {
        l: [
          { x: 1, y: 2 },
          { x: 3, y: 0 },
        ],
      },
      [{ path: 'l[1].y', value: 0 }],
    ],
    ['an entry of a list', { l: ['a'] }, { l: ['a', 'b'] }, [{ path: 'l[1]', value: 'b' }]],
  ])('%s', (_, given, completed, assumed) => {
    expect(assumedValues(given, completed)).toEqual(assumed);
  });

  it('never lists what was given, though it was corrected', () => {
    expect(assumedValues({ material: 'stucco painted' }, { material: 'painted-render' })).toEqual([]);
  });
});
