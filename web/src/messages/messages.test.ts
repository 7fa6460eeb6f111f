import { describe, expect, it } from '@jest/globals';
import { sayer } from '@etappe/core/messages';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const SOURCE = fileURLToPath(new URL('..', import.meta.url));
const ROOMS = readdirSync(join(SOURCE, 'messages'))
  .filter((name) => name.endsWith('.ts') && !name.startsWith('messages.'))
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
});
