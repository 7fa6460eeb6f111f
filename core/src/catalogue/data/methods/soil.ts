import type { Method } from '../../method.ts';
import { rate, APPLY, rinse, brushOff, TRADE, apply, bulk, work, preWet } from './stage-parts.ts';

/** Against soil, soot, smoke, droppings. */
export const SOIL_METHODS: readonly Method[] = [
  {
    id: 'neutral-wash', name: 'Neutral wash by soft brush', treats: { 'traffic-soot': 4, biofilm: 3, sludge: 4, litter: 3, faeces: 3, 'tiger-stripes': 2, 'paint-chalk': 3, 'tannin-bleed': 1, 'green-algae': 2, mildew: 2, 'red-algae': 2, lichen: 1, moss: 2, 'mineral-oil': 2, 'tyre-marks': 1, 'iron-clay': 2, mud: 5, pollen: 5, cobwebs: 5, 'bird-droppings': 4, 'salt-spray': 5, urine: 3, smoke: 3, 'cooking-grease': 3, 'tree-sap': 2, 'timber-greying': 1, 'black-crust': 1 }, families: ['render', 'masonry', 'stone', 'concrete', 'timber', 'metal', 'roofing', 'glass', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'alkali',
    why: 'Soot and film come off with soap, water and a soft brush; nothing on the surface is attacked.', expectation: null, source: TRADE,
    stages: [
      preWet(5),
      { kind: 'apply', agent: 'neutral-detergent', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [5, 10, 20, 30], strengthBand: { weakest: [4, 8, 12, 20], strongest: [20, 20, 30, 30] }, dwellMinutes: { from: 2, to: 10 }, litresPerSquareMetre: 0.2, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'film', clings: true, covered: false, checks: ['Foam turns grey.'], stopWhen: 'The brush picks up nothing more.', ifNotEnough: 'A second pass at the same strength.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(40, 70), direction: 'top-down', checks: ['Overlapping passes, no dry brush.'] },
      rinse,
    ],
  },
  {
    id: 'neutral-rinse', name: 'Neutral wash without a brush', treats: { 'traffic-soot': 2, biofilm: 2, sludge: 3, 'green-algae': 1, mildew: 1, 'red-algae': 1, mud: 4, pollen: 4, cobwebs: 3, 'bird-droppings': 3, 'salt-spray': 4 }, families: ['metal', 'roofing', 'glass', 'plastic', 'stone', 'render'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'alkali',
    why: 'For patina, granules and soft surfaces that no brush may touch.', expectation: 'What the water does not take stays.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'neutral-detergent', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [5, 8, 10, 15], strengthBand: { weakest: [4, 6, 8, 10], strongest: [10, 12, 15, 15] }, dwellMinutes: { from: 3, to: 10 }, litresPerSquareMetre: 0.2, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: ['No part dries.'], stopWhen: 'Two applications have made no more difference.', ifNotEnough: 'Leave it: force would take the surface.' },
      rinse,
    ],
  },
  {
    id: 'glass-wash', name: 'Glass wash by brush and squeegee', treats: { pollen: 5, mud: 5, cobwebs: 5, 'bird-droppings': 4, 'salt-spray': 5, 'traffic-soot': 5, smoke: 5, 'cooking-grease': 4, urine: 3 }, families: ['glass'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'alkali',
    why: 'Nothing dries on the pane: wetted, brushed, drawn off.', expectation: null, source: TRADE,
    stages: [
      rinse,
      apply('glass-cleaner', [5, 8, 12, 20], [0.5, 3], { checks: ['No grit under the brush.'], stopWhen: 'The pane is even.', ifNotEnough: 'One more application while still wet, then leave it.', needs: 'film' }),
      work('agitate', 'soft-brush', [60, 100], 'No dry brush.'),
      { ...work('rinse', 'squeegee', [40, 80], 'One stroke beside the other.'), task: 'Rinse and pull dry' },
    ],
  },
  {
    id: 'pole-brush-water', name: 'Soft brush on a pole, water only', treats: { pollen: 5, mud: 4, cobwebs: 5, 'bird-droppings': 3, 'salt-spray': 5, 'green-algae': 2, mildew: 1, 'red-algae': 2 }, families: ['glass', 'plastic', 'metal', 'render'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'From the ground, with nothing but water: for panels, cladding and high glass.', expectation: 'Growth comes back sooner than after a cleaner.', source: TRADE,
    stages: [
      { ...work('wash', 'pole-brush', [50, 90], 'Nobody below; no grit in the brush.'), task: 'Wash with pole and brush' },
      rinse,
    ],
  },
  {
    id: 'sweep-dry', name: 'Sweep and shovel, dry', treats: { litter: 5, mud: 3, sludge: 3, pollen: 3, cobwebs: 4 }, families: ['concrete', 'stone', 'timber', 'roofing', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'Solids are lifted before anything is wet.', expectation: null, source: TRADE,
    stages: [
      brushOff,
    ],
  },
  {
    id: 'vacuum-dry', name: 'Vacuum, dry', treats: { litter: 3, mud: 3, pollen: 4, cobwebs: 4, smoke: 2 }, families: ['concrete', 'stone', 'timber', 'masonry', 'render', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'Where nothing may get wet or be blown about.', expectation: null, source: TRADE,
    stages: [
      { ...work('clear', 'wet-vacuum', [20, 40], 'Droppings and old paint are never vacuumed here: they go to specialists.'), task: 'Vacuum up' },
    ],
  },
  {
    id: 'droppings-wet-lift', name: 'Droppings wetted, lifted wet, rinsed', treats: { 'bird-droppings': 5, faeces: 5 }, families: ['masonry', 'stone', 'concrete', 'render', 'timber', 'roofing', 'plastic', 'metal', 'glass'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'alkali',
    why: 'Nothing becomes dust: what is breathed in from dry droppings makes ill.', expectation: null, source: TRADE,
    stages: [
      preWet(2),
      apply('hydrogen-peroxide', [30, 30, 30, 30], [5, 15], { checks: ['Wet through before anything is touched; more than a bucket, or a roost: stop, that is a specialist’s.'], stopWhen: 'It is soft all through.', ifNotEnough: 'Wet it once more; never scrape it dry.', litresPerSquareMetre: 0.3 }),
      { ...work('agitate', 'soft-brush', [15, 30], 'Lifted wet into bags, nothing flies.'), task: 'Lift off wet into bags' },
      rinse,
    ],
  },
  {
    id: 'disinfect-pad', name: 'Flush, then disinfect', treats: { urine: 4, 'bird-droppings': 4, faeces: 4 }, families: ['concrete'],
    surfaceRisk: 2, harmAround: 4, chainOrder: 'growth',
    why: 'Flushed with water first: chlorine and urine release gas. On a pad that is clean of grease a weak mix does.', expectation: null, source: TRADE,
    stages: [
      { ...work('rinse', 'garden-hose', [60, 100], 'No smell of ammonia is left; air moves through.'), task: 'Flush away' },
      apply('hypochlorite', [5, 6, 8, 10], [10, 20], { checks: ['No grease is left; no smell of ammonia; nobody downwind.'], stopWhen: 'The time is up.', ifNotEnough: 'Flush and once more.' }),
      rinse,
    ],
  },
  {
    id: 'gutter-clear', name: 'Gutters cleared by vacuum', treats: { 'gutter-silt': 5 }, families: ['metal', 'plastic', 'roofing', 'timber', 'stone', 'concrete'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth', specialGear: true,
    why: 'From the ground, dry, nothing washed into the downpipe.', expectation: 'Gutters fill again with the next leaves.', source: TRADE,
    stages: [
      { ...work('clear', 'gutter-vacuum', [8, 16], 'The camera shows the bottom; the outlet is open; loose brackets are noted.'), task: 'Empty the gutters by vacuum', bulk: bulk('silt and leaves', [1, 4, 10, 20], 'bagged and taken away') },
      { ...rinse, task: 'Flush the gutter and the downpipe', checks: ['Water runs away at the foot of the downpipe.'] },
    ],
  },
  {
    id: 'gutter-by-hand', name: 'Gutters emptied by hand', treats: { 'gutter-silt': 5 }, families: ['metal', 'plastic', 'roofing', 'timber', 'stone', 'concrete'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'Scoop and bucket: nothing is washed into the downpipe.', expectation: 'Gutters fill again with the next leaves.', source: TRADE,
    stages: [
      { ...work('clear', 'hand-scraper', [4, 8], 'The outlet is open; loose brackets are noted; nothing drops on people or plants.'), task: 'Empty the gutters by hand', bulk: bulk('silt and leaves', [1, 4, 10, 20], 'bagged and taken away') },
      { ...rinse, task: 'Flush the gutter and the downpipe', checks: ['Water runs away at the foot of the downpipe.'] },
    ],
  },
  {
    id: 'pure-water-wash', name: 'Pure water from the pole', treats: { pollen: 5, mud: 4, cobwebs: 5, 'bird-droppings': 3, 'salt-spray': 5, 'traffic-soot': 3, biofilm: 2 }, families: ['glass', 'plastic', 'metal'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth', specialGear: true,
    why: 'Dries without a mark and leaves nothing behind: panels, high panes and frames from the ground.', expectation: null, source: TRADE,
    stages: [
      { ...work('wash', 'pure-water-pole', [50, 90], 'Nobody below; no grit in the brush; panels cool to the touch.'), task: 'Wash with pure water from the pole' },
      { ...work('rinse', 'pure-water-pole', [120, 200], 'Water sheets off; left to dry.'), task: 'Rinse from the top with pure water' },
    ],
  },
  {
    id: 'film-remover-foam', name: 'Traffic-film remover, foamed on', treats: { 'traffic-soot': 5, 'tiger-stripes': 4, smoke: 4, 'salt-spray': 4, 'green-algae': 2, mud: 5 }, families: ['metal', 'plastic', 'concrete'],
    surfaceRisk: 2, harmAround: 3, chainOrder: 'alkali',
    why: 'Foam hangs long enough to lift film from coated cladding and gutters without a brush on every part.', expectation: null, source: TRADE,
    stages: [
      apply('traffic-film-remover', [20, 30, 50, 80], [2, 5], { checks: ['Foam turns grey; nothing dries.'], stopWhen: 'The film lets go under a finger.', ifNotEnough: 'A soft brush on what stays, once.', tool: 'foam-lance', needs: 'film' }),
      work('agitate', 'soft-brush', [40, 70], 'Overlapping passes.'),
      rinse,
    ],
  },
  {
    id: 'oxidation-scrub', name: 'Chalk scrubbed off, rinsed as you go', treats: { 'paint-chalk': 5, 'tiger-stripes': 3 }, families: ['metal', 'timber', 'plastic', 'render'],
    surfaceRisk: 2, harmAround: 2, chainOrder: 'alkali', onlyFinishes: ['painted'],
    why: 'Loose chalk is rinsed first; a short alkaline contact and a soft brush take what is left before it can dry.', expectation: 'Paint that has chalked is even afterwards, and its gloss does not come back.', source: TRADE,
    stages: [
      { ...rinse, task: 'Rinse off the loose chalk', checks: ['What runs off is pale: nothing below takes its colour.'] },
      apply('metasilicate', [10, 15, 20, 30], [0.5, 5], { checks: ['Two metres at a time; run-off in the colour of the paint.'], stopWhen: 'The brush glides.', ifNotEnough: 'A second pass at the same strength.', needs: 'film', litresPerSquareMetre: 0.12 }),
      work('agitate', 'soft-brush', [20, 40], 'One pass beside the other, from the bottom up.'),
      rinse,
    ],
  },
  {
    id: 'floor-scrub', name: 'Scrubbed by machine, water taken up', treats: { 'traffic-soot': 4, mud: 5, sludge: 5, 'tyre-marks': 2, 'cooking-grease': 3, 'mineral-oil': 2, urine: 3, biofilm: 3 }, families: ['concrete', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'alkali', specialGear: true, onlyMaterials: ['concrete', 'rubber-paving', 'stamped-concrete', 'porcelain-paving'],
    why: 'Smooth floors where nothing may run into a drain: the machine takes its water up again.', expectation: null, source: TRADE,
    stages: [
      apply('neutral-detergent', [5, 10, 20, 30], [2, 10], { checks: ['Edges are wetted by hand.'], stopWhen: 'The film is soft.', ifNotEnough: 'A second pass at the same strength.', clings: false }),
      { ...work('wash', 'floor-scrubber', [150, 300], 'Soft discs; the tank is emptied before it is full.'), task: 'Scrub by machine' },
    ],
  },
]; // prettier-ignore
