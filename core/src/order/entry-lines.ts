import { say } from '../messages/message.ts';
import type { OrderEntry } from './order-entry.ts';

/** What one line of an entry is for: it is ticked off, due at a time, or told as it is. */
export interface EntryLine {
  readonly is: 'how' | 'tick' | 'due' | 'caution';
  readonly text: string;
}

/** All that an entry says beneath its title, in the order in which it is read. */
export function entryLines(entry: OrderEntry): readonly EntryLine[] {
  const { task, how, rinse, checks, stopWhen, ifNotEnough, cautions, sameAs } = entry;
  const isList = task === 'set-out' || task === 'clear-up';
  const as = (is: EntryLine['is']) => (text: string) => ({ is, text });
  return [
    ...(sameAs ? [as('how')(say('order/as-at', { time: sameAs }))] : []),
    ...how.map(as(isList ? 'tick' : 'how')),
    ...(rinse
      ? [
          as('due')(
            rinse.from === rinse.latest
              ? say('order/rinse-at', { from: rinse.from, by: rinse.by })
              : say('order/rinse-between', rinse),
          ),
        ]
      : []),
    ...checks.map(as('tick')),
    ...(stopWhen === null ? [] : [as('how')(say('order/stop-when', { when: stopWhen }))]),
    ...(ifNotEnough === null ? [] : [as('how')(say('order/not-enough', { then: ifNotEnough }))]),
    ...cautions.map(as('caution')),
  ];
}

/** Part of an entry's title; what matters most is in bold. */
export interface EntryPart {
  readonly what: string;
  readonly isStrong: boolean;
}

/**
 * Where, how much of it, what and with which mix.
 * @param within what its round says already: all of it where it is alone in it, or only the place
 */
export function entryTitle(
  { place, section, area, title, mix }: OrderEntry,
  within: 'alone' | 'one-place' | null = null,
): readonly EntryPart[] {
  const some: readonly (EntryPart | false)[] = [
    within === null && { what: place, isStrong: true },
    section !== null && { what: sectionInWords(section), isStrong: false },
    section !== null && area !== null && { what: area, isStrong: false },
    within !== 'alone' && { what: title, isStrong: false },
    mix !== null && { what: mix, isStrong: true },
  ];
  return some.filter((part) => part !== false);
}

/** Of orders from before fronts a number alone: "2 of 5". */
function sectionInWords(section: string): string {
  return /^\d+(–\d+)? of \d+$/.test(section) ? say('order/section', { section }) : section;
}

/** Numbers on the site plan in short: "3, 5–7". */
export function numbersInShort(numbers: readonly number[]): string {
  const runs: [number, number][] = [];
  for (const number of numbers.toSorted((a, b) => a - b)) {
    const last = runs.at(-1);
    if (last && number === last[1] + 1) last[1] = number;
    else runs.push([number, number]);
  }
  return runs
    .flatMap(([from, to]) =>
      to - from > 1 ? `${from}–${to}` : from === to ? `${from}` : [`${from}`, `${to}`],
    )
    .join(', ');
}
