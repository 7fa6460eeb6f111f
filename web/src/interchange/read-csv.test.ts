import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '@etappe/core';
import { readCsv } from './read-csv.ts';
import { surfacesCsv } from './surfaces-csv.ts';

const utf8 = (text: string) => new TextEncoder().encode(text);
const bytes = (...values: readonly number[]) => new Uint8Array(values);

describe('a file of comma-separated values', () => {
  it.each([
    ['commas', 'name,material\nWall,concrete\n', ','],
    ['semicolons', 'name;material\nWall;concrete\n', ';'],
    ['tabs', 'name\tmaterial\nWall\tconcrete\n', '\t'],
    ['Windows line ends', 'name;material\r\nWall;concrete\r\n\r\n', ';'],
    ['a byte order mark', '\uFEFFname,material\nWall,concrete', ','],
  ])('with %s is read', (_, text, delimiter) => {
    expect(readCsv(utf8(text))).toMatchObject({
      headers: ['name', 'material'],
      rows: [['Wall', 'concrete']],
      delimiter,
      encoding: 'UTF-8',
    });
  });

  it('may hold delimiters, quotation marks and line ends in its cells', () => {
    expect(readCsv(utf8('name,note\n"Wall, north","says ""soft""\nand old"')).rows).toEqual([
      ['Wall, north', 'says "soft"\nand old'],
    ]);
  });

  it('in the encoding of an old spreadsheet is read so, and it is said', () => {
    expect(readCsv(bytes(...utf8('name;side\nS'), 0xfc, ...utf8('dwand;West')))).toMatchObject({
      rows: [['Südwand', 'West']],
      encoding: 'Windows-1252',
    });
  });

  it('in UTF-16 is read', () => {
    const text = 'name,side\nSüdwand,West';
    const units = Array.from(text, (letter) => [
      letter.charCodeAt(0) & 0xff,
      letter.charCodeAt(0) >> 8,
    ]).flat();
    expect(readCsv(bytes(0xff, 0xfe, ...units))).toMatchObject({
      rows: [['Südwand', 'West']],
      encoding: 'UTF-16',
    });
  });

  it.each([
    ['a picture', bytes(0x89, 0x50, 0x4e, 0x47, 0, 0, 0), 'not a text file'],
    ['an open quotation mark', utf8('name,side\n"Wall,West\n'), 'quotation mark that is not closed'],
    ['one column', utf8('name\nWall'), 'no two columns'],
    ['nothing', utf8(''), 'no two columns'],
  ])('that is %s is refused with the way out', (_, content, message) => {
    expect(() => readCsv(content)).toThrow(message);
  });

  it('of a hundred thousand rows is read, to be refused by its length later', () => {
    expect(readCsv(utf8(`name,material\n${'Wall,concrete\n'.repeat(100_000)}`)).rows).toHaveLength(100_000);
  });
});

describe('the surfaces of a survey as CSV', () => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    surfaces: [{ id: 'wall', name: '=1+1, "north"', material: 'concrete', size: '3x2', findings: [] }],
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));

  it('opens in spreadsheets as UTF-8, and what looks like a formula stays text', () => {
    const text = surfacesCsv(reading.survey);
    expect(text.charCodeAt(0)).toBe(0xfeff);
    const { headers, rows } = readCsv(utf8(text));
    expect(headers.slice(0, 2)).toEqual(['id', 'name']);
    expect(rows[0]?.slice(0, 2)).toEqual(['wall', `'=1+1, "north"`]);
  });
});
