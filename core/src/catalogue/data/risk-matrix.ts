/** How likely it is, 1 (rare) to 5 (almost certain), and how bad, 1 (first aid) to 5 (death). */
export interface RiskRating {
  readonly likely: number;
  readonly harm: number;
}

export const RISK_KINDS = [
  'agent',
  'opposed',
  'jet',
  'hot',
  'ladder',
  'tower',
  'roof',
  'pole',
  'electricity',
  'slip',
  'public',
  'vehicle',
  'water',
  'wildlife',
  'old',
  'carry',
  'noise',
  'heat',
] as const;
export type RiskKind = (typeof RISK_KINDS)[number];

interface RatedRisk {
  readonly who: 'crew' | 'public' | 'all' | 'nature';
  readonly before: RiskRating;
  readonly after: RiskRating;
}

const rated = (
  who: RatedRisk['who'],
  [likely, harm]: readonly [number, number],
  [likelyAfter, harmAfter]: readonly [number, number],
): RatedRisk => ({ who, before: { likely, harm }, after: { likely: likelyAfter, harm: harmAfter } });

/** Trade default: usual ratings of the risks of exterior cleaning, before and with the usual controls. A competent person checks them on site. */
export const RATED_RISKS: Readonly<Record<RiskKind, RatedRisk>> = {
  agent: rated('all', [4, 3], [2, 3]),
  opposed: rated('all', [3, 4], [1, 4]),
  jet: rated('all', [3, 4], [1, 4]),
  hot: rated('crew', [3, 3], [2, 2]),
  ladder: rated('crew', [3, 5], [1, 5]),
  tower: rated('all', [3, 5], [1, 5]),
  roof: rated('crew', [4, 5], [1, 5]),
  pole: rated('all', [3, 5], [1, 5]),
  electricity: rated('crew', [3, 5], [1, 5]),
  slip: rated('all', [4, 3], [2, 3]),
  public: rated('public', [3, 3], [2, 2]),
  vehicle: rated('public', [4, 2], [2, 1]),
  water: rated('nature', [4, 3], [2, 2]),
  wildlife: rated('nature', [3, 3], [1, 3]),
  old: rated('all', [3, 5], [1, 5]),
  carry: rated('crew', [4, 3], [2, 2]),
  noise: rated('all', [4, 2], [2, 2]),
  heat: rated('crew', [3, 3], [2, 2]),
};

/** Products of the two up to which a risk is low, and medium; above that the work is not done. */
export const RISK_BANDS = { low: 4, medium: 9 } as const;
