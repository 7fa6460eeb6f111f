import { describe, expect, it } from '@jest/globals';
import { equalPieces } from './equal-pieces.ts';
import { parseTape } from './tape-reader.ts';

describe('equal pieces', () => {
  it.each<[string, number | null]>([
    ['8(1.2x0.9)', 8],
    ['14pcs x 0.6m2', 14],
    ['19 pcs', 19],
    ['2(4(1x1))', 8],
    ['1(3x2)', null],
    ['7.5x4', null],
    ['24m', null],
    ['8(1.2x0.9) + 4(0.6x0.9)', null],
    ['8(1.2x0.9) - 0.5x0.5', null],
  ])('of %s are %p', (text, count) => {
    expect(equalPieces(parseTape(text))).toBe(count);
  });
});
