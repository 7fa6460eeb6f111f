import type { Contaminant } from '../contaminant.ts';
import { bulk, work } from './methods/stage-parts.ts';

/** Drops, lines and single marks, by severity. Trade estimate. */
const SPOTS = [0.02, 0.05, 0.1, 0.25] as const;
/** Runs and patches, by severity. Trade estimate. */
const PATCHES = [0.05, 0.1, 0.25, 0.5] as const;

export const CONTAMINANTS: readonly Contaminant[] = [
  {
    id: 'green-algae', name: 'Green algae', synonyms: ['algae', 'green growth', 'green film'], family: 'growth',
    cues: ['a green tint seen from one side only', 'an even green film, the colour below still shows', 'the surface is green, slippery when wet', 'a thick mat that a fingernail lifts'],
    expectation: 'Growth returns where it stays damp and shady; how soon depends on the site.',
  },
  {
    id: 'lichen', name: 'Lichen', synonyms: ['lichens', 'white spots', 'orange spots'], family: 'growth',
    cues: ['single discs, a hand apart', 'discs everywhere, none touching', 'discs grown together', 'crusts that stand up from the surface'],
    expectation: 'Pale rings may stay where lichen has rooted in the surface; they even out over seasons.',
  },
  {
    id: 'mineral-oil', name: 'Mineral oil', usualShare: PATCHES, synonyms: ['oil', 'engine oil', 'hydraulic oil', 'oil stain'], family: 'hydrocarbon',
    cues: ['single drips, dry to the touch', 'a dark patch on which water beads', 'patches grown together', 'a wet or tarry layer'],
    expectation: 'Oil that has sunk deep rises again as the surface dries; the result is reviewed after 24 h dry.',
  },
  {
    id: 'surface-rust', name: 'Surface rust', usualShare: PATCHES, synonyms: ['rust', 'rust stain', 'rust marks', 'iron stain'], family: 'metal-stain',
    cues: ['a yellow tint below a metal part', 'brown runs, the surface below still shows', 'brown throughout', 'a crust of rust'],
    expectation: 'Rust returns while the metal above it stays, and rust from steel inside the surface cannot be washed out.',
  },
  {
    id: 'moss', name: 'Moss', synonyms: ['mosses', 'moss cushions', 'moss in joints'], family: 'growth',
    cues: ['threads in the joints only', 'small cushions, a hand apart', 'cushions grown together', 'a mat that lifts in pieces with soil under it'],
    solids: {
      from: 3, families: ['concrete', 'stone', 'masonry', 'render', 'timber', 'roofing'],
      lift: { ...work('clear', 'hand-scraper', [20, 40], 'Cushions and mats are off; no edge is dug into.'), task: 'Scrape off the moss', bulk: bulk('moss and soil', [0.2, 1, 3, 6], 'bagged dry and taken away') },
    },
    expectation: 'Moss comes back where soil and shade stay; joints that held it may be empty afterwards.',
  },
  {
    id: 'hard-water-scale', name: 'Hard-water scale', synonyms: ['limescale', 'lime scale', 'water marks', 'water spots', 'scale'], family: 'mineral',
    cues: ['dried drops seen against the light', 'white runs, the surface below still shows', 'a white veil throughout', 'a crust that a fingernail cannot lift'],
    expectation: 'Scale that has lain for years may have etched the surface: a haze stays when the crust is off.',
  },
  {
    id: 'traffic-soot', name: 'Soot and traffic film', synonyms: ['soot', 'traffic film', 'road grime', 'exhaust film', 'black grime'], family: 'soil',
    cues: ['a grey tint on a white cloth', 'a grey film, the colour below still shows', 'black where rain does not reach', 'a black crust under ledges'],
    expectation: 'Soot that has set into a porous surface gets paler; it does not all go on the first visit.',
  },
  {
    id: 'spray-paint', name: 'Spray paint', usualShare: SPOTS, synonyms: ['graffiti', 'tag', 'tags', 'paint tag', 'aerosol paint'], family: 'coating',
    cues: ['overspray, seen from the side', 'one thin line or name', 'filled letters, the surface below does not show', 'several layers over each other'],
    expectation: 'A shadow of the colour may stay in a porous surface; a place tagged once is often tagged again.',
  },
  {
    id: 'mildew', name: 'Mildew', synonyms: ['mould', 'mold', 'black mould', 'black mold', 'black algae'], family: 'growth',
    cues: ['single black dots', 'a grey speckle, the colour below still shows', 'black speckle grown together', 'a black felt that smears'],
    expectation: 'Mildew returns where it stays damp and shady; how soon depends on the site.',
  },
  {
    id: 'red-algae', name: 'Red algae', synonyms: ['red growth', 'orange algae', 'terrestrial red algae'], family: 'growth',
    cues: ['a pink tint in the shade', 'an orange-red film, the colour below still shows', 'the surface is red, dusty when dry', 'a thick orange felt'],
    expectation: 'Growth returns where it stays damp and shady; how soon depends on the site.',
  },
  {
    id: 'leaf-tannin', name: 'Leaf tannin', synonyms: ['tannin', 'leaf stain', 'leaf stains', 'tea stain'], family: 'soil',
    cues: ['outlines of single leaves', 'a brown wash, the surface below still shows', 'brown throughout under trees', 'black where leaves have rotted'],
    expectation: 'Tannin comes back with the next leaves: keep them off.',
  },
  {
    id: 'tyre-marks', name: 'Tyre marks', usualShare: PATCHES, synonyms: ['tire marks', 'tyre mark', 'rubber marks', 'scuff marks'], family: 'hydrocarbon',
    cues: ['single grey streaks', 'black streaks, the surface below still shows', 'black in the turning curves', 'a shiny layer of rubber'],
    expectation: 'Rubber ground into a rough surface gets paler; some of it stays.',
  },
  {
    id: 'bitumen', name: 'Bitumen', usualShare: PATCHES, synonyms: ['tar', 'asphalt splashes', 'tar splashes'], family: 'hydrocarbon',
    cues: ['single dots', 'splashes, a hand apart', 'patches grown together', 'a layer that a knife lifts'],
    expectation: 'A brown shadow may stay in a porous surface after the tar is off.',
  },
  {
    id: 'iron-clay', name: 'Iron-bearing clay', synonyms: ['red clay', 'clay stain', 'red soil', 'mud stain'], family: 'soil',
    cues: ['a red tint near the ground', 'red splashes, the surface below still shows', 'red throughout to knee height', 'a crust of clay'],
    expectation: 'Clay splashes up again from open soil; gravel or planting along the wall keeps it down.',
  },
  {
    id: 'efflorescence', name: 'Efflorescence', synonyms: ['salt bloom', 'white bloom', 'saltpetre'], family: 'mineral',
    cues: ['a faint white in the joints', 'white patches that wipe off', 'white throughout, the colour is gone', 'crystals that stand up from the surface'],
    expectation: 'Bloom returns as long as water moves through the wall; washing it in makes it worse.',
  },
  {
    id: 'cement-haze', name: 'Cement haze', synonyms: ['mortar haze', 'grout haze', 'mortar smears'], family: 'mineral',
    cues: ['a grey veil seen wet against dry', 'grey smears beside the joints', 'a grey film throughout', 'lumps of mortar'],
    expectation: 'Acid takes the haze and roughens cement joints a little; a trial shows how much.',
  },
  {
    id: 'felt-tip', name: 'Felt-tip ink', usualShare: SPOTS, synonyms: ['marker', 'marker pen', 'felt pen', 'ink'], family: 'coating',
    cues: ['one thin line', 'a name in single lines', 'filled letters', 'several layers over each other'],
    expectation: 'A shadow of the ink may stay after the film is gone.',
  },
  {
    id: 'bird-droppings', name: 'Bird droppings', usualShare: PATCHES, ammonia: true, wear: ['P3 mask', 'chemical gloves'], synonyms: ['guano', 'pigeon droppings', 'bird mess'], family: 'soil',
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
    id: 'cooking-grease', name: 'Cooking grease', usualShare: PATCHES, synonyms: ['kitchen grease', 'food oil', 'cooking oil', 'fat'], family: 'hydrocarbon',
    cues: ['a shine below an outlet', 'a sticky film', 'yellow runs', 'a brown, hard layer'],
    solids: {
      from: 4, families: ['concrete', 'stone', 'masonry', 'metal'],
      lift: { ...work('clear', 'hand-scraper', [10, 20], 'What a scraper takes is off before the degreaser comes.'), task: 'Scrape up the solid grease', bulk: bulk('solid grease', [0.1, 0.2, 0.5, 1], 'into a closed pail and taken away') },
    },
    expectation: 'Old fat that has set in pores rises again with warmth.',
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
    id: 'poster-glue', name: 'Glue and tape residue', usualShare: PATCHES, synonyms: ['adhesive', 'sticker residue', 'tape residue', 'poster paste'], family: 'coating',
    cues: ['a sticky outline', 'glue without paper', 'paper and glue', 'layers of paper and glue'],
    expectation: 'The outline may stay lighter than the weathered surface around it.',
  },
  {
    id: 'silicone-smears', name: 'Sealant smears', usualShare: SPOTS, synonyms: ['silicone', 'sealant', 'caulk smears'], family: 'coating',
    cues: ['a greasy shine beside a joint', 'thin smears', 'beads beside the joint', 'lumps'],
    expectation: 'Oil of old silicone in a porous surface repels water for years: an outline stays.',
  },
  {
    id: 'paint-drips', name: 'Paint drips', usualShare: SPOTS, synonyms: ['paint splashes', 'paint spots', 'emulsion drips'], family: 'coating',
    cues: ['single dots', 'runs and splashes', 'a brush’s width', 'several coats'],
    expectation: 'Colour in the pores stays as a shadow.',
  },
  {
    id: 'black-crust', name: 'Black gypsum crust', usualShare: PATCHES, synonyms: ['sulphate crust', 'gypsum crust', 'black crust'], family: 'mineral',
    cues: ['grey in the lee of the rain', 'thin black skin under ledges', 'black crust with blisters', 'crust that takes stone with it'],
    expectation: 'The crust has eaten into the stone: what lies below is weaker and paler. A conservator decides how far to go.',
  },
  {
    id: 'copper-stain', name: 'Copper stain', usualShare: PATCHES, synonyms: ['green run', 'verdigris', 'copper run'], family: 'metal-stain',
    cues: ['a faint green below the metal', 'green runs', 'green throughout', 'blue-green crust'],
    expectation: 'It will run again as long as water comes off the copper.',
  },
  {
    id: 'manganese-stain', name: 'Manganese or vanadium stain', synonyms: ['manganese', 'vanadium', 'brown brick stain'], family: 'metal-stain',
    cues: ['a tea tint on pale bricks', 'brown along the joints', 'brown throughout', 'near black with a shine'],
    expectation: 'It comes out of the brick itself and may return; strong acid fixes it for good.',
  },
  {
    id: 'fertiliser-rust', name: 'Fertiliser rust', usualShare: SPOTS, synonyms: ['fertilizer rust', 'orange dots', 'lawn feed stain'], family: 'metal-stain',
    cues: ['single orange dots', 'dots a hand apart', 'dots grown together', 'brown patches'],
    expectation: 'Deep spots get paler first and go with repeats; sweep the feed off before it rains.',
  },
  {
    id: 'timber-greying', name: 'Weathered grey', synonyms: ['greying', 'silvering', 'grey timber', 'weathering'], family: 'soil',
    cues: ['a faint grey on sunny boards', 'grey, the grain still warm', 'grey throughout', 'grey fibres that rub off'],
    expectation: 'Wood turns grey again in the sun within a year or two unless it is stained.',
  },
  {
    id: 'ivy-pads', name: 'Pads of climbing plants', synonyms: ['ivy', 'ivy residue', 'creeper pads', 'climbing plant'], family: 'growth',
    cues: ['single dots in lines', 'lines of pads', 'pads and stems', 'living stems under the surface'],
    expectation: 'The outline stays where the pads have etched or kept the sun off.',
  },
  {
    id: 'weeds', name: 'Weeds in joints', synonyms: ['weed', 'grass in joints', 'weeds'], family: 'growth',
    cues: ['seedlings', 'tufts, a step apart', 'every joint green', 'roots lift the paving'],
    expectation: 'Weeds come back in joints within a season; full joints and a sweep keep them down.',
  },
  {
    id: 'salt-spray', name: 'Salt spray', synonyms: ['sea salt', 'road salt', 'de-icing salt'], family: 'mineral',
    cues: ['a taste on the finger', 'a faint white once dry', 'a white film', 'crystals'],
    expectation: 'Salt comes back with wind and winter; a rinse every month protects metal.',
  },
  {
    id: 'smoke', name: 'Smoke of a fire', synonyms: ['fire soot', 'smoke stain', 'chimney soot'], family: 'soil',
    cues: ['a smell and a faint grey', 'grey above an opening', 'black, the surface below still shows', 'a greasy black layer'],
    expectation: 'Smoke in a porous surface stays as a shadow, and as a smell on damp days.',
  },
  // What a clean face still wants.
  {
    id: 'empty-joints', name: 'Sand joints washed out', synonyms: ['empty joints', 'joints need sand', 'open joints', 'lost jointing sand'], family: 'wear',
    cues: ['sand a fingernail below the edge', 'sand a finger down', 'half empty, stones rock', 'empty down to the bed'],
    expectation: 'Sand settles: it is topped up after the first rains.',
  },
  {
    id: 'unprotected-face', name: 'Absorbent surface, to be protected', synonyms: ['needs sealing', 'wants sealing', 'thirsty face'], family: 'wear',
    cues: ['a drop stands for minutes', 'a drop is gone in a minute', 'a drop is gone at once', 'it soaks up several drops in a row'],
    expectation: 'A protected surface still gets dirty, but later, and it cleans more easily; the coat is renewed every few years.',
  },
  {
    id: 'dry-timber', name: 'Wood without oil', synonyms: ['needs oil', 'needs stain', 'unoiled wood', 'wants oiling'], family: 'wear',
    cues: ['a drop beads, then soaks in', 'a drop soaks in at once', 'grey and open', 'checked and brittle'],
    expectation: 'Oil deepens the colour and needs renewing every year or two.',
  },
  {
    id: 'often-tagged', name: 'Tagged again and again', synonyms: ['graffiti hotspot', 'repeat tags', 'wants anti-graffiti coat'], family: 'wear',
    cues: ['once a year', 'each season', 'each month', 'each week'],
    expectation: 'A sacrificial coat goes with the tag and is reapplied; it shines a little.',
  },
]; // prettier-ignore
