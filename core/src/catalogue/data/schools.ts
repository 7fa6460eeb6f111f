import { inLanguage } from '../../language/in-language.ts';
import type { RankingWeight, School } from '../school.ts';

const TRADE = 'trade default';

/** Questions on which good contractors differ; the default first. */
export const SCHOOLS: readonly School[] = inLanguage([
  {
    id: 'pre-wet', name: 'Pre-wet the surface?', setting: 'thirsty-only', source: TRADE,
    settings: [
      { id: 'thirsty-only', name: 'Absorbent surfaces', when: 'Absorbent, overgrown or sun-hot surfaces soak the mix up.' },
      { id: 'always', name: 'Always', when: 'In heat, or where what lies below must be wetted anyway.' },
      { id: 'never', name: 'Apply dry', when: 'A mild cleaner should soak in; a wet film would dilute the first coat.' },
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
      { id: 'by-material', name: 'By material', when: 'Shingle soft wash; slate and fragile tile by hand or biocide; sound heavy tile reduced washing; metal brushed and rinsed.' },
      { id: 'biocide-only', name: 'Biocide only', when: 'Slow and gentle, where nobody is waiting for the result.' },
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
      { id: 'top-down', name: 'Top down, twice', when: 'Where reach or glare leaves no choice; a second pass takes out the streaks.' },
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
      { id: 'same-day', name: 'Same day', when: 'The customer inspects and pays that day.' },
      { id: 'leave-on', name: 'Left on, over months', when: 'Right where the customer has it in writing what to expect and when.' },
    ],
  },
  {
    id: 'delivery', name: 'Delivery of a mix', setting: 'by-need', source: TRADE,
    settings: [
      { id: 'by-need', name: 'By strength and distance', when: 'Each mix goes out with whatever reaches that far at that strength.' },
      { id: 'backpack', name: 'Backpack sprayer', when: 'Small surfaces a long way from the vehicle.' },
      { id: 'pump', name: 'Dedicated pump', when: 'Large surfaces within hose length of the vehicle.' },
    ],
  },
  {
    id: 'mixes', name: 'Mixes of a day', setting: 'shared', source: TRADE,
    settings: [
      { id: 'shared', name: 'Shared', when: 'One strength that does it on every surface: fewer jugs, sprayers and slips.' },
      { id: 'own', name: 'Own mix', when: 'A surface gets exactly what it wants, or is watched apart from the others.' },
    ],
  },
  {
    id: 'door-strip', name: 'Floor along a door', setting: 'strong-strip', source: TRADE,
    settings: [
      { id: 'strong-strip', name: 'Strong strip first', when: 'Growth is much: chemistry does it there, and the machine passes fast and drives no water in.' },
      { id: 'as-the-rest', name: 'As the rest', when: 'The door is tight, or one mix less counts for more.' },
    ],
  },
  {
    id: 'plants', name: 'Plants', setting: 'wet', source: TRADE,
    settings: [
      { id: 'wet', name: 'Wet before, during, after', when: 'Where water is at hand all the time.' },
      { id: 'cover', name: 'Cover or bag', when: 'For a short time, never in hot sun.' },
      { id: 'capture', name: 'Catch all run-off', when: 'Where nothing may reach the roots or open water.' },
    ],
  },
  {
    id: 'joints', name: 'Sand joints after washing', setting: 'sand', source: TRADE,
    settings: [
      { id: 'sand', name: 'Dry sand', when: 'Terraces and paths.' },
      { id: 'sand-and-sealer', name: 'Sand and sealer', when: 'Where the customer wants the colour deepened and weeds kept out.' },
      { id: 'stabilised-sand', name: 'Stabilised sand', when: 'Where sweepers or slopes take loose sand out.' },
      { id: 'by-others', name: 'By others', when: 'For resin-type jointing.' },
    ],
  },
  {
    id: 'drying', name: 'Dry enough for sand and sealer', setting: 'by-reading', source: TRADE,
    settings: [
      { id: 'by-reading', name: 'By meter reading', when: 'The meter decides; days are only for planning ahead.' },
      { id: 'fixed-days', name: 'By days alone', when: 'Without a meter, in steady weather.' },
    ],
  },
]); // prettier-ignore

