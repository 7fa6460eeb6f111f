import { describe, expect, it } from '@jest/globals';
import { instantOf } from './local-time.ts';

describe('a clock time at a place', () => {
  it('is an instant, in summer and in winter', () => {
    expect(instantOf('2026-05-04', 8 * 60, 'Europe/Zurich')).toEqual({
      ok: true,
      instant: Date.UTC(2026, 4, 4, 6),
    });
    expect(instantOf('2026-12-04', 8 * 60, 'Europe/Zurich')).toEqual({
      ok: true,
      instant: Date.UTC(2026, 11, 4, 7),
    });
  });

  it('that the clocks leap over does not exist, and is told with the next that does', () => {
    const leapt = instantOf('2026-03-29', 2 * 60 + 30, 'Europe/Zurich');
    expect(leapt).toEqual({
      ok: false,
      text: '02:30 does not exist on 2026-03-29 in Europe/Zurich: the clocks go forward over it. Take 03:30.',
    });
    expect(instantOf('2026-10-25', 2 * 60 + 30, 'Europe/Zurich').ok).toBe(true);
    expect(instantOf('2026-13-25', 0, 'Europe/Zurich')).toMatchObject({ ok: false });
  });
});
