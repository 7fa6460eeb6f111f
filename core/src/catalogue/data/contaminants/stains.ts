import type { Contaminant } from '../../contaminant.ts';
import { bulk, work } from '../methods/stage-parts.ts';
import { PATCHES, SPOTS } from './usual-share.ts';

/** Oil, metal, minerals, paint. */
export const STAINS: readonly Contaminant[] = [
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
    id: 'hard-water-scale', name: 'Hard-water scale', synonyms: ['limescale', 'lime scale', 'water marks', 'water spots', 'scale'], family: 'mineral',
    cues: ['dried drops seen against the light', 'white runs, the surface below still shows', 'a white veil throughout', 'a crust that a fingernail cannot lift'],
    expectation: 'Scale that has lain for years may have etched the surface: a haze stays when the crust is off.',
  },
  {
    id: 'spray-paint', name: 'Spray paint', usualShare: SPOTS, synonyms: ['graffiti', 'tag', 'tags', 'paint tag', 'aerosol paint'], family: 'coating',
    cues: ['overspray, seen from the side', 'one thin line or name', 'filled letters, the surface below does not show', 'several layers over each other'],
    expectation: 'A shadow of the colour may stay in a porous surface; a place tagged once is often tagged again.',
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
    id: 'efflorescence', name: 'Efflorescence, soluble', synonyms: ['efflorescence', 'salt bloom', 'white bloom', 'saltpetre'], family: 'mineral',
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
    id: 'cooking-grease', name: 'Cooking grease', usualShare: PATCHES, synonyms: ['kitchen grease', 'food oil', 'cooking oil', 'fat'], family: 'hydrocarbon',
    cues: ['a shine below an outlet', 'a sticky film', 'yellow runs', 'a brown, hard layer'],
    solids: {
      from: 4, families: ['concrete', 'stone', 'masonry', 'metal'],
      lift: { ...work('clear', 'hand-scraper', [10, 20], 'What a scraper takes is off before the degreaser comes.'), task: 'Scrape up the solid grease', bulk: bulk('solid grease', [0.1, 0.2, 0.5, 1], 'into a closed pail and taken away') },
    },
    expectation: 'Old fat that has set in pores rises again with warmth.',
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
    id: 'manganese-stain', name: 'Manganese stain on brick', synonyms: ['manganese', 'brown brick stain', 'manganese stain'], family: 'metal-stain',
    cues: ['a tea tint on pale bricks', 'brown along the joints', 'brown throughout', 'near black with a shine'],
    expectation: 'It comes out of the brick itself and may return; strong acid fixes it for good.',
  },
  {
    id: 'fertiliser-rust', name: 'Fertiliser rust', usualShare: SPOTS, synonyms: ['fertilizer rust', 'orange dots', 'lawn feed stain', 'moss killer stain', 'iron moss killer'], family: 'metal-stain',
    cues: ['single orange dots', 'dots a hand apart', 'dots grown together', 'brown patches'],
    expectation: 'Deep spots get paler first and go with repeats; sweep the feed off before it rains.',
  },
  {
    id: 'salt-spray', name: 'Salt spray', synonyms: ['sea salt', 'road salt', 'de-icing salt'], family: 'mineral',
    cues: ['a taste on the finger', 'a faint white once dry', 'a white film', 'crystals'],
    expectation: 'Salt comes back with wind and winter; a rinse every month protects metal.',
  },
  {
    id: 'fresh-oil', name: 'Fresh oil', usualShare: SPOTS, synonyms: ['oil spill', 'wet oil', 'spilled oil', 'fresh oil stain'], family: 'hydrocarbon',
    cues: ['single wet drops', 'a wet patch as large as a plate', 'a puddle', 'a puddle that runs'],
    expectation: 'What has sunk in before it was taken up stays as a shadow.',
  },
  {
    id: 'vanadium-stain', name: 'Vanadium stain on brick', synonyms: ['vanadium', 'green brick stain', 'yellow-green bloom'], family: 'metal-stain',
    cues: ['a faint yellow-green on pale bricks', 'yellow-green along edges', 'green throughout', 'brown where acid was used'],
    expectation: 'It comes out of the clay itself and may return; acid turns it brown for good.',
  },
  {
    id: 'lime-bloom', name: 'Lime bloom', usualShare: PATCHES, synonyms: ['lime run', 'lime leaching', 'calcite bloom', 'lime weeping'], family: 'mineral',
    cues: ['a faint white that water does not take', 'white runs from joints', 'a white skin', 'stalactites'],
    expectation: 'Lime comes again as long as water moves through the joints.',
  },
  {
    id: 'white-sealer', name: 'Sealer gone milky', synonyms: ['milky sealer', 'clouded sealer', 'blushed sealer', 'old sealer'], family: 'coating',
    cues: ['milky in the morning only', 'milky patches', 'milky throughout', 'it lifts and peels'],
    expectation: 'Where the old seal has come off the surface is paler until it is sealed again.',
  },
]; // prettier-ignore
