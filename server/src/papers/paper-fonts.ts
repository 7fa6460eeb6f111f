import { createRequire } from 'node:module';
import { openSync } from 'fontkit';
import type { Font } from 'fontkit';

const require = createRequire(import.meta.url);
const reading = (weight: number) =>
  require.resolve(
    `@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff`,
  );
const signs = (name: string) => require.resolve(`dejavu-fonts-ttf/ttf/${name}.ttf`);

/** Whole static files, embedded in every paper: one that reads well, and one that has the signs and letters that the first lacks. */
export const PAPER_FONTS = {
  Reading: { normal: reading(400), bold: reading(700) },
  Signs: { normal: signs('DejaVuSansCondensed'), bold: signs('DejaVuSansCondensed-Bold') },
} as const;
export type PaperFont = keyof typeof PAPER_FONTS;

/** A stretch of text in one font. */
export interface FontRun {
  readonly text: string;
  readonly font: PaperFont;
}

const opened = new Map<PaperFont, Font>();

function fontOf(name: PaperFont): Font {
  const known = opened.get(name);
  if (known) return known;
  const font = openSync(PAPER_FONTS[name].normal) as Font;
  opened.set(name, font);
  return font;
}

/** Whether a font can write a sign; blanks are in all. */
export function canWrite(font: PaperFont, sign: string): boolean {
  return /^\s$/.test(sign) || fontOf(font).hasGlyphForCodePoint(sign.codePointAt(0) ?? 0);
}

/** A text in runs: each in the font that reads well, but for what it cannot write. A sign that none can is written as a box. */
export function fontRuns(text: string): readonly FontRun[] {
  const runs: { text: string; font: PaperFont }[] = [];
  for (const sign of text) {
    const last = runs.at(-1);
    const font = canWrite('Reading', sign) ? 'Reading' : 'Signs';
    const shown = font === 'Signs' && !canWrite('Signs', sign) ? '□' : sign;
    if (last?.font === font) last.text += shown;
    else runs.push({ text: shown, font });
  }
  return runs;
}
