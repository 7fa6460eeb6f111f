import type { Method } from '../../method.ts';
import { rate, rinse, restAcid, TRADE, apply, AS_SOLD, bulk, work } from './stage-parts.ts';

/** Against paint, ink, glue. */
export const TAG_METHODS: readonly Method[] = [
  {
    id: 'remover-in-coats', name: 'Masonry remover in thin coats', treats: { 'spray-paint': 5, 'felt-tip': 4, bitumen: 4 }, families: ['masonry', 'stone', 'concrete', 'roofing'],
    surfaceRisk: 3, harmAround: 4, chainOrder: 'alkali',
    why: 'Several thin coats with short dwells lift the film without driving the colour into the pores.', expectation: 'A shadow may stay; a shadow remover comes only after the film is off.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'masonry-remover', tool: 'flat-brush', strengthGramsPerLitre: [1000, 1000, 1000, 1000], dwellMinutes: { from: 3, to: 15 }, litresPerSquareMetre: 0.2, coats: 3, rate: rate(25, 40), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: ['The colour runs under the brush.'], stopWhen: 'A white cloth takes no more colour.', ifNotEnough: 'One more thin coat; then accept the shadow.' },
      { kind: 'agitate', tool: 'stiff-brush', rate: rate(6, 10), direction: 'top-down', checks: ['Own brush; no wire.'] },
      rinse,
    ],
  },
  {
    id: 'mild-remover-wiped', name: 'Mild remover, wiped', treats: { 'spray-paint': 3, 'felt-tip': 5, bitumen: 3, 'poster-glue': 4, 'silicone-smears': 3, 'paint-drips': 3, 'tree-sap': 4 }, families: ['metal', 'render', 'glass', 'timber', 'masonry', 'stone', 'concrete', 'plastic'],
    surfaceRisk: 2, harmAround: 2, chainOrder: 'alkali',
    why: 'Softens the tag and leaves a sound coating hard.', expectation: 'Gloss may be duller where the tag was.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'mild-remover', tool: 'flat-brush', strengthGramsPerLitre: [1000, 1000, 1000, 1000], dwellMinutes: { from: 1, to: 8 }, litresPerSquareMetre: 0.15, coats: 1, rate: rate(25, 40), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: ['The coating below stays hard under a fingernail.'], stopWhen: 'The cloth takes no more colour, or the coating softens.', ifNotEnough: 'A second coat; never longer.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(6, 10), direction: 'top-down', checks: ['Wipe upwards, change cloths often.'] },
      rinse,
    ],
  },
  {
    id: 'shadow-alkaline', name: 'Alkaline shadow gel', treats: { 'felt-tip': 3, 'spray-paint': 2, smoke: 2 }, families: ['masonry', 'stone', 'concrete'],
    surfaceRisk: 3, harmAround: 4, secondOnly: true, chainOrder: 'alkali',
    why: 'For the shadow alone, once the film of paint is off.', expectation: 'A ghost may stay on absorbent stone.', source: TRADE,
    stages: [
      apply('alkaline-shadow-gel', AS_SOLD, [15, 60], { checks: ['No paint film is left.'], stopWhen: 'The shadow no longer pales.', ifNotEnough: 'What stays is accepted: more would cost the surface.', tool: 'flat-brush', rate: rate(10, 20), litresPerSquareMetre: 0.4 }),
      rinse,
      restAcid('citric-acid'),
      rinse,
    ],
  },
  {
    id: 'shadow-oxidising', name: 'Oxidising shadow gel', treats: { 'felt-tip': 2, 'leaf-tannin': 3, 'manganese-stain': 2 }, families: ['masonry', 'stone', 'concrete', 'plastic'],
    surfaceRisk: 2, harmAround: 3, secondOnly: true, chainOrder: 'growth',
    why: 'Bleaches ink shadows without chlorine.', expectation: 'A ghost may stay on absorbent stone.', source: TRADE,
    stages: [
      apply('oxidising-shadow-gel', AS_SOLD, [15, 45], { checks: ['The colour pales.'], stopWhen: 'The shadow no longer pales.', ifNotEnough: 'What stays is accepted: more would cost the surface.', tool: 'flat-brush', rate: rate(10, 20), litresPerSquareMetre: 0.4 }),
      rinse,
    ],
  },
  {
    id: 'steam-glue', name: 'Steam on glue and gum', treats: { 'poster-glue': 4, 'chewing-gum': 5, 'tree-sap': 3, 'silicone-smears': 1 }, families: ['stone', 'masonry', 'concrete', 'metal'],
    surfaceRisk: 3, harmAround: 1, chainOrder: 'growth',
    why: 'Heat softens glue and gum: scraped while warm, no solvent.', expectation: null, source: TRADE,
    stages: [
      { ...work('wash', 'steam-lance', [3, 6], 'The lance moves all the time.'), task: 'Steam the glue soft' },
      { ...work('clear', 'hand-scraper', [8, 15], 'Taken up, not washed down.'), task: 'Take up glue and gum', bulk: bulk('glue and gum', [0.05, 0.1, 0.2, 0.3], 'bagged warm and taken away') },
    ],
  },
]; // prettier-ignore
