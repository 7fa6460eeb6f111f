/**
 * What an experienced contractor would decide where size, what stands around, what was done before and the rest of the property have
 * their say, as data. Words as in the scenarios of single faces; `order` is a row of words each of which comes first after the one
 * before it came first.
 */
export interface PropertyScenario {
  readonly name: string;
  /** As in a job file; walls of 12 m² where nothing is said. */
  readonly surfaces: readonly ScenarioSurface[];
  readonly features?: readonly object[];
  readonly schools?: Readonly<Record<string, string>>;
  readonly weather?: object;
  /** Methods that a person has picked, by face and contaminant. */
  readonly picks?: readonly (readonly [string, string, string])[];
  /** Agents on the whole property, neutralisers apart. */
  readonly agentsAtMost?: number;
}

export interface ScenarioSurface {
  readonly id: string;
  readonly material: string;
  readonly found: readonly (readonly [string, 1 | 2 | 3 | 4] | readonly [string, 1 | 2 | 3 | 4, number])[];
  readonly must?: readonly string[];
  readonly never?: readonly string[];
  readonly order?: readonly string[];
  /** Further fields of the job file. */
  readonly more?: object;
}

const floor = (size: string) => ({ size, band: 'floor', tiltDegrees: 0, topMetres: 0 });
const roof = { band: 'roof', tiltDegrees: 35, footMetres: 2, topMetres: 5, size: '8x6' };
const ceiling = { tiltDegrees: 180, topMetres: 2.4, footMetres: 2.4, band: 'upper-wall' };
const CLEANED = [{ act: 'cleaned', how: 'scraped' }];
const CEDAR = { id: 'cedar', name: 'Cedar screen', kind: 'timber' };
const BED = { id: 'bed', name: 'Fern bed', kind: 'plant-bed', what: 'dense' };

