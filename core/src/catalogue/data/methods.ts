import type { Method, NeutraliseTemplate, PreWetTemplate, RateRange, WorkTemplate } from '../method.ts';

const rate = (lowSquareMetresPerHour: number, highSquareMetresPerHour: number): RateRange => ({
  lowSquareMetresPerHour,
  highSquareMetresPerHour,
});
const APPLY = rate(250, 400);
const RINSE = rate(150, 250);
const PRE_WET = rate(300, 500);

const rinse: WorkTemplate = {
  kind: 'rinse',
  tool: 'garden-hose',
  rate: RINSE,
  direction: 'top-down',
  checks: ['Water runs off clear and no longer foams.'],
};
const preWet = (minutes: number): PreWetTemplate => ({
  kind: 'pre-wet',
  tool: 'garden-hose',
  rate: PRE_WET,
  minutes,
  onlyIfThirsty: true,
});
const brushOff: WorkTemplate = {
  kind: 'clear',
  tool: 'broom',
  rate: rate(150, 300),
  direction: 'top-down',
  checks: ['Loose growth, leaves and grit are off before anything wet.'],
};
const restAcid = (agent: string): NeutraliseTemplate => ({
  kind: 'neutralise',
  agent,
  tool: 'low-pressure-sprayer',
  rate: APPLY,
  litresPerSquareMetre: 0.3,
  reading: 'pH strip reads 6 to 8',
});
const wideFanOnWood: WorkTemplate = {
  kind: 'wash',
  tool: 'wide-fan',
  rate: rate(15, 25),
  direction: 'top-down',
  checks: ['No fibre stands up: if one does, go to garden force.'],
};

const TRADE = 'trade default';
const GROWTH_CHECKS = ['Green turns brown or white.', 'No part dries: mist it at once if it does.'];

