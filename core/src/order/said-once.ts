import type { OrderEntry } from './order-entry.ts';

/**
 * How something is done is said where a person does it first; later entries point there.
 * @param entries with the time of the round that each is in, hh:mm
 */
export function saidOnce(
  entries: readonly { readonly entry: OrderEntry; readonly toldAt: string }[],
): readonly OrderEntry[] {
  const said = new Map<string, string>();
  return entries.map(({ entry, toldAt }) => {
    const { how, checks, stopWhen, ifNotEnough, cautions } = entry;
    const words = JSON.stringify([entry.place, how, checks, stopWhen, ifNotEnough, cautions]);
    const firstTold = said.get(words);
    if (how.length + checks.length < 2 || firstTold === undefined) {
      said.set(words, toldAt);
      return entry;
    }
    return {
      ...entry,
      sameAs: firstTold,
      how: [],
      ...(entry.said ? { said: { ...entry.said, how: [] } } : {}),
      force: null,
      checks: [],
      stopWhen: null,
      ifNotEnough: null,
      cautions: [],
    };
  });
}
