import type { Method } from '../../method.ts';
import { rate, rinse, restAcid, TRADE, apply, AS_SOLD, bulk, work } from './stage-parts.ts';

/** Against paint, ink, glue. */
export const TAG_METHODS: readonly Method[] = [
  {
    id: 'remover-in-coats', name: 'Masonry remover in thin coats', treats: { 'spray-paint': 5, 'felt-tip': 4, bitumen: 4 }, families: ['masonry', 'stone', 'concrete', 'roofing'],
    surfaceRisk: 3, harmAround: 4, chainOrder: 'alkali',
    why: 'Several thin coats with short dwells lift the film without driving the colour into the pores.', expectation: 'A shadow may stay; a shadow remover comes only after the film is off.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'masonry-remover', tool: 'flat-brush', strengthGramsPerLitre: [1000, 1000, 1000, 1000], dwellMinutes: { from: 3, to: 15 }, litresPerSquareMetre: 0.2, coats: 3, rate: rate(25, 40), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: ['The colour runs under the brush; work it after a minute, then the next thin coat.', 'Small tags: a tenth of a square metre at a time, from the edge inwards.'], stopWhen: 'A white cloth takes no more colour.', ifNotEnough: 'One more thin coat; then accept the shadow.' },
      { kind: 'agitate', tool: 'stiff-brush', rate: rate(6, 10), direction: 'top-down', checks: ['Own pot and own brush; no wire.'] },
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
  {
    id: 'isopropanol-wipe', name: 'Isopropanol on a cloth', treats: { 'felt-tip': 5, 'poster-glue': 4, 'tree-sap': 3, 'tyre-marks': 3 }, families: ['glass', 'metal', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'alkali',
    why: 'Takes ink and glue off panes, frames and sheets, and is gone in a minute.', expectation: null, source: TRADE,
    stages: [
      apply('isopropanol', [700, 700, 900, 1000], [0.5, 2], { checks: ['No sparks; the cloth takes the colour.', 'The surface below stays hard and clear.'], stopWhen: 'The cloth stays white.', ifNotEnough: 'Mild remover, tried on a hidden spot.', tool: 'flat-brush', litresPerSquareMetre: 0.1, rate: rate(25, 40) }),
      { ...work('agitate', 'soft-brush', [8, 15], 'Clean cloths, wiped inwards.'), task: 'Wipe with clean cloths' },
      rinse,
    ],
  },
  {
    id: 'glass-blade', name: 'Glass blade on a wet pane', treats: { 'paint-drips': 5, 'silicone-smears': 4, 'poster-glue': 4, 'tree-sap': 3 }, families: ['glass'],
    surfaceRisk: 3, harmAround: 1, chainOrder: 'growth', onlyMaterials: ['clear-glass'],
    why: 'On plain float glass a new blade lifts what no cleaner dissolves.', expectation: null, source: TRADE,
    stages: [
      { ...work('clear', 'glass-blade', [6, 12], 'The pane carries no stamp of toughened glass; new blade, wet pane, one way only.'), task: 'Lift off with the glass blade' },
      rinse,
    ],
  },
  {
    id: 'strip-sealer', name: 'Old sealer stripped', treats: { 'white-sealer': 4 }, families: ['concrete', 'stone'],
    surfaceRisk: 3, harmAround: 4, chainOrder: 'alkali',
    why: 'Nothing clears a milky seal: it comes off before the surface is sealed again.', expectation: 'The surface is paler until it is sealed again.', source: TRADE,
    stages: [
      apply('alkaline-stripper', AS_SOLD, [15, 45], { checks: ['It wrinkles; kept wet.'], stopWhen: 'A scraper lifts it clean.', ifNotEnough: 'A second coat on what stays.', tool: 'roller', rate: rate(30, 60), litresPerSquareMetre: 0.4, strips: true }),
      work('agitate', 'stiff-brush', [12, 25], 'Own brush.'),
      { ...work('clear', 'broom', [40, 80], 'All slurry is up before water comes.'), task: 'Shovel up the slurry', bulk: bulk('sealer slurry', [0.5, 0.8, 1, 1.5], 'into a closed drum, as chemical waste') },
      rinse,
      restAcid('citric-acid'),
      rinse,
    ],
  },
]; // prettier-ignore
