import { inLanguage } from '../../language/in-language.ts';
import type { Outlook, OutlookTopic } from '../outlook.ts';

type Clauses = Readonly<Record<string, string>>;

const GROWTH = 'growth where it stays damp and shady';
const GROWTH_SOON = 'growth within the season, as no chemistry is used';
const GROWTH_SOONER = 'growth, sooner than after a cleaner';
const PAINT_SHADOW = 'a shadow of the paint';
const STAIN_SHADOW = 'a pale shadow of the stain';
const DEEP_OIL = 'oil that has sunk deep: it rises again as it dries, and we look once more after 24 h dry';
const IVY = 'the outline of the ivy';
const WEEDS = 'weeds in joints, within a season';
const OLD_ROOTS = 'weeds from old roots: it takes two or three goes a season';
const CLEARING = 'stone goes on clearing for weeks; we stop while it is intact';
const WOOD_TONE = 'wood dries lighter than it looks wet; the tone evens out over weeks';
const GUTTERS = 'silt in gutters with the next leaves';
const PALER = 'it is paler until it is sealed again';
const PAINT_EVEN = 'weathered paint is even, but without its gloss';

/** What stays in pores, where there are any. */
const IN_PORES: Clauses = {
  lichen: 'pale rings where lichen has rooted',
  'mineral-oil': DEEP_OIL,
  'degrease-caustic-brush': DEEP_OIL,
  'traffic-soot': 'soot that has set into the pores',
  bitumen: 'a brown shadow of the tar',
  'paint-drips': 'paint in the pores',
  smoke: 'smoke in the pores, as a shadow and as a smell on damp days',
  'degrease-citrus': 'a pale ring on absorbent surfaces',
  'shadow-alkaline': PAINT_SHADOW,
  'shadow-oxidising': PAINT_SHADOW,
};

const MAY_STAY: Clauses = {
  'black-spot': 'pale ghosts of black spot, for months',
  'black-spot-hypochlorite': 'pale ghosts of black spot, for months',
  faeces: 'a pale spot or a smell where droppings lay long',
  'fresh-oil': 'a shadow of oil that had sunk in',
  'absorb-oil': 'a shadow of oil that had sunk in',
  'hard-water-scale': 'a haze where scale has etched the surface',
  'spray-paint': PAINT_SHADOW,
  'remover-in-coats': PAINT_SHADOW,
  'tyre-marks': 'rubber ground into rough surfaces',
  'felt-tip': 'a shadow of the ink',
  'bird-droppings': 'pale spots where droppings have etched',
  'chewing-gum': 'a pale spot under the gum',
  'poster-glue': 'the lighter outline of the poster',
  'silicone-smears': 'an outline where old silicone keeps water off',
  'fertiliser-rust': 'deep feed spots, which go with repeats',
  'ivy-pads': IVY,
  'ivy-brush': IVY,
  'etched-pads': IVY,
  'oxygen-soft-wash-wood': 'grey where fibres are weak',
  'citric-brighten-wood': 'deep marks in the wood',
  'rust-citrate-gel': STAIN_SHADOW,
  'rust-thioglycolate': STAIN_SHADOW,
  'gluconate-stain': STAIN_SHADOW,
  'neutral-rinse': 'what water alone does not take',
  'fired-colour': 'bricks that were fired dark',
  fossil: 'fossils, iron specks and veins, which belong to the stone',
  'odd-mortar': 'joints made with another sand',
  'sun-faded': 'the faded outline of what covered it',
  burnt: 'burnt spots',
  'wand-marks': 'stripes of an earlier jet, which show more when clean',
};

const COMES_BACK: Clauses = {
  'green-algae': GROWTH,
  biofilm: 'slime where water stands or runs',
  'roof-streaks': 'streaks on the shady side of the roof, within years',
  litter: 'leaves, each autumn',
  sludge: 'sludge where water stands',
  'gutter-silt': GUTTERS,
  'gutter-clear': GUTTERS,
  'gutter-by-hand': GUTTERS,
  'tannin-bleed': 'brown runs from new wood, for a season or two',
  'tiger-stripes': 'stripes where water drips over the lip of a gutter',
  'lime-bloom': 'lime as long as water moves through the joints',
  'vanadium-stain': 'green stains out of the brick itself',
  'vanadium-caustic': 'green stains out of the brick itself',
  'manganese-acetic-peroxide': 'brown stains out of the brick itself',
  'gentle-clean-water': GROWTH_SOON,
  'red-algae': GROWTH,
  mildew: GROWTH,
  'surface-rust': 'rust while the metal above it stays, or from steel inside',
  moss: 'moss where soil and shade stay',
  'leaf-tannin': 'leaf stains with the next leaves',
  'iron-clay': 'clay that splashes up from open soil',
  mud: 'soil that splashes up from open ground',
  efflorescence: 'white bloom as long as water moves through the wall',
  pollen: 'dust in the next dry weeks',
  cobwebs: 'spiders at lamps and in corners, within weeks',
  'cooking-grease': 'old fat in the pores, with warmth',
  urine: 'smell out of deep pores, when it is damp',
  'tree-sap': 'drips from the tree above',
  'copper-stain': 'green run-off as long as water comes off the copper',
  'manganese-stain': 'brown stains out of the brick itself',
  'timber-greying': 'grey on wood in the sun, within a year or two unless it is stained',
  weeds: WEEDS,
  'weed-steam': OLD_ROOTS,
  'weed-contact': OLD_ROOTS,
  'salt-spray': 'salt with wind and winter',
  'surface-clean-water-only': GROWTH_SOON,
  'hot-wash-growth': GROWTH_SOON,
  'wide-rinse-water': 'growth that is only rinsed: it stays alive',
  'wood-wash-water': GROWTH_SOONER,
  'pole-brush-water': GROWTH_SOONER,
  'roof-reduced-wash': 'growth on the roof within two years, unless it is treated afterwards',
  'roof-scrape-only': 'moss from what is left on the roof',
  'steel-rust': 'rust from steel inside, until the concrete is repaired',
};

