import { MATERIAL_FAMILIES } from '../../material.ts';
import type { Method } from '../../method.ts';
import { CONTAMINANTS } from '../contaminants.ts';
import { MATERIALS } from '../materials.ts';
import { AS_SOLD, TRADE, apply, jointSand, rate, wait, work } from './stage-parts.ts';

const DRY_FOR_SAND = {
  days: 2,
  until: 'Joints are dry to the depth of a finger: a dry stick comes out clean',
};
const DRY_FOR_SEALER = { days: 7, until: 'Moisture meter at most 4 %; film taped on overnight shows no dew' };
const DRY_FOR_OIL = { days: 3, until: 'Wood moisture at most 15 to 18 %' };
/** What dissolves lime dissolves these. */
const CALCAREOUS = MATERIALS.flatMap(({ id, calcareous }) => (calcareous ? [id] : []));
/** Sand goes into joints of sand. */
const LAID_IN_SAND = MATERIALS.flatMap(({ id, joints }) => (joints === 'sand' ? [id] : []));
const SAND_IN = jointSand('kiln-dried jointing sand');
const FULL_JOINTS = [
  'Joints are full to the chamfer; no sand lies on the surface.',
  'Mud in a joint is scraped out before sand goes in.',
];

/** What follows on the clean, dry face, and what others do. */
export const FINISHING_METHODS: readonly Method[] = [
  {
    id: 'fill-dry-sand', name: 'Fill joints with dry sand', schools: { joints: 'sand' }, treats: { 'empty-joints': 4 }, families: ['concrete', 'stone'], onlyMaterials: LAID_IN_SAND,
    surfaceRisk: 1, harmAround: 1, chainOrder: 'fill', dryFirst: DRY_FOR_SAND,
    why: 'Locks the stones and keeps seeds out; on a dry day, swept in dry.', expectation: null, source: TRADE,
    stages: [{ ...work('fill', 'broom', [60, 80], ...FULL_JOINTS), bulk: SAND_IN }],
  },
  {
    id: 'fill-stabilised-sand', name: 'Fill joints with stabilised sand', schools: { joints: 'stabilised-sand' }, treats: { 'empty-joints': 4 }, families: ['concrete', 'stone'], onlyMaterials: LAID_IN_SAND,
    surfaceRisk: 2, harmAround: 2, chainOrder: 'fill', dryFirst: DRY_FOR_SAND,
    why: 'Misting sets it, so that a sweeper does not take it out.', expectation: 'Grains left on the surface set there: a haze that will hardly come off.', source: TRADE,
    stages: [
      { ...work('fill', 'broom', [40, 60], ...FULL_JOINTS, 'The surface is swept and blown clean before a drop of water.'), bulk: jointSand('stabilised jointing sand') },
      { ...work('rinse', 'garden-hose', [100, 150], 'A mist only: nothing washes out, nothing pools.'), task: 'Mist the sand to set it' },
    ],
  },
  {
    id: 'sand-and-seal', name: 'Fill joints with sand, then seal', schools: { joints: 'sand-and-sealer' }, treats: { 'empty-joints': 5, 'unprotected-face': 4 }, families: ['concrete'], onlyMaterials: LAID_IN_SAND,
    surfaceRisk: 2, harmAround: 3, chainOrder: 'fill', dryFirst: DRY_FOR_SEALER,
    why: 'The sealer binds the sand through and through and holds the colour.', expectation: 'The surface is darker and slightly glossy; it is resealed every three to five years.', source: TRADE,
    stages: [
      { ...work('fill', 'broom', [60, 80], ...FULL_JOINTS), bulk: SAND_IN },
      apply('joint-sealer', AS_SOLD, [0, 1440], { checks: ['No rain and no dew for a day.', 'Flooded on: the sand changes colour all through.'], stopWhen: 'The surface is evenly wet and nothing pools.', ifNotEnough: 'A second coat takes a visit of its own, as the label says.', leaveOn: true, tool: 'roller', litresPerSquareMetre: 0.5, rate: rate(60, 90), clings: false }),
      wait('set', [1, 7], 'The first coat is dry and does not stick'),
      apply('joint-sealer', AS_SOLD, [0, 1440], { checks: ['Thin and even; no traffic for two days.'], stopWhen: 'The surface is evenly wet.', ifNotEnough: 'Two coats are enough.', leaveOn: true, tool: 'roller', litresPerSquareMetre: 0.3, rate: rate(60, 90), clings: false }),
    ],
  },
  {
    id: 'joints-by-others', name: 'Joints filled by others', schools: { joints: 'by-others' }, treats: { 'empty-joints': 3 }, families: ['concrete', 'stone'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'fill',
    why: 'Resin-type jointing is a trade of its own.', expectation: 'Until the joints are filled nobody drives on it.', source: TRADE,
    stages: [wait('others', [2, 14], 'The paver has filled the joints')],
  },
  {
    id: 'impregnate', name: 'Impregnate', treats: { 'unprotected-face': 5 }, families: ['masonry', 'stone', 'concrete', 'render'],
    surfaceRisk: 1, harmAround: 3, chainOrder: 'coat', dryFirst: DRY_FOR_SEALER,
    why: 'Water stays out and vapour gets out; the look hardly changes.', expectation: 'Wet patches show darker for a few weeks.', source: TRADE,
    stages: [apply('silane-impregnator', AS_SOLD, [0, 1440], { checks: ['A curtain a hand deep runs down; the glass is covered.'], stopWhen: 'The surface takes no more.', ifNotEnough: 'Once more within the hour, wet on wet.', leaveOn: true, litresPerSquareMetre: 0.4, coats: 2, nextCoatLitresPerSquareMetre: 0.25, rate: rate(60, 90), clings: false })],
  },
  {
    id: 'seal-paving', name: 'Seal', treats: { 'unprotected-face': 4 }, families: ['concrete'],
    surfaceRisk: 2, harmAround: 3, chainOrder: 'coat', dryFirst: DRY_FOR_SEALER,
    why: 'A film that holds the colour and keeps oil on top.', expectation: 'It wears in the wheel tracks first.', source: TRADE,
    stages: [apply('acrylic-sealer', AS_SOLD, [0, 1440], { checks: ['No rain and no dew for a day.'], stopWhen: 'The surface is evenly wet and nothing pools.', ifNotEnough: 'A second coat takes a visit of its own, as the label says.', leaveOn: true, tool: 'roller', litresPerSquareMetre: 0.15, rate: rate(60, 90), clings: false })],
  },
  {
    id: 'oil-wood', name: 'Oil or stain', treats: { 'dry-timber': 5, 'unprotected-face': 3 }, families: ['timber'],
    surfaceRisk: 1, harmAround: 2, chainOrder: 'coat', dryFirst: DRY_FOR_OIL, onlyFinishes: ['bare'],
    why: 'Feeds the open fibre and keeps sun and water out.', expectation: 'The wood is darker and warmer; rain beads for a season or two.', source: TRADE,
    stages: [apply('wood-oil', AS_SOLD, [0, 1440], { checks: ['Excess is wiped off within a quarter of an hour.', 'Rags go into water.'], stopWhen: 'The wood takes no more.', ifNotEnough: 'A second coat the next dry day.', leaveOn: true, tool: 'roller', litresPerSquareMetre: 0.1, rate: rate(20, 40), clings: false })],
  },
  {
    id: 'sacrificial-coat', name: 'Sacrificial coat', treats: { 'often-tagged': 5, 'unprotected-face': 2 }, families: ['masonry', 'stone', 'concrete', 'render', 'metal', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'coat', dryFirst: { days: 1, until: 'The surface is dry to the touch' },
    why: 'The next tag comes off with hot water and the coat, without a remover.', expectation: 'It shines a little and is renewed after each tag.', source: TRADE,
    stages: [apply('sacrificial-coating', AS_SOLD, [0, 1440], { checks: ['Edge to edge: a half-coated surface shows.'], stopWhen: 'The surface is evenly wet.', ifNotEnough: 'A second coat once the first is clear.', leaveOn: true, litresPerSquareMetre: 0.15, rate: rate(80, 120), clings: false })],
  },
  {
    id: 'conservator-lifts', name: 'Accepted, or lifted by a conservator', treats: { 'hard-water-scale': 2, 'cement-haze': 2, 'lime-bloom': 2 }, families: ['stone', 'masonry', 'render'], onlyMaterials: CALCAREOUS,
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'Whatever dissolves lime dissolves this surface too: it is accepted, or a conservator takes it off grain by grain.', expectation: 'Lime crusts stay, unless a conservator takes them off.', source: TRADE,
    stages: [wait('others', [0, null], 'Accepted in writing, or the conservator is done')],
  },
  {
    id: 'repair-first', name: 'Repair first, then look again', treats: everything(2), families: MATERIAL_FAMILIES,
    onlyOn: ['loose-joints', 'hollow', 'cracked', 'slipped', 'rotten', 'failed-seal', 'spalling'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'Water gets in where the surface is broken: a mason, roofer or joiner comes before anything wet.', expectation: 'We survey the surface again after the repair.', source: TRADE,
    stages: [wait('others', [0, null], 'The repair is done and has set; the surface is surveyed again')],
  },
  {
    id: 'hand-over', name: 'Hand over to a licensed specialist', treats: everything(2), families: MATERIAL_FAMILIES,
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'Somebody licensed and equipped does it; nobody on the crew touches the surface.', expectation: 'This surface is not part of the work: a licensed specialist deals with it under a contract of their own.', source: TRADE,
    stages: [wait('others', [0, null], 'The specialist has released the surface in writing')],
  },
]; // prettier-ignore

/** Every contaminant, with one result. */
function everything(result: 1 | 2 | 3 | 4 | 5): Method['treats'] {
  return Object.fromEntries(CONTAMINANTS.map((c) => [c.id, result]));
}
