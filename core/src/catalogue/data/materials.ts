import type { Condition, Material } from '../material.ts';

const SORPTIVITY_COATED = 0.0001;

export const MATERIALS: readonly Material[] = [
  {
    id: 'painted-render', name: 'Painted render', synonyms: ['masonry paint', 'coated render', 'stucco painted'], family: 'render',
    finishes: ['painted'], calcareous: false, saltSensitive: false,
    sorptivity: { bare: 0.008, painted: SORPTIVITY_COATED, sealed: SORPTIVITY_COATED }, rough: true, thirstFactor: 1,
    jetLimitKilopascal: 10, conditions: ['chalking', 'flaking', 'cracked', 'historic'], source: 'trade default; sorptivity order of EN ISO 15148 values',
  },
  {
    id: 'concrete', name: 'Concrete', synonyms: ['concrete slab', 'yard', 'cement floor'], family: 'concrete',
    finishes: ['bare', 'sealed', 'painted'], calcareous: false, saltSensitive: false,
    sorptivity: { bare: 0.015, painted: SORPTIVITY_COATED, sealed: SORPTIVITY_COATED }, rough: true, thirstFactor: 1.2,
    jetLimitKilopascal: 250, conditions: ['cracked', 'loose-joints', 'historic'], source: 'trade default; sorptivity order of EN ISO 15148 values',
  },
  {
    id: 'larch-boards', name: 'Larch boards', synonyms: ['larch cladding', 'larch decking', 'timber boards', 'siding timber'], family: 'timber',
    finishes: ['bare', 'painted', 'sealed'], calcareous: false, saltSensitive: false,
    sorptivity: { bare: 0.002, painted: SORPTIVITY_COATED, sealed: SORPTIVITY_COATED }, rough: true, thirstFactor: 1.1,
    jetLimitKilopascal: 25, conditions: ['splintering', 'rotten', 'historic'], source: 'trade default; softwood sorptivity',
  },
  {
    id: 'granite', name: 'Granite', synonyms: ['granite steps', 'granite flags', 'granite setts'], family: 'stone',
    finishes: ['bare', 'sealed'], calcareous: false, saltSensitive: false,
    sorptivity: { bare: 0.003, painted: SORPTIVITY_COATED, sealed: SORPTIVITY_COATED }, rough: true, thirstFactor: 1,
    jetLimitKilopascal: 200, conditions: ['loose-joints', 'cracked', 'historic'], source: 'trade default; dense stone',
  },
  {
    id: 'limestone', name: 'Limestone', synonyms: ['lime stone', 'calcareous stone', 'ashlar limestone'], family: 'stone',
    finishes: ['bare', 'sealed'], calcareous: true, saltSensitive: true,
    sorptivity: { bare: 0.12, painted: SORPTIVITY_COATED, sealed: SORPTIVITY_COATED }, rough: true, thirstFactor: 2,
    jetLimitKilopascal: 2.5, conditions: ['soft-stone', 'loose-joints', 'cracked', 'historic'], source: 'trade default; soft limestone sorptivity',
  },
  {
    id: 'painted-aluminium', name: 'Painted aluminium', synonyms: ['coated aluminum', 'metal cladding', 'aluminium panels', 'aluminum siding'], family: 'metal',
    finishes: ['painted', 'bare'], calcareous: false, saltSensitive: false,
    sorptivity: { bare: SORPTIVITY_COATED, painted: SORPTIVITY_COATED, sealed: SORPTIVITY_COATED }, rough: false, thirstFactor: 0.7,
    jetLimitKilopascal: 5, conditions: ['chalking', 'flaking', 'historic'], source: 'trade default',
  },
  {
    id: 'exposed-aggregate', name: 'Exposed-aggregate concrete', synonyms: ['washed concrete', 'pebble finish concrete', 'exposed aggregate'], family: 'concrete',
    finishes: ['bare', 'sealed'], calcareous: false, saltSensitive: false,
    sorptivity: { bare: 0.015, painted: SORPTIVITY_COATED, sealed: SORPTIVITY_COATED }, rough: true, thirstFactor: 1.3,
    jetLimitKilopascal: 150, conditions: ['cracked', 'loose-joints', 'historic'], source: 'trade default; sorptivity as concrete, jet lower since stones come loose',
  },
  {
    id: 'clay-brick', name: 'Clay brick', synonyms: ['brick', 'bricks', 'brickwork', 'facing brick'], family: 'masonry',
    finishes: ['bare', 'painted', 'sealed'], calcareous: false, saltSensitive: false,
    sorptivity: { bare: 0.12, painted: SORPTIVITY_COATED, sealed: SORPTIVITY_COATED }, rough: true, thirstFactor: 1.6,
    jetLimitKilopascal: 25, conditions: ['loose-joints', 'cracked', 'soft-stone', 'historic'], source: 'trade default; soft brick sorptivity, order of EN ISO 15148 values',
  },
  {
    id: 'clay-roof-tile', name: 'Clay roof tiles', synonyms: ['clay tile', 'clay tiles', 'roof tiles', 'pantiles'], family: 'roofing',
    finishes: ['bare', 'sealed'], calcareous: false, saltSensitive: false,
    sorptivity: { bare: 0.06, painted: SORPTIVITY_COATED, sealed: SORPTIVITY_COATED }, rough: true, thirstFactor: 1.3,
    jetLimitKilopascal: 2.5, conditions: ['cracked', 'historic'], source: 'trade default; garden force only, a close jet lifts and breaks tiles',
  },
  {
    id: 'clear-glass', name: 'Clear glass', synonyms: ['glass', 'window glass', 'glazing', 'glass roof', 'panes'], family: 'glass',
    finishes: ['bare'], calcareous: false, saltSensitive: false,
    sorptivity: { bare: SORPTIVITY_COATED, painted: SORPTIVITY_COATED, sealed: SORPTIVITY_COATED }, rough: false, thirstFactor: 0.7,
    jetLimitKilopascal: 5, conditions: ['cracked', 'historic'], source: 'trade default; uncoated glass, seals and edges kept out of any jet',
  },
]; // prettier-ignore

