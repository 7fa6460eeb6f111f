import type { MachineKind } from '../tool.ts';

/** What things weigh and how much room they take, kg and L. Trade defaults: scales and a rule come before them. */
export const MACHINE_LOADS: Readonly<
  Record<MachineKind, { readonly kilograms: number; readonly litres: number }>
> = {
  sprayer: { kilograms: 3, litres: 25 },
  hose: { kilograms: 0, litres: 0 },
  'pressure-washer': { kilograms: 70, litres: 300 },
  'surface-cleaner': { kilograms: 12, litres: 90 },
  'hot-washer': { kilograms: 180, litres: 700 },
};
export const HOSE_LOAD_PER_METRE = {
  pressure: { kilograms: 0.35, litres: 0.5 },
  supply: { kilograms: 0.2, litres: 0.5 },
} as const;
/** A liquid product with its container. */
export const PRODUCT_KILOGRAMS_PER_LITRE = 1.25;
export const PRODUCT_LITRES_PER_LITRE = 1.3;
export const POWDER_LITRES_PER_KILOGRAM = 1.5;
/** An empty one. */
export const SACK_LOAD = { kilograms: 0.1, litres: 0.5 } as const;
export const TOOL_LOAD = { kilograms: 1.5, litres: 8 } as const;
export const PROTECTION_LOAD = { kilograms: 2, litres: 10 } as const;
export const WEAR_LOAD = { kilograms: 0.5, litres: 3 } as const;
