import type { PaperLine, PaperTone } from '@etappe/core';
import type { Column } from 'pdfmake/interfaces';
import { fontRuns } from './paper-fonts.ts';

export const INK = '#1d2526';
export const QUIET = '#4a5354';
export const BOX = 7;

/** Text in whichever fonts can write it. */
export function runs(text: string, bold = false) {
  return { text: fontRuns(text).map(({ text: part, font }) => ({ text: part, font, bold })) };
}

export const lengthOf = (own: PaperLine) =>
  typeof own === 'string' ? own.length : own.strong.length + own.text.length;

export function line(own: PaperLine) {
  if (typeof own === 'string') return runs(own);
  const strong = runs(own.strong, true).text;
  return { text: own.text === '' ? strong : [...strong, ...runs(` ${own.text}`).text] };
}

const TONES: Readonly<Record<PaperTone, object>> = {
  warning: {},
  quiet: { color: QUIET, fontSize: 8 },
  large: { fontSize: 15 },
};
export const isBold = (tone: PaperTone | undefined) => tone === 'warning' || tone === 'large';
export const toned = (tone: PaperTone | undefined) => (tone ? TONES[tone] : {});

/** To be ticked with a pen. */
export const box = (): Column => ({
  canvas: [{ type: 'rect', x: 0, y: 1.5, w: BOX, h: BOX, lineWidth: 0.9, lineColor: INK }],
  width: BOX + 4,
});

/** Made anew for each line: what is laid out is written into it. */
export const dash = (): Column => ({ text: '–', width: 9 });

/** A danger is told by its sign too. */
export const mark = (text: string, tone: PaperTone | undefined) => (tone === 'warning' ? `△ ${text}` : text);
