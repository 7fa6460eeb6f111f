/** How a face lies and holds liquid. */
export type Lie = 'smooth-wall' | 'smooth-wall-clinging' | 'rough-wall' | 'floor' | 'overhead';

/** Greatest liquid that stays on a face, kg/m². Trade estimates. */
export const RETAINED: Readonly<Record<Lie, number>> = {
  'smooth-wall': 0.06,
  'smooth-wall-clinging': 0.12,
  'rough-wall': 0.2,
  floor: 0.3,
  overhead: 0.06,
};

/** What still clings when a face counts as dry, kg/m². */
export const RESIDUAL = 0.03;

export interface WetFace {
  /** Liquid on the face at the start, kg/m²: the least of applied and retained. */
  readonly heldKilogramsPerSquareMetre: number;
  /** kg/(m²·h); at or below 0 nothing dries. */
  readonly evaporation: number;
  /** Sorptivity, kg/(m²·√s). */
  readonly sorptivity: number;
  /** How long the face was pre-wetted, s. */
  readonly preWetSeconds: number;
}

export function heldLiquid(appliedKilogramsPerSquareMetre: number, lie: Lie): number {
  return Math.min(appliedKilogramsPerSquareMetre, RETAINED[lie]);
}

/** Water of the first millimetre of pores, kg/m²: 200 kg/m³, as masonry takes by capillarity. Deeper water comes back too late. */
const NEAR_WATER = 0.2;

/**
 * Water that a face drank when it was pre-wetted and gives back while it dries: A·√t₀, of the first millimetre at most. While
 * pores feed the face it dries at the pace of the film (first stage of drying of porous materials); what they took deeper
 * is left out, since the face can dry over it. Cap: trade default.
 *
 * @returns kg/m²
 * @example absorbedWater({ sorptivity: 0.008, preWetSeconds: 600 }) // 0.196, rough render
 * @example absorbedWater({ sorptivity: 0.06, preWetSeconds: 600 }) // 0.2, sandstone: it drank 1.47
 */
export function absorbedWater({
  sorptivity,
  preWetSeconds,
}: Pick<WetFace, 'sorptivity' | 'preWetSeconds'>): number {
  return Math.min(NEAR_WATER, sorptivity * Math.sqrt(preWetSeconds));
}

/**
 * Seconds until what was applied has evaporated, and the water that it was put onto: past it the product has dried on.
 * (m₀ − residual + absorbed) / E.
 *
 * @returns s; Infinity when nothing dries
 * @example dryOutSeconds({ heldKilogramsPerSquareMetre: 0.12, evaporation: 0.289, preWetSeconds: 0, … }) / 60 // 18.7
 * @example dryOutSeconds({ heldKilogramsPerSquareMetre: 0.2, sorptivity: 0.008, preWetSeconds: 600, … }) / 60 // 76; 35 without
 */
export function dryOutSeconds(face: WetFace): number {
  if (face.evaporation <= 0) return Infinity;
  const spare = Math.max(0, face.heldKilogramsPerSquareMetre - RESIDUAL);
  return (3600 * (spare + absorbedWater(face))) / face.evaporation;
}

/**
 * Seconds until the liquid film is gone, into the air or into the pores: the root of
 * m₀ − E·t − A·(√(t₀+t) − √t₀) = residual.
 *
 * Solved in x = √(t₀+t), where it is a quadratic: E·x² + A·x − (m₀ − residual + A·√t₀ + E·t₀) = 0.
 * @returns s, at most the dry-out; Infinity when neither air nor pores take anything
 */
export function filmSeconds(face: WetFace): number {
  const spare = face.heldKilogramsPerSquareMetre - RESIDUAL;
  if (spare <= 0) return 0;
  const perSecond = Math.max(0, face.evaporation) / 3600;
  const start = Math.sqrt(face.preWetSeconds);
  const c = spare + face.sorptivity * start + perSecond * face.preWetSeconds;
  if (perSecond === 0 && face.sorptivity === 0) return Infinity;
  // 2c / (A + √(A² + 4Ec)) is the stable form of the positive root, and holds for E = 0.
  const x = (2 * c) / (face.sorptivity + Math.sqrt(face.sorptivity ** 2 + 4 * perSecond * c));
  return x * x - face.preWetSeconds;
}
