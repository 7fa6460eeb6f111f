import { describe, expect, it } from '@jest/globals';
import { INSTRUMENTS, InstrumentSilent } from './instrument.ts';
import type { InstrumentKind } from './instrument.ts';
import { simulatedRack } from './simulated-rack.ts';

const KINDS = Object.keys(INSTRUMENTS) as InstrumentKind[];

describe('simulated instruments', () => {
  it('give the same figures from the same seed', async () => {
    const figures = async (seed: number) => {
      const rack = simulatedRack(seed, 0);
      const read: number[] = [];
      for (const kind of KINDS) read.push((await rack(kind)?.read()) ?? NaN);
      return read;
    };
    expect(await figures(3)).toEqual(await figures(3));
    expect(await figures(3)).not.toEqual(await figures(4));
  });

  it('give none now and then, with the way out', async () => {
    const meter = simulatedRack(1, 0)('flow-meter');
    if (!meter) throw new Error('a flow meter is shipped');
    for (let i = 0; i < 6; i += 1) expect(await meter.read()).toBeGreaterThan(0);
    await expect(meter.read()).rejects.toThrow(InstrumentSilent);
    expect(await meter.read()).toBeGreaterThan(0);
  });
});
