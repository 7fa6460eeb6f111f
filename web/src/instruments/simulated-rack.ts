import { InstrumentSilent } from './instrument.ts';
import type { InstrumentKind, InstrumentRack } from './instrument.ts';
import { say } from '../messages/instruments.ts';

interface Simulation {
  readonly middle: number;
  readonly spread: number;
  readonly step: number;
}

const SIMULATIONS: Readonly<Record<InstrumentKind, Simulation>> = {
  'flow-meter': { middle: 13.5, spread: 1.2, step: 0.1 },
  'moisture-meter': { middle: 17, spread: 3, step: 0.5 },
  'surface-thermometer': { middle: 29, spread: 6, step: 0.5 },
  'chlorine-strip': { middle: 112, spread: 8, step: 2 },
  'ph-strip': { middle: 7.2, spread: 0.6, step: 0.1 },
};
const SETTLE_MILLISECONDS = 350;
/** Every so many readings it gives none, as instruments do. */
const SILENT_EVERY = 7;

/**
 * Stand-ins for instruments: they settle for a moment, scatter about a usual figure, and now and then give none.
 * @param seed the same seed gives the same figures
 */
export function simulatedRack(seed: number, wait = SETTLE_MILLISECONDS): InstrumentRack {
  let state = seed >>> 0;
  let count = 0;
  const chance = () => {
    // Numerical Recipes' linear congruential generator.
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 2 ** 32;
  };
  return (kind) => ({
    kind,
    label: 'simulated',
    read: async () => {
      await new Promise((resolve) => setTimeout(resolve, wait));
      count += 1;
      if (count % SILENT_EVERY === 0) throw new InstrumentSilent(say('no-steady-reading-hold-it'));
      const { middle, spread, step } = SIMULATIONS[kind];
      const figure = middle + spread * (chance() + chance() - 1);
      return Number((Math.round(figure / step) * step).toFixed(3));
    },
  });
}
