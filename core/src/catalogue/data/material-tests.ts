import { inLanguage } from '../../language/in-language.ts';
import type { QuickTest } from '../look-alike.ts';
import type { MaterialFamily } from '../material.ts';
import { MATERIALS } from './materials.ts';

const TRADE = 'trade default; likelihoods are estimates of experienced practice, for the company to change';

/** Probability of each outcome by family, and for materials that differ from their family by id. */
interface Table {
  readonly families: Readonly<Record<MaterialFamily, readonly number[]>>;
  readonly materials?: Readonly<Record<string, readonly number[]>>;
}

function byMaterial({ families, materials = {} }: Table): Readonly<Record<string, readonly number[]>> {
  return Object.fromEntries(MATERIALS.map(({ id, family }) => [id, materials[id] ?? families[family]]));
}

/** Small tests that tell materials apart; the drop of water, timed, is the one more that is made of their thirst. */
export const MATERIAL_TESTS: readonly QuickTest[] = inLanguage([
  {
    id: 'key-press', name: 'Press a key in', minutes: 1, agentClass: null, disturbs: true, source: TRADE,
    how: 'Press the tip of a key in where nobody looks, then draw it a centimetre.', needs: ['key'],
    never: 'Not where people look closely: it leaves a scratch.',
    outcomes: [{ id: 'sinks', text: 'it dents, fibres give way' }, { id: 'scratches', text: 'it leaves a pale, powdery scratch' }, { id: 'slides', text: 'it slides off without a trace' }],
    likelihood: byMaterial({
      families: {
        timber: [0.78, 0.17, 0.05], render: [0.05, 0.75, 0.2], masonry: [0.02, 0.48, 0.5], stone: [0.02, 0.38, 0.6],
        concrete: [0.01, 0.29, 0.7], metal: [0.03, 0.37, 0.6], roofing: [0.01, 0.34, 0.65], glass: [0.01, 0.02, 0.97], plastic: [0.45, 0.25, 0.3],
      },
      materials: { thatch: [0.9, 0.05, 0.05], 'asphalt-shingle': [0.4, 0.3, 0.3], 'roofing-felt': [0.6, 0.2, 0.2], 'single-ply': [0.8, 0.05, 0.15], 'metal-roof': [0.02, 0.28, 0.7], 'zinc-roof': [0.03, 0.67, 0.3], granite: [0.01, 0.05, 0.94], limestone: [0.03, 0.85, 0.12] },
    }),
  },
  {
    id: 'magnet', name: 'Hold a magnet to it', minutes: 1, agentClass: null, never: null, source: TRADE,
    how: 'Hold a small magnet flat to the surface.', needs: ['magnet'],
    outcomes: [{ id: 'sticks', text: 'it sticks' }, { id: 'falls', text: 'it falls off' }],
    likelihood: byMaterial({
      families: {
        metal: [0.6, 0.4], timber: [0.01, 0.99], render: [0.02, 0.98], masonry: [0.01, 0.99],
        stone: [0.01, 0.99], concrete: [0.02, 0.98], roofing: [0.03, 0.97], glass: [0.01, 0.99], plastic: [0.01, 0.99],
      },
      materials: { 'metal-roof': [0.6, 0.4], 'zinc-roof': [0.01, 0.99], 'painted-aluminium': [0.01, 0.99], 'anodised-aluminium': [0.01, 0.99], copper: [0.01, 0.99], zinc: [0.01, 0.99], lead: [0.01, 0.99], 'stainless-steel': [0.2, 0.8], 'coated-steel': [0.95, 0.05], 'galvanised-steel': [0.95, 0.05], 'weathering-steel': [0.95, 0.05] },
    }),
  },
  {
    id: 'tap', name: 'Tap it with a coin', minutes: 1, agentClass: null, never: null, source: TRADE,
    how: 'Tap it in three places and listen.', needs: ['coin'],
    outcomes: [{ id: 'hollow', text: 'it rings hollow, like a tin' }, { id: 'dull', text: 'a dull knock' }, { id: 'bright', text: 'a bright click' }],
    likelihood: byMaterial({
      families: {
        metal: [0.85, 0.1, 0.05], timber: [0.15, 0.8, 0.05], render: [0.15, 0.7, 0.15], masonry: [0.03, 0.47, 0.5],
        stone: [0.02, 0.23, 0.75], concrete: [0.03, 0.47, 0.5], roofing: [0.1, 0.2, 0.7], glass: [0.04, 0.02, 0.94], plastic: [0.35, 0.6, 0.05],
      },
      materials: { 'metal-roof': [0.85, 0.1, 0.05], 'zinc-roof': [0.85, 0.1, 0.05], thatch: [0.01, 0.98, 0.01], 'roofing-felt': [0.05, 0.94, 0.01], 'asphalt-shingle': [0.05, 0.93, 0.02], 'single-ply': [0.2, 0.79, 0.01], 'clay-roof-tile': [0.03, 0.07, 0.9], 'slate-roof': [0.02, 0.08, 0.9], 'glass-fibre': [0.6, 0.38, 0.02], limestone: [0.02, 0.6, 0.38], granite: [0.02, 0.08, 0.9] },
    }),
  },
  {
    id: 'wet-look', name: 'Look at it closely, wet and dry', minutes: 3, agentClass: null, never: null, source: TRADE,
    how: 'Wet a hand’s breadth, look at it closely, and again when it is dry.', needs: ['water', 'lens, if there is one'],
    outcomes: [
      { id: 'fibres', text: 'long fibres and rings' }, { id: 'speckles', text: 'hard speckles that glitter' },
      { id: 'stones', text: 'sand and stones in a grey paste' }, { id: 'even', text: 'even and fine, darker when wet' },
      { id: 'skin', text: 'a closed skin, the same wet and dry' },
    ],
    likelihood: byMaterial({
      families: {
        timber: [0.9, 0.01, 0.01, 0.05, 0.03], render: [0.01, 0.04, 0.25, 0.3, 0.4], masonry: [0.01, 0.09, 0.1, 0.7, 0.1],
        stone: [0.01, 0.4, 0.09, 0.45, 0.05], concrete: [0.01, 0.04, 0.75, 0.15, 0.05], metal: [0.01, 0.02, 0.01, 0.01, 0.95],
        roofing: [0.02, 0.08, 0.1, 0.65, 0.15], glass: [0.01, 0.01, 0.01, 0.01, 0.96], plastic: [0.05, 0.01, 0.02, 0.12, 0.8],
      },
      materials: { thatch: [0.93, 0.01, 0.01, 0.04, 0.01], 'asphalt-shingle': [0.02, 0.88, 0.05, 0.03, 0.02], 'concrete-roof-tile': [0.01, 0.04, 0.75, 0.15, 0.05], 'metal-roof': [0.01, 0.01, 0.01, 0.02, 0.95], 'zinc-roof': [0.01, 0.01, 0.01, 0.02, 0.95], 'single-ply': [0.01, 0.01, 0.01, 0.02, 0.95], pebbledash: [0.01, 0.1, 0.82, 0.05, 0.02], roughcast: [0.01, 0.06, 0.7, 0.15, 0.08],
        granite: [0.01, 0.88, 0.04, 0.05, 0.02], limestone: [0.01, 0.06, 0.08, 0.82, 0.03],
        'exposed-aggregate': [0.01, 0.05, 0.91, 0.02, 0.01], 'painted-render': [0.01, 0.02, 0.12, 0.1, 0.75],
      },
    }),
  },
  {
    id: 'acid-fizz', name: 'Drop of acid', minutes: 1, agentClass: 'acid', source: TRADE,
    how: 'A drop of weak acid on a hidden spot; listen and look, then rinse.', needs: ['citric acid 50 g/L, a few drops', 'water', 'goggles and gloves'],
    never: 'Never where one of the materials that it may be is calcareous, nor beside a hypochlorite dab.',
    outcomes: [{ id: 'yes', text: 'fizzes' }, { id: 'no', text: 'does not fizz' }],
    likelihood: byMaterial({
      families: {
        timber: [0.01, 0.99], render: [0.5, 0.5], masonry: [0.1, 0.9], stone: [0.05, 0.95],
        concrete: [0.85, 0.15], metal: [0.03, 0.97], roofing: [0.15, 0.85], glass: [0.01, 0.99], plastic: [0.02, 0.98],
      },
      materials: { 'concrete-roof-tile': [0.8, 0.2], 'fibre-cement': [0.7, 0.3], 'new-fibre-cement': [0.5, 0.5], 'marble-memorial': [0.97, 0.03], 'limestone-flags': [0.97, 0.03], 'pool-coping': [0.8, 0.2], 'cast-stone': [0.9, 0.1], 'brick-pavers': [0.05, 0.95], 'porcelain-paving': [0.02, 0.98], limestone: [0.97, 0.03], marble: [0.97, 0.03], travertine: [0.97, 0.03], 'lime-render': [0.95, 0.05], 'lime-mortar-joint': [0.9, 0.1], 'painted-render': [0.2, 0.8], 'acrylic-render': [0.1, 0.9], 'asphalt-paving': [0.03, 0.97] },
    }),
  },
], { words: ['needs', 'text'] }); // prettier-ignore