const SLOW: Clauses = {
  'neutral-soak-stone': CLEARING,
  'neutral-biocidal-walls': CLEARING,
  'oxygen-wash-mineral': 'the last tint goes in the weeks after an oxygen wash',
  'steam-growth': 'shadows of old growth fade over a season',
  'clay-poultice': 'the mark pales with each poultice; a second one on another day helps',
  'enzyme-soak': 'smell goes over a few days, not at once',
  'hand-scrape-roof': 'stains of moss roots go within 6 to 18 months',
  'roof-soft-wash': 'dead moss falls for weeks; we clear the gutters once more',
  // Told in a sentence of its own, with the dates of the job.
  'leave-on-biocide': '',
  'ready-biocide': '',
  'shingle-biocide': '',
  'shingle-soft-wash': 'dead moss and lichen let go over months of rain',
  'weed-systemic': 'weeds are yellow after a week, and the paving is washed 7 to 10 days later',
};

const LOOKS: Clauses = {
  'alkaline-scrub-painted-metal': PAINT_EVEN,
  'chalked-paint': PAINT_EVEN,
  'paint-chalk': PAINT_EVEN,
  'oxidation-scrub': PAINT_EVEN,
  'white-sealer': PALER,
  'strip-sealer': PALER,
  'cement-haze': 'cement joints are a little rougher',
  'hydrochloric-haze': 'joints are eaten a little and look sharper',
  'black-crust': 'the stone below the crust is weaker and paler; a conservator decides how far to go',
  'oxygen-wash-wood': WOOD_TONE,
  'oxalic-brighten-wood': WOOD_TONE,
  'rust-phosphoric': 'it may be lighter where the rust sat',
  'mild-remover-wiped': 'gloss may be duller where the tag was',
  'fill-stabilised-sand': 'grains left lying set as a haze that hardly comes off',
  'sand-and-seal': 'sealed paving is darker and slightly glossy, and is resealed every three to five years',
  impregnate: 'wet patches show darker for a few weeks',
  'oil-wood': 'oiled wood is darker and warmer',
  'sacrificial-coat': 'the coat against tags shines a little',
};

const UPKEEP: Clauses = {
  'empty-joints': 'sand in joints settles and is topped up after the first rains',
  'unprotected-face': 'a protective coat is renewed every few years',
  'dry-timber': 'oil on wood is renewed every year or two',
  'often-tagged': 'the coat against tags goes with the tag and is put on again',
  'paving-wash': 'joints lose sand in the wash and are refilled once dry',
  'seal-paving': 'a seal wears in the wheel tracks first',
  'weed-by-hand': 'a sweep twice a year keeps seeds out of joints',
};

const BY_OTHERS: Clauses = {
  'joints-by-others': 'the paver fills the joints, and nobody drives on it before',
  'repair-first': 'a repair comes first; then we survey the surface again',
  'conservator-lifts': 'lime crusts stay, unless a conservator takes them off',
  'hand-over': 'a licensed specialist deals with it, under a contract of their own',
};

const WATER: Clauses = {
  'hypochlorite-scrub': 'drips mark what is below, so we wet it before and rinse it after',
  'mist-soak-crust': 'the stone is damp for days; inside walls are watched',
};

const told = (
  topic: OutlookTopic,
  clauses: Clauses,
  inPores = false,
): readonly (readonly [string, Outlook])[] =>
  Object.entries(inLanguage(clauses)).map(([id, clause]) => [id, { topic, clause, inPores }]);

/** What a customer is told of a contaminant, a method or a mark that stays, by its id. Trade defaults. */
export const OUTLOOKS: ReadonlyMap<string, Outlook> = new Map([
  ...told('may-stay', IN_PORES, true),
  ...told('may-stay', MAY_STAY),
  ...told('comes-back', COMES_BACK),
  ...told('slow', SLOW),
  ...told('looks', LOOKS),
  ...told('upkeep', UPKEEP),
  ...told('by-others', BY_OTHERS),
  ...told('water', WATER),
]);
