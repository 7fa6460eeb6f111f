import { describe, expect, it } from '@jest/globals';
import { tolerancesOf } from './tolerances.ts';
import type { SurfaceState } from './surface-state.ts';

const state = (more: Partial<SurfaceState>): SurfaceState => ({
  material: 'x',
  family: 'stone',
  finish: 'bare',
  conditions: [],
  calcareous: false,
  saltSensitive: false,
  drainsToWater: false,
  drainsToPond: false,
  drainsToPlants: false,
  captured: false,
  jetLimitKilopascal: 10,
  chlorine: 'yes',
  peroxide: 'yes',
  solvent: 'yes',
  heat: 'yes',
  brush: 'stiff',
  pHLow: 1,
  pHHigh: 14,
  handOver: false,
  handOverReason: '',
  temperatureCelsius: 18,
  ...more,
});
const verdicts = (s: SurfaceState) =>
  Object.fromEntries(tolerancesOf(s).map((t) => [t.agentClass, t.verdict]));

describe('what a surface allows', () => {
  it('is everything on dense sound stone', () => {
    expect(new Set(Object.values(verdicts(state({}))))).toEqual(new Set(['yes']));
  });

  it('leaves limestone the mild ones', () => {
    expect(verdicts(state({ calcareous: true, saltSensitive: true }))).toEqual({
      hypochlorite: 'only-with-reason',
      acid: 'no',
      caustic: 'no',
      'mild-alkaline': 'yes',
      peroxide: 'yes',
    });
  });

  it('takes the strictest rule where several fire', () => {
    expect(verdicts(state({ family: 'metal', drainsToWater: true }))['hypochlorite']).toBe('no');
  });
});
