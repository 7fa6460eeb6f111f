/** What comes back by itself where it can live: kept down by a biocide that is left on. */
export const GROWTHS: readonly string[] = [
  'green-algae',
  'red-algae',
  'mildew',
  'biofilm',
  'black-spot',
  'roof-streaks',
  'lichen',
  'moss',
];

/** What a dry surface shows again: a first go is looked at before anything stronger. */
export const REVIEWED: readonly string[] = [
  'mineral-oil',
  'cooking-grease',
  'surface-rust',
  'leaf-tannin',
  'spray-paint',
  'felt-tip',
  'bitumen',
  'tyre-marks',
  'copper-stain',
  'manganese-stain',
  'fertiliser-rust',
  'silicone-smears',
  'smoke',
];

/** How high a surface stands tells how long it stays clean. */
export type AftercarePlace = 'roof' | 'wall' | 'floor';
/** Months until the next time: in shade or on what drinks, and in the sun. */
export type Interval = readonly [shady: number, sunny: number];

/** Trade defaults. */
export const AFTERCARE = {
  /** Days until a reviewed surface has been dry for 24 h. */
  reviewDays: 2,
  /** Days that a washed surface dries before a maintenance biocide. */
  biocideDays: 7,
  biocides: ['leave-on-biocide', 'ready-biocide', 'shingle-biocide'] as readonly string[],
  /** From this severity on growth is kept down after it was washed off. */
  biocideFrom: 2,
  /** After a leave-on, months. */
  looksMonths: [1, 6, 12, 18],
  biocideMonths: { roof: [36, 48], wall: [36, 48], floor: [12, 24] },
  washMonths: { roof: [24, 36], wall: [24, 36], floor: [12, 18] },
  glassMonths: 6,
  metalMonths: 12,
  joints: { sweepMonths: 6, weedMonths: 12 },
} as const satisfies Readonly<Record<string, unknown>> & {
  readonly biocideMonths: Readonly<Record<AftercarePlace, Interval>>;
  readonly washMonths: Readonly<Record<AftercarePlace, Interval>>;
};

/** Months until a coat is put on again, by method. */
export const COAT_MONTHS: Readonly<Record<string, Interval>> = {
  'sand-and-seal': [48, 48],
  'seal-paving': [48, 48],
  impregnate: [60, 60],
  'oil-wood': [24, 12],
};
