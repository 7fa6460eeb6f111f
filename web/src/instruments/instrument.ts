import { say } from '../messages/instruments.ts';
/** Instruments that a crew carries; each can be replaced by typing the figure in. */
export const INSTRUMENTS = {
  'flow-meter': { name: say('flow-meter'), unit: 'L/min' },
  'moisture-meter': { name: say('moisture-meter'), unit: '%' },
  'surface-thermometer': { name: say('surface-thermometer'), unit: '°C' },
  'chlorine-strip': { name: say('chlorine-strip-reader'), unit: 'g/L' },
  'ph-strip': { name: say('ph-strip-reader'), unit: 'pH' },
} as const;
export type InstrumentKind = keyof typeof INSTRUMENTS;

/** Why an instrument gave no figure, with the way out. */
export class InstrumentSilent extends Error {}

/** One instrument, wherever it is: simulated, or behind a driver. */
export interface Instrument {
  readonly kind: InstrumentKind;
  /** Shown with its readings. */
  readonly label: string;
  /**
   * One reading in the unit of its kind.
   * @throws InstrumentSilent when it gives none
   */
  readonly read: () => Promise<number>;
}

/** The instruments at hand; null for one that nobody has. */
export type InstrumentRack = (kind: InstrumentKind) => Instrument | null;
