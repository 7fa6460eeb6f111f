import { say } from '../messages/message.ts';
import { listed } from '../quantity/words.ts';

/** Up to so many names each is said. */
const MOST_NAMED = 3;

/** Where something is done, of several places in a row the first and the last: "Stone 1 to Stone 19 (19 surfaces)". */
export function placesInWords(names: readonly string[]): string {
  const [first] = names;
  const last = names.at(-1);
  if (names.length <= MOST_NAMED || first === undefined || last === undefined) return listed(names);
  return say('order/places', { first, last, count: names.length });
}
