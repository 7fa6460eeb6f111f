import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { plainFilm } from './plain-film.ts';
import { RETAINED } from './wet-window.ts';
import type { Lie } from './wet-window.ts';

describe('plain water on a face', () => {
  it('thins on a smooth wall to 0.018 kg/m² after five minutes', () => {
    expect(plainFilm('smooth-wall', 0, 0, 300)).toBeCloseTo(0.018, 3);
  });

  it('is gone on a thirsty face, and stands on a dense floor', () => {
    expect(plainFilm('rough-wall', 0.12, 0, 150)).toBe(0);
    expect(plainFilm('floor', 0.0001, 600, 150)).toBeCloseTo(RETAINED.floor, 2);
  });

  it('never grows with time, nor with thirst, and is never more than is retained', () => {
    const lie = fc.constantFrom(...(Object.keys(RETAINED) as Lie[]));
    const seconds = fc.integer({ min: 0, max: 3600 });
    fc.assert(
      fc.property(
        lie,
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        seconds,
        seconds,
        (face, thirst, one, more) => {
          const now = plainFilm(face, thirst, 600, one);
          expect(now).toBeLessThanOrEqual(RETAINED[face]);
          expect(plainFilm(face, thirst, 600, one + more)).toBeLessThanOrEqual(now + 1e-12);
          expect(plainFilm(face, thirst * 1.5, 600, one)).toBeLessThanOrEqual(now + 1e-12);
        },
      ),
    );
  });
});
