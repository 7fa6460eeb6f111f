import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import type { Protection } from '../protection/protection-acts.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import { makingTimes } from './making-times.ts';
import { sharedOut } from './share-out.ts';

const act = (feature: string, minutes: number, more: Partial<Protection> = {}): Protection => ({
  kind: 'cover',
  text: 'Cover it.',
  material: null,
  minutes,
  minutesPerMetre: 0,
  lengthMetres: 0,
  who: 'crew',
  longestMinutesInSun: null,
  feature,
  surface: null,
  placeName: feature,
  when: 'before',
  neededBy: [],
  liftedBy: [],
  ...more,
});
const mix = (stage: string, litres: number): PlannedMix => ({
  stage,
  surface: stage,
  agent: 'hypochlorite',
  litres,
  batches: [],
  sum: '',
});
const crew = (count: number, ticketed = -1) =>
  ['ada', 'bo', 'cleo']
    .slice(0, count)
    .map((id, i) => ({ id, name: id, tickets: i === ticketed ? ['electrician'] : [] }));

/** The heaviest of the best ways to cut a row into so many stretches. */
function lightest(row: readonly number[], parts: number): number {
  const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
  if (parts === 1 || row.length === 0) return sum(row);
  return Math.min(
    ...row.map((_, i) => Math.max(sum(row.slice(0, i)), lightest(row.slice(i), parts - 1))),
    sum(row),
  );
}

describe('protections shared out', () => {
  it('are as even as neighbours that stay together let them be, each on one list', () => {
    let uneven = 0;
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 20 }), { minLength: 1, maxLength: 9 }),
        fc.integer({ min: 1, max: 3 }),
        (minutes, people) => {
          const acts = minutes.map((m, i) => act(`f${i}`, m));
          const shares = sharedOut(acts, [], [], crew(people));
          expect(shares.flatMap(({ protections }) => protections)).toEqual(acts);
          const heaviest = Math.max(
            ...shares.map(({ protections }) => protections.reduce((sum, p) => sum + p.minutes, 0)),
          );
          expect(heaviest).toBe(lightest(minutes, people));
          if (heaviest > Math.ceil(minutes.reduce((a, b) => a + b, 0) / people)) uneven += 1;
        },
      ),
      { numRuns: 150 },
    );
    expect(uneven).toBeGreaterThan(20);
  });

  it('take no other ticket for it', () => {
    const [ada, bo] = sharedOut(
      [act('sockets', 4, { who: 'competent' })],
      [],
      [],
      crew(2).map((member, i) => ({ ...member, tickets: i === 1 ? ['Ladders and towers'] : [] })),
    );
    expect([ada?.protections.length, bo?.protections.length]).toEqual([1, 0]);
  });

  it('give to somebody competent what asks for it, and to who covers it the lifting', () => {
    const sockets = act('sockets', 4, { who: 'competent' });
    const lifted = act('sockets', 3, { who: 'competent', when: 'after' });
    const [ada, bo] = sharedOut([act('bed', 3), sockets, lifted], [], [], crew(2, 1));
    expect(bo?.protections).toEqual([sockets, lifted]);
    expect(ada?.protections.map(({ feature }) => feature)).toEqual(['bed']);
  });
});

describe('mixes that last the day', () => {
  it('go to who has least to set out, and are made one after the other at its end', () => {
    const [ada, bo] = sharedOut([act('bed', 20)], [mix('a', 10), mix('b', 20)], [], crew(2));
    expect([ada?.mixes, bo?.mixes.map(({ stage }) => stage)]).toEqual([[], ['a', 'b']]);
    if (!bo) throw new Error('two people');
    const times = makingTimes(bo, { operation: 'set-out.bo', person: 'bo', start: 0, finish: 1800 });
    expect(times.map(({ mix: { stage }, from, to }) => [stage, from, to])).toEqual([
      ['a', 1290, 1520],
      ['b', 1520, 1800],
    ]);
  });
});
