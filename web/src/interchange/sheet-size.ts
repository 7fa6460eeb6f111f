import type { SheetSize, UnitSystem } from '@etappe/core';

/** Of the paper that is in the printers where somebody reads in these units. */
export const sheetSize = (units: UnitSystem): SheetSize => (units === 'us' ? 'LETTER' : 'A4');
