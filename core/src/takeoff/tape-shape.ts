/** Shapes that the tape knows by name. */
export const TAPE_SHAPES = ['tri', 'circle', 'gable'] as const;
export type TapeShape = (typeof TAPE_SHAPES)[number];

interface ShapeRule {
  /** What each length in the brackets is, in order. */
  readonly lengths: readonly string[];
  readonly example: string;
  /** Area in the square of the lengths' unit; lengths in order. */
  readonly area: (lengths: readonly number[]) => number;
  /** Why these lengths make no such shape; null when they do. */
  readonly fault: (lengths: readonly number[]) => string | null;
}

/**
 * Triangle b·h/2; circle π·d²/4 by its diameter; a gable wall of a width, from eaves to ridge: w·(eaves + ridge)/2.
 */
export const SHAPE_RULES: Readonly<Record<TapeShape, ShapeRule>> = {
  tri: {
    lengths: ['base', 'height'],
    example: 'tri(4, 2.5)',
    area: ([base = 0, height = 0]) => (base * height) / 2,
    fault: () => null,
  },
  circle: {
    lengths: ['diameter'],
    example: 'circle(3.2)',
    area: ([diameter = 0]) => (Math.PI * diameter ** 2) / 4,
    fault: () => null,
  },
  gable: {
    lengths: ['width', 'height of the eaves', 'height of the ridge'],
    example: 'gable(8, 5, 7.5)',
    area: ([width = 0, eaves = 0, ridge = 0]) => (width * (eaves + ridge)) / 2,
    fault: ([, eaves = 0, ridge = 0]) =>
      ridge < eaves ? 'the ridge lies below the eaves: a gable is width, eaves, ridge' : null,
  },
};
