import { describe, expect, it } from '@jest/globals';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import * as protections from '../catalogue/data/protections.ts';
import { OUTLOOKS } from '../catalogue/data/outlooks.ts';
import { SAFETY_FALLS, SAFETY_FLOOR } from '../catalogue/data/safety-floor.ts';
import { TASK_PROTECTION } from '../catalogue/data/task-protection.ts';
import { ENGLISH } from '../messages/english/english.ts';
import { factsAsked } from '../test/message-facts.ts';
import { GERMAN } from './german.ts';
import { SPANISH } from './spanish.ts';

const texts: Readonly<Record<string, string>> = ENGLISH;

describe.each([GERMAN, SPANISH])('the messages of another language', ({ language, messages }) => {
  it('ask for the facts of the English ones, and for no others', () => {
    expect(Object.keys(messages).length).toBeGreaterThan(200);
    for (const [id, text] of Object.entries(messages))
      expect([language, id, ...factsAsked(text)]).toEqual([
        language,
        id,
        ...factsAsked(texts[id] ?? 'unknown'),
      ]);
  });
});

/** Values of a format, words that a surveyor types, ids; where a figure comes from is told in a text of its own. */
const NO_WORDS = ['id', 'basis', 'synonyms', 'fact', 'aboveFact'];
/** Fields in which a single word is a word. */
const WORDS = ['attacks', 'cues', 'material', 'per', 'protection', 'text', 'wear', 'what'];

/** All that is read in some data, as it stands. */
function readIn(value: unknown, field = ''): readonly string[] {
  if (typeof value === 'string') {
    if (NO_WORDS.includes(field) || !/[a-z]{2}/i.test(value) || /^[a-z]+[A-Z]\w*$/.test(value)) return [];
    return /^[a-z][a-z0-9-]*$/.test(value) && !WORDS.includes(field) ? [] : [value];
  }
  if (value instanceof Map) return [...(value.values() as Iterable<unknown>)].flatMap((each) => readIn(each));
  if (Array.isArray(value)) return value.flatMap((each) => readIn(each, field));
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([name, each]) => readIn(each, name));
}

const read = [
  ...new Set(
    readIn([
      CATALOGUE,
      OUTLOOKS,
      SAFETY_FALLS,
      SAFETY_FLOOR,
      TASK_PROTECTION,
      protections.FEATURE_PROTECTIONS,
      protections.PLANT_PROTECTIONS,
      protections.EXPOSED_FACE_PROTECTIONS,
      protections.FOULED_FACE_PROTECTION,
      protections.SITE_PROTECTION,
    ]),
  ),
].filter((text) => text !== '{handOverReason}');

/** What stands in code and is said by the name of `word` or `called`. */
const SOURCE = fileURLToPath(new URL('..', import.meta.url));
function writtenInCode(): ReadonlySet<string> {
  const found = new Set<string>();
  const files = readdirSync(SOURCE, { recursive: true, encoding: 'utf8' }).filter(
    (name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && !/^(words|test)\//.test(name),
  );
  for (const name of files) {
    const path = join(SOURCE, name);
    const visit = (node: ts.Node): void => {
      // The ids of kinds are said too.
      if (ts.isStringLiteralLike(node)) found.add(node.text).add(node.text.replaceAll('-', ' '));
      ts.forEachChild(node, visit);
    };
    visit(ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest));
  }
  return found;
}

describe('the catalogue in German', () => {
  it('lacks no word of the English one', () => {
    expect(read.length).toBeGreaterThan(1800);
    expect(read.filter((text) => !Object.hasOwn(GERMAN.catalogue, text))).toEqual([]);
  });
});

/** What a crew order or a toolbox talk may say of the catalogue: not why a method is proposed, nor how a stain is told. */
const NOT_FOR_CREWS = [
  'why',
  'expectation',
  'cues',
  'cue',
  'source',
  'licence',
  'specialistOnly',
  'handOver',
];
const readByCrews = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(readByCrews)
    : typeof value === 'object' && value !== null
      ? Object.fromEntries(
          Object.entries(value)
            .filter(([name]) => !NOT_FOR_CREWS.includes(name))
            .map(([name, each]) => [name, readByCrews(each)]),
        )
      : value;

describe('the catalogue in Spanish', () => {
  it('lacks nothing that a crew reads', () => {
    const forCrews = readIn([
      readByCrews([CATALOGUE.methods, CATALOGUE.agents, CATALOGUE.tools, CATALOGUE.materials]),
      readByCrews(CATALOGUE.contaminants),
      OUTLOOKS,
      SAFETY_FALLS,
      SAFETY_FLOOR,
      TASK_PROTECTION,
      ...Object.values(protections).filter((each) => !(each instanceof RegExp)),
    ]);
    expect(forCrews.length).toBeGreaterThan(1500);
    expect([...new Set(forCrews)].filter((text) => !Object.hasOwn(SPANISH.catalogue, text))).toEqual([]);
  });
});

describe.each([GERMAN, SPANISH])('the words of the catalogue in another language', ({ catalogue }) => {
  it('are all of something: none was left behind when the English one changed', () => {
    const known = new Set([...read, ...writtenInCode()]);
    expect(Object.keys(catalogue).filter((text) => !known.has(text))).toEqual([]);
  });

  it('keep the facts that stand in them', () => {
    const braces = (text: string) => [...text.matchAll(/\{\w+\}/g)].map(([fact]) => fact).sort();
    for (const [english, other] of Object.entries(catalogue))
      expect([english, ...braces(other)]).toEqual([english, ...braces(english)]);
  });
});
