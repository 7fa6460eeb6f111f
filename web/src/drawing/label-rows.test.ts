/** @jest-environment node */
import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { labelRows, labelWidth } from './label-rows.ts';

describe('labels along a line', () => {
  it('never lie over each other nor past its end, and begin at their mark where there is room', () => {
    const seen = { moved: 0, inPlace: 0, cut: 0 };
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            text: fc.string({ minLength: 6, maxLength: 40 }),
            x: fc.integer({ min: 0, max: 900 }),
          }),
          {
            minLength: 8,
            maxLength: 24,
          },
        ),
        (marks) => {
          const sorted = [...marks].sort((a, b) => a.x - b.x);
          const labels = labelRows(sorted, { rows: 4, to: 900 });
          expect(labels).toHaveLength(sorted.length);
          labels.forEach(({ text, x, row }, i) => {
            expect(x).toBeGreaterThanOrEqual(sorted[i]?.x ?? 0);
            expect(x + labelWidth(text)).toBeLessThanOrEqual(901);
            for (const other of labels.slice(0, i))
              if (other.row === row) expect(other.x + labelWidth(other.text)).toBeLessThanOrEqual(x);
            if (x > (sorted[i]?.x ?? 0)) seen.moved += 1;
            else seen.inPlace += 1;
            if (text !== sorted[i]?.text) seen.cut += 1;
          });
        },
      ),
      { numRuns: 200 },
    );
    for (const count of Object.values(seen)) expect(count).toBeGreaterThan(50);
  });
});
