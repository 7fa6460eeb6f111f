import { describe, expect, it } from '@jest/globals';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { factsAsked } from '../test/message-facts.ts';
import { ENGLISH } from './english/english.ts';
import { say } from './message.ts';

const SOURCE = fileURLToPath(new URL('..', import.meta.url));
const messages = Object.entries(ENGLISH);

/** The parameters that its type names: what stands behind a brace that is no branch, as `Params` reads it. */
function typed(text: string): readonly string[] {
  const [, ...rest] = text.split('{');
  const heads = text.split('{').slice(0, -1);
  return rest.flatMap((inside, i) =>
    /(one|other|yes|no|=\d+) $/.test(heads[i] ?? '') ? [] : [/^[^,}]*/.exec(inside)?.[0] ?? ''],
  );
}

describe('the catalogue of messages', () => {
  it('is sound: every message can be read, and its type names the parameters that it asks for', () => {
    for (const [id, text] of messages)
      expect([id, ...[...new Set(typed(text))].sort()]).toEqual([id, ...factsAsked(text)]);
  });

  it('has no message that nobody says', () => {
    const files = readdirSync(SOURCE, { recursive: true, encoding: 'utf8' })
      .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && !name.includes('english'))
      .map((name) => readFileSync(join(SOURCE, name), 'utf8'))
      .join('\n');
    // Some choose the wording by what happens: `meets/${how}`.
    const chosen = [...files.matchAll(/`([a-z-]+\/[^`\s]*)`/g)].map(
      ([, template = '']) => new RegExp(`^${template.replaceAll(/\$\{[^}]*\}/g, '.+')}$`),
    );
    const unsaid = messages
      .map(([id]) => id)
      .filter((id) => !files.includes(`'${id}'`) && !chosen.some((wording) => wording.test(id)));
    expect(unsaid).toEqual([]);
  });

  it('says a message with its facts, in the number that is due', () => {
    const about = { agents: 1, names: 'citric acid', sprayers: 0, needed: 1 };
    expect(say('sprayer-opposed', about)).toMatch(/^1 agent is sprayed \(citric acid\) with no sprayer:/);
    expect(say('sprayer-opposed', { ...about, agents: 3, sprayers: 2 })).toMatch(
      /^3 agents are .* 2 sprayers:/,
    );
  });

  it('takes facts as they are: braces, quotes and signs of a surveyor stay what they are', () => {
    const place = "Wall {north} '#1' <b>";
    expect(say('out-of-scope', { place })).toBe(`${place}: not in this job.`);
  });
});
