/** A word at the head of a sentence. */
export function upperFirst(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** A name in the middle of a sentence. */
export function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

/** "A, B and C"; of a long list the first, and how many more. */
export function listed(names: readonly string[], most = 4): string {
  const shown = names.length > most ? names.slice(0, most - 1) : names;
  const more = names.length - shown.length;
  const all = more > 0 ? [...shown, `${more} more`] : shown;
  const last = all.at(-1) ?? '';
  return all.length > 1 ? `${all.slice(0, -1).join(', ')} and ${last}` : last;
}

/** A text or a number as words; nothing for what is neither, whatever came in its place. */
export function wordsOf(value: unknown): string {
  return typeof value === 'string' || typeof value === 'number' ? String(value) : '';
}