export const METHODS: readonly Method[] = [
  {
    id: 'soft-wash-hypochlorite', name: 'Soft wash with hypochlorite', treats: { 'green-algae': 5, mildew: 5, 'red-algae': 5, lichen: 3, moss: 3, 'leaf-tannin': 3 }, families: ['render', 'metal', 'stone', 'timber', 'masonry', 'roofing', 'plastic'],
    surfaceRisk: 1, harmAround: 4, slowness: 1, chainOrder: 'growth',
    why: 'Kills and bleaches growth in minutes at garden force.', expectation: null, source: TRADE,
    stages: [
      preWet(5),
      { kind: 'apply', agent: 'hypochlorite', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [5, 8, 10, 15], dwellMinutes: { from: 8, to: 15 }, litresPerSquareMetre: 0.2, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: GROWTH_CHECKS, stopWhen: 'The tint is gone, or two applications have changed nothing more.', ifNotEnough: 'Apply again while still wet at the same strength; stronger only on the spots that stay.' },
      rinse,
    ],
  },
  {
    id: 'pre-treat-and-surface-clean', name: 'Hypochlorite pre-treatment and surface cleaner', treats: { 'green-algae': 5, mildew: 5, 'red-algae': 5, lichen: 4, moss: 5 }, families: ['concrete'],
    surfaceRisk: 2, harmAround: 4, slowness: 1, chainOrder: 'growth',
    why: 'The pre-treatment loosens growth so that the machine travels fast.', expectation: null, source: TRADE,
    stages: [
      brushOff,
      { kind: 'apply', agent: 'hypochlorite', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [15, 20, 25, 30], dwellMinutes: { from: 10, to: 20 }, litresPerSquareMetre: 0.25, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: false, covered: false, checks: GROWTH_CHECKS, stopWhen: 'The green is gone before the machine comes.', ifNotEnough: 'Apply again while still wet.' },
      { kind: 'wash', tool: 'surface-cleaner-50', rate: rate(100, 140), direction: 'top-down', checks: ['No stripes between passes.'] },
      rinse,
    ],
  },
  {
    id: 'surface-clean-water-only', name: 'Surface cleaner, water only', treats: { 'green-algae': 3, mildew: 3, 'red-algae': 3, moss: 4, mud: 5, pollen: 5, 'bird-droppings': 4 }, families: ['concrete', 'stone'],
    surfaceRisk: 3, harmAround: 1, slowness: 2, chainOrder: 'growth',
    why: 'No chemistry: right where joints are sound and run-off reaches water.', expectation: 'Without chemistry growth comes back within the season.', source: TRADE,
    stages: [brushOff, { kind: 'wash', tool: 'surface-cleaner-50', rate: rate(60, 90), direction: 'top-down', checks: ['No stripes between passes.'] }, rinse],
  },
  {
    id: 'oxygen-wash-wood', name: 'Oxygen wash and brightener', treats: { 'green-algae': 5, mildew: 5, 'red-algae': 5, lichen: 2, moss: 3, 'timber-greying': 5 }, families: ['timber'],
    surfaceRisk: 2, harmAround: 2, slowness: 3, chainOrder: 'growth',
    why: 'Lifts growth and grey from wood without chlorine; the brightener neutralises and brings the colour back.', expectation: 'Boards dry lighter than they look wet; the tone evens out over weeks.', source: TRADE,
    stages: [
      brushOff,
      { kind: 'apply', agent: 'percarbonate', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [60, 80, 100, 120], dwellMinutes: { from: 12, to: 25 }, litresPerSquareMetre: 0.25, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'film', clings: true, covered: false, checks: ['It fizzes; keep it damp.', 'Look at it at half the dwell.'], stopWhen: 'Growth wipes off with a finger.', ifNotEnough: 'Brush and apply again while wet.' },
      wideFanOnWood,
      rinse,
      { kind: 'apply', agent: 'oxalic-acid', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [30, 40, 50, 60], dwellMinutes: { from: 10, to: 20 }, litresPerSquareMetre: 0.15, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: false, covered: false, checks: ['Dark wood turns light.'], stopWhen: 'The colour is even.', ifNotEnough: 'Accept: a second brightening bleaches.' },
      { ...rinse, checks: ['pH strip on the wet board reads 5 to 8.'] },
    ],
  },
  {
    id: 'oxygen-soft-wash-wood', name: 'Oxygen wash by soft brush', treats: { 'green-algae': 4, mildew: 4, 'red-algae': 4, lichen: 2, moss: 3, 'timber-greying': 4 }, families: ['timber'],
    surfaceRisk: 1, harmAround: 1, slowness: 4, chainOrder: 'growth',
    why: 'No jet at all: a soft brush and garden force keep weak fibres down.', expectation: 'Grey stays where fibres are weak: brushing harder would tear them.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'percarbonate', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [60, 80, 100, 120], dwellMinutes: { from: 12, to: 25 }, litresPerSquareMetre: 0.25, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'film', clings: true, covered: false, checks: ['It fizzes; keep it damp.', 'Look at it at half the dwell.'], stopWhen: 'Growth wipes off with a finger.', ifNotEnough: 'Brush and apply again while wet.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(40, 70), direction: 'top-down', checks: ['With the grain, no pressure.'] },
      rinse,
    ],
  },
  {
    id: 'alkaline-scrub-painted-metal', name: 'Mild alkaline scrub, rinsed as you go', treats: { 'green-algae': 4, mildew: 4, 'red-algae': 4, 'mineral-oil': 3 }, families: ['metal'],
    surfaceRisk: 2, harmAround: 2, slowness: 2, chainOrder: 'growth',
    why: 'Takes chalk and growth off coated metal with no jet; short contact stays within what sound paint stands.', expectation: 'Oxidised paint looks darker and even after washing; gloss does not come back.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'metasilicate', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [15, 25, 40, 60], dwellMinutes: { from: 0.5, to: 5 }, litresPerSquareMetre: 0.12, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'film', clings: true, covered: false, checks: ['Run-off in the colour of the paint shows that the chalk comes.'], stopWhen: 'The brush glides and run-off is clear.', ifNotEnough: 'A second pass at the same strength.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(40, 70), direction: 'top-down', checks: ['Overlapping passes, no dry brush.'] },
      rinse,
    ],
  },
  {
    id: 'alkaline-scrub-growth', name: 'Mild alkaline wash by brush', treats: { 'green-algae': 3, mildew: 3, 'red-algae': 3, 'mineral-oil': 3, moss: 3 }, families: ['render', 'stone', 'concrete', 'masonry'],
    surfaceRisk: 2, harmAround: 2, slowness: 3, chainOrder: 'alkali',
    why: 'Without chlorine, for faces near water or planting and for light oil.', expectation: null, source: TRADE,
    stages: [
      { kind: 'apply', agent: 'metasilicate', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [15, 25, 40, 60], dwellMinutes: { from: 3, to: 10 }, litresPerSquareMetre: 0.2, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: ['The film turns to a grey slurry.'], stopWhen: 'The brush picks up nothing more.', ifNotEnough: 'Brush and apply again while wet.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(25, 45), direction: 'top-down', checks: ['Overlapping passes.'] },
      rinse,
    ],
  },
  {
    id: 'neutral-soak-stone', name: 'Neutral biocidal cleaner, soaked', treats: { 'green-algae': 4, mildew: 4, 'red-algae': 4, lichen: 4, moss: 3, 'black-crust': 2, 'bird-droppings': 4 }, families: ['stone'],
    surfaceRisk: 1, harmAround: 2, slowness: 5, chainOrder: 'growth',
    why: 'Old stone keeps its face: no salt, no acid, no force, only water, time and a soft brush.', expectation: 'The stone goes on clearing for weeks; incomplete and intact is the aim.', source: TRADE,
    stages: [
      preWet(10),
      { kind: 'apply', agent: 'neutral-biocidal', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [1000, 1000, 1000, 1000], dwellMinutes: { from: 10, to: 30 }, litresPerSquareMetre: 0.2, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'film', clings: true, covered: false, checks: ['It stays wet all the time.', 'Growth swells and wipes off.'], stopWhen: 'Growth wipes off, or the face begins to shed grains.', ifNotEnough: 'Repeat on another day; never stronger.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(20, 40), direction: 'top-down', checks: ['No grains in the brush.'] },
      { ...rinse, checks: ['Garden force only; water runs clear.'] },
    ],
  },
  {
    id: 'leave-on-biocide', name: 'Leave-on biocide', treats: { 'green-algae': 2, mildew: 2, 'red-algae': 2, lichen: 4, moss: 3 }, families: ['render', 'stone', 'concrete', 'masonry', 'roofing'],
    surfaceRisk: 1, harmAround: 3, slowness: 1, chainOrder: 'leave-on',
    why: 'No water and no force: rain carries dead growth off over the seasons.', expectation: 'Nothing is seen at first: growth browns within weeks and goes within 6 to 18 months.', source: TRADE,
    stages: [
      brushOff,
      { kind: 'apply', agent: 'quaternary-biocide', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [10, 15, 20, 25], dwellMinutes: { from: 0, to: 1440 }, litresPerSquareMetre: 0.25, coats: 1, rate: rate(100, 150), direction: 'bottom-up', leaveOn: true, needs: 'not-dry', clings: false, covered: false, checks: ['The face is dry before, evenly wet after.'], stopWhen: 'The face is evenly wet.', ifNotEnough: 'Review after 6 months.' },
    ],
  },
  {
    id: 'lichen-spot-hypochlorite', name: 'Strong hypochlorite on the spots', treats: { lichen: 4 }, families: ['stone', 'concrete', 'masonry'],
    surfaceRisk: 2, harmAround: 5, slowness: 2, chainOrder: 'growth',
    why: 'Same-day result on stubborn discs; local only.', expectation: null, source: TRADE,
    stages: [
      { kind: 'apply', agent: 'hypochlorite', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [40, 40, 50, 60], dwellMinutes: { from: 15, to: 20 }, litresPerSquareMetre: 0.2, coats: 1, rate: rate(100, 200), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: GROWTH_CHECKS, stopWhen: 'Discs are white throughout.', ifNotEnough: 'Repeat on the spots while wet.' },
      { kind: 'agitate', tool: 'stiff-brush', rate: rate(30, 50), direction: 'top-down', checks: ['Discs brush off whole.'] },
      rinse,
    ],
  },
  {
    id: 'degrease-caustic-hot', name: 'Caustic degreaser and hot water', treats: { 'mineral-oil': 5, 'tyre-marks': 3, bitumen: 2, 'cooking-grease': 5 }, families: ['concrete', 'stone', 'render', 'metal', 'timber', 'masonry'],
    surfaceRisk: 3, harmAround: 4, slowness: 2, chainOrder: 'alkali',
    why: 'Turns oil into soap; hot water carries it out of the pores.', expectation: null, source: TRADE,
    stages: [
      { kind: 'apply', agent: 'caustic', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [20, 25, 30, 40], dwellMinutes: { from: 10, to: 15 }, litresPerSquareMetre: 0.3, coats: 1, rate: rate(150, 250), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: false, covered: false, checks: ['Foam turns brown.'], stopWhen: 'Water no longer beads.', ifNotEnough: 'Repeat on the spots.' },
      { kind: 'wash', tool: 'hot-fan', rate: rate(40, 70), direction: 'top-down', checks: ['Steam and run-off away from people.'] },
      rinse,
    ],
  },
  {
    id: 'rust-oxalic', name: 'Oxalic acid on rust', treats: { 'surface-rust': 4, 'leaf-tannin': 4, 'iron-clay': 4, 'fertiliser-rust': 4, 'manganese-stain': 3 }, families: ['concrete', 'stone', 'render', 'timber', 'metal', 'masonry', 'glass', 'roofing', 'plastic'],
    surfaceRisk: 2, harmAround: 3, slowness: 2, chainOrder: 'acid',
    why: 'Lifts surface rust without etching and without chlorides.', expectation: null, source: TRADE,
    stages: [
      preWet(5),
      { kind: 'apply', agent: 'oxalic-acid', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [40, 50, 65, 80], dwellMinutes: { from: 3, to: 10 }, litresPerSquareMetre: 0.2, coats: 1, rate: rate(150, 250), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: false, covered: false, checks: ['Brown turns yellow, then goes.'], stopWhen: 'The brown is gone, or two passes have changed nothing more.', ifNotEnough: 'Repeat once on the spots; what stays comes from inside.' },
      rinse,
      restAcid('sodium-bicarbonate'),
      rinse,
    ],
  },
  {
    id: 'rust-phosphoric', name: 'Phosphoric acid on rust', treats: { 'surface-rust': 5, 'iron-clay': 4 }, families: ['concrete', 'stone', 'render', 'metal'],
    surfaceRisk: 4, harmAround: 4, slowness: 1, chainOrder: 'acid',
    why: 'Stronger than oxalic on heavy crusts.', expectation: 'The face may look lighter where the crust sat; whole panels keep the colour even.', source: TRADE,
    stages: [
      preWet(5),
      { kind: 'apply', agent: 'phosphoric-acid', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [100, 120, 150, 200], dwellMinutes: { from: 3, to: 8 }, litresPerSquareMetre: 0.2, coats: 1, rate: rate(150, 250), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: false, covered: false, checks: ['Brown turns grey.'], stopWhen: 'The crust wipes off.', ifNotEnough: 'Repeat once on the spots.' },
      rinse,
      restAcid('sodium-bicarbonate'),
      rinse,
    ],
  },
  {
    id: 'rust-citrate-gel', name: 'Neutral citrate gel on rust', treats: { 'surface-rust': 3, 'copper-stain': 3, 'fertiliser-rust': 3, 'manganese-stain': 2 }, families: ['stone', 'render', 'metal', 'concrete', 'masonry', 'glass', 'timber', 'roofing', 'plastic'],
    surfaceRisk: 1, harmAround: 1, slowness: 5, chainOrder: 'acid',
    why: 'Binds iron at neutral pH, so that stone which acid would etch keeps its face.', expectation: 'A pale shadow may stay; a second laying on another day lightens it.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'citrate-gel', tool: 'paddle-and-film', strengthGramsPerLitre: [1000, 1000, 1000, 1000], dwellMinutes: { from: 30, to: 90 }, litresPerSquareMetre: 2, coats: 1, rate: rate(10, 20), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: true, checks: ['The gel turns purple where it works.', 'The film stays closed.'], stopWhen: 'The gel no longer colours.', ifNotEnough: 'Lay it again on another day.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(20, 40), direction: 'top-down', checks: ['Gel is lifted off before rinsing.'] },
      rinse,
    ],
  },
  {
    id: 'hand-scrape-roof', name: 'Scrape by hand, then leave-on biocide', treats: { moss: 4, lichen: 3, 'green-algae': 2, mildew: 2, 'red-algae': 2 }, families: ['roofing'],
    surfaceRisk: 1, harmAround: 3, slowness: 5, chainOrder: 'leave-on',
    why: 'No jet and no feet on the tiles: cushions come off by hand, the biocide keeps the rest from growing.', expectation: 'Stains of the roots go within 6 to 18 months.', source: TRADE,
    stages: [
      { kind: 'clear', tool: 'hand-scraper', rate: rate(8, 15), direction: 'top-down', checks: ['Gutters are clear of pieces.', 'Cracked and slipped tiles are noted and shown.'] },
      { kind: 'apply', agent: 'quaternary-biocide', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [10, 15, 20, 25], dwellMinutes: { from: 0, to: 1440 }, litresPerSquareMetre: 0.25, coats: 1, rate: rate(100, 150), direction: 'bottom-up', leaveOn: true, needs: 'not-dry', clings: false, covered: false, checks: ['The face is dry before, evenly wet after.'], stopWhen: 'The face is evenly wet.', ifNotEnough: 'Review after 6 months.' },
    ],
  },
  {
    id: 'neutral-wash', name: 'Neutral wash by soft brush', treats: { 'traffic-soot': 4, 'green-algae': 2, mildew: 2, 'red-algae': 2, lichen: 1, moss: 2, 'mineral-oil': 2, 'tyre-marks': 1, 'iron-clay': 2, mud: 5, pollen: 5, cobwebs: 5, 'bird-droppings': 4, 'salt-spray': 5, urine: 3, smoke: 3, 'cooking-grease': 3, 'tree-sap': 2, 'timber-greying': 1, 'black-crust': 1 }, families: ['render', 'masonry', 'stone', 'concrete', 'timber', 'metal', 'roofing', 'glass', 'plastic'],
    surfaceRisk: 1, harmAround: 1, slowness: 2, chainOrder: 'alkali',
    why: 'Soot and film come off with soap, water and a soft brush; nothing on the face is attacked.', expectation: null, source: TRADE,
    stages: [
      { kind: 'apply', agent: 'neutral-detergent', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [5, 10, 20, 30], dwellMinutes: { from: 2, to: 10 }, litresPerSquareMetre: 0.2, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'film', clings: true, covered: false, checks: ['Foam turns grey.'], stopWhen: 'The brush picks up nothing more.', ifNotEnough: 'A second pass at the same strength.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(40, 70), direction: 'top-down', checks: ['Overlapping passes, no dry brush.'] },
      rinse,
    ],
  },
  {
    id: 'descale-sulfamic', name: 'Sulfamic acid on scale', treats: { 'hard-water-scale': 5, 'cement-haze': 4, efflorescence: 2 }, families: ['render', 'masonry', 'stone', 'concrete', 'timber', 'metal', 'roofing', 'glass', 'plastic'],
    surfaceRisk: 2, harmAround: 3, slowness: 2, chainOrder: 'acid',
    why: 'Dissolves lime scale without chlorides and without scraping.', expectation: null, source: TRADE,
    stages: [
      preWet(5),
      { kind: 'apply', agent: 'sulfamic-acid', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [20, 30, 50, 80], dwellMinutes: { from: 2, to: 8 }, litresPerSquareMetre: 0.15, coats: 1, rate: rate(150, 250), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: false, covered: false, checks: ['It fizzes while it works.'], stopWhen: 'The fizzing ends, or two passes have changed nothing more.', ifNotEnough: 'Repeat once; a haze that stays is etched.' },
      rinse,
      restAcid('sodium-bicarbonate'),
      rinse,
    ],
  },
  {
    id: 'remover-in-coats', name: 'Masonry remover in thin coats', treats: { 'spray-paint': 5, 'felt-tip': 4, bitumen: 4 }, families: ['masonry', 'stone', 'concrete', 'roofing'],
    surfaceRisk: 3, harmAround: 4, slowness: 4, chainOrder: 'alkali',
    why: 'Several thin coats with short dwells lift the film without driving the colour into the pores.', expectation: 'A shadow may stay; a shadow remover comes only after the film is off.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'masonry-remover', tool: 'flat-brush', strengthGramsPerLitre: [1000, 1000, 1000, 1000], dwellMinutes: { from: 3, to: 15 }, litresPerSquareMetre: 0.2, coats: 3, rate: rate(25, 40), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: ['The colour runs under the brush.'], stopWhen: 'A white cloth takes no more colour.', ifNotEnough: 'One more thin coat; then accept the shadow.' },
      { kind: 'agitate', tool: 'stiff-brush', rate: rate(6, 10), direction: 'top-down', checks: ['Own brush; no wire.'] },
      rinse,
    ],
  },
  {
    id: 'mild-remover-wiped', name: 'Mild remover, wiped', treats: { 'spray-paint': 3, 'felt-tip': 5, bitumen: 3, 'poster-glue': 4, 'silicone-smears': 3, 'paint-drips': 3, 'tree-sap': 4 }, families: ['metal', 'render', 'glass', 'timber', 'masonry', 'stone', 'plastic'],
    surfaceRisk: 2, harmAround: 2, slowness: 3, chainOrder: 'alkali',
    why: 'Softens the tag and leaves a sound coating hard.', expectation: 'Gloss may be duller where the tag was.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'mild-remover', tool: 'flat-brush', strengthGramsPerLitre: [1000, 1000, 1000, 1000], dwellMinutes: { from: 1, to: 8 }, litresPerSquareMetre: 0.15, coats: 1, rate: rate(25, 40), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: ['The coating below stays hard under a fingernail.'], stopWhen: 'The cloth takes no more colour, or the coating softens.', ifNotEnough: 'A second coat; never longer.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(6, 10), direction: 'top-down', checks: ['Wiped upwards, cloths changed often.'] },
      rinse,
    ],
  },
  {
    id: 'brush-off-bloom', name: 'Brush off dry', treats: { efflorescence: 4, 'salt-spray': 2, cobwebs: 3 }, families: ['render', 'masonry', 'stone', 'concrete', 'timber', 'metal', 'roofing', 'glass', 'plastic'],
    surfaceRisk: 1, harmAround: 1, slowness: 3, chainOrder: 'growth',
    why: 'Salts that are taken off dry do not go back in: water only carries them inwards.', expectation: null, source: TRADE,
    stages: [{ kind: 'clear', tool: 'soft-brush', rate: rate(20, 40), direction: 'top-down', checks: ['Swept up and taken away, not washed down.'] }],
  },
  {
    id: 'scrape-off', name: 'Lift off by hand with a scraper', treats: { 'chewing-gum': 4, 'poster-glue': 2, 'silicone-smears': 3, 'paint-drips': 2, 'ivy-pads': 3, 'bird-droppings': 2, 'tree-sap': 1 }, families: ['render', 'masonry', 'stone', 'concrete', 'timber', 'metal', 'roofing', 'glass', 'plastic'],
    surfaceRisk: 1, harmAround: 1, slowness: 5, chainOrder: 'growth',
    why: 'A plastic scraper and patience: no chemistry, nothing in the joints.', expectation: null, source: TRADE,
    stages: [{ kind: 'clear', tool: 'hand-scraper', rate: rate(4, 10), direction: 'top-down', checks: ['The scraper is plastic; the face below is whole.'] }],
  },
  {
    id: 'weed-by-hand', name: 'Weed by hand and hook', treats: { weeds: 4, moss: 2 }, families: ['render', 'masonry', 'stone', 'concrete', 'timber', 'metal', 'roofing', 'glass', 'plastic'],
    surfaceRisk: 1, harmAround: 1, slowness: 5, chainOrder: 'growth',
    why: 'Roots and all, without a licence and beside any water.', expectation: 'Seeds blow in again: a sweep twice a year keeps joints clean.', source: TRADE,
    stages: [{ kind: 'clear', tool: 'broom', rate: rate(15, 40), direction: 'top-down', checks: ['Roots come with the leaf; joints are refilled where they were emptied.'] }],
  },
  {
    id: 'neutral-rinse', name: 'Neutral wash without a brush', treats: { 'traffic-soot': 2, 'green-algae': 1, mildew: 1, 'red-algae': 1, mud: 4, pollen: 4, cobwebs: 3, 'bird-droppings': 3, 'salt-spray': 4 }, families: ['metal', 'roofing', 'glass', 'plastic', 'stone', 'render'],
    surfaceRisk: 1, harmAround: 1, slowness: 2, chainOrder: 'alkali',
    why: 'For patina, granules and soft faces that no brush may touch.', expectation: 'What the water does not take stays.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'neutral-detergent', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [5, 8, 10, 15], dwellMinutes: { from: 3, to: 10 }, litresPerSquareMetre: 0.2, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: ['No part dries.'], stopWhen: 'Two applications have changed nothing more.', ifNotEnough: 'Leave it: force would take the face.' },
      rinse,
    ],
  },
]; // prettier-ignore
