import { IntlMessageFormat } from 'intl-messageformat';
import { kept } from '../quantity/kept.ts';
import { LANGUAGE } from '../quantity/numbers.ts';
import { ENGLISH } from './english/english.ts';

/** A sentence by its id, in every language that there is. */
export type MessageId = keyof typeof ENGLISH;

/** What follows a branch of a plural or a choice is text, not a parameter. */
type Branch = `${string}one ` | `${string}other ` | `${string}yes ` | `${string}no ` | `${string}=${number} `;
type NameIn<Rest extends string> = Rest extends `${infer Inside}}${string}`
  ? Inside extends `${infer Name},${string}`
    ? Name
    : Inside
  : never;
type NamesIn<Text extends string> = Text extends `${infer Head}{${infer Rest}`
  ? (Head extends Branch ? never : NameIn<Rest>) | NamesIn<Rest>
  : never;

/** The parameters of a message, read off its text: one that is missing or unknown does not compile. */
export type Params<Id extends MessageId> = Readonly<Record<NamesIn<(typeof ENGLISH)[Id]>, string | number>>;

/** What is said, whatever the language: an id and its facts. */
export interface Message {
  readonly id: MessageId;
  readonly params: Readonly<Record<string, string | number>>;
}

const formatOf = kept(
  (id: MessageId) => new IntlMessageFormat(ENGLISH[id], LANGUAGE, undefined, { ignoreTag: true }),
);

/** A message with its words as they were when it was said: what is issued keeps both. */
export interface Told extends Message {
  readonly text: string;
}

export function told<Id extends MessageId>(id: Id, params: Params<Id>): Told {
  return { id, params, text: say(id, params) };
}

/**
 * A message in words.
 * @example say('water-short/tank', { at: '13:20', litres: '240', ways: '' })
 */
export function say<Id extends MessageId>(id: Id, params: Params<Id>): string {
  return String(formatOf(id).format({ ...params }));
}