/** What counts when permitted methods are ranked: the result first, then the surface, then what is around. */
export const RANKING_WEIGHTS: readonly RankingWeight[] = inLanguage([
  { id: 'result', name: 'Result', value: 3, per: 'grade of 5', why: 'What the customer pays for.', source: TRADE },
  { id: 'surface-risk', name: 'Risk to the surface', value: 2, per: 'grade of 5', why: 'Least force that works.', source: TRADE },
  { id: 'harm-around', name: 'Harm around', value: 1, per: 'grade of 5', why: 'Plants, water, people; twice where run-off reaches open water.', source: TRADE },
  { id: 'neighbours', name: 'What stands around', value: 2, per: 'thing harmed by run-off; drips count twice, spray beside it half', why: 'Burnt plants, furred boards and pitted metal below are paid for by us.', source: TRADE },
  { id: 'time', name: 'Time', value: 1.5, per: 'doubling of hours per 100 m², dwell and strips counted', why: 'Hours are most of the price.', source: TRADE },
  { id: 'water', name: 'Water', value: 0.25, per: 'doubling of litres per m²', why: 'Taps run dry and run-off must go somewhere.', source: TRADE },
  { id: 'product', name: 'Product', value: 0.5, per: 'doubling of litres of mix per m²', why: 'Less to carry, to mix and to neutralise.', source: TRADE },
  { id: 'cost', name: 'Cost of product', value: 1, per: 'doubling of cost per m²', why: 'By usual trade prices; once we set this weight ourselves it goes by our own prices, and a new price can change the plan.', source: TRADE },
  { id: 'visit', name: 'Another visit', value: 6, per: 'visit', why: 'Travel, setting out and a day on the calendar.', source: TRADE },
  { id: 'preference', name: 'Company preference', value: 10, per: 'working practice that a method goes against', why: 'What we are used to goes faster and safer.', source: TRADE },
  { id: 'default-practice', name: 'Usual practice', value: 3, per: 'practice of the trade that a method goes against', why: 'What is done everywhere is known to work, and goes faster.', source: TRADE },
  { id: 'later', name: 'Result that shows later', value: 6, per: 'method that shows nothing on the day, where a wash does', why: 'The customer looks at it on the day, and pays then.', source: TRADE },
  { id: 'agent', name: 'Another product on the property', value: 3, per: 'agent', why: 'A sheet to know, a sprayer to rinse, a thing to spill.', source: TRADE },
  { id: 'opposed', name: 'Opposed agents in one run-off', value: 1.5, per: 'pair of agents', why: 'Rinse, neutralise, read and wait between them.', source: TRADE },
  { id: 'property-visit', name: 'Another visit to the property', value: 2, per: 'visit', why: 'Everybody comes again, whatever for.', source: TRADE },
  { id: 'most-loss', name: 'Most that a surface gives up', value: 6, per: 'job: points below its own best', why: 'For fewer products no surface gets a treatment that is far from its own best.', source: TRADE },
  { id: 'other-side', name: 'Over to another side', value: 2, unit: 'min', per: 'change of side', why: 'The hose and the tools go over too. Where the ways to both sides were paced, half of it, and the metres between them.', source: TRADE },
  { id: 'other-tool', name: 'Another tool taken up', value: 1, unit: 'min', per: 'change of tool', why: 'Put down, taken up, the tip changed.', source: TRADE },
  { id: 'other-mix', name: 'Another mix taken up', value: 1, unit: 'min', per: 'change of mix', why: 'Another sprayer is fetched, or this one rinsed.', source: TRADE },
  { id: 'other-stand', name: 'Tower or lift moved', value: 10, unit: 'min', per: 'move', why: 'Cleared, moved, levelled and secured again; a tower by two people.', source: TRADE },
  { id: 'stand-up', name: 'Tower put up', value: 25, unit: 'min', per: 'visit', why: 'Base levelled and braced, decks and guard rails in, by two people.', source: TRADE },
  { id: 'stand-down', name: 'Tower taken down', value: 15, unit: 'min', per: 'visit', why: 'By two people, handed down piece by piece.', source: TRADE },
  { id: 'spread-work', name: 'How far work strays from its time', value: 12, unit: '%', per: 'standard deviation of one thing that is done', why: 'The same wall takes one crew 50 minutes and the next 70.', source: TRADE },
  { id: 'spread-frame', name: 'How far setting out and clearing up stray', value: 25, unit: '%', per: 'standard deviation', why: 'The tap is where nobody said, the gate is locked, somebody talks.', source: TRADE },
  { id: 'spread-day', name: 'How far whole days stray', value: 5, unit: '%', per: 'standard deviation of all work of a day together', why: 'Weather, the mood, a tap that runs slower than it was measured.', source: TRADE },
  { id: 'spread-weather', name: 'How far the weather strays', value: 15, unit: '%', per: 'standard deviation of how long things stay wet, of a day', why: 'A breeze or a cloud that nobody forecast.', source: TRADE },
  { id: 'shared', name: 'One application for two findings', value: 3, per: 'finding', why: 'It saves a whole wet cycle.', source: TRADE },
], { words: ['per'] }); // prettier-ignore
