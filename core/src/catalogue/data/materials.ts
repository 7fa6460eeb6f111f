import { inLanguage } from '../../language/in-language.ts';
import type { Paving } from '../../takeoff/joint-sand.ts';
import type { Finish, Material, Tolerances } from '../material.ts';

const SORPTIVITY = 'sorptivity: order of published water absorption coefficients, EN ISO 15148';
const TRADE = 'trade default';
/** A closed coat drinks next to nothing, kg/(m²·√s). */
const COATED = 0.0001;

const drinks = (bare: number): Readonly<Record<Finish, number>> => ({
  bare,
  painted: COATED,
  sealed: COATED,
});
/** Length, width, joint and its depth, mm. */
const laid = (length: number, width: number, joint: number, depth: number): Paving => ({
  lengthMillimetres: length,
  widthMillimetres: width,
  jointMillimetres: joint,
  depthMillimetres: depth,
});
const YES: Tolerances = { chlorine: 'yes', peroxide: 'yes', solvent: 'yes', heat: 'yes' };

/** What most materials of a sort have in common; an entry says what differs. */
const ROBUST_STONE = {
  family: 'stone', finishes: ['bare', 'sealed'], calcareous: false, saltSensitive: false, rough: true, thirstFactor: 1,
  jetLimitKilopascal: 200, pH: [0, 14], tolerates: YES, brush: 'stiff', foot: 'yes', handOver: null,
  conditions: ['loose-joints', 'cracked', 'hairline', 'spalling', 'jet-marked', 'waxed', 'sacrificial-coat', 'narrow-treads', 'historic'], source: `${TRADE}; ${SORPTIVITY}`,
} as const satisfies Partial<Material>; // prettier-ignore
const CALCAREOUS = {
  ...ROBUST_STONE, calcareous: true, saltSensitive: true, jetLimitKilopascal: 2.5, pH: [6.5, 12.5], thirstFactor: 2,
  tolerates: { ...YES, chlorine: 'no', heat: 'short' }, brush: 'soft',
  conditions: ['soft-stone', 'loose-joints', 'cracked', 'hairline', 'spalling', 'jet-marked', 'waxed', 'sacrificial-coat', 'narrow-treads', 'historic'],
} as const satisfies Partial<Material>; // prettier-ignore
const BRICK = {
  ...ROBUST_STONE, family: 'masonry', finishes: ['bare', 'painted', 'sealed'], jetLimitKilopascal: 25, thirstFactor: 1.6, tolerates: { ...YES, heat: 'short' },
  conditions: ['loose-joints', 'cracked', 'hairline', 'spalling', 'soft-stone', 'chalking', 'flaking', 'jet-marked', 'sacrificial-coat', 'lead-paint', 'historic'],
} as const satisfies Partial<Material>; // prettier-ignore
const RENDER = {
  ...ROBUST_STONE, family: 'render', finishes: ['painted', 'bare'], jetLimitKilopascal: 10, pH: [0, 13], tolerates: { ...YES, heat: 'short', solvent: 'short' }, brush: 'soft', foot: 'never',
  conditions: ['chalking', 'flaking', 'cracked', 'hairline', 'hollow', 'new', 'lead-paint', 'perhaps-asbestos', 'historic'],
} as const satisfies Partial<Material>; // prettier-ignore
const SLAB = {
  ...ROBUST_STONE, family: 'concrete', finishes: ['bare', 'sealed', 'painted'], jetLimitKilopascal: 250, thirstFactor: 1.2,
  conditions: ['cracked', 'hairline', 'loose-joints', 'spalling', 'new', 'failed-seal', 'chalking', 'flaking', 'jet-marked', 'sacrificial-coat', 'lead-paint', 'narrow-treads', 'historic'],
} as const satisfies Partial<Material>; // prettier-ignore
const WOOD = {
  ...ROBUST_STONE, family: 'timber', finishes: ['bare', 'painted', 'sealed'], jetLimitKilopascal: 25, thirstFactor: 1.1, pH: [1, 12.5], brush: 'soft', foot: 'yes',
  tolerates: { ...YES, chlorine: 'short', heat: 'no' }, conditions: ['splintering', 'rotten', 'chalking', 'flaking', 'waxed', 'lead-paint', 'narrow-treads', 'historic'],
  source: `${TRADE}; softwood sorptivity`,
} as const satisfies Partial<Material>; // prettier-ignore
const METAL = {
  ...ROBUST_STONE, family: 'metal', finishes: ['bare', 'painted'], rough: false, thirstFactor: 0.7, jetLimitKilopascal: 40, pH: [4, 10], brush: 'soft', foot: 'never',
  tolerates: { ...YES, chlorine: 'no', heat: 'short' }, conditions: ['chalking', 'flaking', 'corroded', 'lead-paint', 'historic'], source: TRADE,
} as const satisfies Partial<Material>; // prettier-ignore
const PLASTIC = {
  ...ROBUST_STONE, family: 'plastic', finishes: ['bare'], rough: false, thirstFactor: 0.7, jetLimitKilopascal: 5, pH: [3, 12.5], brush: 'soft', foot: 'never',
  tolerates: { ...YES, solvent: 'no', heat: 'no' }, conditions: ['chalking', 'brittle', 'cracked'], source: TRADE,
} as const satisfies Partial<Material>; // prettier-ignore
const TILES = {
  ...ROBUST_STONE, family: 'roofing', thirstFactor: 1.3, jetLimitKilopascal: 2.5, brush: 'soft', foot: 'never', tolerates: { ...YES, heat: 'short' },
  conditions: ['cracked', 'slipped', 'spalling', 'perhaps-asbestos', 'historic'],
} as const satisfies Partial<Material>; // prettier-ignore

