import { describe, expect, it } from '@jest/globals';
import { plan } from '../plan/plan.ts';
import { roundsInWords } from '../order/rounds-in-words.ts';
import { demo } from '../test/demo-survey.ts';
import { rounds } from './rounds.ts';

const made = plan(demo('hill-observatory'), { asOf: '2026-05-04', seed: 1, budget: 1000 });
if (!made.visit) throw new Error('the demo has a visit');
const { schedule } = made.visit;
const all = rounds(made, schedule);

describe('the rounds of the demo day', () => {
  it('hold every operation once, in the order of time, of one person each', () => {
    const placed = new Map(schedule.placements.map((p) => [p.operation, p]));
    const inRounds = all.flatMap(({ operations }) => operations.map(({ id }) => id));
    expect([...inRounds].sort()).toEqual([...placed.keys()].sort());
    for (const { person, operations, start, finish } of all) {
      const own = operations.map(({ id }) => placed.get(id));
      expect(own.every((p) => p?.person === person)).toBe(true);
      expect(own.map((p) => p?.start)).toEqual(own.map((p) => p?.start).sort((a = 0, b = 0) => a - b));
      expect([own[0]?.start, own.at(-1)?.finish]).toEqual([start, finish]);
    }
  });

  it('are few enough to be read, and each says where and what', () => {
    expect(all.length).toBeLessThanOrEqual(65);
    const named = roundsInWords(made);
    expect(named).toHaveLength(all.length);
    expect(named.every(({ name }) => name.length > 4 && !name.includes('undefined'))).toBe(true);
    expect(named.filter(({ name }) => /^.+: .*[A-Z] on, .*rinse/.test(name)).length).toBeGreaterThan(5);
    expect(named.some(({ short }) => /^Garage door · [A-Z]$/.test(short))).toBe(true);
    expect(named.map(({ short }) => short)).toContain('Terrace steps · clear');
    // Somebody who stays at a face goes on in the same round.
    expect(all.some(({ operations }) => operations.length > 2)).toBe(true);
  });

  it('never join what another person, another place or another thing to do parts', () => {
    for (const round of all) {
      const [first] = round.operations;
      const surfaces = new Set(round.operations.flatMap(({ parts }) => parts.map((p) => p.surface)));
      if (surfaces.size > 1 && first?.task === 'front')
        expect(new Set(round.operations.map(({ task }) => task)).size).toBe(1);
    }
  });
});
