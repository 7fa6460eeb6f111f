import type { Contaminant } from '../../contaminant.ts';
import { bulk, work } from '../methods/stage-parts.ts';

/** What grows. */
export const GROWTH: readonly Contaminant[] = [
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
    id: 'moss', name: 'Moss', synonyms: ['mosses', 'moss cushions', 'moss in joints'], family: 'growth',
    cues: ['threads in the joints only', 'small cushions, a hand apart', 'cushions grown together', 'a mat that lifts in pieces with soil under it'],
    solids: {
      from: 3, families: ['concrete', 'stone', 'masonry', 'render', 'timber', 'roofing'],
      lift: { ...work('clear', 'hand-scraper', [20, 40], 'Cushions and mats are off; no edge is dug into.'), task: 'Scrape off the moss', bulk: bulk('moss and soil', [0.2, 1, 3, 6], 'bagged dry and taken away') },
    },
    expectation: 'Moss comes back where soil and shade stay; joints that held it may be empty afterwards.',
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
    id: 'biofilm', name: 'Biofilm', synonyms: ['slime', 'slippery film', 'bacterial slime'], family: 'growth',
    cues: ['slippery when wet, nothing to see', 'a clear slime under a finger', 'a grey or brown slime throughout', 'a thick jelly'],
    expectation: 'Slime returns where water stands or runs.',
  },
  {
    id: 'black-spot', name: 'Black spot on paving', synonyms: ['black spot', 'black spots', 'black spot lichen', 'black lichen'], family: 'growth',
    cues: ['single black dots on a slab', 'dots a hand apart that a nail does not lift', 'dots grown together', 'slabs more black than pale'],
    expectation: 'Black spot roots in the stone: pale ghosts stay for months and go with repeats.',
  },
  {
    id: 'roof-streaks', name: 'Black streaks on a roof', synonyms: ['roof streaks', 'black roof streaks', 'streaky roof'], family: 'growth',
    cues: ['faint grey runs below the ridge', 'black runs on the shady side', 'black throughout, the colour below still shows', 'black with moss in it'],
    expectation: 'Streaks return from the shady side within years; a metal strip at the ridge keeps them off longer.',
  },
]; // prettier-ignore
