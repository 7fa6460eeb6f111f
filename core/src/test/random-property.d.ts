/**
 * A property of 1 to 12 surfaces of any material with anything on it, as a job file; the same seed, the same property.
 * @param most surfaces at most
 */
export declare function randomProperty(seed: number, most?: number): Record<string, unknown>;
