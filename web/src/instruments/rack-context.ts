import { createContext } from 'react';
import type { InstrumentRack } from './instrument.ts';
import { simulatedRack } from './simulated-rack.ts';

/** The instruments at hand: simulated ones are shipped; a driver takes their place by another rack. */
export const RackContext = createContext<InstrumentRack>(simulatedRack(1));
