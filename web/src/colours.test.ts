import { describe, expect, it } from '@jest/globals';
import { DARK, LIGHT, colourSheet } from './colours.ts';

/** Relative luminance of a colour like #16302b. Source: WCAG 2.2. */
function luminance(colour: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const share = parseInt(colour.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
const contrast = (a: string, b: string) => {
  const [low = 0, high = 0] = [luminance(a), luminance(b)].sort((x, y) => x - y);
  return (high + 0.05) / (low + 0.05);
};
const TEXT = 4.5;

describe('the colours', () => {
  it.each([
    ['light', LIGHT],
    ['dark', DARK],
  ])('are readable as text on every %s ground that they stand on', (_, c) => {
    for (const ground of [c.ground, c.raised])
      for (const text of [c.ink, c.quiet, c.wet, c.dwellInk, c.stop, c.growth])
        expect([text, ground, contrast(text, ground) >= TEXT]).toEqual([text, ground, true]);
    for (const tint of [c.dwellTint, c.stopTint, c.wetTint, c.growthTint])
      for (const text of [c.ink, c.quiet, c.wet])
        expect([text, tint, contrast(text, tint) >= TEXT]).toEqual([text, tint, true]);
    expect(contrast(c.onWet, c.wet)).toBeGreaterThanOrEqual(TEXT);
    // The edge of an alert is told from its ground.
    expect(contrast(c.dwellInk, c.dwellTint)).toBeGreaterThanOrEqual(3);
    expect(contrast(c.stop, c.stopTint)).toBeGreaterThanOrEqual(3);
  });

  it('come to the style sheets by day and in the evening', () => {
    const sheet = colourSheet();
    expect(sheet).toMatch(/^:root \{ --ground: #f5f2ea; .*--dwell-ink: #7a540c;/);
    expect(sheet).toMatch(/:root\[data-evening='true'\] \{ --ground: #12211e; .* color-scheme: dark; \}$/);
  });
});
