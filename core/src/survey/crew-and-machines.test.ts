import { describe, expect, it } from '@jest/globals';
import { crewOfSize } from './crew.ts';
import { withMachineCount } from './crew-and-machines.ts';
import { DEFAULT_HOUSE, houseSchema } from './job-detail.ts';

describe('who and what comes along', () => {
  it('a crew that grows keeps who is there and takes ids that are free', () => {
    const crew = [
      { id: 'b', name: 'Ada', tickets: ['lift'] },
      { id: 'night', name: 'Grace', tickets: [] },
    ];
    const grown = crewOfSize(crew, 4);
    expect(grown.slice(0, 2)).toEqual(crew);
    expect(grown.map((m) => m.id)).toEqual(['b', 'night', 'a', 'c']);
    expect(houseSchema.validate({ crew: grown }).error).toBeUndefined();
    expect(crewOfSize(grown, 1)).toEqual(crew.slice(0, 1));
  });

  it('a count leaves what is known of a machine, and adds a kind that was not listed', () => {
    const [first] = DEFAULT_HOUSE.machines;
    if (!first) throw new Error('there are machines');
    const known = { ...first, flowLitresPerMinute: 15 };
    expect(withMachineCount([known], known.kind, 4)).toEqual([{ ...known, count: 4 }]);
    expect(withMachineCount([], 'hose', 2)).toEqual([
      { kind: 'hose', count: 2, flowLitresPerMinute: null, pressureBar: null, tipOrifice: null },
    ]);
  });
});
