/** The two ways a contractor reads figures; the core itself computes in SI. "us" means US customary (US gallon). */
export type UnitSystem = 'metric' | 'us';
