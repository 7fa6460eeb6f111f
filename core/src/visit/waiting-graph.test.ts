import { describe, expect, it } from '@jest/globals';
import { WaitingGraph } from './waiting-graph.ts';

const graphOf = (edges: readonly (readonly [string, string, ('apart' | 'together')?])[]) => {
  const graph = new WaitingGraph();
  for (const [first, then, wait = 'apart'] of edges) graph.add(first, then, wait);
  return graph;
};

describe('phases that are worked as one', () => {
  it.each<[string, Parameters<typeof graphOf>[0], boolean]>([
    [
      'have nothing to do with each other',
      [
        ['a', 'x'],
        ['x', 'y'],
      ],
      true,
    ],
    [
      'wait for the same',
      [
        ['x', 'a'],
        ['x', 'b'],
      ],
      true,
    ],
    ['may begin once the other has begun', [['a', 'b', 'together']], true],
    ['do not end before the other begins', [['a', 'b']], false],
    [
      'nor by a third',
      [
        ['a', 'x'],
        ['x', 'b'],
      ],
      false,
    ],
    [
      'nor by a third that only waits for the beginning',
      [
        ['a', 'x', 'together'],
        ['x', 'b', 'together'],
      ],
      false,
    ],
    [
      'are told the stricter of two waits',
      [
        ['a', 'b'],
        ['a', 'b', 'together'],
      ],
      false,
    ],
  ])('%s', (_, edges, expected) => {
    expect(graphOf(edges).canJoin(['a', 'b'])).toBe(expected);
  });

  it('stand for one for all that come after', () => {
    const graph = graphOf([
      ['a', 'c'],
      ['d', 'b'],
    ]);
    expect(graph.canJoin(['c', 'd'])).toBe(true);
    graph.join(['a', 'b']);
    expect(graph.canJoin(['c', 'd'])).toBe(false);
    expect(graph.canJoin(['a', 'c'])).toBe(false);
    expect(graph.canJoin(['b', 'x'])).toBe(true);
  });
});
