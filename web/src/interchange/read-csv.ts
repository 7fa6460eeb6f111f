import Papa from 'papaparse';
import { say } from '../messages/files.ts';

export interface CsvTable {
  readonly headers: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** What was recognised: said to the person, who may see that it is wrong. */
  readonly delimiter: string;
  readonly encoding: string;
}

/** Thrown with what was expected and the way out. */
export class CsvFault extends Error {}

const LARGEST_BYTES = 50_000_000;

/**
 * The table in a file of comma-separated values, whatever the delimiter and the encoding.
 * @throws CsvFault for what is no such file
 */
export function readCsv(bytes: Uint8Array): CsvTable {
  if (bytes.length > LARGEST_BYTES)
    throw new CsvFault(
      say('the-file-has-mb-the', {
        megabytes: Math.round(bytes.length / 1e6),
        limit: LARGEST_BYTES / 1e6,
      }),
    );
  const { text, encoding } = decoded(bytes);
  const parsed = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
  const [headers = [], ...rows] = parsed.data;
  const quotes = parsed.errors.find((error) => error.type === 'Quotes');
  if (quotes) throw new CsvFault(say('row-has-a-quotation-mark', { row: (quotes.row ?? 0) + 1 }));
  if (headers.length < 2) throw new CsvFault(say('the-first-line-has-no'));
  return {
    headers: headers.map((header) => header.trim()),
    rows,
    delimiter: parsed.meta.delimiter,
    encoding,
  };
}

function decoded(bytes: Uint8Array): { readonly text: string; readonly encoding: string } {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return { text: decode('utf-16le', bytes), encoding: 'UTF-16' };
  if (first === 0xfe && second === 0xff) return { text: decode('utf-16be', bytes), encoding: 'UTF-16' };
  if (bytes.subarray(0, 4096).includes(0)) throw new CsvFault(say('this-is-not-a-text'));
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8' };
  } catch {
    return { text: decode('windows-1252', bytes), encoding: 'Windows-1252' };
  }
}

function decode(label: string, bytes: Uint8Array): string {
  return new TextDecoder(label).decode(bytes);
}
