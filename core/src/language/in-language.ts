import { SPOKEN } from './spoken.ts';

/** A single word in small letters may be an id. */
const MAY_BE_ID = /^[a-z][a-z0-9-]*$/;

interface Fields {
  /** Fields that stay as they are: values of a format, words that a surveyor types. */
  readonly values?: readonly string[];
  /** Fields of which a single word is a word too, never an id. */
  readonly words?: readonly string[];
}

/** Words of the catalogue as they are said here. @example word('available chlorine') // 'Aktivchlor' on a German page */
export function word(english: string): string {
  return Object.hasOwn(SPOKEN.catalogue, english) ? (SPOKEN.catalogue[english] ?? english) : english;
}

/** Data with its words as they are said here; ids stay what they are. */
export function inLanguage<Data>(data: Data, fields: Fields = {}): Data {
  return SPOKEN.language === 'en' ? data : (said(data, '', fields) as Data);
}

function said(value: unknown, field: string, fields: Fields): unknown {
  if (typeof value === 'string')
    return MAY_BE_ID.test(value) && !fields.words?.includes(field) ? value : word(value);
  if (Array.isArray(value)) return value.map((each) => said(each, field, fields));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, each]) => [
      name,
      fields.values?.includes(name) ? each : said(each, name, fields),
    ]),
  );
}

/** What each of some ids is called, as it is said here. */
export function called<Names extends Readonly<Record<string | number, string>>>(
  names: Names,
): { readonly [Id in keyof Names]: string } {
  return Object.fromEntries(
    Object.entries(names).map(([id, name]: readonly [string, string]) => [id, word(name)]),
  ) as { readonly [Id in keyof Names]: string };
}

/** What the id of a kind says, as it is said here. @example idInWords('mild-alkaline') // 'mild alkaline' */
export const idInWords = (id: string): string => word(id.replaceAll('-', ' '));