export const PROPERTY_SCENARIOS: readonly PropertyScenario[] = [
  // What suffices at its size.
  { name: 'a large concrete yard under a film is washed by machine', surfaces: [{ id: 'yard', material: 'concrete', found: [['traffic-soot', 2]], more: floor('12x9'), must: ['jet'], never: ['soft-brush', 'stiff-brush'] }] },
  { name: 'a large flagged terrace with algae: pre-treated and surface cleaned', surfaces: [{ id: 'terrace', material: 'flags', found: [['green-algae', 2]], more: floor('10x9'), must: ['hypochlorite', 'surface-cleaner-40'], never: ['neutral-biocidal'] }] },
  { name: 'a small landing may be brushed', surfaces: [{ id: 'landing', material: 'concrete', found: [['traffic-soot', 2]], more: floor('2x2'), never: ['hot-fan'] }] },
  { name: 'a limestone terrace of any size keeps the machine off', surfaces: [{ id: 'terrace', material: 'limestone', found: [['green-algae', 3]], more: floor('12x8'), never: ['surface-cleaner-40', 'surface-cleaner-50', 'hot-fan', 'hypochlorite', 'acid'] }] },
  { name: 'an oily ramp: alkali and heat, not a neutral brush', surfaces: [{ id: 'ramp', material: 'concrete', found: [['mineral-oil', 3]], more: floor('6x4'), must: ['caustic', 'hot-fan'], never: ['neutral-detergent', 'citrus-degreaser'] }] },
  { name: 'a fryer wall of brick, caked: alkali and heat', surfaces: [{ id: 'wall', material: 'hard-fired-brick', found: [['cooking-grease', 4]], must: ['rinse'], never: ['enzyme-cleaner', 'neutral-detergent'] }] },
  { name: 'sound brick in a film of algae gets what kills it', surfaces: [{ id: 'wall', material: 'hard-fired-brick', found: [['green-algae', 2]], must: ['hypochlorite'], never: ['neutral-detergent', 'pole-brush'] }] },
  { name: 'traces on painted metal may go with water', surfaces: [{ id: 'gate', material: 'coated-steel', found: [['pollen', 1]], never: ['hypochlorite', 'caustic', 'acid'] }] },
  { name: 'a limestone plinth in a film is not merely rinsed', surfaces: [{ id: 'plinth', material: 'limestone', found: [['green-algae', 2]], must: ['neutral-biocidal'], never: ['acid', 'hypochlorite'] }] },
  { name: 'dust on a large yard is swept, not washed', surfaces: [{ id: 'yard', material: 'concrete', found: [['pollen', 2]], more: floor('14x9'), must: ['broom'], never: ['hypochlorite', 'caustic'] }] },

  { name: 'weeds on a large drive are pulled, not steamed for hours', surfaces: [{ id: 'drive', material: 'block-paving', found: [['weeds', 2]], more: floor('12x9'), must: ['weed-by-hand'], never: ['steam-lance'] }] },

  // What stands below, beside, behind.
  { name: 'a painted porch ceiling over cedar and ferns: no chlorine drips on them', features: [CEDAR, BED], surfaces: [{ id: 'ceiling', material: 'painted-render', found: [['green-algae', 2]], more: { ...ceiling, below: ['cedar', 'bed'] }, never: ['hypochlorite', 'caustic'] }] },
  { name: 'the same, overgrown: still no chlorine, and the customer hears that it is lessened or removed otherwise', features: [CEDAR, BED], surfaces: [{ id: 'ceiling', material: 'painted-render', found: [['mildew', 3]], more: { ...ceiling, below: ['cedar', 'bed'] }, never: ['hypochlorite', 'caustic'] }] },
  { name: 'a boarded eave over a bed: seconds of mild alkali, oxygen or hand work', features: [BED], surfaces: [{ id: 'eave', material: 'treated-softwood', found: [['mildew', 2]], more: { ...ceiling, finish: 'painted', below: ['bed'] }, never: ['hypochlorite', 'caustic'] }] },
  { name: 'a metal canopy over glass: no strong alkali runs over it', features: [{ id: 'glass', kind: 'glass' }], surfaces: [{ id: 'canopy', material: 'painted-aluminium', found: [['green-algae', 2]], more: { ...ceiling, finish: 'painted', below: ['glass'] }, never: ['caustic', 'mild-alkaline'] }] },
  { name: 'a wall over bare copper: no chlorine drips on it', features: [{ id: 'sheet', kind: 'bare-metal' }], surfaces: [{ id: 'wall', material: 'painted-render', found: [['green-algae', 2]], more: { below: ['sheet'] }, never: ['hypochlorite'] }] },
  { name: 'a car that is moved away changes nothing', features: [{ id: 'car', kind: 'vehicle', movable: 'yes' }], surfaces: [{ id: 'wall', material: 'painted-render', found: [['green-algae', 2]], more: { below: ['car'] }, must: ['hypochlorite'] }] },
  { name: 'a bed at the foot of a rendered wall is wetted, and the wall soft washed', features: [BED], surfaces: [{ id: 'wall', material: 'painted-render', found: [['green-algae', 3]], more: { drainsOnto: ['bed'] }, must: ['hypochlorite', 'rinse'] }] },
  { name: 'rust above a limestone plinth: acid does not run over it where a gel does it', surfaces: [{ id: 'wall', material: 'painted-render', found: [['fertiliser-rust', 2]], more: { below: ['plinth'] }, never: ['hydrochloric-acid', 'phosphoric-acid'] }, { id: 'plinth', material: 'limestone', found: [] }] },

  // Roofs, by material.
  { name: 'shingles: chemistry and a rinse', surfaces: [{ id: 'roof', material: 'asphalt-shingle', found: [['green-algae', 3]], more: roof, must: ['hypochlorite', 'rinse'], never: ['jet', 'hand-scraper'] }] },
  { name: 'slate with a moss mat: by hand, then biocide', surfaces: [{ id: 'roof', material: 'slate-roof', found: [['moss', 4]], more: roof, must: ['hand-scraper', 'quaternary-biocide'], never: ['jet'], order: ['clear', 'quaternary-biocide'] }] },
  { name: 'clay tile with a moss mat: by hand, then biocide', surfaces: [{ id: 'roof', material: 'clay-roof-tile', found: [['moss', 3]], more: roof, must: ['hand-scraper', 'quaternary-biocide'], never: ['jet'], order: ['hand-scraper', 'quaternary-biocide'] }] },
  { name: 'clay tile only greened: biocide', surfaces: [{ id: 'roof', material: 'clay-roof-tile', found: [['green-algae', 2]], more: roof, must: ['quaternary-biocide'], never: ['jet', 'hypochlorite'] }] },
  { name: 'sound concrete tile: reduced washing', surfaces: [{ id: 'roof', material: 'concrete-roof-tile', found: [['moss', 3]], more: roof, must: ['roof-cleaner'], never: ['hypochlorite'] }] },
  { name: 'cracked concrete tile is fragile: no washing', surfaces: [{ id: 'roof', material: 'concrete-roof-tile', found: [['moss', 3]], more: { ...roof, conditions: ['cracked'] }, must: ['hand-scraper', 'quaternary-biocide'], never: ['roof-cleaner'] }] },
  { name: 'concrete tile that was scraped before: biocide alone', surfaces: [{ id: 'roof', material: 'concrete-roof-tile', found: [['moss', 1]], more: { ...roof, past: CLEANED }, must: ['quaternary-biocide'], never: ['roof-cleaner', 'hand-scraper'] }] },
  { name: 'metal roof: brushed or soft washed, no jet', surfaces: [{ id: 'roof', material: 'metal-roof', found: [['green-algae', 2]], more: roof, must: ['rinse'], never: ['roof-cleaner', 'hot-fan'] }] },
  { name: 'thatch: nobody touches it', surfaces: [{ id: 'roof', material: 'thatch', found: [['green-algae', 3]], more: roof, must: ['nothing'] }] },

  // Dry before wet.
  { name: 'mud that a shovel lifts is shovelled before water comes', surfaces: [{ id: 'yard', material: 'concrete', found: [['mud', 3]], more: floor('8x5'), must: ['clear'], order: ['clear', 'rinse'] }] },
  { name: 'the same before hot work on oil', surfaces: [{ id: 'yard', material: 'concrete', found: [['mud', 4], ['mineral-oil', 3]], more: floor('8x5'), must: ['clear', 'caustic'], order: ['clear', 'caustic'] }] },
  { name: 'dust on the drive is no mud: nothing is shovelled', surfaces: [{ id: 'drive', material: 'exposed-aggregate', found: [['green-algae', 2]], more: floor('8x5'), must: ['hypochlorite'] }] },
  { name: 'a moss mat on steps is scraped off first, and no head tips over a tread', surfaces: [{ id: 'steps', material: 'concrete', found: [['moss', 4]], more: floor('5x2'), must: ['hand-scraper'], never: ['surface-cleaner-50'], order: ['hand-scraper', 'rinse'] }] },
  { name: 'a moss mat on a brick wall too', surfaces: [{ id: 'wall', material: 'clay-brick', found: [['moss', 4]], must: ['hand-scraper'], order: ['hand-scraper', 'rinse'] }] },
  { name: 'threads of moss are left to the wash', surfaces: [{ id: 'steps', material: 'concrete', found: [['moss', 1], ['green-algae', 2]], more: floor('5x2'), never: ['hand-scraper'] }] },
  { name: 'caked grease is scraped up before the degreaser', surfaces: [{ id: 'pad', material: 'concrete', found: [['cooking-grease', 4]], more: floor('4x3'), must: ['hand-scraper'], order: ['hand-scraper', 'apply'] }] },
  { name: 'a bin pad: flushed, what is foul before the grease, all before the acid', surfaces: [{ id: 'pad', material: 'concrete', found: [['urine', 3], ['cooking-grease', 3], ['surface-rust', 2]], more: floor('4x3'), must: ['rinse', 'acid'], never: [], order: ['rinse', 'apply', 'acid'] }] },
  { name: 'grease before growth, whatever takes it', surfaces: [{ id: 'wall', material: 'painted-render', found: [['cooking-grease', 3], ['green-algae', 3]], must: ['hypochlorite'], order: ['mild-alkaline', 'hypochlorite'] }] },
  { name: 'an enzyme and chlorine never on one face without a reading between', surfaces: [{ id: 'pad', material: 'concrete', found: [['urine', 3], ['green-algae', 3]], more: floor('9x6'), must: ['reading'], order: ['rinse', 'apply'] }] },

  // Fill, coat, oil.
  { name: 'joints are filled after a reading, though nothing wet came before', surfaces: [{ id: 'path', material: 'block-paving', found: [['empty-joints', 3]], more: floor('8x2'), must: ['reading', 'fill-dry-sand'], order: ['reading', 'fill'] }] },
  { name: 'boards are oiled after a reading', surfaces: [{ id: 'deck', material: 'hardwood', found: [['dry-timber', 2]], more: floor('5x4'), must: ['reading', 'wood-oil'], order: ['reading', 'wood-oil'] }] },
  { name: 'a green deck is washed before it is oiled', surfaces: [{ id: 'deck', material: 'hardwood', found: [['dry-timber', 2], ['green-algae', 2]], more: floor('5x4'), must: ['rinse', 'wait-dry'], order: ['rinse', 'reading', 'wood-oil'] }] },
  { name: 'lichen on a wall to be impregnated is washed off, not left to die', surfaces: [{ id: 'wall', material: 'granite', found: [['lichen', 3], ['unprotected-face', 2]], must: ['rinse', 'silane-impregnator'], never: ['quaternary-biocide'], order: ['rinse', 'silane-impregnator'] }] },
  { name: 'a biocide that somebody picks all the same goes on before the coat', surfaces: [{ id: 'wall', material: 'granite', found: [['lichen', 3], ['unprotected-face', 2]], must: ['quaternary-biocide', 'silane-impregnator'], order: ['quaternary-biocide', 'silane-impregnator'] }], picks: [['wall', 'lichen', 'leave-on-biocide']] },
  { name: 'and before the sand', surfaces: [{ id: 'path', material: 'block-paving', found: [['lichen', 3], ['empty-joints', 2]], more: floor('8x2'), must: ['quaternary-biocide', 'fill'], order: ['quaternary-biocide', 'fill'] }], picks: [['path', 'lichen', 'leave-on-biocide']] },
  { name: 'sand and sealer are one thing', surfaces: [{ id: 'drive', material: 'block-paving', found: [['green-algae', 2], ['unprotected-face', 2]], more: floor('9x6'), must: ['sand-and-seal'], never: ['silane-impregnator', 'fill-dry-sand', 'seal-paving'] }] },
  { name: 'one coat on a wall that is tagged and thirsty', surfaces: [{ id: 'wall', material: 'clay-brick', found: [['often-tagged', 3], ['unprotected-face', 2]], must: ['sacrificial-coating'], never: ['silane-impregnator'] }] },

  // The property, not the face.
  { name: 'a parapet takes the mix of the wall below it', surfaces: [{ id: 'drum', material: 'painted-render', found: [['green-algae', 3]], more: { size: '12x4' }, must: ['hypochlorite'] }, { id: 'parapet', material: 'vinyl-cladding', found: [['mildew', 2]], more: { size: '3x1' }, must: ['hypochlorite'] }], agentsAtMost: 1 },
  { name: 'glass goes with the detergent that is there for the door', surfaces: [{ id: 'door', material: 'painted-aluminium', found: [['traffic-soot', 2]], more: { size: '3x2', finish: 'painted' } }, { id: 'panes', material: 'clear-glass', found: [['traffic-soot', 1]], more: { size: '4x1' } }], agentsAtMost: 1 },
  { name: 'five walls of one sort, one chemistry', surfaces: ['north', 'east', 'south', 'west', 'court'].map((id, i) => ({ id, material: 'painted-render', found: [[i % 2 ? 'mildew' : 'green-algae', i > 2 ? 3 : 2] as const], more: { size: '9x3' } })), agentsAtMost: 1 },
  { name: 'limestone among render keeps its own gentle way', surfaces: [{ id: 'render', material: 'painted-render', found: [['green-algae', 3]], must: ['hypochlorite'] }, { id: 'stone', material: 'limestone', found: [['green-algae', 3]], never: ['hypochlorite', 'acid', 'jet'] }] },
  { name: 'a house with walls, drive and rust: three agents at most', surfaces: [{ id: 'wall', material: 'painted-render', found: [['green-algae', 3]], more: { size: '12x5' } }, { id: 'drive', material: 'concrete', found: [['green-algae', 2], ['surface-rust', 2, 0.1]], more: floor('12x5') }, { id: 'steps', material: 'concrete', found: [['moss', 2]], more: floor('4x1') }, { id: 'soffit', material: 'vinyl-cladding', found: [['mildew', 2]], more: { size: '10x0.5', ...ceiling } }], agentsAtMost: 3 },
  { name: 'a pick stays, whatever the others use', surfaces: [{ id: 'drum', material: 'painted-render', found: [['green-algae', 3]], more: { size: '12x4' } }, { id: 'parapet', material: 'painted-render', found: [['green-algae', 2]], more: { size: '3x1' }, must: ['percarbonate'] }], picks: [['parapet', 'green-algae', 'oxygen-wash-mineral']] },
]; // prettier-ignore
