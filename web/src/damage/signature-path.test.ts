import { describe, expect, it } from '@jest/globals';
import { checkedDetail } from '@etappe/core';
import { signaturePath } from './signature-path.ts';

const line = (points: number) => ({
  points: Array.from({ length: points }, (_, i) => ({ x: i % 280, y: (i * 7) % 90 })),
});

describe('a signature', () => {
  it('is a path on its field, whatever the screen is', () => {
    const stroke = {
      points: [
        { x: 0, y: 0 },
        { x: 10, y: 5 },
        { x: 900, y: -4 },
      ],
    };
    expect(signaturePath([stroke, line(2)], 2)).toBe('M0 0L20 10L300 0M0 0L2 14');
    expect(signaturePath([], 2)).toBe('');
  });

  it('of a dot alone shows', () => {
    expect(signaturePath([{ points: [{ x: 5, y: 5 }] }], 1)).toBe('M5 5L6 5');
  });

  it('of very many points is thinned until it is one that is kept', () => {
    const signature = signaturePath([line(40_000), line(3)], 1);
    const detail = {
      name: 'A',
      at: '2026-05-04T08:00:00.000Z',
      shownBy: 'B',
      damages: [],
      sheetSha256: 'a'.repeat(64),
    };
    expect(signature.length).toBeGreaterThan(10_000);
    expect(checkedDetail('acknowledgement', { ...detail, signature })).toMatchObject({ ok: true });
  });
});
