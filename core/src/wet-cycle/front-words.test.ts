import { describe, expect, it } from '@jest/globals';
import { pairFront, soloFront } from '../wetting/front.ts';
import type { Front, FrontStrips, PairFront } from '../wetting/front.ts';
import type { CycleFront } from '../wetting/cycle-front.ts';
import { frontInWords, stripsInWords } from './front-words.ts';

const STRIPS: FrontStrips = { strips: 10, apply: 1, finish: 3, from: 10, limit: 30, mist: null };

function words(
  more: Partial<FrontStrips>,
  rhythmOf: (strips: FrontStrips) => Front | PairFront | null = soloFront,
  lifts = 1,
): readonly string[] {
  const strips = { ...STRIPS, ...more };
  const front = rhythmOf(strips);
  if (!front) throw new Error('no rhythm');
  const cycle: CycleFront = {
    hands: 'one',
    natural: null,
    lifts,
    stripCount: strips.strips,
    stripSquareMetres: 6,
    stripMetres: 1.2,
    strips,
    pieces: [],
    out: front.out,
    greatestWetSquareMetres: 60,
    soakMinutes: 0,
    mistsEach: 0,
    minutes: front.duration,
  };
  return frontInWords(cycle, { strips: strips.strips, front, leftAlone: false, minutes: front.duration }).map(
    ({ text }) => text,
  );
}

describe('a front in words', () => {
  it.each<[Partial<FrontStrips>, string]>([
    [
      {},
      'Apply 4 strips; start finishing 11 min after the first drop; then apply one for each you finish. Never more than 4 wet.',
    ],
    [
      { limit: 18 },
      'Start the next every 4 min; start finishing at 13 min and stay 3 strips behind. Never more than 4 wet.',
    ],
    [{ limit: 14.5 }, 'One strip at a time: apply, wait 10 min, finish; then the next.'],
    [
      { strips: 3 },
      'Apply all 3 strips, then finish them in the same order; start finishing 11 min after the first drop.',
    ],
    [{ strips: 1 }, 'Apply it, wait 10 min, then finish it.'],
    [{ from: 0 }, 'Apply a strip and finish it at once, then the next.'],
  ])('%j', (more, text) => {
    expect(words(more)).toEqual([text]);
  });

  it('says where to begin on a slope that is longer than a strip', () => {
    expect(words({}, soloFront, 2)[0]).toBe(
      'Work from the low end up: no rinse runs over a strip that dwells.',
    );
  });

  it('says to both of a pair how far they are apart', () => {
    expect(words({}, pairFront)).toEqual([
      'Two of you: one starts the next every 3 min; the other starts finishing 12 min after the first drop and stays 4 strips behind. Never more than 5 wet.',
    ]);
  });

  it('says how it is kept wet', () => {
    expect(words({ mist: { each: 0.2, window: 9 } })[1]).toBe(
      'Nothing dries: every 8 min stop and mist all that is wet.',
    );
    expect(words({ strips: 1, mist: { each: 0.1, window: 0.9 } })[1]).toBe(
      'It dries within 0.9 min: keep misting it while you work, without a pause.',
    );
  });

  it('names its strips in the units of the job', () => {
    const front = { natural: null, stripCount: 13, stripMetres: 1.234, stripSquareMetres: 6 } as CycleFront;
    expect(stripsInWords(front, 'metric')).toBe('13 strips of 1.2 m');
    expect(stripsInWords(front, 'us', { from: 1, to: 7 })).toBe('1–7 of 13 strips, each 3.9 ft');
    expect(stripsInWords(front, 'metric', { from: 7, to: 7 })).toBe('no. 7 of 13 strips, 1.2 m');
    expect(stripsInWords({ ...front, stripMetres: 0.2, stripSquareMetres: 1 }, 'metric')).toBe(
      '13 pieces of 1 m²',
    );
    expect(stripsInWords({ ...front, stripCount: 1 }, 'metric')).toBe('6 m²');
  });

  it('names what a surface falls into by itself', () => {
    const stones = {
      natural: { what: 'stone', count: 18 },
      stripCount: 18,
      stripMetres: 0.3,
      stripSquareMetres: 0.8,
    } as CycleFront;
    expect(stripsInWords(stones, 'metric')).toBe('18 stones of 0.8 m²');
    expect(stripsInWords(stones, 'metric', { from: 1, to: 7 })).toBe('1–7 of 18 stones, each 0.8 m²');
    const three = { ...stones, stripCount: 6, stripSquareMetres: 2.4 };
    expect(stripsInWords(three, 'metric')).toBe('6 strips of 3 stones');
    expect(stripsInWords(three, 'metric', { from: 2, to: 2 })).toBe('no. 2 of 6 strips, 3 stones');
    expect(stripsInWords({ ...stones, stripCount: 36, stripSquareMetres: 0.4 }, 'metric')).toBe(
      '36 pieces of 0.4 m², 2 to each of 18 stones',
    );
  });
});
