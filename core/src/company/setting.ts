export type Setting = number | string | boolean;

/**
 * One value of an entry that can be set, with the way that is safer and how far it may go at most. A number lies
 * between `least` and `most`; a word or a yes-no is one of `steps`, the safest first.
 */
export interface HandbookValue {
  readonly path: string;
  readonly name: string;
  readonly unit: string;
  /** Of the catalogue as shipped. */
  readonly shipped: Setting;
  readonly safer: 'lower' | 'higher' | 'neither';
  readonly span:
    | { readonly least: number; readonly most: number; readonly whole: boolean }
    | { readonly steps: readonly Setting[] };
}

/** Which way a setting goes from the shipped value. */
export function directionOf(
  value: HandbookValue,
  setting: Setting,
): 'same' | 'stricter' | 'looser' | 'other' {
  if (setting === value.shipped) return 'same';
  if (value.safer === 'neither') return 'other';
  if ('steps' in value.span) {
    const place = (s: Setting) => ('steps' in value.span ? value.span.steps.indexOf(s) : -1);
    return place(setting) < place(value.shipped) ? 'stricter' : 'looser';
  }
  return setting < value.shipped === (value.safer === 'lower') ? 'stricter' : 'looser';
}

/** In plain words: with its unit, yes or no. */
export function settingInWords(setting: Setting, unit: string): string {
  if (typeof setting === 'boolean') return setting ? 'yes' : 'no';
  const figure = typeof setting === 'number' ? String(Number(setting.toPrecision(6))) : setting;
  return unit === '' ? figure : `${figure} ${unit}`;
}

/** Why a setting is not taken, with the bound; null when it is. */
export function settingFault(value: HandbookValue, setting: unknown): string | null {
  const { name, unit, span, shipped } = value;
  const said = (s: Setting) => settingInWords(s, unit);
  if ('steps' in span)
    return span.steps.includes(setting as Setting)
      ? null
      : `${name} ${String(setting)}: the handbook goes from ${span.steps.map(said).join(', ')} and no further; the trade default is ${said(shipped)}`;
  if (typeof setting !== 'number' || !Number.isFinite(setting))
    return `${name} is a number${unit === '' ? '' : ` in ${unit}`}, not "${String(setting)}"`;
  if (span.whole && !Number.isInteger(setting)) return `${name} ${said(setting)} is no whole number`;
  if (setting >= span.least && setting <= span.most) return null;
  return `${name} ${said(setting)} lies past the bound: ${said(span.least)} to ${said(span.most)}; the trade default is ${said(shipped)}`;
}
