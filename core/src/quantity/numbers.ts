import { LOCALE } from '../language/spoken.ts';
import { kept, keptBy } from './kept.ts';

const KEPT_FIGURES = 20_000;

/** Thousands are not set apart: a figure can be typed as it is read. */
const formatOf = kept(
  (least: number, most: number) =>
    new Intl.NumberFormat(LOCALE, {
      minimumFractionDigits: least,
      maximumFractionDigits: most,
      useGrouping: false,
      signDisplay: 'negative',
    }),
);

/** The same figures are written again at every edit. */
const written = keptBy(
  (digits: number, value: number) => [digits, value],
  (digits, value) => formatOf(0, digits).format(value),
  KEPT_FIGURES,
);

/** A number as people read it: at most `digits` decimals, no trailing zeros. @example decimal(0.5, 2) // "0.5" */
export function decimal(value: number, digits: number): string {
  return written(digits, value);
}

/** An amount of money, in whatever currency the company reckons. @example money(12.5) // "12.50" */
export function money(amount: number): string {
  return formatOf(2, 2).format(amount);
}
