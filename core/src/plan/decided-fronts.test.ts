import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { faced } from '../survey/face.ts';
import { decidedFronts, frontFaults } from './decided-fronts.ts';
import { derived } from './derivation.ts';

const reading = readJobFile(
  JSON.parse(readFileSync(new URL('../../../demo/lock-cottage.etappe.json', import.meta.url), 'utf8')),
);
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const { surfaces } = derived(faced(reading.survey));
const decided = decidedFronts(surfaces);

describe('fronts that were decided', () => {
  it('hold today, in whatever order their keys were kept', () => {
    expect(decided.length).toBeGreaterThan(3);
    const kept = decided.map(({ cycle, ...rest }) => ({ ...rest, cycle }));
    expect(frontFaults(kept, surfaces)).toEqual([]);
  });

  it('are told where they are others, are missing, or belong to nothing', () => {
    const [first, second, ...more] = decided;
    if (!first || !second) throw new Error('too few fronts');
    const faults = frontFaults(
      [{ ...second, strips: 999 }, { ...first, cycle: 'nobody.cycle-1' }, ...more],
      surfaces,
    );
    expect(faults.map(({ text }) => text)).toEqual(
      [second.cycle, 'nobody.cycle-1', first.cycle].map(
        (cycle) => `the front of ${cycle} is not the one that today’s rules make`,
      ),
    );
  });
});
