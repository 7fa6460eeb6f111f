import { describe, expect, it } from '@jest/globals';
import { ENGLISH_WORDS, saidOfJobs } from '../test/order-in-language.ts';
import { GERMAN } from './german.ts';

const JOBS = ['hill-observatory', 'lock-cottage', 'tram-halt'];
const said = await saidOfJobs(GERMAN, JOBS);

describe('a job in German', () => {
  it.each(JOBS.map((name, i) => [name, said[i]] as const))('%s says nothing in English', (_, job) => {
    const texts = job ? [...job.order, ...job.talk, ...job.papers, ...job.warnings] : [];
    expect(texts.length).toBeGreaterThan(200);
    expect(texts.filter((text) => ENGLISH_WORDS.test(text))).toEqual([]);
  });

  it('reads as a German crew lead writes it', () => {
    const order = said[0]?.order ?? [];
    expect(order).toContain('Auftrag Nr. 7');
    expect(order.join('\n')).toContain('Montag, 4. Mai 2026');
    expect(order.filter((text) => text.startsWith('Tragen: ')).join('\n')).toContain('Schutzbrille');
    // Figures have a comma, nouns stay large in a sentence.
    expect(order.some((text) => /\d,\d L Zitronensäure/.test(text))).toBe(true);
    expect(order.filter((text) => /\d\.\d+ (L|min|m|kg|g)\b/.test(text))).toEqual([]);
  });
});
