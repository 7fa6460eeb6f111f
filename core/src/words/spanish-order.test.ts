import { describe, expect, it } from '@jest/globals';
import { ENGLISH_WORDS, saidOfJobs } from '../test/order-in-language.ts';
import { SPANISH } from './spanish.ts';

const JOBS = ['hill-observatory', 'lock-cottage', 'tram-halt'];
const said = await saidOfJobs(SPANISH, JOBS);

describe('a crew order in Spanish', () => {
  it.each(JOBS.map((name, i) => [name, said[i]] as const))(
    '%s and its talk say nothing in English',
    (_, job) => {
      const texts = job ? [...job.order, ...job.talk] : [];
      expect(texts.length).toBeGreaterThan(150);
      expect(texts.filter((text) => ENGLISH_WORDS.test(text))).toEqual([]);
    },
  );

  it('reads as a crew lead in America writes it', () => {
    const order = said[0]?.order ?? [];
    expect(order).toContain('Orden n.º 7');
    expect(order.join('\n')).toContain('lunes, 4 de mayo de 2026');
    expect(order.some((text) => /\d\.\d L de ácido cítrico/.test(text))).toBe(true);
  });
});
