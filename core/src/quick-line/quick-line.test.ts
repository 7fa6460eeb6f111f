import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { applyChanges } from '../survey/change.ts';
import { entityIn, stateOf } from '../survey/survey-state.ts';
import { briefReading } from '../test/quick-line-brief.ts';
import { QUICK_CORPUS } from '../test/quick-line-corpus.ts';
import { QUICK_SURVEY } from '../test/quick-line-survey.ts';
import { FILLERS } from './quick-terms.ts';
import { quickWords } from './quick-words.ts';
import { LONGEST_QUICK_LINE, readQuickLine, withQuickEdit } from './quick-line.ts';

const read = (line: string, selected: string | null = null) => {
  let count = 0;
  return readQuickLine(line, QUICK_SURVEY, { selected, makeId: () => `made-${(count += 1)}` });
};
const open = (line: string) => read(line).surfaces.flatMap((s) => s.parts.filter((p) => p.fault !== null));

describe('the quick line', () => {
  it.each(QUICK_CORPUS)('%s', (line, meant) => {
    expect(briefReading(line, QUICK_SURVEY)).toBe(meant);
  });

  it('is about the open surface where it names none', () => {
    expect(briefReading('algae 2, chalking', QUICK_SURVEY, 'drum')).toBe(
      '~Drum wall, north: conditions=chalking | green-algae 2',
    );
    expect(briefReading('wall, no rust', QUICK_SURVEY, 'drum')).toBe('~Drum wall, north: -surface-rust');
    expect(briefReading('granite 2x2 south wall', QUICK_SURVEY, 'drum')).toBe(
      '+Wall, south: south wall granite 2x2',
    );
  });

  it('has an answer for each question, which is written into the line', () => {
    let line = 'north wall 9x4, algae';
    const [which] = open(line);
    const known = which?.options.find((o) => o.label === 'Drum wall, north');
    if (!known) throw new Error('the question names the wall that is there');
    line = withQuickEdit(line, known);
    expect(line).toBe('"Drum wall, north" north wall 9x4, algae');
    const [severity] = open(line);
    expect(severity?.options.map((o) => o.label)[2]).toBe('3: the surface is green, slippery when wet');
    const three = severity?.options[2];
    line = three ? withQuickEdit(line, three) : '';
    expect(briefReading(line, QUICK_SURVEY)).toBe('~Drum wall, north: 9x4 | green-algae 3');
  });

  it('proposes what was perhaps meant, and takes it in where it stood', () => {
    const line = 'south wall, concrte, 4x3';
    const [slip] = open(line);
    expect(slip?.fault).toBe('“concrte” is not known: was one of these meant?');
    const [proposal] = slip?.options ?? [];
    expect(proposal && withQuickEdit(line, proposal)).toBe('south wall, concrete, 4x3');
    const phrase = 'south wall, painted rendr, 4x3';
    const options = open(phrase)[0]?.options ?? [];
    expect(options.map((o) => o.label)).toEqual(expect.arrayContaining(['painted render', 'render']));
    const [whole] = options;
    expect(whole && withQuickEdit(phrase, whole)).toBe('south wall, painted render, 4x3');
  });

  it('makes sides and features that are new once for the whole line', () => {
    const { drafts } = read(
      'southeast wall concrete 4x3 above stream; southeast path concrete 4x1 above stream',
    );
    expect(drafts?.map((d) => d.kind)).toEqual(['side', 'feature', 'surface', 'surface']);
  });

  it('gives the reason for each part that it does not take', () => {
    const reasons = (line: string) => open(line).map((p) => p.fault);
    expect(reasons('south wall concrete 24 m')).toEqual([
      '24 m is a length: write two sides as in 24m x 2m, or how high it is as in 24m high',
    ]);
    expect(reasons('south deck larch boards 4x3 hollow')).toEqual([
      'Larch boards is not noted as hollow render; it can be splintering wood, rotten wood, chalking or oxidised paint, flaking paint, waxed or oiled, perhaps old lead paint, narrow treads, historic or listed',
    ]);
    expect(reasons('x'.repeat(LONGEST_QUICK_LINE + 1))[0]).toContain('take it in two');
  });
});

const fragment = fc.constantFrom(
  'north',
  'south',
  'wall',
  'path',
  'roof',
  'concrete',
  'painted render',
  'granite',
  '4x3',
  '9 x 2 - 1x1',
  '12',
  '3 m',
  '3 m high',
  'algae',
  'algae 2',
  'heavy',
  'rust 1 on 40%',
  'no algae',
  'drum wall',
  '"Service yard"',
  'same as north',
  'above pond',
  'next to rose bed',
  'sockets',
  'next',
  ';',
  ',',
  'and',
  'or',
  'new',
  'chalking',
  'sealed',
  'left out',
  'nothing on it',
  'zyxw',
  '🙂',
  'called X',
  'both sides',
  'all sides',
  'from 2 to 5 m',
  'pitch 30 deg',
  '"',
  '(',
  '%',
  '?',
);
const lines = fc.array(fragment, { maxLength: 14 }).map((words) => words.join(' '));

describe('any line', () => {
  it('is accounted for word by word: in a part, or a word that carries nothing', () => {
    fc.assert(
      fc.property(fc.oneof(lines, fc.string({ unit: 'grapheme', maxLength: 60 })), (line) => {
        const parts = read(line).surfaces.flatMap((s) => s.parts);
        const lost = quickWords(line).filter(
          (word) =>
            !FILLERS.has(word.stem) &&
            !['next', ';', '\n', 'one'].includes(word.stem) &&
            !parts.some((p) => p.at <= word.at && word.at + word.length <= p.at + p.length),
        );
        expect(lost).toEqual([]);
      }),
      { numRuns: 400 },
    );
  });

  it('makes only changes that the survey takes', () => {
    let ready = 0;
    fc.assert(
      fc.property(lines, (line) => {
        const { drafts } = read(line);
        if (drafts === null) return;
        ready += 1;
        const state = stateOf('job', QUICK_SURVEY);
        const changes = drafts.map((draft, i) => ({
          ...draft,
          id: `change-${i}`,
          base: entityIn(state, draft.entity)?.revision ?? 0,
        }));
        const outcome = applyChanges(state, changes);
        expect(outcome).toMatchObject({ ok: true });
      }),
      { numRuns: 1500, seed: 11 },
    );
    expect(ready).toBeGreaterThan(20);
  });

  it('of five thousand characters is read or refused, whatever they are', () => {
    for (const text of ['9 ', 'algae ', '(', '12x', 'north wall ', '🙂', 'א ', '"', '1x1 + '])
      expect(read(text.repeat(LONGEST_QUICK_LINE / text.length)).surfaces.length).toBeGreaterThan(0);
  });
});
