import { inLanguage } from '../../language/in-language.ts';
import type { PermanentMark } from '../permanent-mark.ts';

export const PERMANENT_MARKS: readonly PermanentMark[] = inLanguage([
  {
    id: 'fired-colour', name: 'Fired colour', cue: 'dark bricks or minerals, the same under a sill and wet as dry',
    expectation: 'Some bricks were fired dark: they stay dark.',
  },
  {
    id: 'fossil', name: 'Fossils, iron or veins in the stone', cue: 'shells, rusty specks or veins, the same in a fresh break',
    expectation: 'Fossils, iron specks and veins belong to the stone: they stay.',
  },
  {
    id: 'odd-mortar', name: 'Other sand in the mortar', cue: 'joints of another colour, clean to the core when scratched',
    expectation: 'The joints were made with a different sand: washing will not make them match.',
  },
  {
    id: 'sun-faded', name: 'Sun-faded patch', cue: 'the outline of ivy or a sign that hung there, lighter or darker than around it',
    expectation: 'The surface has faded around what covered it: the outline stays.',
  },
  {
    id: 'etched-pads', name: 'Etched pads of a climbing plant', cue: 'dots and lines of pads that a fingernail feels as pits',
    expectation: 'The pads have etched the surface: their outline stays when they are off.',
  },
  {
    id: 'steel-rust', name: 'Rust from steel inside', cue: 'brown beside a crack or a bulge, no metal above it',
    expectation: 'Steel inside rusts: the stain comes back until somebody repairs the concrete.',
  },
  {
    id: 'burnt', name: 'Burnt or melted spot', cue: 'a brown or glazed spot, hard and smooth, beside a fire place or a lamp',
    expectation: 'Heat has changed the surface: the spot will stay.',
  },
  {
    id: 'wand-marks', name: 'Earlier wand marks', cue: 'stripes or arcs of even width, seen in low light',
    expectation: 'An earlier jet has left stripes in the surface: cleaning makes them show more, not less.',
  },
  {
    id: 'chalked-paint', name: 'Chalking paint', cue: 'a white powder that rubs onto the finger',
    expectation: 'The paint is weathered: washing evens it out but does not bring back the gloss.',
  },
]); // prettier-ignore
