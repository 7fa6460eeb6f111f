import type { RankingWeight, School } from '../school.ts';

const TRADE = 'trade default';

/** Questions on which good contractors differ; the default first. */
export const SCHOOLS: readonly School[] = [
  {
    id: 'pre-wet', name: 'Pre-wet the surface?', setting: 'thirsty-only', source: TRADE,
    settings: [
      { id: 'thirsty-only', name: 'Absorbent surfaces', when: 'Absorbent, overgrown or sun-hot surfaces soak the mix up.' },
      { id: 'always', name: 'Always', when: 'Heat, or neighbours below that must be wet anyway.' },
      { id: 'never', name: 'Apply dry', when: 'A mild cleaner is to soak in: a wet film dilutes the first coat.' },
    ],
  },
  {
    id: 'growth-chemistry', name: 'Hypochlorite for growth?', setting: 'hypochlorite', source: TRADE,
    settings: [
      { id: 'hypochlorite', name: 'Hypochlorite', when: 'Masonry, concrete and coated cladding away from planting.' },
      { id: 'oxygen-or-neutral', name: 'Oxygen, alkaline or neutral', when: 'Natural timber, dense planting, old stone, water.' },
    ],
  },
  {
    id: 'roofs', name: 'Roofs', setting: 'by-material', source: TRADE,
    settings: [
      { id: 'by-material', name: 'By material', when: 'Shingle soft wash; fragile tile by hand or biocide; sound tile reduced washing.' },
      { id: 'biocide-only', name: 'Biocide only', when: 'Slow and gentle: nobody waits for the result.' },
      { id: 'hypochlorite-and-rinse', name: 'Hypochlorite and rinse', when: 'The result is wanted the same day.' },
    ],
  },
  {
    id: 'chemistry-or-machine', name: 'Chemistry or machine first?', setting: 'pre-treat', source: TRADE,
    settings: [
      { id: 'pre-treat', name: 'Pre-treat, then wash', when: 'The machine travels faster and softer.' },
      { id: 'wash-first', name: 'Wash first', when: 'Sound joints and thin growth: only what remains is treated, which saves product.' },
    ],
  },
  {
    id: 'direction', name: 'Direction of application', setting: 'bottom-up', source: TRADE,
    settings: [
      { id: 'bottom-up', name: 'Bottom up', when: 'No streaks and no runs over dry surface.' },
      { id: 'top-down', name: 'Top down, twice', when: 'Reach or glare forces it; a second pass takes the streaks.' },
    ],
  },
  {
    id: 'strength', name: 'Strength', setting: 'weakest', source: TRADE,
    settings: [
      { id: 'weakest', name: 'Weakest that works', when: 'Longer dwell, repeated while wet.' },
      { id: 'stronger', name: 'Stronger first', when: 'Neglected, robust surfaces: one grade stronger and the shorter dwell.' },
    ],
  },
  {
    id: 'scrub-or-dwell', name: 'Scrub or dwell?', setting: 'dwell', source: TRADE,
    settings: [
      { id: 'dwell', name: 'Dwell first', when: 'Only what stays is scrubbed.' },
      { id: 'scrub', name: 'Scrub each coat', when: 'Chalk, biofilm, or a result that must show the same day.' },
    ],
  },
  {
    id: 'result', name: 'When the result is wanted', setting: 'same-day', source: TRADE,
    settings: [
      { id: 'same-day', name: 'Same day', when: 'It is inspected and paid that day.' },
      { id: 'leave-on', name: 'Left on, within months', when: 'The customer has the expectation in writing.' },
    ],
  },
  {
    id: 'delivery', name: 'Delivery of a mix', setting: 'by-need', source: TRADE,
    settings: [
      { id: 'by-need', name: 'By strength and distance', when: 'Each mix by what can carry it that far at that strength.' },
      { id: 'backpack', name: 'Backpack sprayer', when: 'Small surfaces far from the vehicle.' },
      { id: 'pump', name: 'Dedicated pump', when: 'Large surfaces within a hose of the vehicle.' },
    ],
  },
  {
    id: 'plants', name: 'Plants', setting: 'wet', source: TRADE,
    settings: [
      { id: 'wet', name: 'Wet before, during, after', when: 'Water at hand all the time.' },
      { id: 'cover', name: 'Cover or bag', when: 'A short time, never in hot sun.' },
      { id: 'capture', name: 'Catch all run-off', when: 'Nothing may reach the roots or the water.' },
    ],
  },
  {
    id: 'joints', name: 'Sand joints after washing', setting: 'sand', source: TRADE,
    settings: [
      { id: 'sand', name: 'Dry sand', when: 'A terrace or a path.' },
      { id: 'sand-and-sealer', name: 'Sand and sealer', when: 'Colour is wanted, weeds are not.' },
      { id: 'stabilised-sand', name: 'Stabilised sand', when: 'Sweepers or slopes take loose sand out.' },
      { id: 'by-others', name: 'By others', when: 'Resin-type jointing.' },
    ],
  },
  {
    id: 'drying', name: 'Dry enough for sand and sealer', setting: 'by-reading', source: TRADE,
    settings: [
      { id: 'by-reading', name: 'By a reading', when: 'The meter says it; days are the fallback for planning.' },
      { id: 'fixed-days', name: 'By fixed days', when: 'No meter, steady weather.' },
    ],
  },
]; // prettier-ignore

/** What counts when permitted methods are ranked: the result first, then the surface, then what is around. */
export const RANKING_WEIGHTS: readonly RankingWeight[] = [
  { id: 'result', name: 'Result', value: 3, per: 'grade of 5', why: 'What the customer pays for.', source: TRADE },
  { id: 'surface-risk', name: 'Risk to the surface', value: 2, per: 'grade of 5', why: 'Least force that works.', source: TRADE },
  { id: 'harm-around', name: 'Harm around', value: 1, per: 'grade of 5', why: 'Plants, water, people; twice where run-off reaches open water.', source: TRADE },
  { id: 'time', name: 'Time', value: 1, per: 'doubling of the hours on 100 m²', why: 'Hours are most of the price.', source: TRADE },
  { id: 'water', name: 'Water', value: 0.25, per: 'doubling of the litres on a square metre', why: 'Taps run dry and run-off must go somewhere.', source: TRADE },
  { id: 'product', name: 'Product', value: 0.5, per: 'doubling of the litres of mix on a square metre', why: 'Less to carry, to mix and to neutralise.', source: TRADE },
  { id: 'cost', name: 'Cost of product', value: 0, per: 'doubling of the money on a square metre', why: 'By the prices of your products; where it counts, another price is another plan.', source: TRADE },
  { id: 'visit', name: 'Another visit', value: 6, per: 'visit', why: 'Travel, setting out and a day on the calendar.', source: TRADE },
  { id: 'preference', name: 'Company preference', value: 10, per: 'school that a method goes against', why: 'What the company is used to goes faster and safer.', source: TRADE },
  { id: 'shared', name: 'One application for two findings', value: 3, per: 'finding', why: 'A cycle is saved.', source: TRADE },
]; // prettier-ignore
