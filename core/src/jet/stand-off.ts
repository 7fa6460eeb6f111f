import { say } from '../messages/message.ts';
import type { Jet } from '../catalogue/tool.ts';
import { PASCALS_PER_PSI } from '../quantity/units.ts';
import { formatJetPressure, formatStandOff } from '../quantity/shown-quantity.ts';
import { fanWidth, jetForce, surfacePressure } from './surface-pressure.ts';

const WATER_DENSITY = 1000; // kg/m³
/** Farther off than this a jet is rain. */
const FARTHEST_METRES = 2;
const STEP_METRES = 0.01;

/**
 * The least distance at which a tip stays within what a face allows, to the centimetre above.
 * @param limitKilopascal > 0
 * @returns m; null where it does not within two metres
 * @throws RangeError for a limit of nothing
 */
export function leastStandOff(jet: Omit<Jet, 'standOffMetres'>, limitKilopascal: number): number | null {
  if (!(limitKilopascal > 0))
    throw new RangeError(
      `jet limit ${limitKilopascal} kPa must be above 0 kPa: no jet belongs on this surface`,
    );
  const steps = Math.ceil(FARTHEST_METRES / STEP_METRES);
  const within = (step: number) =>
    surfacePressure({ ...jet, standOffMetres: step * STEP_METRES }) <= limitKilopascal;
  if (!within(steps)) return null;
  let [low, high] = [0, steps];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (within(middle)) high = middle;
    else low = middle;
  }
  return Number((high * STEP_METRES).toFixed(2));
}

/** A tip as it may be used on a face. */
export interface TipChoice {
  readonly fanDegrees: number;
  readonly standOffMetres: number;
  /** Strip that it cleans there, m. */
  readonly widthMetres: number;
  readonly kilopascal: number;
  readonly text: string;
}

/** Tips that one carries, degrees of their fan. */
const FANS = [0, 15, 25, 40] as const;
/** A lance is led no nearer and no farther than this. */
const NEAREST_METRES = 0.1;
const FARTHEST_LED_METRES = 0.6;

/**
 * Tips of one orifice within what a face allows, the best first: nearest to the limit, for force is what cleans; of equals
 * the widest strip.
 * @returns empty where none stays within the limit at arm's length
 */
export function tipsWithin(orifice: number, psi: number, limitKilopascal: number): readonly TipChoice[] {
  const choices = FANS.flatMap((fanDegrees): readonly TipChoice[] => {
    const tip = { orifice, nozzles: 1, psi, fanDegrees };
    const least = leastStandOff(tip, limitKilopascal);
    if (least === null || least > FARTHEST_LED_METRES) return [];
    const standOffMetres = Math.max(NEAREST_METRES, least);
    const kilopascal = surfacePressure({ ...tip, standOffMetres });
    const widthMetres = fanWidth(fanDegrees, standOffMetres);
    return [
      {
        fanDegrees,
        standOffMetres,
        widthMetres,
        kilopascal,
        text: say('jet/stand-off', {
          fan: fanDegrees,
          distance: formatStandOff(standOffMetres, 'metric'),
          pressure: formatJetPressure(kilopascal, 'metric'),
          width: formatStandOff(widthMetres, 'metric'),
        }),
      },
    ];
  });
  return choices.sort((a, b) => b.widthMetres - a.widthMetres || b.kilopascal - a.kilopascal);
}

/**
 * What a jet spends on a face: hydraulic power over the area that it sweeps, kJ/m². A surface cleaner sweeps the length of
 * its bar, a lance the width of its fan.
 * @param metresPerMinute pace over the face, > 0
 * @throws RangeError for a pace of nothing
 */
export function jetDose(jet: Jet, metresPerMinute: number): number {
  if (!(metresPerMinute > 0))
    throw new RangeError(`pace ${metresPerMinute} m/min must be above 0 m/min: a jet never stands still`);
  const velocity = Math.sqrt((2 * jet.psi * PASCALS_PER_PSI) / WATER_DENSITY);
  const watts = (jet.nozzles * jetForce(jet.orifice, jet.psi) * velocity) / 2;
  const width = jet.barMetres ?? fanWidth(jet.fanDegrees, jet.standOffMetres);
  return watts / ((width * metresPerMinute) / 60) / 1000;
}
