import { describe, expect, it } from '@jest/globals';
import { compiled } from './compiled-problem.ts';
import { CriticalWork } from './critical-work.ts';
import { after, operation, problem } from './small-problem.ts';

/** The clusters by name, of a schedule given by operation as its start and who does it. */
function critical(
  own: Parameters<typeof problem>[0],
  at: Readonly<Record<string, readonly [number, number]>>,
) {
  const of = compiled(problem(own));
  const keys = Float64Array.from(of.operations, ({ id }) => at[id]?.[0] ?? 0);
  const people = Int32Array.from(of.operations, ({ id }) => at[id]?.[1] ?? 0);
  return new CriticalWork(of).clusters({ keys, people }).map((index) => of.clusters[index]?.id ?? '');
}

describe('what the end of a visit hangs on', () => {
  it('is what ends last, what that waits for, and what its person did right before', () => {
    const work = {
      people: ['a', 'b'],
      operations: ['x', 'y', 'z', 'loose'].map((id) => operation(id, id, 600)),
      lags: [after('x', 'y', 300)],
    };
    expect(critical(work, { x: [0, 0], y: [900, 1], z: [1500, 1], loose: [600, 0] })).toEqual([
      'z',
      'y',
      'x',
    ]);
  });

  it('goes over to who had the machine, and not to who was through long before', () => {
    const work = {
      people: ['a', 'b'],
      machines: { hose: 1, sprayer: 2 },
      operations: [
        operation('first', 'first', 600, { machines: ['hose'] }),
        operation('last', 'last', 600, { machines: ['hose'] }),
        operation('early', 'early', 100),
      ],
    };
    expect(critical(work, { first: [0, 0], last: [600, 1], early: [0, 1] })).toEqual(['last', 'first']);
  });
});
