import type { Contaminant } from '../../contaminant.ts';
import { bulk, work } from '../methods/stage-parts.ts';
import { PATCHES, SPOTS } from './usual-share.ts';

/** What falls, blows or is left on it. */
export const SOIL: readonly Contaminant[] = [
  {
    id: 'traffic-soot', name: 'Soot and traffic film', synonyms: ['soot', 'traffic film', 'road grime', 'exhaust film', 'black grime'], family: 'soil',
    cues: ['a grey tint on a white cloth', 'a grey film, the colour below still shows', 'black where rain does not reach', 'a black crust under ledges'],
    expectation: 'Soot that has set into a porous surface gets paler; it does not all go on the first visit.',
  },
  {
    id: 'leaf-tannin', name: 'Leaf tannin', synonyms: ['tannin', 'leaf stain', 'leaf stains', 'tea stain'], family: 'soil',
    cues: ['outlines of single leaves', 'a brown wash, the surface below still shows', 'brown throughout under trees', 'black where leaves have rotted'],
    expectation: 'Tannin comes back with the next leaves: keep them off.',
  },
  {
    id: 'iron-clay', name: 'Iron-bearing clay', synonyms: ['red clay', 'clay stain', 'red soil', 'mud stain'], family: 'soil',
    cues: ['a red tint near the ground', 'red splashes, the surface below still shows', 'red throughout to knee height', 'a crust of clay'],
    expectation: 'Clay splashes up again from open soil; gravel or planting along the wall keeps it down.',
  },
  {
    id: 'bird-droppings', name: 'Bird droppings', usualShare: PATCHES, specialistFrom: 4, ammonia: true, wear: ['P3 mask', 'chemical gloves'], synonyms: ['guano', 'pigeon droppings', 'bird mess'], family: 'soil',
    cues: ['single splashes', 'splashes below a perch', 'a layer below a roost', 'a crust with feathers and nests'],
    expectation: 'Pale spots may stay where droppings have etched the surface; birds come back to their perch.',
  },
  {
    id: 'mud', name: 'Mud and soil', synonyms: ['soil', 'dirt', 'dust and mud', 'earth'], family: 'soil',
    cues: ['dust on a finger', 'splashes to knee height', 'a layer that hides the colour', 'a crust that a shovel lifts'],
    solids: {
      from: 3, families: ['concrete', 'stone', 'timber', 'plastic'],
      lift: { ...work('clear', 'broom', [40, 80], 'No mud is left that water would carry into a drain.'), task: 'Shovel up the mud', bulk: bulk('mud and soil', [0.2, 1, 4, 10], 'shovelled up and taken away') },
    },
    expectation: 'Soil splashes up again from open ground.',
  },
  {
    id: 'pollen', name: 'Pollen and dust', synonyms: ['dust', 'pollen dust', 'saharan dust'], family: 'soil',
    cues: ['seen against the light', 'a yellow or grey film', 'the colour is gone', 'a cake in corners'],
    expectation: 'Dust settles again in the next dry weeks.',
  },
  {
    id: 'cobwebs', name: 'Cobwebs and insects', synonyms: ['spider webs', 'spider droppings', 'insect dirt'], family: 'soil',
    cues: ['single threads', 'webs in corners, dots below', 'webs along every edge', 'felted webs with dirt in them'],
    expectation: 'Spiders come back to lamps and corners within weeks.',
  },
  {
    id: 'urine', name: 'Urine', usualShare: PATCHES, ammonia: true, synonyms: ['urine stains', 'animal urine', 'dog marks'], family: 'soil',
    cues: ['a smell on a warm day', 'a pale run on a corner', 'white salt in a corner', 'crusted salt and smell'],
    expectation: 'Smell deep in a porous surface comes back with damp: it fades with repeats.',
  },
  {
    id: 'chewing-gum', name: 'Chewing gum', usualShare: SPOTS, synonyms: ['gum', 'bubble gum'], family: 'soil',
    cues: ['a spot every few steps', 'a spot in every stride', 'spots touch each other', 'layers on layers'],
    expectation: 'A pale spot may stay where the gum kept the dirt off.',
  },
  {
    id: 'tree-sap', name: 'Tree sap', usualShare: SPOTS, synonyms: ['sap', 'resin drips', 'honeydew'], family: 'soil',
    cues: ['single sticky drops', 'a sticky film below a tree', 'black mould grows on it', 'hard amber drops'],
    expectation: 'It will drip again as long as the tree stands above.',
  },
  {
    id: 'timber-greying', name: 'Weathered grey', synonyms: ['greying', 'silvering', 'grey timber', 'weathering'], family: 'soil',
    cues: ['a faint grey on sunny boards', 'grey, the grain still warm', 'grey throughout', 'grey fibres that rub off'],
    expectation: 'Wood turns grey again in the sun within a year or two unless it is stained.',
  },
  {
    id: 'smoke', name: 'Smoke of a fire', synonyms: ['fire soot', 'smoke stain', 'chimney soot'], family: 'soil',
    cues: ['a smell and a faint grey', 'grey above an opening', 'black, the surface below still shows', 'a greasy black layer'],
    expectation: 'Smoke in a porous surface stays as a shadow, and as a smell on damp days.',
  },
  {
    id: 'litter', name: 'Litter and leaves', synonyms: ['rubbish', 'loose leaves', 'fallen leaves'], family: 'soil',
    cues: ['single pieces', 'a handful in each corner', 'leaves over all of it', 'heaps that have begun to rot'],
    expectation: 'Leaves fall again: a sweep each autumn keeps stains away.',
  },
  {
    id: 'sludge', name: 'Sludge',
    solids: {
      from: 2, families: ['concrete', 'stone', 'timber', 'plastic', 'roofing'],
      lift: { ...work('clear', 'broom', [40, 80], 'No sludge is left that water would carry into a drain.'), task: 'Shovel up the sludge', bulk: bulk('sludge', [0.2, 2, 6, 15], 'into pails and taken away') },
    }, synonyms: ['wet silt', 'puddle mud', 'silt'], family: 'soil',
    cues: ['a film where a puddle dried', 'a finger deep in hollows', 'a layer throughout', 'ankle deep'],
    expectation: 'Sludge gathers again where water stands.',
  },
  {
    id: 'faeces', name: 'Faeces', ammonia: true, wear: ['P3 mask', 'chemical gloves'], usualShare: SPOTS, synonyms: ['dog dirt', 'excrement', 'animal mess'], family: 'soil',
    cues: ['a smear', 'single heaps', 'heaps throughout', 'a layer'],
    expectation: 'A pale spot or a smell may stay where it lay for long.',
  },
  {
    id: 'gutter-silt', name: 'Silt and leaves in gutters', synonyms: ['gutter silt', 'gutter debris', 'blocked gutter', 'full gutter'], family: 'soil',
    cues: ['dust and single leaves', 'a finger of silt', 'half full', 'plants grow in it'],
    expectation: 'Gutters fill again with the next leaves.',
  },
  {
    id: 'tannin-bleed', name: 'Tannin bleed from wood', usualShare: PATCHES, synonyms: ['bleeding wood', 'extractive bleed', 'brown runs from wood'], family: 'soil',
    cues: ['a tea tint below a board', 'brown runs, the surface below still shows', 'brown throughout below the boards', 'near black'],
    expectation: 'New wood bleeds for a season or two: it comes again until rain has washed it out.',
  },
  {
    id: 'tiger-stripes', name: 'Tiger stripes on gutters', synonyms: ['gutter streaks', 'drip streaks', 'striped gutter'], family: 'soil',
    cues: ['faint grey stripes below the lip', 'grey stripes, a hand apart', 'black stripes throughout', 'stripes with dull paint between them'],
    expectation: 'Stripes come back where water drips over the lip; some are burnt into old paint.',
  },
  {
    id: 'paint-chalk', name: 'Chalk and oxidation on paint', synonyms: ['oxidation', 'chalk on paint', 'dull chalky paint'], family: 'soil',
    cues: ['a trace on a dark glove', 'a finger comes away coloured', 'runs of chalk below edges', 'the coat below shows through'],
    expectation: 'Paint that has chalked is even afterwards, and its gloss does not come back.',
  },
]; // prettier-ignore
