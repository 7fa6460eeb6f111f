import type { Contaminant } from '../../contaminant.ts';

/** What a clean surface still wants. */
export const WEAR: readonly Contaminant[] = [
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
