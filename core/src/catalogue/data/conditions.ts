import { inLanguage } from '../../language/in-language.ts';
import type { Condition } from '../material.ts';

/** States of a surface as changes to what its material tolerates. */
export const CONDITIONS: readonly Condition[] = inLanguage([
  { id: 'chalking', name: 'chalking or oxidised paint', synonyms: ['chalking', 'chalky', 'oxidised', 'oxidized'], cue: 'a finger comes away in the colour of the paint', jetLimitKilopascal: 2.5, tolerates: { solvent: 'no' } },
  { id: 'flaking', name: 'flaking paint', synonyms: ['flaking', 'peeling'], cue: 'edges lift under a fingernail', jetLimitKilopascal: 2.5, brush: 'none', tolerates: { solvent: 'no', heat: 'no' } },
  { id: 'splintering', name: 'splintering wood', synonyms: ['splintering', 'splintery', 'splinters'], cue: 'loose fibres stand up, a key presses in', jetLimitKilopascal: 2.5 },
  { id: 'rotten', name: 'rotten wood', synonyms: ['rotten', 'rot', 'rotting'], cue: 'a key sinks in', jetLimitKilopascal: 2.5, brush: 'none' },
  { id: 'soft-stone', name: 'soft stone', synonyms: ['soft stone', 'crumbling', 'sanding off'], cue: 'grains come off under a thumb', jetLimitKilopascal: 2.5, brush: 'none', tolerates: { heat: 'no' } },
  { id: 'spalling', name: 'spalling surface', synonyms: ['spalling', 'spalled', 'blown faces', 'frost damage'], cue: 'flakes as large as a coin have come off', jetLimitKilopascal: 2.5, brush: 'soft', tolerates: { heat: 'no' } },
  { id: 'hollow', name: 'hollow render', synonyms: ['hollow', 'blown render', 'delaminated'], cue: 'sounds hollow when tapped', jetLimitKilopascal: 2.5 },
  { id: 'loose-joints', name: 'loose or hollow joints', synonyms: ['loose joints', 'hollow joints', 'open joints', 'missing joints'], cue: 'mortar or sand missing, a flag that rocks', jetLimitKilopascal: 60 },
  { id: 'hairline', name: 'hairline cracks', synonyms: ['hairline cracks', 'hairline crack', 'crazed', 'crazing'], cue: 'a hair wide, wet lines that dry last; water does not run in', tolerates: { heat: 'short' } },
  { id: 'cracked', name: 'cracked through', synonyms: ['cracks', 'crack', 'cracking', 'cracked'], cue: 'water disappears into it', jetLimitKilopascal: 10, tolerates: { heat: 'short' } },
  { id: 'slipped', name: 'slipped or loose tiles', synonyms: ['slipped tiles', 'slipped', 'loose tiles'], cue: 'a tile out of its row', jetLimitKilopascal: 1.5 },
  { id: 'brittle', name: 'brittle with age', synonyms: ['brittle', 'perished'], cue: 'it cracks when bent a little', jetLimitKilopascal: 2.5, tolerates: { solvent: 'no', heat: 'no' } },
  { id: 'corroded', name: 'corroded metal', synonyms: ['corroded', 'rusted through', 'pitted'], cue: 'the metal itself has pits or blisters', jetLimitKilopascal: 5, pH: [5, 9] },
  { id: 'failed-seal', name: 'failed seal', synonyms: ['failed seal', 'perished seal', 'white sealer', 'worn sealer'], cue: 'the seal lifts, or is milky', jetLimitKilopascal: 30, tolerates: { solvent: 'no' } },
  { id: 'jet-marked', name: 'marked by an earlier jet', synonyms: ['wand marked', 'jet marks', 'pressure marks'], cue: 'stripes or arcs of even width in low light', jetLimitKilopascal: 150 },
  { id: 'new', name: 'new, under 28 days', synonyms: ['freshly laid', 'under 28 days', 'four weeks old'], cue: 'laid or rendered in the last four weeks', jetLimitKilopascal: 10, brush: 'soft', tolerates: { heat: 'no' }, pH: [6, 13] },
  { id: 'historic', name: 'historic or listed', synonyms: ['historic', 'listed', 'protected', 'heritage'], cue: 'a plaque, an old date, or the owner says so', jetLimitKilopascal: 10, brush: 'soft', tolerates: { chlorine: 'no', heat: 'short' } },
  { id: 'waxed', name: 'waxed or oiled', synonyms: ['waxed', 'oiled', 'wax finish', 'oil finish'], cue: 'water beads, a coin draws a soft line', tolerates: { solvent: 'no', heat: 'no' }, pH: [4, 10] },
  { id: 'scratched-anodising', name: 'worn or scratched anodising', synonyms: ['scratched anodising', 'scratched anodizing', 'worn anodising'], cue: 'dull grey patches, scratches down to bright metal', tolerates: { chlorine: 'no', peroxide: 'short' }, pH: [5, 8.5] },
  { id: 'sacrificial-coat', name: 'under a sacrificial coat', synonyms: ['sacrificial coat', 'anti-graffiti wax', 'sacrificial coating'], cue: 'a soft sheen up to one height, or the owner says so', tolerates: { solvent: 'no', heat: 'no' } },
  { id: 'narrow-treads', name: 'narrow treads', synonyms: ['treads', 'stair treads', 'narrow steps'], cue: 'treads narrower than the head of a surface cleaner' },
  { id: 'perhaps-asbestos', name: 'perhaps asbestos', synonyms: ['asbestos', 'perhaps asbestos', 'suspected asbestos'], cue: 'cement slates, felt, textured coat or corrugated sheet from before asbestos was banned', handOver: 'It may hold asbestos: nothing is scratched, brushed, jetted or broken before a laboratory has looked; licensed specialists deal with it.' },
  { id: 'lead-paint', name: 'perhaps old lead paint', synonyms: ['lead paint', 'old lead paint'], cue: 'many thick old coats, from before lead paint was banned', handOver: 'It may be lead paint: nothing is rubbed, jetted or heated before it is tested; licensed specialists take it off.' },
]); // prettier-ignore

/** Weak or old: a machine's jet is a risk more than on a sound face. */
export const FRAIL: readonly string[] = [
  'historic',
  'soft-stone',
  'spalling',
  'rotten',
  'splintering',
  'flaking',
  'brittle',
  'slipped',
];
/** Makes a roof fragile, whatever it is made of. */
export const FRAGILE_ROOF: readonly string[] = ['cracked', 'slipped', 'spalling'];
/** Chalk goes only with a brush, and old stone is worked with one. */
export const BRUSHED: readonly string[] = ['chalking', 'historic'];
