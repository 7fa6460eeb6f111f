import { MATERIAL_FAMILIES } from '../../material.ts';
import type { Method } from '../../method.ts';
import { rate, APPLY, rinse, brushOff, TRADE, apply, work, preWet } from './stage-parts.ts';

/** Against soil, soot, smoke, droppings. */
export const SOIL_METHODS: readonly Method[] = [
  {
    id: 'neutral-wash', name: 'Neutral wash by soft brush', treats: { 'traffic-soot': 4, 'green-algae': 2, mildew: 2, 'red-algae': 2, lichen: 1, moss: 2, 'mineral-oil': 2, 'tyre-marks': 1, 'iron-clay': 2, mud: 5, pollen: 5, cobwebs: 5, 'bird-droppings': 4, 'salt-spray': 5, urine: 3, smoke: 3, 'cooking-grease': 3, 'tree-sap': 2, 'timber-greying': 1, 'black-crust': 1 }, families: ['render', 'masonry', 'stone', 'concrete', 'timber', 'metal', 'roofing', 'glass', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'alkali',
    why: 'Soot and film come off with soap, water and a soft brush; nothing on the surface is attacked.', expectation: null, source: TRADE,
    stages: [
      preWet(5),
      { kind: 'apply', agent: 'neutral-detergent', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [5, 10, 20, 30], dwellMinutes: { from: 2, to: 10 }, litresPerSquareMetre: 0.2, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'film', clings: true, covered: false, checks: ['Foam turns grey.'], stopWhen: 'The brush picks up nothing more.', ifNotEnough: 'A second pass at the same strength.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(40, 70), direction: 'top-down', checks: ['Overlapping passes, no dry brush.'] },
      rinse,
    ],
  },
  {
    id: 'neutral-rinse', name: 'Neutral wash without a brush', treats: { 'traffic-soot': 2, 'green-algae': 1, mildew: 1, 'red-algae': 1, mud: 4, pollen: 4, cobwebs: 3, 'bird-droppings': 3, 'salt-spray': 4 }, families: ['metal', 'roofing', 'glass', 'plastic', 'stone', 'render'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'alkali',
    why: 'For patina, granules and soft surfaces that no brush may touch.', expectation: 'What the water does not take stays.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'neutral-detergent', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [5, 8, 10, 15], dwellMinutes: { from: 3, to: 10 }, litresPerSquareMetre: 0.2, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: ['No part dries.'], stopWhen: 'Two applications have made no more difference.', ifNotEnough: 'Leave it: force would take the surface.' },
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
    id: 'sweep-dry', name: 'Sweep and shovel, dry', treats: { mud: 3, pollen: 3, cobwebs: 4 }, families: ['concrete', 'stone', 'timber', 'roofing', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'Solids are lifted before anything is wet.', expectation: null, source: TRADE,
    stages: [
      brushOff,
    ],
  },
  {
    id: 'vacuum-dry', name: 'Vacuum, dry', treats: { mud: 3, pollen: 4, cobwebs: 4, smoke: 2 }, families: MATERIAL_FAMILIES,
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'Where nothing may get wet or be blown about.', expectation: null, source: TRADE,
    stages: [
      { ...work('clear', 'wet-vacuum', [20, 40], 'Droppings and old paint are never vacuumed here: they go to specialists.'), task: 'Vacuum up' },
    ],
  },
  {
    id: 'droppings-wet-lift', name: 'Droppings wetted, lifted wet, rinsed', treats: { 'bird-droppings': 5 }, families: ['masonry', 'stone', 'concrete', 'render', 'timber', 'roofing', 'plastic', 'metal', 'glass'],
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
    id: 'disinfect-pad', name: 'Flush, then disinfect', treats: { urine: 4, 'bird-droppings': 4, 'cooking-grease': 2 }, families: ['concrete'],
    surfaceRisk: 2, harmAround: 4, chainOrder: 'growth',
    why: 'Flushed with water first: chlorine and urine release gas.', expectation: null, source: TRADE,
    stages: [
      { ...work('rinse', 'garden-hose', [60, 100], 'No smell of ammonia is left; air moves through.'), task: 'Flush away' },
      apply('hypochlorite', [20, 22, 25, 30], [10, 20], { checks: ['No smell of ammonia; nobody downwind.'], stopWhen: 'The time is up.', ifNotEnough: 'Flush and once more.' }),
      rinse,
    ],
  },
]; // prettier-ignore
