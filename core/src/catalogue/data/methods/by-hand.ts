import type { Method } from '../../method.ts';
import { rate, TRADE, apply, bulk, wait, work } from './stage-parts.ts';

const WEEDS_OUT = bulk('weeds with their roots', [0.2, 0.5, 1, 2], 'bagged and taken away');

/** Dry, by hand. */
export const HAND_METHODS: readonly Method[] = [
  {
    id: 'brush-off-bloom', name: 'Brush off dry', treats: { efflorescence: 4, 'salt-spray': 2, cobwebs: 3 }, families: ['render', 'masonry', 'stone', 'concrete', 'timber', 'metal', 'roofing', 'glass', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'Salts brushed off dry do not go back in; water would only carry them inwards.', expectation: null, source: TRADE,
    stages: [{ kind: 'clear', task: 'Brush off dry', tool: 'soft-brush', rate: rate(20, 40), direction: 'top-down', checks: ['Swept up and taken away, not washed down.'] }],
  },
  {
    id: 'scrape-off', name: 'Lift off by hand with a scraper', treats: { 'chewing-gum': 4, 'poster-glue': 2, 'silicone-smears': 3, 'paint-drips': 2, 'ivy-pads': 3, 'tree-sap': 1 }, families: ['render', 'masonry', 'stone', 'concrete', 'timber', 'metal', 'roofing', 'glass', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'A plastic scraper and patience: no chemistry, nothing in the joints.', expectation: null, source: TRADE,
    stages: [{ kind: 'clear', task: 'Lift off with a plastic scraper', tool: 'hand-scraper', rate: rate(4, 10), direction: 'top-down', checks: ['The scraper is plastic; the surface below is whole.'] }],
  },
  {
    id: 'weed-by-hand', name: 'Weed by hand and hook', treats: { weeds: 4, moss: 2 }, families: ['masonry', 'stone', 'concrete', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'Roots and all, without a licence and beside any water.', expectation: 'Seeds blow in again: a sweep twice a year keeps joints clean.', source: TRADE,
    stages: [{ kind: 'clear', task: 'Pull weeds by hand, roots too', tool: 'broom', rate: rate(15, 40), direction: 'top-down', checks: ['Roots come out with the leaf; joints that end up empty are refilled.'] }],
  },
  {
    id: 'ivy-brush', name: 'Brush off pads of climbers', treats: { 'ivy-pads': 4, cobwebs: 3 }, families: ['masonry', 'stone', 'concrete'],
    surfaceRisk: 3, harmAround: 1, chainOrder: 'growth',
    why: 'Dry pads come off with a stiff brush; wet ones smear.', expectation: 'Shadows of the pads fade over seasons.', source: TRADE,
    stages: [
      { ...work('clear', 'stiff-brush', [6, 12], 'The surface below stays whole.'), task: 'Brush off the dry pads' },
    ],
  },
  {
    id: 'weed-steam', name: 'Steam on weeds', treats: { weeds: 3 }, families: ['concrete', 'stone', 'masonry'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'Heat kills the green at once, with nothing that reaches the drain.', expectation: 'Roots shoot again: it takes two or three goes a season.', source: TRADE,
    stages: [
      { ...work('wash', 'steam-lance', [15, 30], 'Joints keep their sand.'), task: 'Steam the weeds' },
    ],
  },
  {
    id: 'weed-contact', name: 'Contact weed killer', treats: { weeds: 3 }, families: ['concrete', 'stone', 'masonry'],
    surfaceRisk: 1, harmAround: 3, chainOrder: 'weeds',
    why: 'Burns off the green in days; for young weeds in joints.', expectation: 'Browns within days; old roots shoot again.', source: TRADE,
    stages: [
      apply('pelargonic-weed-killer', [30, 40, 50, 60], [0, 1440], { checks: ['Leaves are dry; no rain for hours.'], stopWhen: 'Every leaf is wet.', ifNotEnough: 'Once more after two weeks.', leaveOn: true, tool: 'backpack-sprayer', litresPerSquareMetre: 0.1, rate: rate(100, 200), clings: false }),
      wait('work', [3, 21], 'The leaf is brown'),
      { ...work('clear', 'broom', [60, 120], 'Dead weeds are out of the joints, with whatever roots came along.'), task: 'Clear out the dead weeds', bulk: WEEDS_OUT },
    ],
  },
  {
    id: 'weed-systemic', name: 'Systemic weed killer', treats: { weeds: 5 }, families: ['concrete', 'stone', 'masonry'],
    surfaceRisk: 1, harmAround: 5, chainOrder: 'weeds',
    why: 'Goes down to the root: before joints are washed and refilled.', expectation: 'Yellow after a week; paving is washed 7 to 10 days later.', source: TRADE,
    stages: [
      apply('systemic-weed-killer', [2, 2.5, 3, 3.6], [0, 1440], { checks: ['Licensed user where the law asks; dry leaf, no wind.'], stopWhen: 'Every leaf is wet, nothing runs off.', ifNotEnough: 'Once more after three weeks.', leaveOn: true, tool: 'backpack-sprayer', litresPerSquareMetre: 0.05, rate: rate(100, 200), clings: false }),
      wait('work', [7, 21], 'Leaf and root are yellow: it has reached the root'),
      { ...work('clear', 'broom', [60, 120], 'Dead weeds are out of the joints with their roots.'), task: 'Clear out the dead weeds, roots too', bulk: WEEDS_OUT },
    ],
  },
]; // prettier-ignore
