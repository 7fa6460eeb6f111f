import { describe, expect, it } from '@jest/globals';
import { scheduleViolations } from './check.ts';
import { NO_SET_UP } from './problem.ts';
import type { Placement, SequenceProblem } from './problem.ts';
import { operation, problem } from './small-problem.ts';
import { solve } from './solve.ts';
import { visitProblem } from './visit-problem.ts';
import { whatHolds } from './what-holds.ts';

const placed = (id: string, start: number, seconds: number, person = 'a'): Placement => ({
  operation: id,
  person,
  start,
  finish: start + seconds,
});
const held = (own: SequenceProblem, placements: readonly Placement[], id: string) =>
  whatHolds(own, placements).get(id);

describe('what holds an operation at its start', () => {
  const [one, two] = [operation('one', 'one', 600), operation('two', 'two', 600)];

  it('is its person, with the change from what they were at', () => {
    const at = (tool: string) => ({ ...NO_SET_UP, tool });
    const operations = [
      { ...one, ends: at('brush') },
      { ...two, begins: at('hose') },
    ];
    const own = problem({ operations, setUpSeconds: { place: 0, tool: 60, mix: 0 } });
    const day = [placed('one', 0, 600), placed('two', 660, 600)];
    expect(held(own, day, 'one')).toEqual({ kind: 'begin' });
    expect(held(own, day, 'two')).toEqual({ kind: 'person', by: 'one', until: 660 });
  });

  it('is what it comes after rather than who does it', () => {
    const lags = [
      {
        from: 'one',
        anchor: 'finish' as const,
        to: 'two',
        minSeconds: 0,
        maxSeconds: null,
        rule: 'chain-order',
      },
    ];
    const own = problem({ operations: [one, two], lags });
    expect(held(own, [placed('one', 0, 600), placed('two', 600, 600)], 'two')).toEqual({
      kind: 'after',
      by: 'one',
      rule: 'chain-order',
      until: 600,
    });
  });

  it('is the machine that somebody else has, or holds full', () => {
    const hose = { machines: ['hose'] };
    const own = problem({
      operations: [
        { ...one, ...hose },
        { ...two, ...hose },
      ],
      people: ['a', 'b'],
    });
    const day = [placed('one', 0, 600), placed('two', 600, 600, 'b')];
    expect(held(own, day, 'two')).toEqual({ kind: 'machine', by: 'one', machine: 'hose', until: 600 });
    expect(held({ ...own, machines: { hose: 2 } }, day, 'two')).toEqual({ kind: 'nothing', from: 0 });
    const holds = [{ from: 'one', to: 'three', machine: 'sprayer' }];
    const three = operation('three', 'one', 60, { machines: ['sprayer'] });
    const full = problem({
      operations: [one, three, { ...two, machines: ['sprayer'] }],
      holds,
      people: ['a', 'b'],
      machines: { sprayer: 1 },
    });
    const dwelt = [placed('one', 0, 600), placed('three', 1200, 60), placed('two', 1260, 600, 'b')];
    expect(held(full, dwelt, 'two')).toMatchObject({ kind: 'machine', by: 'three', until: 1260 });
  });

  it('is whoever is at work above, its hours, or that its person comes later', () => {
    const lower = { ...two, place: 'yard' };
    const own = problem({ operations: [one, lower], people: ['a', 'b'], apart: [['wall', 'yard']] });
    const day = [placed('one', 0, 600), placed('two', 600, 600, 'b')];
    expect(held(own, day, 'two')).toEqual({ kind: 'apart', by: 'one', until: 600 });
    const quiet = problem({ operations: [{ ...one, starts: [{ from: 3600, to: 9000 }] }] });
    expect(held(quiet, [placed('one', 3600, 600)], 'one')).toEqual({ kind: 'hours', until: 3600 });
    const late = problem({ operations: [one], hours: [{ person: 'a', from: 1800, to: 9000 }] });
    expect(held(late, [placed('one', 1800, 600)], 'one')).toEqual({ kind: 'comes', until: 1800 });
  });

  it('is what has to follow it in time', () => {
    const lags = [
      { from: 'one', anchor: 'finish' as const, to: 'two', minSeconds: 300, maxSeconds: 600, rule: 'dwell' },
    ];
    const own = problem({
      operations: [one, { ...two, cluster: 'one', starts: [{ from: 7200, to: 9000 }] }],
      lags,
    });
    const day = [placed('one', 6000, 600), placed('two', 7200, 600)];
    expect(held(own, day, 'one')).toEqual({ kind: 'in-time', by: 'two', until: 6000 });
    expect(held(own, day, 'two')).toEqual({ kind: 'hours', until: 7200 });
  });

  it('is told of nothing that could begin earlier with all else where it is', () => {
    let told = 0;
    for (let seed = 1; seed <= 12; seed += 1) {
      const own = visitProblem(seed, 30);
      const schedule = [...solve(own, { seed, budget: 12 })].findLast((found) => found !== null);
      if (!schedule) continue;
      for (const [id, why] of whatHolds(own, schedule.placements)) {
        if (why.kind === 'nothing' || why.kind === 'begin') continue;
        const earlier = schedule.placements.map((one) =>
          one.operation === id ? { ...one, start: one.start - 31, finish: one.finish - 31 } : one,
        );
        expect(scheduleViolations(own, { ...schedule, placements: earlier })).not.toEqual([]);
        told += 1;
      }
    }
    expect(told).toBeGreaterThan(150);
  });
});
