import { describe, expect, it } from '@jest/globals';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));
const SOURCES = ['core/src', 'web/src', 'server/src'];
/** Texts that must stay as they were: acknowledgements of those days are hashes over them. */
const AS_THEY_WERE = ['earlier-wording.ts', join('english', 'expectations.ts')];
/** What the strength of an agent counts goes out with plan files: a value of the format, not a sentence. */
const VALUES = ['product as sold'];

/** The first column of the second table of docs/words.md. */
function retired(): readonly string[] {
  const page = readFileSync(join(ROOT, 'docs/words.md'), 'utf8');
  const table = page.slice(page.indexOf('| not '));
  return [...table.matchAll(/^\| ([^|]+?) +\|/gm)]
    .map(([, word = '']) => word)
    .filter((word) => word !== 'not' && !word.startsWith('---'));
}

function files(): readonly string[] {
  return SOURCES.flatMap((folder) =>
    readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })
      .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$|(^|\/)test\//.test(name))
      .filter((name) => !AS_THEY_WERE.some((kept) => name.endsWith(kept)))
      .map((name) => join(ROOT, folder, name)),
  );
}

/** Sentences and labels of a file: strings of two words or more, templates without their figures, texts of elements. */
function texts(file: string): readonly string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return;
    if (
      ts.isStringLiteral(node) ||
      ts.isNoSubstitutionTemplateLiteral(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddle(node) ||
      ts.isTemplateTail(node) ||
      ts.isJsxText(node)
    )
      found.push(node.text.replace(/\s+/g, ' '));
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found.filter((text) => /[a-z] [a-z]/i.test(text) && !VALUES.includes(text));
}

describe('the words of the program', () => {
  it('are those of docs/words.md: no text uses a retired one', () => {
    const words = retired();
    expect(words.length).toBeGreaterThan(15);
    const wrong = new RegExp(`\\b(${words.join('|')})\\b`, 'i');
    const read = files();
    expect(read.length).toBeGreaterThan(400);
    const uses = read.flatMap((file) =>
      texts(file)
        .filter((text) => wrong.test(text))
        .map((text) => `${file.slice(ROOT.length)}: ${text}`),
    );
    expect(uses).toEqual([]);
  });
});
