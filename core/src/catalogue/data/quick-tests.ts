import { inLanguage } from '../../language/in-language.ts';
import type { QuickTest } from '../look-alike.ts';

const TRADE = 'trade default; likelihoods are estimates of experienced practice, for the company to change';
const FRESH = 'a fresh spot as big as a coin, where nobody looks';
const YES_NO = (yes: string, no: string) => [
  { id: 'yes', text: yes },
  { id: 'no', text: no },
];
/** Probability of "yes" by candidate, and of "no" the rest. */
const yes = (table: Readonly<Record<string, number>>): Readonly<Record<string, readonly number[]>> =>
  Object.fromEntries(Object.entries(table).map(([id, p]) => [id, [p, Number((1 - p).toFixed(6))]]));

export const QUICK_TESTS: readonly QuickTest[] = inLanguage([
  {
    id: 'hypochlorite-dab', name: 'Dab of hypochlorite', minutes: 3, agentClass: 'hypochlorite', source: TRADE,
    how: `Dab the mix for growth on ${FRESH}; look after one minute and after three, then rinse.`,
    needs: ['mixed hypochlorite, a few drops', 'cotton bud', 'water', 'goggles and gloves'],
    never: 'Never on or beside a spot where acid was or will be: toxic gas.',
    outcomes: [{ id: 'minute', text: 'bleaches within a minute' }, { id: 'slowly', text: 'pales slowly' }, { id: 'stays', text: 'stays as it is' }],
    likelihood: { 'green-algae': [0.9, 0.08, 0.02], 'vanadium-stain': [0.01, 0.02, 0.97], 'copper-stain': [0.01, 0.02, 0.97], 'black-crust': [0.01, 0.03, 0.96], 'black-spot': [0.1, 0.55, 0.35], 'manganese-stain': [0.01, 0.02, 0.97],
      mildew: [0.88, 0.09, 0.03], 'red-algae': [0.88, 0.09, 0.03], 'leaf-tannin': [0.15, 0.7, 0.15],
      'traffic-soot': [0.02, 0.06, 0.92], 'tyre-marks': [0.01, 0.03, 0.96], bitumen: [0.01, 0.03, 0.96],
      'iron-clay': [0.01, 0.04, 0.95], 'surface-rust': [0.01, 0.04, 0.95], 'steel-rust': [0.01, 0.04, 0.95],
      'fired-colour': [0.01, 0.02, 0.97], 'odd-mortar': [0.01, 0.04, 0.95],
    },
  },
  {
    id: 'oxalic-spot', name: 'Spot of oxalic acid', minutes: 5, agentClass: 'acid', source: TRADE,
    how: `Dab oxalic acid on ${FRESH}; look after five minutes, then rinse well.`,
    needs: ['oxalic acid 50 g/L, a few drops', 'cotton bud', 'water', 'goggles and gloves'],
    never: 'Never on calcareous stone, and never on or beside a hypochlorite dab: take another spot, rinsed.',
    outcomes: YES_NO('lightens', 'stays as it is'),
    likelihood: yes({ 'black-crust': 0.03, 'black-spot': 0.03, 'manganese-stain': 0.12, mildew: 0.05, 'red-algae': 0.05, 'leaf-tannin': 0.85, 'traffic-soot': 0.04, 'tyre-marks': 0.02, bitumen: 0.02, 'iron-clay': 0.6, 'surface-rust': 0.9, 'steel-rust': 0.8 }),
  },
  {
    id: 'dry-rub', name: 'Rub with a dry finger', minutes: 1, agentClass: null, disturbs: true, never: null, source: TRADE,
    how: 'Rub hard with a dry gloved finger and look at it.', needs: ['a light glove'],
    outcomes: [{ id: 'white', text: 'white powder on the finger' }, { id: 'black', text: 'black on the finger' }, { id: 'nothing', text: 'nothing comes off' }],
    likelihood: { 'black-crust': [0.05, 0.25, 0.7], 'black-spot': [0.01, 0.02, 0.97], 'lime-bloom': [0.15, 0.01, 0.84],
      mildew: [0.02, 0.3, 0.68], 'traffic-soot': [0.02, 0.83, 0.15], 'leaf-tannin': [0.01, 0.05, 0.94], 'tyre-marks': [0.01, 0.25, 0.74], bitumen: [0.01, 0.09, 0.9],
      efflorescence: [0.7, 0.01, 0.29], lichen: [0.06, 0.01, 0.93], 'chalked-paint': [0.95, 0.01, 0.04], 'hard-water-scale': [0.05, 0.01, 0.94], 'cement-haze': [0.1, 0.01, 0.89],
      'fired-colour': [0.01, 0.02, 0.97], 'odd-mortar': [0.05, 0.02, 0.93],
    },
  },
  {
    id: 'solvent-rub', name: 'Rub with mild remover on a cloth', minutes: 2, agentClass: 'mild-solvent', source: TRADE,
    how: `Rub ${FRESH} with a few drops of mild remover on a white cloth.`, needs: ['mild remover', 'white cloth', 'gloves'],
    never: 'Stop where the coating below softens.',
    outcomes: [{ id: 'wipes', text: 'colour wipes off at once' }, { id: 'softens', text: 'it softens and drags' }, { id: 'nothing', text: 'nothing' }],
    likelihood: { 'black-crust': [0.02, 0.02, 0.96], 'black-spot': [0.02, 0.02, 0.96],
      'felt-tip': [0.85, 0.1, 0.05], 'spray-paint': [0.1, 0.8, 0.1], mildew: [0.02, 0.03, 0.95], 'traffic-soot': [0.15, 0.05, 0.8], 'leaf-tannin': [0.02, 0.02, 0.96], 'tyre-marks': [0.3, 0.45, 0.25], bitumen: [0.45, 0.5, 0.05],
    },
  },
  {
    id: 'wet-smear', name: 'Wet it and smear', minutes: 1, agentClass: null, never: null, source: TRADE,
    how: 'Wet a spot and rub with a finger; look at the finger and at worn edges.', needs: ['water'],
    outcomes: YES_NO('smears red, darker on worn edges', 'does not smear'),
    likelihood: yes({ 'green-algae': 0.05, 'vanadium-stain': 0.02, 'copper-stain': 0.02, 'manganese-stain': 0.02, 'iron-clay': 0.9, 'surface-rust': 0.12, 'red-algae': 0.3, 'leaf-tannin': 0.04, 'steel-rust': 0.05 }),
  },
  {
    id: 'look-above', name: 'Look for a source above', minutes: 1, agentClass: null, never: null, source: TRADE,
    how: 'Follow the tint upwards: what stands at its upper end?', needs: [],
    outcomes: [{ id: 'metal', text: 'a metal part' }, { id: 'crack', text: 'a crack or a bulge' }, { id: 'leaves', text: 'leaves or a gutter' }, { id: 'nothing', text: 'nothing, it is wide and even' }],
    likelihood: { 'green-algae': [0.03, 0.02, 0.15, 0.8], 'vanadium-stain': [0.02, 0.02, 0.02, 0.94], 'copper-stain': [0.95, 0.01, 0.01, 0.03], 'manganese-stain': [0.02, 0.005, 0.02, 0.955],
      'surface-rust': [0.8, 0.05, 0.05, 0.1], 'steel-rust': [0.05, 0.85, 0.02, 0.08], 'leaf-tannin': [0.03, 0.02, 0.75, 0.2], 'iron-clay': [0.04, 0.02, 0.09, 0.85], 'red-algae': [0.05, 0.03, 0.17, 0.75],
    },
  },
  {
    id: 'wet-and-dry', name: 'Look at it wet and dry', minutes: 20, agentClass: null, never: null, source: TRADE,
    how: 'Wet a hand’s breadth and watch it dry.', needs: ['water'],
    outcomes: [{ id: 'comes-back', text: 'gone when wet, comes back as it was' }, { id: 'shows', text: 'shows wet and dry alike' }, { id: 'green', text: 'turns green or soft when wet' }],
    likelihood: { 'lime-bloom': [0.7, 0.28, 0.02],
      efflorescence: [0.8, 0.18, 0.02], lichen: [0.05, 0.3, 0.65], 'chalked-paint': [0.7, 0.28, 0.02], 'hard-water-scale': [0.45, 0.53, 0.02], 'cement-haze': [0.65, 0.33, 0.02],
      mildew: [0.02, 0.73, 0.25], 'traffic-soot': [0.05, 0.94, 0.01], 'leaf-tannin': [0.03, 0.95, 0.02], 'tyre-marks': [0.01, 0.98, 0.01], bitumen: [0.01, 0.98, 0.01], 'fired-colour': [0.02, 0.97, 0.01], 'odd-mortar': [0.05, 0.94, 0.01],
    },
  },
  {
    id: 'scrape', name: 'Scrape with a fingernail', minutes: 1, agentClass: null, disturbs: true, never: null, source: TRADE,
    how: 'Scrape lightly with a fingernail or a plastic card.', needs: ['plastic card'],
    outcomes: [{ id: 'disc', text: 'comes off in discs' }, { id: 'powder', text: 'powder' }, { id: 'crust', text: 'a hard crust stays' }],
    likelihood: { 'lime-bloom': [0.01, 0.3, 0.69], lichen: [0.85, 0.05, 0.1], efflorescence: [0.02, 0.83, 0.15], 'chalked-paint': [0.01, 0.94, 0.05], 'hard-water-scale': [0.03, 0.07, 0.9], 'cement-haze': [0.02, 0.18, 0.8] },
  },
  {
    id: 'wet-wipe', name: 'Wipe it with a wet cloth', minutes: 1, agentClass: null, never: null, source: TRADE,
    how: 'Wipe once with a wet dark cloth and look at the cloth.', needs: ['water', 'dark cloth'],
    outcomes: [{ id: 'dissolves', text: 'it dissolves, the cloth stays clean' }, { id: 'milky', text: 'the cloth takes the colour of the paint' }, { id: 'stays', text: 'it stays' }],
    likelihood: { 'lime-bloom': [0.03, 0.02, 0.95], efflorescence: [0.85, 0.05, 0.1], 'chalked-paint': [0.03, 0.92, 0.05], lichen: [0.02, 0.03, 0.95], 'hard-water-scale': [0.03, 0.02, 0.95], 'cement-haze': [0.05, 0.1, 0.85] },
  },
  {
    id: 'look-where-white', name: 'Look where it lies', minutes: 1, agentClass: null, never: null, source: TRADE,
    how: 'Step back: what does the white follow?', needs: [],
    outcomes: [{ id: 'joints', text: 'joints, or work done lately' }, { id: 'drips', text: 'a dripping edge, a tap, a sprinkler' }, { id: 'damp', text: 'a damp part of the wall' }, { id: 'anywhere', text: 'nothing of these' }],
    likelihood: { 'lime-bloom': [0.15, 0.3, 0.5, 0.05], 'cement-haze': [0.8, 0.05, 0.05, 0.1], 'hard-water-scale': [0.04, 0.82, 0.06, 0.08], efflorescence: [0.15, 0.1, 0.6, 0.15], lichen: [0.1, 0.1, 0.2, 0.6], 'chalked-paint': [0.03, 0.05, 0.05, 0.87] },
  },
  {
    id: 'acid-drop', name: 'Drop of acid', minutes: 1, agentClass: 'acid', source: TRADE,
    how: `A drop of weak acid on ${FRESH}; listen and look, then rinse.`, needs: ['citric acid 50 g/L, a few drops', 'water', 'goggles and gloves'],
    never: 'Never on calcareous stone or lime mortar: they fizz as well, and are etched. Never beside a hypochlorite dab. Concrete fizzes too.',
    outcomes: YES_NO('fizzes', 'does not fizz'),
    likelihood: yes({ 'hard-water-scale': 0.95, 'cement-haze': 0.85, efflorescence: 0.1, 'lime-bloom': 0.9, lichen: 0.05, 'chalked-paint': 0.25 }),
  },
  {
    id: 'sheltered-part', name: 'Compare with a sheltered part', minutes: 1, agentClass: null, never: null, source: TRADE,
    how: 'Look under a sill or behind a downpipe: is it dark there as well?', needs: [],
    outcomes: YES_NO('as dark under shelter', 'clean under shelter'),
    likelihood: yes({ 'fired-colour': 0.95, 'odd-mortar': 0.95, mildew: 0.25, 'traffic-soot': 0.45 }),
  },
  {
    id: 'bricks-or-joints', name: 'Bricks or joints', minutes: 1, agentClass: null, never: null, source: TRADE,
    how: 'Look at single bricks: is the dark in the bricks, in the joints, or across both?', needs: [],
    outcomes: [{ id: 'bricks', text: 'it stays within single bricks' }, { id: 'joints', text: 'it stays in the joints' }, { id: 'both', text: 'it runs over both' }],
    likelihood: { 'fired-colour': [0.94, 0.03, 0.03], 'odd-mortar': [0.02, 0.95, 0.03], mildew: [0.1, 0.2, 0.7], 'traffic-soot': [0.1, 0.1, 0.8] },
  },
  {
    id: 'look-where-black', name: 'Look where it lies', minutes: 1, agentClass: null, never: null, source: TRADE,
    how: 'Step back: what does the black follow?', needs: [],
    outcomes: [{ id: 'lee', text: 'ledges and parts that rain does not reach' }, { id: 'dots', text: 'dots all over paving' }, { id: 'runs', text: 'runs, shade and damp' }, { id: 'wheels', text: 'wheels and turning curves' }, { id: 'anywhere', text: 'nothing of these' }],
    likelihood: {
      mildew: [0.05, 0.05, 0.7, 0.01, 0.19], 'traffic-soot': [0.35, 0.02, 0.15, 0.15, 0.33], 'leaf-tannin': [0.02, 0.1, 0.3, 0.03, 0.55], 'tyre-marks': [0.01, 0.01, 0.01, 0.93, 0.04],
      bitumen: [0.01, 0.2, 0.04, 0.25, 0.5], 'black-crust': [0.9, 0.01, 0.04, 0.01, 0.04], 'black-spot': [0.01, 0.9, 0.03, 0.01, 0.05],
    },
  },
  {
    id: 'look-edge', name: 'Look at the edge of the line', minutes: 1, agentClass: null, never: null, source: TRADE,
    how: 'Look closely at the edge: a mist of dots, or a sharp stroke?', needs: [],
    outcomes: YES_NO('a mist of fine dots', 'a sharp stroke'),
    likelihood: yes({ 'spray-paint': 0.92, 'felt-tip': 0.04 }),
  },
  {
    id: 'lift-edge', name: 'Lift its edge with a card', minutes: 1, agentClass: null, never: null, source: TRADE,
    how: 'Push a plastic card under the edge of the mark.', needs: ['plastic card'],
    outcomes: YES_NO('a soft layer lifts', 'there is nothing to lift'),
    likelihood: yes({ 'black-crust': 0.08, 'black-spot': 0.02, 'fresh-oil': 0.04, bitumen: 0.9, 'tyre-marks': 0.06, mildew: 0.06, 'traffic-soot': 0.1, 'leaf-tannin': 0.02, 'mineral-oil': 0.08 }),
  },
  {
    id: 'water-beads', name: 'Drop of water', minutes: 1, agentClass: null, never: null, source: TRADE,
    how: 'A drop of water on the mark and one beside it.', needs: ['water'],
    outcomes: YES_NO('beads on the mark', 'soaks in alike'),
    likelihood: yes({ 'fresh-oil': 0.9, 'mineral-oil': 0.85, 'tyre-marks': 0.3, bitumen: 0.8 }),
  },
  {
    id: 'paper-dab', name: 'Dab it with paper', minutes: 1, agentClass: null, never: null, source: TRADE,
    how: 'Press a paper towel on the mark and look at it.', needs: ['paper towel'],
    outcomes: YES_NO('the paper takes oil', 'the paper stays dry'),
    likelihood: yes({ 'fresh-oil': 0.95, 'mineral-oil': 0.12, 'tyre-marks': 0.01, bitumen: 0.05 }),
  },
  {
    id: 'degreaser-spot', name: 'Spot of degreaser', minutes: 10, agentClass: 'caustic', source: TRADE,
    how: `Degreaser on ${FRESH}, ten minutes, brush and rinse.`, needs: ['degreaser, a few drops', 'brush', 'water', 'goggles and gloves'],
    never: 'Never on bare aluminium, paint or wood.',
    outcomes: [{ id: 'brown', text: 'brown foam, the spot is clean' }, { id: 'grey', text: 'grey foam, it pales' }, { id: 'nothing', text: 'nothing' }],
    likelihood: { 'fresh-oil': [0.9, 0.06, 0.04], 'mineral-oil': [0.85, 0.1, 0.05], 'tyre-marks': [0.05, 0.6, 0.35], bitumen: [0.2, 0.1, 0.7] },
  },
], { words: ['needs', 'text'] }); // prettier-ignore
