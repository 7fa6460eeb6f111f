/** What is done so that something beside the work comes to no harm. */
export const PROTECTION_KINDS = [
  'wet',
  'cover',
  'bag',
  'tape',
  'isolate',
  'divert',
  'block',
  'catch',
  'sign',
  'notify',
  'move',
  'keep-rinsing',
  'keep-away',
  'test',
  'uncover',
  'rinse',
  'open',
] as const;
export type ProtectionKind = (typeof PROTECTION_KINDS)[number];

/** Who may do it: anybody of the crew, the owner, or somebody competent in it. */
export const PROTECTORS = ['crew', 'owner', 'competent'] as const;
export type Protector = (typeof PROTECTORS)[number];

/** One act for one feature. */
export interface ProtectionAct {
  readonly kind: ProtectionKind;
  readonly text: string;
  /** What it takes; null where hands do. */
  readonly material: string | null;
  /** Of the crew, for one feature. */
  readonly minutes: number;
  /** On top of them for each metre of a bund, whose text has `{length}`; 0 where nothing is laid. */
  readonly minutesPerMetre: number;
  /** Of what is laid on a property; 0 in the catalogue. */
  readonly lengthMetres: number;
  readonly who: Protector;
  /** How long a cover may stay in the sun, minutes; null where nothing suffers under it. */
  readonly longestMinutesInSun: number | null;
}

/** The acts for a kind of feature, before the wet work, while it goes on, and after it. */
export interface FeatureProtection {
  readonly before: ProtectionAct;
  readonly during: ProtectionAct | null;
  readonly after: ProtectionAct;
}
