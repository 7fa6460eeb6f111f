/** Drops, lines and single marks, by severity. Trade estimate. */
export const SPOTS = [0.02, 0.05, 0.1, 0.25] as const;
/** Runs and patches, by severity. Trade estimate. */
export const PATCHES = [0.05, 0.1, 0.25, 0.5] as const;
