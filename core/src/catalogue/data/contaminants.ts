import type { Contaminant } from '../contaminant.ts';

export const CONTAMINANTS: readonly Contaminant[] = [
  {
    id: 'green-algae', name: 'Green algae', synonyms: ['algae', 'green growth', 'green film'], family: 'growth',
    cues: ['a green tint seen from one side only', 'an even green film, the colour below still shows', 'the face is green, slippery when wet', 'a thick mat that a fingernail lifts'],
    expectation: 'Growth returns where it stays damp and shady; how soon depends on the site.',
  },
  {
    id: 'lichen', name: 'Lichen', synonyms: ['lichens', 'white spots', 'orange spots'], family: 'growth',
    cues: ['single discs, a hand apart', 'discs everywhere, none touching', 'discs grown together', 'crusts that stand up from the face'],
    expectation: 'Pale rings may stay where lichen has rooted in the face; they even out over seasons.',
  },
  {
    id: 'mineral-oil', name: 'Mineral oil', synonyms: ['oil', 'engine oil', 'hydraulic oil', 'oil stain'], family: 'hydrocarbon',
    cues: ['single drips, dry to the touch', 'a dark patch on which water beads', 'patches grown together', 'a wet or tarry layer'],
    expectation: 'Oil that has sunk deep rises again as the surface dries; the result is reviewed after 24 h dry.',
  },
  {
    id: 'surface-rust', name: 'Surface rust', synonyms: ['rust', 'rust stain', 'rust marks', 'iron stain'], family: 'metal-stain',
    cues: ['a yellow tint below a metal part', 'brown runs, the face below still shows', 'brown throughout', 'a crust of rust'],
    expectation: 'Rust returns while the metal above it stays, and rust from steel inside the surface cannot be washed out.',
  },
  {
    id: 'moss', name: 'Moss', synonyms: ['mosses', 'moss cushions', 'moss in joints'], family: 'growth',
    cues: ['threads in the joints only', 'small cushions, a hand apart', 'cushions grown together', 'a mat that lifts in pieces with soil under it'],
    expectation: 'Moss comes back where soil and shade stay; joints that held it may be empty afterwards.',
  },
  {
    id: 'hard-water-scale', name: 'Hard-water scale', synonyms: ['limescale', 'lime scale', 'water marks', 'water spots', 'scale'], family: 'mineral',
    cues: ['dried drops seen against the light', 'white runs, the face below still shows', 'a white veil throughout', 'a crust that a fingernail cannot lift'],
    expectation: 'Scale that has lain for years may have etched the face: a haze stays when the crust is off.',
  },
  {
    id: 'traffic-soot', name: 'Soot and traffic film', synonyms: ['soot', 'traffic film', 'road grime', 'exhaust film', 'black grime'], family: 'soil',
    cues: ['a grey tint on a white cloth', 'a grey film, the colour below still shows', 'black where rain does not reach', 'a black crust under ledges'],
    expectation: 'Soot that has set into a porous face pales; it does not go altogether at the first visit.',
  },
  {
    id: 'spray-paint', name: 'Spray paint', synonyms: ['graffiti', 'tag', 'tags', 'paint tag', 'aerosol paint'], family: 'coating',
    cues: ['overspray, seen from the side', 'one thin line or name', 'filled letters, the face below does not show', 'several layers over each other'],
    expectation: 'A shadow of the colour may stay in a porous face; a place tagged once is often tagged again.',
  },
  {
    id: 'mildew', name: 'Mildew', synonyms: ['mould', 'mold', 'black mould', 'black mold', 'black algae'], family: 'growth',
    cues: ['single black dots', 'a grey speckle, the colour below still shows', 'black speckle grown together', 'a black felt that smears'],
    expectation: 'Mildew returns where it stays damp and shady; how soon depends on the site.',
  },
  {
    id: 'red-algae', name: 'Red algae', synonyms: ['red growth', 'orange algae', 'terrestrial red algae'], family: 'growth',
    cues: ['a pink tint in the shade', 'an orange-red film, the colour below still shows', 'the face is red, dusty when dry', 'a thick orange felt'],
    expectation: 'Growth returns where it stays damp and shady; how soon depends on the site.',
  },
  {
    id: 'leaf-tannin', name: 'Leaf tannin', synonyms: ['tannin', 'leaf stain', 'leaf stains', 'tea stain'], family: 'soil',
    cues: ['outlines of single leaves', 'a brown wash, the face below still shows', 'brown throughout under trees', 'black where leaves have rotted'],
    expectation: 'Tannin comes back with the next leaves: keep them off.',
  },
  {
    id: 'tyre-marks', name: 'Tyre marks', synonyms: ['tire marks', 'tyre mark', 'rubber marks', 'scuff marks'], family: 'hydrocarbon',
    cues: ['single grey streaks', 'black streaks, the face below still shows', 'black in the turning curves', 'a shiny layer of rubber'],
    expectation: 'Rubber ground into a rough face pales; some of it stays.',
  },
  {
    id: 'bitumen', name: 'Bitumen', synonyms: ['tar', 'asphalt splashes', 'tar splashes'], family: 'hydrocarbon',
    cues: ['single dots', 'splashes, a hand apart', 'patches grown together', 'a layer that a knife lifts'],
    expectation: 'A brown shadow may stay in a porous face after the tar is off.',
  },
  {
    id: 'iron-clay', name: 'Iron-bearing clay', synonyms: ['red clay', 'clay stain', 'red soil', 'mud stain'], family: 'soil',
    cues: ['a red tint near the ground', 'red splashes, the face below still shows', 'red throughout to knee height', 'a crust of clay'],
    expectation: 'Clay splashes up again from open soil; gravel or planting along the wall keeps it down.',
  },
  {
    id: 'efflorescence', name: 'Efflorescence', synonyms: ['salt bloom', 'white bloom', 'saltpetre'], family: 'mineral',
    cues: ['a white breath in the joints', 'white patches that wipe off', 'white throughout, the colour is gone', 'crystals that stand up from the face'],
    expectation: 'Bloom returns as long as water moves through the wall; washing it in makes it worse.',
  },
  {
    id: 'cement-haze', name: 'Cement haze', synonyms: ['mortar haze', 'grout haze', 'mortar smears'], family: 'mineral',
    cues: ['a grey veil seen wet against dry', 'grey smears beside the joints', 'a grey film throughout', 'lumps of mortar'],
    expectation: 'Acid takes the haze and roughens cement joints a little; a trial shows how much.',
  },
  {
    id: 'felt-tip', name: 'Felt-tip ink', synonyms: ['marker', 'marker pen', 'felt pen', 'ink'], family: 'coating',
    cues: ['one thin line', 'a name in single lines', 'filled letters', 'several layers over each other'],
    expectation: 'A shadow of the ink may stay after the film is gone.',
  },
]; // prettier-ignore
