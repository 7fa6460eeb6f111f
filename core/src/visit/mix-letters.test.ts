import { describe, expect, it } from '@jest/globals';
import type { PlannedMix } from '../supply/planned-mix.ts';
import { inUseOrder, mixLetters } from './mix-letters.ts';

const mix = (stage: string, agent = 'hypochlorite'): PlannedMix => ({
  stage,
  surface: stage,
  agent,
  litres: 5,
  batches: [],
  sum: '',
});
const operation = (id: string, stage: string) => ({
  id,
  task: 'work' as const,
  parts: [],
  stages: [stage],
  section: null,
  areaSquareMetres: null,
});
const placed = (order: readonly string[]) => ({
  placements: order.map((id, i) => ({ operation: id, person: 'a', start: 100 * i, finish: 100 * i + 100 })),
  makespan: 100 * order.length,
});

describe('letters of mixes', () => {
  const mixes = [mix('wall'), mix('roof'), mix('tag', 'masonry-remover')];
  const planned = ['wall', 'roof', 'tag'].map((stage) => operation(`on-${stage}`, stage));

  it('go by first use; what is ready to use keeps its name', () => {
    const schedule = placed(['on-tag', 'on-roof', 'on-wall']);
    expect([...mixLetters(mixes, planned, schedule)]).toEqual([
      ['roof', 'A'],
      ['wall', 'B'],
    ]);
    expect(inUseOrder({ mixes, work: { planned }, visit: { schedule } }).map(({ stage }) => stage)).toEqual([
      'roof',
      'wall',
      'tag',
    ]);
  });

  it('go by the surfaces while there is no schedule, and on after Z', () => {
    const many = Array.from({ length: 28 }, (_, i) => mix(`s${i}`));
    expect([...mixLetters(many, [], null).values()].slice(24)).toEqual(['Y', 'Z', 'AA', 'AB']);
  });
});
