import { expect, it } from '@jest/globals';
import { mostUsed } from './most-used.ts';

it.each<[string, readonly string[], readonly string[]]>([
  ['nothing', [], []],
  ['the most frequent first', ['render', 'granite', 'granite'], ['granite', 'render']],
  ['equals in the order met', ['b', 'a', 'a', 'b', 'c'], ['b', 'a', 'c']],
])('what was used most: %s', (_, values, expected) => {
  expect(mostUsed(values)).toEqual(expected);
});
