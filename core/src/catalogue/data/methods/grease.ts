import type { Method } from '../../method.ts';
import { rate, rinse, TRADE, apply, bulk, work, preWet } from './stage-parts.ts';

/** Against oil, grease, tar. */
export const GREASE_METHODS: readonly Method[] = [
  {
    id: 'degrease-caustic-hot', name: 'Caustic degreaser and hot water', treats: { 'mineral-oil': 5, 'tyre-marks': 3, bitumen: 2, 'cooking-grease': 5 }, families: ['concrete', 'stone', 'render', 'metal', 'timber', 'masonry'],
    surfaceRisk: 3, harmAround: 4, chainOrder: 'alkali',
    why: 'Turns oil into soap; hot water carries it out of the pores.', expectation: null, source: TRADE,
    stages: [
      { kind: 'apply', agent: 'caustic', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [20, 25, 30, 40], strengthBand: { weakest: [16, 20, 25, 32], strongest: [25, 30, 40, 40] }, dwellMinutes: { from: 10, to: 15 }, litresPerSquareMetre: 0.3, coats: 1, rate: rate(150, 250), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: false, covered: false, checks: ['Foam turns brown.'], stopWhen: 'Water no longer beads.', ifNotEnough: 'Repeat on the spots.' },
      { kind: 'wash', tool: 'hot-fan', rate: rate(40, 70), direction: 'top-down', checks: ['Steam and run-off away from people.'] },
      rinse,
    ],
  },
  {
    id: 'degrease-citrus', name: 'Citrus degreaser', treats: { 'mineral-oil': 3, 'tyre-marks': 3, bitumen: 4, 'tree-sap': 4, 'chewing-gum': 3, 'poster-glue': 4, 'silicone-smears': 2 }, families: ['concrete', 'metal', 'masonry', 'stone', 'timber', 'roofing'],
    surfaceRisk: 2, harmAround: 3, chainOrder: 'alkali',
    why: 'Tar, sap, glue and tyre marks loosen in a mild solvent.', expectation: 'A pale ring may stay on absorbent surfaces.', source: TRADE,
    stages: [
      preWet(5),
      apply('citrus-degreaser', [100, 150, 200, 300], [5, 15], { checks: ['The mark smears under a thumb.'], stopWhen: 'No more colour comes off.', ifNotEnough: 'One more application while still wet, then leave it.', needs: 'film' }),
      work('agitate', 'soft-brush', [15, 30], 'Wiped inwards.'),
      rinse,
    ],
  },
  {
    id: 'degrease-phosphate-hot', name: 'Phosphate and hot water', treats: { 'cooking-grease': 4, 'mineral-oil': 3, 'traffic-soot': 4, mud: 4 }, families: ['concrete', 'stone', 'masonry'],
    surfaceRisk: 3, harmAround: 3, chainOrder: 'alkali',
    why: 'Kitchen yards: milder than caustic, hot water does the rest.', expectation: null, source: TRADE,
    stages: [
      apply('trisodium-phosphate', [30, 40, 50, 60], [5, 15], { checks: ['Foam turns brown.'], stopWhen: 'Water no longer beads.', ifNotEnough: 'Caustic on the spots.' }),
      work('wash', 'hot-fan', [40, 70], 'Run-off away from people.'),
      rinse,
    ],
  },
  {
    id: 'degrease-caustic-brush', name: 'Caustic degreaser by brush', treats: { 'mineral-oil': 4, 'cooking-grease': 4, 'tyre-marks': 2 }, families: ['concrete', 'masonry', 'stone'],
    surfaceRisk: 3, harmAround: 4, chainOrder: 'alkali',
    why: 'Where no hot washer gets to: slower, with a stiff brush.', expectation: 'Deep oil shows again as a shadow after a few days.', source: TRADE,
    stages: [
      apply('caustic', [20, 25, 30, 40], [10, 20], { checks: ['Foam turns brown.'], stopWhen: 'Water no longer beads.', ifNotEnough: 'One more application while still wet, then leave it.', rate: rate(150, 250) }),
      work('agitate', 'stiff-brush', [12, 25], 'Own brush.'),
      rinse,
      work('rinse', 'garden-hose', [60, 100], 'Runs clear.'),
    ],
  },
  {
    id: 'enzyme-soak', name: 'Enzyme cleaner, soaked', treats: { urine: 5, faeces: 4, 'cooking-grease': 3, 'bird-droppings': 3, smoke: 2 }, families: ['masonry', 'stone', 'concrete', 'timber', 'plastic', 'render'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'alkali',
    why: 'Eats what smells, in places where chlorine must not meet urine.', expectation: 'The smell goes over a few days, not at once.', source: TRADE,
    stages: [
      rinse,
      preWet(10),
      apply('enzyme-cleaner', [50, 80, 120, 150], [60, 480], { checks: ['Damp for hours: film over it, or wetted again with the same mix before it dries.'], stopWhen: 'The smell is gone, or the film comes off at the end of the day.', ifNotEnough: 'Once more on another day.', litresPerSquareMetre: 0.4, clings: false, covered: true }),
      rinse,
    ],
  },
  {
    id: 'absorb-oil', name: 'Fresh oil taken up with granules', treats: { 'fresh-oil': 5, 'mineral-oil': 1 }, families: ['concrete', 'stone', 'masonry', 'timber', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'What is taken up dry neither sinks in nor reaches a drain: water would spread it.', expectation: 'What has sunk in before it was taken up stays as a shadow.', source: TRADE,
    stages: [
      { ...work('clear', 'broom', [10, 20], 'Outlet covered first; granules worked in, left for a quarter of an hour, swept up until the broom is dry.'), task: 'Take the oil up with granules', bulk: bulk('oily granules', [2, 4, 8, 15], 'into a closed drum, as oily waste') },
      apply('neutral-detergent', [20, 30, 40, 50], [2, 10], { checks: ['Only on what the granules have left.'], stopWhen: 'Water no longer beads.', ifNotEnough: 'Degreaser, as on old oil.' }),
      work('agitate', 'stiff-brush', [12, 25], 'Own brush.'),
      rinse,
    ],
  },
]; // prettier-ignore
