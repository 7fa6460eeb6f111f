/** Whether two lists hold the very same objects, so that what is drawn of one need not be drawn anew for the other. */
export function sameItems(a: readonly unknown[], b: readonly unknown[]): boolean {
  return a === b || (a.length === b.length && a.every((item, i) => item === b[i]));
}
