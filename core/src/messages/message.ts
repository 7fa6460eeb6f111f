import { ENGLISH } from './english/english.ts';
import { sayer } from './sayer.ts';
import type { ParamsOf, Plain } from './sayer.ts';

/** A sentence by its id, in every language that there is. */
export type MessageId = keyof typeof ENGLISH;

export type Params<Id extends MessageId> = ParamsOf<(typeof ENGLISH)[Id], string | number>;

/** What is said, whatever the language: an id and its facts. */
export interface Message {
  readonly id: MessageId;
  readonly params: Readonly<Record<string, string | number>>;
}

export const { say } = sayer(ENGLISH);
/** The same, for whoever has an id with its facts as they were kept. */
const said: (id: MessageId, params: Message['params']) => string = say;

/** A message with its words as they were when it was said: what is issued keeps both. */
export interface Told extends Message {
  readonly text: string;
}

export function told(id: Plain<typeof ENGLISH>): Told;
export function told<Id extends MessageId>(id: Id, params: Params<Id>): Told;
export function told(id: MessageId, params: Message['params'] = {}): Told {
  return { id, params, text: said(id, params) };
}
