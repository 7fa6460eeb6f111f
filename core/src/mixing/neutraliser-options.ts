import { word } from '../language/in-language.ts';

/** A way to bring an active to rest, g of neutraliser per g of active by the reaction. */
export interface NeutraliserOption {
  readonly name: string;
  readonly active: string;
  readonly gramsPerGram: number;
  /** Span by end product; null where the reaction has one. */
  readonly span: readonly [number, number] | null;
  /** Its excess sets free sulfur dioxide where an acid follows. */
  readonly neverBeforeAcid: boolean;
  readonly finish: string;
}

const CHLORINE_STRIP = word('finished by strip: chlorine reads 0');
const PH_STRIP = word('finished by strip: pH 6 to 8, on cement and lime that of an untreated wet spot');
const option = (
  name: string,
  active: string,
  gramsPerGram: number,
  finish: string,
  more: Partial<NeutraliserOption> = {},
): NeutraliserOption => ({
  name,
  active,
  gramsPerGram,
  span: null,
  neverBeforeAcid: false,
  finish,
  ...more,
});

/** Stoichiometric ratios; dosing and end by reading. */
export const NEUTRALISER_OPTIONS: readonly NeutraliserOption[] = [
  option('ascorbic acid', 'available chlorine', 2.48, CHLORINE_STRIP),
  option('sodium thiosulfate pentahydrate', 'available chlorine', 1.4, CHLORINE_STRIP, {
    span: [0.88, 7],
    neverBeforeAcid: true,
  }),
  option('sodium bicarbonate', 'hydrogen chloride', 2.3, PH_STRIP),
  option('soda ash', 'hydrogen chloride', 1.45, PH_STRIP),
  option('sodium bicarbonate', 'phosphoric acid', 1.71, PH_STRIP),
  option('sodium bicarbonate', 'oxalic acid dihydrate', 1.33, PH_STRIP),
  option('citric acid anhydrous', 'sodium hydroxide', 1.6, PH_STRIP),
  option('citric acid monohydrate', 'sodium hydroxide', 1.75, PH_STRIP),
  option('oxalic acid dihydrate', 'sodium hydroxide', 1.58, PH_STRIP),
];

/** Neutralisers of an active, least mass first; where an acid stage follows, none that an acid turns to gas. */
export function neutralisersFor(active: string, acidFollows: boolean): readonly NeutraliserOption[] {
  return NEUTRALISER_OPTIONS.filter((o) => o.active === active && !(acidFollows && o.neverBeforeAcid)).sort(
    (a, b) => a.gramsPerGram - b.gramsPerGram,
  );
}
