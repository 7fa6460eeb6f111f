import { say } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { formatFlow, formatPumpPressure } from '../quantity/shown-quantity.ts';
import { BAR_PER_PSI } from '../quantity/units.ts';
import { requirePositive } from '../quantity/span.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import { nozzleFlow, orificeFor, pumpPressure } from './surface-pressure.ts';

/** A pump by its plate. */
export interface Pump {
  readonly litresPerMinute: number;
  readonly ratedPsi: number;
}

export interface PumpMatch {
  readonly standing: 'matched' | 'unloader' | 'weak';
  /** At the tip, psi. */
  readonly psi: number;
  /** Through the tip, L/min. */
  readonly litresPerMinute: number;
  /** Orifice sum at which the pump runs at its rating. */
  readonly fittingOrifice: number;
  readonly text: string;
}

/** Below this share of its rating a pump is too weak for its nozzles. */
const WEAK_SHARE = 0.8;
/** Tips come in halves. */
const ORIFICE_STEP = 0.5;

/**
 * What a pump does through nozzles of Σn: at its rating the unloader opens and the rest goes round; far below it the
 * nozzles are too large.
 * @throws RangeError for a flow or a rating of nothing
 * @example pumpMatch({ litresPerMinute: 15, ratedPsi: 2400 }, 3.5) // unloader: 5128 psi would be needed
 */
export function pumpMatch(pump: Pump, orificeSum: number, units: UnitSystem = 'metric'): PumpMatch {
  requirePositive('flow of the pump', pump.litresPerMinute, 'L/min');
  requirePositive('rating of the pump', pump.ratedPsi, 'psi');
  requirePositive('orifice', orificeSum, '');
  const wanted = pumpPressure(pump.litresPerMinute, orificeSum);
  const fittingOrifice =
    Math.ceil(orificeFor(pump.litresPerMinute, pump.ratedPsi) / ORIFICE_STEP - 1e-9) * ORIFICE_STEP;
  const said = (psi: number) => formatPumpPressure(psi * BAR_PER_PSI, units);
  const facts = { orifice: decimal(orificeSum, 1), wanted: said(wanted), rated: said(pump.ratedPsi) };
  const fitting = decimal(fittingOrifice, 1);
  if (wanted > pump.ratedPsi * (1 + 1e-9)) {
    const flow = nozzleFlow(orificeSum, pump.ratedPsi);
    return {
      standing: 'unloader',
      psi: pump.ratedPsi,
      litresPerMinute: flow,
      fittingOrifice,
      text: say('pump/unloads', {
        ...facts,
        fitting,
        flow: formatFlow(pump.litresPerMinute, units),
        leaves: formatFlow(flow, units),
      }),
    };
  }
  const weak = wanted < pump.ratedPsi * WEAK_SHARE;
  return {
    standing: weak ? 'weak' : 'matched',
    psi: wanted,
    litresPerMinute: pump.litresPerMinute,
    fittingOrifice,
    text: weak
      ? say('pump/gentle', { ...facts, fitting, flow: formatFlow(pump.litresPerMinute, units) })
      : say('pump/runs', facts),
  };
}
