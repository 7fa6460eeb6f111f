import { describe, expect, it } from '@jest/globals';
import { accessTo } from './access.ts';

const TOWER = { name: 'tower', baseMetres: 1.35, platformMetres: 4 };
const ask = (more: object) =>
  accessTo({ topMetres: 6, handsMetres: 1.5, toolMetres: 1, gapMetres: 1.6, access: TOWER, ...more });

describe('a tower or a lift against the gap', () => {
  it('does it where it passes and brings the tool to the top', () => {
    expect(ask({})).toEqual({
      ok: true,
      text: 'the tower does it (4 + 1.5 + 1 = 6.5 m), its base is 1.35 m wide, the gap 1.6 m',
    });
  });

  it.each([
    [
      'too narrow a gap',
      { gapMetres: 1.2 },
      'the tower does not fit: its base is 1.35 m wide, the gap 1.2 m',
    ],
    ['a gap just as wide', { gapMetres: 1.35 }, 'does not fit'],
    ['too high a top', { topMetres: 7 }, 'the tower is too low (4 + 1.5 + 1 = 6.5 m)'],
    ['a gap that nobody has measured', { gapMetres: null }, 'measure the gap'],
  ])('does not for %s, and says why', (_, more, text) => {
    const answer = ask(more);
    expect(answer.ok).toBe(false);
    expect(answer.text).toContain(text);
  });

  it('refuses a gap that is none', () => {
    expect(() => ask({ gapMetres: -1 })).toThrow('gap -1 m must be above 0 m');
  });
});
