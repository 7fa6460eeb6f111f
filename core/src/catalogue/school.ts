/** A question on which good contractors differ: each way is right somewhere, and a company has its habit. */
export interface School {
  readonly id: string;
  readonly name: string;
  /** The way that holds; of the shipped catalogue the trade's default. */
  readonly setting: string;
  readonly settings: readonly SchoolSetting[];
  readonly source: string;
}

export interface SchoolSetting {
  readonly id: string;
  readonly name: string;
  /** When this way is right. */
  readonly when: string;
}

/** Ways by school; a school that is not named is asked of whoever decides less closely. */
export type Schools = Readonly<Record<string, string>>;

/** What a thing counts for when permitted methods are ranked. */
export interface RankingWeight {
  readonly id: string;
  readonly name: string;
  /** Points for each `per`. */
  readonly value: number;
  /** Points where it is not said: minutes of a person, for what the sequence counts. */
  readonly unit?: 'min' | '%';
  readonly per: string;
  readonly why: string;
  readonly source: string;
}
