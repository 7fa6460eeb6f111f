import Joi from 'joi';

export const HOSE_USES = ['pressure', 'supply'] as const;
export type HoseUse = (typeof HOSE_USES)[number];

/** One hose that comes along. */
export interface Hose {
  readonly use: HoseUse;
  readonly metres: number;
  readonly innerMillimetres: number;
}

/** What comes to a job for water and mixes, beside machines. */
export interface JobGear {
  /** A drum that mixes are made in; null where only sprayers are filled. */
  readonly drumLitres: number | null;
  /** Drawn of what an injector delivers, by a test with a bucket. */
  readonly injectorShare: number;
  /** Share of the time for which the trigger is held. */
  readonly triggerShare: number;
  /**
   * Buffer tank on the vehicle, with what is in it when work begins, null where it is full; null as a whole where pumps
   * draw straight from the tap.
   */
  readonly tank: { readonly litres: number; readonly startLitres: number | null } | null;
  readonly hoses: readonly Hose[];
  readonly booster: { readonly shutOffBar: number; readonly greatestLitresPerMinute: number } | null;
  readonly longestPoleMetres: number | null;
  /** How high a person's feet may stand on the longest ladder, m; null for none. A step ladder comes along unless somebody says otherwise. */
  readonly ladderMetres: number | null;
  /** Tower and lift that come along, by the width and length of their base and how high they bring a person's feet; null for none. */
  readonly tower: AccessGear | null;
  readonly lift: AccessGear | null;
  /**
   * How far from the vehicle a machine that can be carried stands, on the way to the work, m; null, or left out in jobs from before it was
   * asked, where it stays at the vehicle.
   */
  readonly machineMetres?: number | null;
  /** Drums and bags for what is caught, L. */
  readonly catchLitres: number;
  /** What water costs: from taps by the cubic metre, by truck a trip; null where nobody pays. */
  readonly waterPrice: {
    readonly perCubicMetre: number;
    readonly perTruck: number;
    readonly truckLitres: number;
  } | null;
  /** What the vehicle carries; null where nobody has looked. */
  readonly vehicle: { readonly kilograms: number; readonly litres: number } | null;
}

/** What brings a person up. */
export interface AccessGear {
  /** Of its base with outriggers, m. */
  readonly baseMetres: number;
  /** Of the platform, m. */
  readonly platformMetres: number;
}

export const DEFAULT_GEAR: JobGear = {
  drumLitres: null,
  injectorShare: 0.1,
  triggerShare: 0.6,
  tank: null,
  hoses: [
    { use: 'pressure', metres: 60, innerMillimetres: 9.5 },
    { use: 'supply', metres: 50, innerMillimetres: 12.7 },
  ],
  booster: null,
  longestPoleMetres: null,
  ladderMetres: 2,
  tower: null,
  lift: null,
  catchLitres: 200,
  waterPrice: null,
  vehicle: null,
};

/** What something that comes along is taken for until its plate is read. Source: trade default. */
export const USUAL_GEAR = {
  tower: { baseMetres: 1.35, platformMetres: 4 },
  lift: { baseMetres: 2, platformMetres: 10 },
  booster: { shutOffBar: 3, greatestLitresPerMinute: 30 },
  waterPrice: { perCubicMetre: 0, perTruck: 0, truckLitres: 1000 },
  vehicle: { kilograms: 1000, litres: 6000 },
  hose: { use: 'supply', metres: 25, innerMillimetres: 12.7 },
} as const satisfies Partial<JobGear> & { readonly hose: Hose };

const litres = () => Joi.number().greater(0).max(50_000);
/** None of them comes along unless somebody says so. */
const orNone = (schema: Joi.Schema) => schema.allow(null).default(null);

const accessSchema = Joi.object<AccessGear>({
  baseMetres: Joi.number().greater(0).max(10).required(),
  platformMetres: Joi.number().greater(0).max(60).required(),
});

export const gearSchema = Joi.object<JobGear>({
  drumLitres: orNone(Joi.number().min(5).max(1000)),
  injectorShare: Joi.number().greater(0).max(0.5).default(DEFAULT_GEAR.injectorShare),
  triggerShare: Joi.number().greater(0).max(1).default(DEFAULT_GEAR.triggerShare),
  tank: orNone(
    Joi.object({
      litres: litres().required(),
      startLitres: Joi.number().min(0).max(50_000).allow(null).default(null),
    }),
  ),
  hoses: Joi.array()
    .items(
      Joi.object<Hose>({
        use: Joi.valid(...HOSE_USES).required(),
        metres: Joi.number().greater(0).max(500).required(),
        innerMillimetres: Joi.number().min(4).max(100).required(),
      }),
    )
    .max(30)
    .default(DEFAULT_GEAR.hoses),
  booster: orNone(
    Joi.object({
      shutOffBar: Joi.number().greater(0).max(20).required(),
      greatestLitresPerMinute: Joi.number().greater(0).max(500).required(),
    }),
  ),
  longestPoleMetres: orNone(Joi.number().greater(0).max(30)),
  ladderMetres: Joi.number().greater(0).max(15).allow(null).default(DEFAULT_GEAR.ladderMetres),
  tower: orNone(accessSchema),
  lift: orNone(accessSchema),
  machineMetres: Joi.number().greater(0).max(500).allow(null),
  catchLitres: Joi.number().min(0).max(50_000).default(DEFAULT_GEAR.catchLitres),
  waterPrice: orNone(
    Joi.object({
      perCubicMetre: Joi.number().min(0).max(1000).required(),
      perTruck: Joi.number().min(0).max(100_000).required(),
      truckLitres: Joi.number().greater(0).max(50_000).required(),
    }),
  ),
  vehicle: orNone(
    Joi.object({
      kilograms: Joi.number().greater(0).max(40_000).required(),
      litres: Joi.number().greater(0).max(100_000).required(),
    }),
  ),
}).default(DEFAULT_GEAR);
