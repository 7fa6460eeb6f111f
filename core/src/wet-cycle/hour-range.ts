/** Hours of a day by the clock: from the beginning of one to the beginning of another. */
export interface HourRange {
  readonly from: number;
  readonly to: number;
}
