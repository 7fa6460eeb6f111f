import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { takeOffArea } from './take-off.ts';
import { tapeTokens } from './tape-tokens.ts';

const words = (text: string) =>
  tapeTokens(text).map((t) =>
    t.kind === 'number' ? t.value : t.kind === 'unit' || t.kind === 'area-unit' ? t.unit : t.kind,
  );

describe('the words of a tape expression', () => {
  it.each<[string, (string | number)[]]>([
    ['7.5x4', [7.5, 'x', 4, 'end']],
    ['12ft 6in', [12, 'ft', 6, 'in', 'end']],
    [`3' × 4"`, [3, 'ft', 'x', 4, 'in', 'end']],
    ['6m2', [6, 'm2', 'end']],
    ['6 m²', [6, 'm2', 'end']],
    ['2 SQFT', [2, 'sqft', 'end']],
    ['.5m - 3 Metres', [0.5, 'm', '-', 3, 'm', 'end']],
    ['2(3)', [2, '(', 3, ')', 'end']],
    ['3 X 4', [3, 'x', 4, 'end']],
    ['3m x4m', [3, 'm', 'x', 4, 'm', 'end']],
    ['', ['end']],
  ])('of %s', (text, expected) => {
    expect(words(text)).toEqual(expected);
  });

  it('know where they stand', () => {
    expect(tapeTokens(' 7.5 x4').map((t) => [t.at, t.length])).toEqual([
      [1, 3],
      [5, 1],
      [6, 1],
      [7, 0],
    ]);
  });

  it.each(['3 y', '3 & 4', '3 × 4 м', '🙂'])('%s has one that is none', (text) => {
    expect(() => tapeTokens(text)).toThrow();
  });
});

describe('any text at all', () => {
  it('is measured or refused at a place inside it, and never throws', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 80 }),
          fc.stringMatching(/^(?:[0-9.x*+\-() mft2in,@:;°]|tri\(|circle\(|gable\(|deg|pcs|1\/2){0,60}$/),
        ),
        (text) => {
          const measured = takeOffArea(text, 'metric');
          if (measured.ok) {
            expect(measured.squareMetres).toBeGreaterThanOrEqual(0);
            return;
          }
          expect(measured.fault.position).toBeGreaterThanOrEqual(0);
          expect(measured.fault.position).toBeLessThanOrEqual(text.length);
          expect(measured.fault.message.length).toBeGreaterThan(5);
        },
      ),
      { numRuns: 500 },
    );
  });
});