export const CONDITIONS: readonly Condition[] = [
  {
    id: 'chalking',
    name: 'chalking or oxidised paint',
    synonyms: ['chalking', 'chalky', 'oxidised', 'oxidised paint', 'chalking paint'],
    cue: 'a finger comes away in the colour of the paint',
    jetLimitKilopascal: 2.5,
  },
  {
    id: 'flaking',
    name: 'flaking paint',
    synonyms: ['flaking', 'flaky', 'peeling', 'peeling paint'],
    cue: 'edges lift under a fingernail',
    jetLimitKilopascal: 2.5,
  },
  {
    id: 'splintering',
    name: 'splintering wood',
    synonyms: ['splintering', 'splintery', 'splinters'],
    cue: 'loose fibres stand up, a key presses in',
    jetLimitKilopascal: 2.5,
  },
  {
    id: 'rotten',
    name: 'rotten wood',
    synonyms: ['rotten', 'rot', 'rotting'],
    cue: 'a key sinks in',
    jetLimitKilopascal: 2.5,
  },
  {
    id: 'soft-stone',
    name: 'soft stone',
    synonyms: ['soft stone', 'crumbling', 'sanding off'],
    cue: 'grains come off under a thumb',
    jetLimitKilopascal: 2.5,
  },
  {
    id: 'loose-joints',
    name: 'loose or hollow joints',
    synonyms: ['loose joints', 'hollow joints', 'open joints', 'missing joints'],
    cue: 'mortar or sand missing, a flag that rocks',
    jetLimitKilopascal: 30,
  },
  {
    id: 'cracked',
    name: 'cracked',
    synonyms: ['cracks', 'crack', 'cracking'],
    cue: 'water disappears into it',
    jetLimitKilopascal: 10,
  },
  {
    id: 'historic',
    name: 'historic or listed',
    synonyms: ['historic', 'listed', 'protected', 'heritage'],
    cue: 'a plaque, an old date, or the owner says so',
  },
];
