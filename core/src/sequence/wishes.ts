/** When each operation is wanted to begin, by its index, and by whom; -1 where whoever fits best does it. */
export interface Wishes {
  readonly keys: Float64Array;
  readonly people: Int32Array;
}
