/** Pixels from the upper left corner. */
export interface PixelPoint {
  readonly x: number;
  readonly y: number;
}
