import type { PixelPoint } from './pixel-point.ts';

/** How well a finger marks a place on a photo, pixels. */
const MARKED_WITHIN_PIXELS = 2;
/** A length that may be off by more than this is no size yet: another side is asked for. */
export const GREATEST_PHOTO_ERROR = 0.03;

/**
 * How far a length on a photo may be off, as a share of it: what each marked place and the lens do to it, squared and added
 * (propagation of errors to first order; marks are off independently of each other).
 *
 * @param places that were marked, pixels
 * @param length of these places, with the focal length × its second argument
 * @param lensWithin how far the focal length may be off, as a share of it
 */
export function lengthError(
  places: readonly PixelPoint[],
  length: (places: readonly PixelPoint[], lens: number) => number,
  lensWithin: number,
): number {
  const plain = length(places, 1);
  // Both ends on one place: nothing is known of such a length.
  if (plain === 0) return 1;
  const moved = places.flatMap(({ x, y }, i) =>
    [
      { x: x + MARKED_WITHIN_PIXELS, y },
      { x, y: y + MARKED_WITHIN_PIXELS },
    ].map((to) => length(places.with(i, to), 1)),
  );
  return Math.hypot(...[...moved, length(places, 1 + lensWithin)].map((other) => (other - plain) / plain));
}