export const MATERIALS: readonly Material[] = inLanguage([
  // Renders.
  { ...RENDER, id: 'painted-render', name: 'Painted render', synonyms: ['masonry paint', 'coated render', 'stucco painted'], finishes: ['painted'], sorptivity: drinks(0.008) },
  { ...RENDER, id: 'cement-render', name: 'Cement render', synonyms: ['cement plaster', 'stucco', 'sand and cement'], finishes: ['bare', 'painted'], jetLimitKilopascal: 25, thirstFactor: 1.2, sorptivity: drinks(0.03) },
  { ...RENDER, id: 'lime-render', name: 'Lime render', synonyms: ['lime plaster', 'lime stucco', 'lime wash'], finishes: ['bare', 'painted'], calcareous: true, saltSensitive: true, jetLimitKilopascal: 2.5, pH: [6.5, 12.5], thirstFactor: 1.8, tolerates: { ...YES, chlorine: 'no', heat: 'no', solvent: 'short' }, sorptivity: drinks(0.12) },
  { ...RENDER, id: 'acrylic-render', name: 'Thin-coat acrylic render', synonyms: ['synthetic render', 'insulated render', 'silicone render', 'eifs'], finishes: ['bare', 'painted'], tolerates: { ...YES, heat: 'no', solvent: 'no' }, pH: [2, 12.5], sorptivity: drinks(0.002) },
  { ...RENDER, id: 'mineral-painted-render', name: 'Mineral-painted render', synonyms: ['silicate paint', 'mineral paint', 'silicate-painted render'], finishes: ['painted'], pH: [4, 12], thirstFactor: 1.2, sorptivity: { ...drinks(0.008), painted: 0.008 }, source: `${TRADE}; mineral paint stays open, sorptivity as render` },
  { ...RENDER, id: 'roughcast', name: 'Roughcast', synonyms: ['harling', 'wet dash', 'rough cast'], finishes: ['bare', 'painted'], jetLimitKilopascal: 20, thirstFactor: 1.4, sorptivity: drinks(0.03) },
  { ...RENDER, id: 'pebbledash', name: 'Pebbledash', synonyms: ['dry dash', 'pebble dash', 'spar dash'], finishes: ['bare', 'painted'], thirstFactor: 1.4, sorptivity: drinks(0.03), source: `${TRADE}; sorptivity as cement render, jet low since pebbles come loose` },

  // Bricks and cast units.
  { ...BRICK, id: 'clay-brick', name: 'Clay brick', synonyms: ['brick', 'bricks', 'brickwork', 'facing brick', 'soft brick'], sorptivity: drinks(0.12) },
  { ...BRICK, id: 'hard-fired-brick', name: 'Hard-fired brick', synonyms: ['engineering brick', 'clinker', 'glazed brick', 'vitrified brick'], jetLimitKilopascal: 80, thirstFactor: 1.1, sorptivity: drinks(0.02) },
  { ...BRICK, id: 'calcium-silicate', name: 'Calcium silicate brick', synonyms: ['sand-lime brick', 'silicate brick'], calcareous: true, jetLimitKilopascal: 40, pH: [6, 13], sorptivity: drinks(0.06) },
  { ...BRICK, id: 'terracotta', name: 'Terracotta', synonyms: ['faience', 'architectural terracotta'], finishes: ['bare', 'sealed'], jetLimitKilopascal: 20, pH: [3, 11], brush: 'soft', sorptivity: drinks(0.08) },
  { ...BRICK, id: 'lime-mortar-joint', name: 'Masonry in lime mortar', synonyms: ['lime mortar', 'lime joints', 'old pointing'], calcareous: true, saltSensitive: true, jetLimitKilopascal: 2.5, pH: [6.5, 12.5], tolerates: { ...YES, chlorine: 'no', heat: 'no' }, brush: 'soft', sorptivity: drinks(0.15) },

  // Stones.
  { ...ROBUST_STONE, id: 'granite', name: 'Granite', synonyms: ['granite steps', 'granite flags', 'granite setts'], sorptivity: drinks(0.003), source: `${TRADE}; dense stone` },
  { ...CALCAREOUS, id: 'limestone', name: 'Limestone', synonyms: ['lime stone', 'calcareous stone', 'ashlar limestone'], sorptivity: drinks(0.12) },
  { ...CALCAREOUS, id: 'marble', name: 'Marble', synonyms: ['polished marble', 'marble slab'], jetLimitKilopascal: 10, thirstFactor: 1, rough: false, sorptivity: drinks(0.002) },
  { ...CALCAREOUS, id: 'marble-memorial', name: 'Marble memorial', synonyms: ['marble headstone', 'marble gravestone', 'marble statue'], jetLimitKilopascal: 2.5, thirstFactor: 1.3, sorptivity: drinks(0.01), source: `${TRADE}; weathered marble sheds grains: garden force at most` },
  { ...CALCAREOUS, id: 'travertine', name: 'Travertine', synonyms: ['travertine slabs', 'tufa'], jetLimitKilopascal: 10, thirstFactor: 1.4, sorptivity: drinks(0.03) },
  { ...ROBUST_STONE, id: 'sandstone', name: 'Sandstone', synonyms: ['brownstone', 'quartz sandstone', 'york stone'], saltSensitive: true, jetLimitKilopascal: 10, pH: [4, 12], thirstFactor: 1.8, tolerates: { ...YES, chlorine: 'no', heat: 'short' }, brush: 'soft', conditions: ['soft-stone', ...ROBUST_STONE.conditions], sorptivity: drinks(0.06) },
  { ...ROBUST_STONE, id: 'slate', name: 'Slate', synonyms: ['slate flags', 'slate cladding', 'schist'], rough: false, jetLimitKilopascal: 40, pH: [3, 13], sorptivity: drinks(0.0008) },
  { ...ROBUST_STONE, id: 'quartzite', name: 'Quartzite', synonyms: ['quartzite flags', 'porphyry', 'basalt'], sorptivity: drinks(0.002) },
  { ...ROBUST_STONE, id: 'cobbles', joints: 'sand', paving: laid(100, 100, 10, 80), name: 'Cobbles in sand', synonyms: ['cobblestones', 'setts', 'stone setts', 'pebbles'], jetLimitKilopascal: 100, sorptivity: drinks(0.004) },
  { ...ROBUST_STONE, id: 'sandstone-flags', joints: 'cement', name: 'Sandstone flags', synonyms: ['sandstone paving', 'sandstone patio', 'riven sandstone', 'indian stone'], jetLimitKilopascal: 100, pH: [3, 12.5], thirstFactor: 1.5, tolerates: { ...YES, chlorine: 'short', heat: 'short' }, conditions: ['soft-stone', ...ROBUST_STONE.conditions], sorptivity: drinks(0.04), source: `${TRADE}; paving, which frost and feet have sorted: harder than ashlar` },
  { ...CALCAREOUS, id: 'limestone-flags', joints: 'cement', name: 'Limestone flags', synonyms: ['limestone paving', 'limestone patio', 'limestone slabs'], saltSensitive: false, jetLimitKilopascal: 100, thirstFactor: 1.3, tolerates: { ...YES, chlorine: 'short', heat: 'short' }, brush: 'stiff', sorptivity: drinks(0.03), source: `${TRADE}; dense paving limestone` },
  { ...CALCAREOUS, id: 'pool-coping', joints: 'cement', name: 'Pool coping', synonyms: ['coping stones', 'pool edge', 'pool surround'], saltSensitive: false, jetLimitKilopascal: 40, thirstFactor: 1.3, tolerates: { ...YES, chlorine: 'short', heat: 'short' }, sorptivity: drinks(0.03), source: `${TRADE}; taken for limestone or cast stone, whichever bears less` },
  { ...ROBUST_STONE, id: 'loose-gravel', name: 'Loose gravel', synonyms: ['gravel', 'shingle drive', 'loose chippings', 'pea gravel'], finishes: ['bare'], jetLimitKilopascal: 2.5, brush: 'none', conditions: [], sorptivity: drinks(0.12), source: `${TRADE}; nothing holds it together: weeded, raked and treated, never washed` },

  // Concrete and paving.
  { ...SLAB, id: 'concrete', name: 'Concrete', synonyms: ['concrete slab', 'yard', 'cement floor'], sorptivity: drinks(0.015) },
  { ...SLAB, id: 'exposed-aggregate', name: 'Exposed-aggregate concrete', synonyms: ['washed concrete', 'pebble finish concrete', 'exposed aggregate'], finishes: ['bare', 'sealed'], jetLimitKilopascal: 150, thirstFactor: 1.3, sorptivity: drinks(0.015), source: `${TRADE}; sorptivity as concrete, jet lower since stones come loose` },
  { ...SLAB, id: 'stamped-concrete', name: 'Stamped concrete, sealed', synonyms: ['imprinted concrete', 'pattern concrete', 'stamped concrete'], finishes: ['sealed', 'bare'], jetLimitKilopascal: 60, pH: [3, 12.5], tolerates: { ...YES, solvent: 'no', heat: 'no' }, sorptivity: drinks(0.012) },
  { ...SLAB, id: 'cast-stone', name: 'Cast stone', synonyms: ['artificial stone', 'reconstituted stone', 'precast'], calcareous: true, jetLimitKilopascal: 40, pH: [5, 13], thirstFactor: 1.5, brush: 'soft', sorptivity: drinks(0.03) },
  { ...SLAB, id: 'block-paving', joints: 'sand', paving: laid(200, 100, 4, 60), name: 'Block paving in sand', synonyms: ['block paver', 'pavers', 'interlocking pavers', 'paving blocks'], finishes: ['bare', 'sealed'], jetLimitKilopascal: 150, sorptivity: drinks(0.02) },
  { ...SLAB, id: 'brick-pavers', joints: 'sand', paving: laid(200, 100, 5, 60), name: 'Brick pavers in sand', synonyms: ['brick paving', 'clay pavers', 'brick paver', 'brick patio'], finishes: ['bare', 'sealed'], jetLimitKilopascal: 130, thirstFactor: 1.4, sorptivity: drinks(0.04) },
  { ...SLAB, id: 'porcelain-paving', joints: 'resin', name: 'Porcelain paving', synonyms: ['porcelain slabs', 'porcelain patio', 'porcelain tiles', 'vitrified paving'], finishes: ['bare'], rough: false, jetLimitKilopascal: 200, thirstFactor: 0.8, sorptivity: drinks(0.0005), source: `${TRADE}; the slab bears more than its resin joints` },
  { ...SLAB, id: 'flags', joints: 'cement', name: 'Concrete flags, cement joints', synonyms: ['paving slabs', 'flagstones', 'concrete slabs', 'patio slabs'], finishes: ['bare', 'sealed'], jetLimitKilopascal: 150, sorptivity: drinks(0.02) },
  { ...SLAB, id: 'flags-resin', joints: 'resin', name: 'Flags, resin joints', synonyms: ['resin joint', 'resin jointed flags'], finishes: ['bare', 'sealed'], jetLimitKilopascal: 60, tolerates: { ...YES, solvent: 'no', heat: 'no' }, sorptivity: drinks(0.02) },
  { ...SLAB, id: 'resin-gravel', name: 'Resin-bound gravel', synonyms: ['resin gravel', 'resin bound', 'resin drive'], finishes: ['bare'], jetLimitKilopascal: 60, pH: [3, 12.5], tolerates: { ...YES, solvent: 'no', heat: 'no' }, brush: 'soft', sorptivity: drinks(0.01) },
  { ...SLAB, id: 'asphalt-paving', name: 'Asphalt paving', synonyms: ['tarmac', 'blacktop', 'asphalt drive', 'bitumen paving'], finishes: ['bare', 'sealed'], jetLimitKilopascal: 60, pH: [3, 12.5], tolerates: { ...YES, solvent: 'no', heat: 'no' }, brush: 'soft', sorptivity: drinks(0.004) },

  // Timber and boards.
  { ...WOOD, id: 'larch-boards', name: 'Larch boards', synonyms: ['larch cladding', 'larch decking', 'timber boards', 'siding timber', 'larch'], sorptivity: drinks(0.002) },
  { ...WOOD, id: 'cedar-boards', name: 'Cedar boards', synonyms: ['cedar', 'cedar siding', 'cedar cladding', 'redwood'], jetLimitKilopascal: 10, sorptivity: drinks(0.003) },
  { ...WOOD, id: 'treated-softwood', name: 'Treated softwood', synonyms: ['pressure-treated', 'treated pine', 'softwood fence', 'pine boards', 'softwood'], sorptivity: drinks(0.004) },
  { ...WOOD, id: 'hardwood', name: 'Hardwood', synonyms: ['oak', 'teak', 'ipe', 'hardwood decking', 'bangkirai'], jetLimitKilopascal: 40, sorptivity: drinks(0.001) },
  { ...WOOD, id: 'timber-shingles', name: 'Timber shingles', synonyms: ['wood shingles', 'shakes', 'cedar shakes'], finishes: ['bare', 'sealed'], jetLimitKilopascal: 2.5, foot: 'never', sorptivity: drinks(0.004) },
  { ...WOOD, id: 'natural-rope', name: 'Natural rope', synonyms: ['hemp rope', 'sisal rope', 'rope rail'], finishes: ['bare'], jetLimitKilopascal: 2.5, tolerates: { ...YES, chlorine: 'no', heat: 'no' }, foot: 'never', conditions: ['splintering', 'rotten'], sorptivity: drinks(0.05) },

  // Metals.
  { ...METAL, id: 'painted-aluminium', name: 'Painted aluminium', synonyms: ['coated aluminum', 'metal cladding', 'aluminium panels', 'aluminum siding'], finishes: ['painted', 'bare'], jetLimitKilopascal: 5, pH: [3, 12.5], tolerates: { ...YES, chlorine: 'short', heat: 'no', solvent: 'short' }, sorptivity: drinks(COATED) },
  { ...METAL, id: 'anodised-aluminium', name: 'Anodised aluminium', synonyms: ['anodized aluminum', 'anodised frames'], finishes: ['bare'], conditions: ['scratched-anodising', 'corroded', 'historic'], jetLimitKilopascal: 25, pH: [5, 8.5], sorptivity: drinks(COATED) },
  { ...METAL, id: 'coated-steel', name: 'Coated steel', synonyms: ['powder coated steel', 'painted steel', 'steel cladding', 'gate'], finishes: ['painted', 'bare'], jetLimitKilopascal: 10, pH: [3, 12.5], tolerates: { ...YES, chlorine: 'short', heat: 'no', solvent: 'short' }, sorptivity: drinks(COATED) },
  { ...METAL, id: 'galvanised-steel', name: 'Galvanised steel', synonyms: ['galvanized steel', 'zinc coated steel', 'corrugated iron'], pH: [6, 12], sorptivity: drinks(COATED) },
  { ...METAL, id: 'stainless-steel', name: 'Stainless steel', synonyms: ['inox', 'stainless'], finishes: ['bare'], jetLimitKilopascal: 80, pH: [2, 13], sorptivity: drinks(COATED) },
  { ...METAL, id: 'weathering-steel', name: 'Weathering steel', synonyms: ['rust steel', 'corten type steel'], finishes: ['bare'], pH: [6, 10], brush: 'none', sorptivity: drinks(COATED) },
  { ...METAL, id: 'copper', name: 'Copper', synonyms: ['copper sheet', 'copper cladding'], finishes: ['bare'], pH: [6, 9], tolerates: { ...METAL.tolerates, peroxide: 'no' }, brush: 'none', sorptivity: drinks(COATED) },
  { ...METAL, id: 'zinc', name: 'Zinc sheet', synonyms: ['zinc', 'titanium zinc', 'zinc cladding'], finishes: ['bare'], jetLimitKilopascal: 25, pH: [6, 10], brush: 'none', sorptivity: drinks(COATED) },
  { ...METAL, id: 'lead', name: 'Lead sheet', synonyms: ['lead flashing', 'leadwork'], finishes: ['bare'], jetLimitKilopascal: 10, pH: [6, 9], brush: 'none', sorptivity: drinks(COATED) },

  // Plastics and what is like them.
  { ...PLASTIC, id: 'vinyl-cladding', name: 'Vinyl cladding', synonyms: ['vinyl siding', 'upvc', 'pvc cladding', 'plastic cladding'], sorptivity: drinks(COATED) },
  { ...PLASTIC, id: 'polycarbonate', name: 'Polycarbonate', synonyms: ['polycarbonate sheet', 'twin-wall sheet'], jetLimitKilopascal: 2.5, pH: [4, 9], tolerates: { ...YES, chlorine: 'short', solvent: 'no', heat: 'no' }, sorptivity: drinks(COATED) },
  { ...PLASTIC, id: 'acrylic-sheet', name: 'Acrylic sheet', synonyms: ['acrylic glass', 'acrylic glazing'], jetLimitKilopascal: 2.5, pH: [4, 10], sorptivity: drinks(COATED) },
  { ...PLASTIC, id: 'membrane', name: 'Coated membrane', synonyms: ['tent roof', 'pvc membrane', 'tarpaulin', 'pvc awning'], pH: [4, 10], tolerates: { ...YES, chlorine: 'short', solvent: 'no', heat: 'no' }, sorptivity: drinks(COATED) },
  { ...PLASTIC, id: 'acrylic-awning', name: 'Acrylic awning', synonyms: ['awning', 'awning cloth', 'acrylic canvas', 'canvas awning', 'parasol cloth'], rough: true, jetLimitKilopascal: 2.5, pH: [4, 11.5], tolerates: { ...YES, chlorine: 'short', solvent: 'no', heat: 'no' }, sorptivity: drinks(0.003), source: `${TRADE}; solution-dyed acrylic cloth takes weak hypochlorite for a short while` },
  { ...PLASTIC, id: 'glass-fibre', name: 'Glass-fibre plastic', synonyms: ['grp', 'fibreglass', 'fiberglass', 'gel coat'], jetLimitKilopascal: 10, tolerates: { ...YES, solvent: 'short', heat: 'no' }, sorptivity: drinks(COATED) },
  { ...PLASTIC, id: 'composite-boards', name: 'Wood-plastic boards', synonyms: ['composite decking', 'wpc', 'composite boards'], jetLimitKilopascal: 2.5, tolerates: { ...YES, solvent: 'no', heat: 'no' }, foot: 'yes', sorptivity: drinks(0.0008) },
  { ...PLASTIC, id: 'synthetic-rope', name: 'Synthetic rope', synonyms: ['nylon rope', 'polyester rope'], jetLimitKilopascal: 2.5, tolerates: { ...YES, chlorine: 'no', solvent: 'no', heat: 'no' }, sorptivity: drinks(0.005) },
  { ...PLASTIC, id: 'rubber-paving', name: 'Rubber paving', synonyms: ['play surface', 'rubber tiles', 'wet pour'], rough: true, jetLimitKilopascal: 25, foot: 'yes', sorptivity: drinks(0.003) },
  { ...PLASTIC, id: 'artificial-turf', name: 'Artificial turf', synonyms: ['synthetic grass', 'fake lawn', 'astro grass'], rough: true, foot: 'yes', sorptivity: drinks(0.003) },

  // Glass.
  { ...ROBUST_STONE, id: 'clear-glass', name: 'Clear glass', synonyms: ['glass', 'window glass', 'glazing', 'glass roof', 'panes'], family: 'glass', finishes: ['bare'], rough: false, thirstFactor: 0.7, jetLimitKilopascal: 5, pH: [1, 10], tolerates: { ...YES, heat: 'no' }, brush: 'soft', foot: 'never', conditions: ['cracked', 'failed-seal'], sorptivity: drinks(COATED), source: TRADE },
  { ...ROBUST_STONE, id: 'coated-glass', name: 'Coated glass', synonyms: ['self-cleaning glass', 'reflective glass', 'tinted film'], family: 'glass', finishes: ['bare'], rough: false, thirstFactor: 0.7, jetLimitKilopascal: 2.5, pH: [4, 9], tolerates: { ...YES, chlorine: 'short', solvent: 'no', heat: 'no' }, brush: 'soft', foot: 'never', conditions: ['cracked', 'failed-seal'], sorptivity: drinks(COATED), source: TRADE },
  { ...ROBUST_STONE, id: 'laminated-glass', name: 'Laminated glass, open edge', synonyms: ['safety glass', 'glass balustrade'], family: 'glass', finishes: ['bare'], rough: false, thirstFactor: 0.7, jetLimitKilopascal: 2.5, pH: [3, 9.5], tolerates: { ...YES, solvent: 'no', heat: 'no' }, brush: 'soft', foot: 'never', conditions: ['cracked', 'failed-seal'], sorptivity: drinks(COATED), source: TRADE },
  { ...ROBUST_STONE, id: 'solar-panel', name: 'Solar panel', synonyms: ['solar panels', 'photovoltaic', 'pv panel'], family: 'glass', finishes: ['bare'], rough: false, thirstFactor: 0.7, jetLimitKilopascal: 2.5, pH: [5, 9], tolerates: { chlorine: 'no', peroxide: 'no', solvent: 'no', heat: 'no' }, brush: 'soft', foot: 'never', conditions: ['cracked'], sorptivity: drinks(COATED), source: TRADE },

  // Roofs.
  { ...TILES, id: 'clay-roof-tile', roofWay: 'by-hand', name: 'Clay roof tiles', synonyms: ['clay tile', 'clay tiles', 'roof tiles', 'pantiles'], sorptivity: drinks(0.06), source: `${TRADE}; garden force only, a close jet lifts and breaks tiles` },
  { ...TILES, id: 'concrete-roof-tile', roofWay: 'washed', name: 'Concrete roof tiles', synonyms: ['concrete tile', 'concrete tiles'], jetLimitKilopascal: 60, foot: 'with-care', sorptivity: drinks(0.03), source: `${TRADE}; sound and heavy, after an inspection also from inside` },
  { ...TILES, id: 'slate-roof', roofWay: 'by-hand', name: 'Slate roof', synonyms: ['roof slates', 'slates'], rough: false, pH: [3, 13], sorptivity: drinks(0.0008) },
  { ...TILES, id: 'asphalt-shingle', roofWay: 'soft-wash', name: 'Asphalt shingles', synonyms: ['shingles', 'bitumen shingles', 'roof shingles'], finishes: ['bare'], pH: [4, 12.5], tolerates: { ...YES, solvent: 'no', heat: 'no' }, brush: 'none', foot: 'with-care', sorptivity: drinks(0.001) },
  { ...TILES, id: 'metal-roof', roofWay: 'rinsed', name: 'Metal roof, coated', synonyms: ['coated metal roof', 'metal roofing'], finishes: ['painted'], rough: false, jetLimitKilopascal: 10, pH: [3, 12.5], tolerates: { ...YES, chlorine: 'short', solvent: 'short', heat: 'no' }, conditions: ['chalking', 'flaking', 'corroded'], sorptivity: drinks(COATED) },
  { ...TILES, id: 'roofing-felt', roofWay: 'soft-wash', name: 'Roofing felt', synonyms: ['felt roof', 'bitumen felt', 'torch-on felt'], finishes: ['bare'], pH: [4, 12.5], tolerates: { ...YES, solvent: 'no', heat: 'no' }, foot: 'with-care', conditions: ['cracked', 'brittle', 'perhaps-asbestos'], sorptivity: drinks(0.0005) },
  { ...TILES, id: 'single-ply', roofWay: 'rinsed', name: 'Single-ply roof', synonyms: ['epdm', 'tpo roof', 'pvc roof', 'flat roof membrane'], finishes: ['bare'], rough: false, jetLimitKilopascal: 5, pH: [4, 12], tolerates: { ...YES, chlorine: 'short', solvent: 'no', heat: 'no' }, foot: 'with-care', conditions: ['cracked', 'brittle'], sorptivity: drinks(COATED) },
  { ...TILES, id: 'fibre-cement', name: 'Fibre-cement of unknown age', synonyms: ['asbestos cement', 'fiber cement', 'corrugated cement sheet', 'old cement sheet'], finishes: ['bare', 'painted'], brush: 'none', sorptivity: drinks(0.03), handOver: 'It may hold asbestos: nothing is brushed, jetted or broken; licensed specialists test it first.' },
  { ...TILES, id: 'new-fibre-cement', roofWay: 'soft-wash', name: 'Fibre-cement, known to be free of asbestos', synonyms: ['new fibre cement', 'fibre cement boards', 'fibre cement cladding', 'modern fibre cement'], finishes: ['painted', 'bare'], jetLimitKilopascal: 10, pH: [3, 12.5], thirstFactor: 1.1, conditions: ['cracked', 'hairline', 'chalking', 'flaking'], sorptivity: drinks(0.02), source: `${TRADE}; the date stamp on its back or the bill of the roofer says so` },
  { ...TILES, id: 'zinc-roof', roofWay: 'rinsed', name: 'Zinc roof, bare', synonyms: ['bare zinc roof', 'standing seam', 'tin roof', 'zinc roof'], finishes: ['bare'], rough: false, thirstFactor: 0.7, jetLimitKilopascal: 5, pH: [6, 10], tolerates: { ...YES, chlorine: 'no', heat: 'no' }, brush: 'none', conditions: ['corroded', 'historic'], sorptivity: drinks(COATED) },
  { ...TILES, id: 'thatch', name: 'Thatch', synonyms: ['reed roof', 'straw roof', 'thatched roof'], finishes: ['bare'], jetLimitKilopascal: 0.5, tolerates: { chlorine: 'no', peroxide: 'short', solvent: 'no', heat: 'no' }, brush: 'none', sorptivity: drinks(0.1), handOver: 'Thatch is a thatcher’s work: water and force shorten its life.' },
], { values: ['synonyms'] }); // prettier-ignore
