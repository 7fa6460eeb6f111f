/** Where a figure of the catalogue comes from. */
export const SOURCE_TYPES = ['trade-default', 'label', 'data-sheet', 'standard', 'measured'] as const;
export type SourceType = (typeof SOURCE_TYPES)[number];

/** Where a figure comes from, and between what it may lie for another batch, face or crew. */
export interface Provenance {
  readonly type: SourceType;
  /** How sure it is; null where it is no number, or where only the label of the very product says it. */
  readonly range: { readonly least: number; readonly most: number } | null;
}

/** How far a figure may be off: by a share of it, by a factor, or by so much of its unit. */
export type Doubt =
  | { readonly share: number }
  | { readonly factor: number }
  | { readonly by: number; readonly within?: readonly [number, number] }
  | null;

/** Digits that say something of a range. */
const DIGITS = 3;
const rounded = (value: number) => Number(value.toPrecision(DIGITS));

/** A figure with its doubt as a range. @example rangeOf(150, { share: 0.4 }) // 90 to 210 */
export function rangeOf(figure: number, doubt: Doubt): Provenance['range'] {
  if (doubt === null) return null;
  if ('share' in doubt)
    return { least: rounded(figure * (1 - doubt.share)), most: rounded(figure * (1 + doubt.share)) };
  if ('factor' in doubt)
    return { least: rounded(figure / doubt.factor), most: rounded(figure * doubt.factor) };
  const [lowest, highest] = doubt.within ?? [-Infinity, Infinity];
  return {
    least: Math.max(lowest, rounded(figure - doubt.by)),
    most: Math.min(highest, rounded(figure + doubt.by)),
  };
}
