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
]; // prettier-ignore
