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
]; // prettier-ignore
