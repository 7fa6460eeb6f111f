import { describe, expect, it } from '@jest/globals';
import { checkedDetail } from './survey.ts';
import { readingsOn } from './reading.ts';
import type { Reading } from './reading.ts';

const reading = (more: object = {}) =>
  checkedDetail('reading', {
    surface: 'wall',
    what: 'surface-temperature',
    figure: 41,
    on: '2026-05-04',
    ...more,
  });

describe('a reading on a face', () => {
  it('has a figure that such an instrument gives, with the limit and the way out', () => {
    expect(reading().ok).toBe(true);
    expect(reading({ what: 'moisture', figure: 16 }).ok).toBe(true);
    const wrong = reading({ what: 'moisture', figure: 130 });
    expect(wrong.ok ? [] : wrong.faults.map((f) => f.message)).toEqual([
      expect.stringContaining('130 % is outside 0 to 100 %: read it again'),
    ]);
    expect(reading({ on: 'yesterday' }).ok).toBe(false);
    expect(reading({ what: 'mood' }).ok).toBe(false);
  });

  it('counts on its face and its day alone', () => {
    const made = (id: string, more: object) =>
      ({
        id,
        position: 0,
        surface: 'wall',
        what: 'surface-temperature',
        figure: 41,
        on: '2026-05-04',
        by: '',
        ...more,
      }) as Reading;
    const list = [
      made('a', {}),
      made('b', { surface: 'floor' }),
      made('c', { on: '2026-05-03' }),
      made('d', { what: 'moisture', figure: 12 }),
    ];
    expect(readingsOn(list, 'wall', 'surface-temperature', '2026-05-04')).toEqual([41]);
    expect(readingsOn(list, 'wall', 'surface-temperature', null)).toEqual([]);
  });
});
