import { IntlMessageFormat } from 'intl-messageformat';
import { LOCALES } from '../language/language.ts';
import { LOCALE, SPOKEN } from '../language/spoken.ts';
import { kept } from '../quantity/kept.ts';

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

/** The parameters of a text, read off it: one that is missing or unknown does not compile. */
export type ParamsOf<Text extends string, Value> = { readonly [Name in NamesIn<Text>]: Value };
/** Ids of texts that take no parameters. */
export type Plain<Texts> = {
  [Id in keyof Texts]: Texts[Id] extends string ? ([NamesIn<Texts[Id]>] extends [never] ? Id : never) : never;
}[keyof Texts];

export type MessageTexts = Readonly<Record<string, string>>;

export interface Sayer<Texts extends MessageTexts> {
  /**
   * A message in words.
   * @example say('water-short/tank', { at: '13:20', short: '240 L', ways: '' })
   */
  readonly say: {
    (id: Plain<Texts>): string;
    // eslint-disable-next-line @typescript-eslint/no-generated-empty-object-type -- only of a text that nobody knows
    <Id extends keyof Texts>(id: Id, params: ParamsOf<Texts[Id], string | number>): string;
  };
  /** The same in pieces, where some of its facts are more than words: a link, a figure in bold. */
  readonly pieces: <Piece, Id extends keyof Texts>(
    id: Id,
    params: ParamsOf<Texts[Id], Piece>,
  ) => readonly (Piece | string)[];
}

/**
 * Says the messages of one catalogue, each an ICU text, in the language that is spoken here.
 * @param room of the interface, under which other languages have its texts; none for what the engine says
 */
export function sayer<const Texts extends MessageTexts>(texts: Texts, room?: string): Sayer<Texts> {
  const formatOf = kept((id: string) => {
    const own = SPOKEN.messages[room === undefined ? id : `${room}:${id}`];
    const locale = own === undefined ? LOCALES.en : LOCALE;
    return new IntlMessageFormat(own ?? texts[id] ?? '', locale, undefined, { ignoreTag: true });
  });
  const plainText = kept((id: string) => String(formatOf(id).format({})));
  return {
    say: (id: keyof Texts, params?: object) =>
      params === undefined ? plainText(String(id)) : String(formatOf(String(id)).format({ ...params })),
    pieces: <Piece>(id: keyof Texts, params: object) =>
      formatOf(String(id))
        .formatToParts<Piece>({ ...params })
        .map(({ value }) => value),
  };
}
