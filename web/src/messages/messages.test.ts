import { describe, expect, it } from '@jest/globals';
import { sayer } from '@etappe/core/messages';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';
import { GERMAN_PAGES } from './german/german-pages.ts';
import { SPANISH_PAGES } from './spanish/spanish-pages.ts';

const SOURCE = fileURLToPath(new URL('..', import.meta.url));
const ROOMS = readdirSync(join(SOURCE, 'messages'))
  .filter((name) => name.endsWith('.ts') && !name.startsWith('messages.') && name !== 'of-rooms.ts')
  .map((name) => name.slice(0, -'.ts'.length));

/** The texts of a room by their ids, as they stand in its file. */
function textsOf(room: string): Readonly<Record<string, string>> {
  const path = join(SOURCE, `messages/${room}.ts`);
  const file = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true);
  const found: [string, string][] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isPropertyAssignment(node) && ts.isStringLiteralLike(node.initializer))
      found.push([(node.name as ts.Identifier | ts.StringLiteral).text, node.initializer.text]);
    ts.forEachChild(node, visit);
  };
  visit(file);
  return Object.fromEntries(found);
}

/** All that is written in the files that say a room's messages. */
function sayersOf(room: string): string {
  return readdirSync(SOURCE, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name))
    .map((name) => readFileSync(join(SOURCE, name), 'utf8'))
    .filter((text) => text.includes(`messages/${room}.ts'`))
    .join('\n');
}

describe('the messages of the interface', () => {
  it.each(ROOMS)('of %s can be read, with nothing but the facts that they name', (room) => {
    const texts = textsOf(room);
    expect(Object.keys(texts).length).toBeGreaterThan(0);
    const { say } = sayer(texts) as { say: (id: string, facts: object) => string };
    for (const [id, text] of Object.entries(texts)) {
      const names = [...text.matchAll(/\{(\w+)[,}]/g)].map(([, name = '']) => name);
      const said = say(id, Object.fromEntries(names.map((name) => [name, 2])));
      expect([id, said.includes('{')]).toEqual([id, false]);
    }
  });

  it.each(ROOMS)('of %s are all said', (room) => {
    const sayers = sayersOf(room);
    expect(Object.keys(textsOf(room)).filter((id) => !sayers.includes(`('${id}'`))).toEqual([]);
  });

  it.each(ROOMS)('of %s are all there in German', (room) => {
    const own = Object.keys(GERMAN_PAGES)
      .filter((key) => key.startsWith(`${room}:`))
      .map((key) => key.slice(room.length + 1));
    expect(own.sort()).toEqual(Object.keys(textsOf(room)).sort());
  });

  it.each([
    ['German', GERMAN_PAGES],
    ['Spanish', SPANISH_PAGES],
  ])('ask in %s for the facts of the English ones', (_, pages) => {
    const facts = (text: string) =>
      [...new Set(text.match(/(?<!\b(?:yes|no|one|other|=\d+) )\{\w+(?=[,}])/g))].sort();
    expect(Object.keys(pages).length).toBeGreaterThan(30);
    for (const [key, text] of Object.entries(pages)) {
      const [room = '', id = ''] = key.split(/:(.*)/);
      expect([key, ...facts(text)]).toEqual([key, ...facts(textsOf(room)[id] ?? '')]);
    }
  });
});
