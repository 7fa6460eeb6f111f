/** A pattern of LIKE that finds a text anywhere; what LIKE means by `%` and `_` is taken literally. */
export function likePattern(text: string): string {
  return `%${text.replace(/[\\%_]/g, '\\$&')}%`;
}
