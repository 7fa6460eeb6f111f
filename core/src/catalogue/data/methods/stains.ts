import type { Method } from '../../method.ts';
import { rate, rinse, preWet, restAcid, TRADE, apply, bulk, AS_SOLD, work, wait } from './stage-parts.ts';

/** Against stains of metal and minerals. */
export const STAIN_METHODS: readonly Method[] = [
  {
    id: 'rust-oxalic', name: 'Oxalic acid on rust', treats: { 'surface-rust': 4, 'leaf-tannin': 4, 'tannin-bleed': 4, 'iron-clay': 4, 'fertiliser-rust': 4, 'manganese-stain': 3 }, families: ['concrete', 'stone', 'render', 'timber', 'metal', 'masonry', 'glass', 'roofing', 'plastic'],
    surfaceRisk: 2, harmAround: 3, chainOrder: 'acid',
    why: 'Lifts surface rust without etching and without chlorides.', expectation: null, source: TRADE,
    stages: [
      preWet(5),
      { kind: 'apply', agent: 'oxalic-acid', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [40, 50, 65, 80], strengthBand: { weakest: [32, 40, 50, 60], strongest: [50, 65, 80, 80] }, dwellMinutes: { from: 3, to: 10 }, litresPerSquareMetre: 0.2, coats: 1, rate: rate(150, 250), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: false, covered: false, checks: ['Brown turns yellow, then goes.'], stopWhen: 'The brown is gone, or two passes have made no more difference.', ifNotEnough: 'Repeat once on the spots; what stays comes from inside.' },
      rinse,
      restAcid('sodium-bicarbonate'),
      rinse,
    ],
  },
  {
    id: 'rust-phosphoric', name: 'Phosphoric acid on rust', treats: { 'surface-rust': 5, 'iron-clay': 4 }, families: ['concrete', 'stone', 'render', 'metal'],
    surfaceRisk: 4, harmAround: 4, chainOrder: 'acid',
    why: 'Stronger than oxalic on heavy crusts.', expectation: 'The surface may look lighter where the crust sat; whole panels keep the colour even.', source: TRADE,
    stages: [
      preWet(5),
      { kind: 'apply', agent: 'phosphoric-acid', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [100, 120, 150, 200], dwellMinutes: { from: 3, to: 8 }, litresPerSquareMetre: 0.2, coats: 1, rate: rate(150, 250), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: false, covered: false, checks: ['Brown turns grey.'], stopWhen: 'The crust wipes off.', ifNotEnough: 'Repeat once on the spots.' },
      rinse,
      restAcid('sodium-bicarbonate'),
      rinse,
    ],
  },
  {
    id: 'rust-citrate-gel', name: 'Neutral citrate gel on rust', treats: { 'surface-rust': 3, 'copper-stain': 3, 'fertiliser-rust': 3, 'manganese-stain': 2 }, families: ['stone', 'render', 'metal', 'concrete', 'masonry', 'glass', 'timber', 'roofing', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'acid', notMaterials: ['solar-panel', 'coated-glass'],
    why: 'Binds iron at neutral pH, so that stone which acid would etch keeps its surface.', expectation: 'A pale shadow may stay; a second laying on another day lightens it.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'citrate-gel', tool: 'paddle-and-film', strengthGramsPerLitre: [1000, 1000, 1000, 1000], dwellMinutes: { from: 30, to: 90 }, litresPerSquareMetre: 5, coats: 1, rate: rate(6, 12), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: true, checks: ['The gel colours where it works.', 'The film stays closed.'], stopWhen: 'The gel no longer colours.', ifNotEnough: 'Lay another poultice on another day.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(20, 40), direction: 'top-down', checks: ['The gel is lifted off before rinsing.'] },
      rinse,
    ],
  },
  {
    id: 'descale-sulfamic', name: 'Sulfamic acid on scale', treats: { 'hard-water-scale': 5, 'cement-haze': 4, 'lime-bloom': 4, efflorescence: 1 }, families: ['render', 'masonry', 'stone', 'concrete', 'metal', 'roofing', 'glass', 'plastic'],
    surfaceRisk: 2, harmAround: 3, chainOrder: 'acid',
    why: 'Dissolves lime scale without chlorides and without scraping.', expectation: null, source: TRADE,
    stages: [
      preWet(5),
      { kind: 'apply', agent: 'sulfamic-acid', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [20, 30, 50, 80], dwellMinutes: { from: 2, to: 8 }, litresPerSquareMetre: 0.15, coats: 1, rate: rate(150, 250), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: false, covered: false, checks: ['It fizzes while it works.'], stopWhen: 'The fizzing stops, or two passes have made no more difference.', ifNotEnough: 'Repeat once; a haze that stays is etched.' },
      rinse,
      restAcid('sodium-bicarbonate'),
      rinse,
    ],
  },
  {
    id: 'rust-thioglycolate', name: 'Thioglycolate gel on deep rust', treats: { 'surface-rust': 4, 'fertiliser-rust': 4 }, families: ['stone', 'render', 'concrete', 'masonry'],
    surfaceRisk: 2, harmAround: 3, chainOrder: 'acid', secondOnly: true,
    why: 'Takes iron that the citrate gel leaves in stone that acid would etch.', expectation: 'A pale shadow may stay; a second laying on another day lightens it.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'thioglycolate-gel', tool: 'paddle-and-film', strengthGramsPerLitre: [1000, 1000, 1000, 1000], dwellMinutes: { from: 30, to: 90 }, litresPerSquareMetre: 5, coats: 1, rate: rate(6, 12), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: true, checks: ['The gel turns purple where it works.', 'The air moves; nobody downwind.', 'The film stays closed.'], stopWhen: 'The gel no longer turns purple.', ifNotEnough: 'Another laying on another day.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(20, 40), direction: 'top-down', checks: ['The gel is lifted off before rinsing, and taken away.'] },
      rinse,
    ],
  },
  {
    id: 'gluconate-stain', name: 'Gluconate on metal stains', treats: { 'copper-stain': 4, 'surface-rust': 2, 'manganese-stain': 3, 'fertiliser-rust': 3, 'iron-clay': 3 }, families: ['stone', 'masonry', 'concrete', 'render', 'metal', 'plastic', 'roofing'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'acid',
    why: 'Binds metal at neutral pH: for surfaces acid would etch.', expectation: 'A pale shadow may stay.', source: TRADE,
    stages: [
      apply('gluconate-chelate', [30, 50, 70, 100], [15, 45], { checks: ['The colour runs.'], stopWhen: 'Two passes make no difference.', ifNotEnough: 'What stays is accepted: more would cost the surface.', needs: 'not-dry' }),
      work('agitate', 'soft-brush', [10, 20], 'Rinsed often.'),
      rinse,
    ],
  },
  {
    id: 'citric-rust', name: 'Citric acid on light rust', treats: { 'surface-rust': 3, 'fertiliser-rust': 3, 'hard-water-scale': 3, 'leaf-tannin': 3 }, families: ['concrete', 'metal', 'plastic', 'roofing', 'masonry'],
    surfaceRisk: 2, harmAround: 1, chainOrder: 'acid',
    why: 'The mild acid, for use near planting and on coated metal.', expectation: null, source: TRADE,
    stages: [
      preWet(5),
      apply('citric-acid', [40, 50, 60, 80], [5, 15], { checks: ['Brown turns yellow.'], stopWhen: 'No more colour comes off.', ifNotEnough: 'Oxalic acid on what is left.' }),
      rinse,
      restAcid('sodium-bicarbonate'),
      rinse,
    ],
  },
  {
    id: 'hydrochloric-haze', name: 'Hydrochloric acid on cement haze', treats: { 'cement-haze': 5, 'hard-water-scale': 4, 'lime-bloom': 5, efflorescence: 1 }, families: ['masonry', 'concrete', 'stone'],
    surfaceRisk: 5, harmAround: 5, chainOrder: 'acid',
    why: 'Only for haze that sulfamic acid leaves: it etches and leaves chlorides.', expectation: 'Joints are eaten a little and look sharper.', source: TRADE,
    stages: [
      preWet(10),
      apply('hydrochloric-acid', [30, 50, 70, 100], [2, 5], { checks: ['It fizzes and dies down.'], stopWhen: 'Fizzing has stopped.', ifNotEnough: 'One more weak application; never stronger.', needs: 'film' }),
      rinse,
      restAcid('sodium-bicarbonate'),
      rinse,
    ],
  },
  {
    id: 'citric-descale', name: 'Citric acid on scale', treats: { 'hard-water-scale': 4, 'salt-spray': 4, 'lime-bloom': 3 }, families: ['glass', 'metal', 'plastic', 'masonry'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'acid',
    why: 'Scale on glass and frames without mineral acid.', expectation: null, source: TRADE,
    stages: [
      preWet(5),
      apply('citric-acid', [30, 50, 70, 90], [3, 10], { checks: ['It fizzes a little.'], stopWhen: 'The glass squeaks.', ifNotEnough: 'Sulfamic acid on what is left.', needs: 'film' }),
      work('agitate', 'soft-brush', [10, 20], 'No grit in the brush.'),
      rinse,
    ],
  },
  {
    id: 'clay-poultice', name: 'Clay poultice', treats: { 'mineral-oil': 3, 'copper-stain': 3, 'manganese-stain': 2, 'vanadium-stain': 2, 'leaf-tannin': 3, 'tannin-bleed': 2, 'tyre-marks': 2, 'felt-tip': 2, 'surface-rust': 2 }, families: ['stone', 'masonry', 'concrete'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'acid',
    why: 'Draws out of the pores what no rinse reaches, and attacks nothing.', expectation: 'The mark pales with each laying; a second one on another day helps.', source: TRADE,
    stages: [
      apply('clay-poultice', AS_SOLD, [0, 1440], { checks: ['A finger thick, pressed on without air beneath; film only over the first hours, then it dries open.'], stopWhen: 'The surface is covered a finger thick.', ifNotEnough: 'A second laying on another day.', leaveOn: true, tool: 'paddle-and-film', litresPerSquareMetre: 10, rate: rate(3, 6), covered: true }),
      wait('work', [1, 7], 'The paste is dry, cracked and coloured'),
      { ...work('clear', 'hand-scraper', [10, 20], 'Lifted off, not washed down.'), task: 'Lift off the poultice', bulk: bulk('spent paste', [8, 8, 8, 8], 'bagged and taken away') },
      rinse,
    ],
  },
  {
    id: 'mist-soak-crust', name: 'Long misting and soft brush', treats: { 'black-crust': 3, 'traffic-soot': 3, 'bird-droppings': 3 }, families: ['stone', 'masonry'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'Gypsum crusts soften in water alone: hours of mist, then a soft brush.', expectation: 'The stone is damp for days; inside walls are watched.', source: TRADE,
    stages: [
      { ...work('wash', 'garden-hose', [2, 4], 'A mist, not a stream; nothing runs into joints.'), task: 'Mist until the crust is soft' },
      { ...work('clear', 'soft-brush', [5, 10], 'Crust comes off soft; what resists stays.'), task: 'Brush off the soft crust' },
      rinse,
    ],
  },
  {
    id: 'acetic-scale', name: 'Acetic acid on lime', treats: { 'hard-water-scale': 3, 'lime-bloom': 4, 'cement-haze': 2 }, families: ['masonry', 'concrete', 'glass', 'plastic'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'acid',
    why: 'The weak acid that leaves nothing behind: thin lime on brick, pavers and panes.', expectation: null, source: TRADE,
    stages: [
      preWet(5),
      apply('acetic-acid', [30, 50, 70, 100], [3, 10], { checks: ['It fizzes a little.'], stopWhen: 'The fizzing stops.', ifNotEnough: 'Sulfamic acid on what is left.', needs: 'film', clings: false }),
      work('agitate', 'soft-brush', [20, 40], 'No grit in the brush.'),
      rinse,
      restAcid('sodium-bicarbonate'),
      rinse,
    ],
  },
  {
    id: 'manganese-acetic-peroxide', name: 'Acetic acid, then peroxide, on manganese', treats: { 'manganese-stain': 4 }, families: ['masonry', 'concrete'],
    surfaceRisk: 2, harmAround: 2, chainOrder: 'acid',
    why: 'The weak acid loosens it, peroxide takes its colour; strong acid would fix it for good.', expectation: 'It comes out of the brick itself and may return.', source: TRADE,
    stages: [
      preWet(10),
      apply('acetic-acid', [50, 60, 80, 100], [5, 10], { checks: ['Brown goes soft.'], stopWhen: 'It no longer gets paler.', ifNotEnough: 'Once more, never stronger.', clings: false }),
      rinse,
      apply('hydrogen-peroxide', [30, 40, 50, 60], [5, 15], { checks: ['It foams where manganese sits.'], stopWhen: 'It no longer foams.', ifNotEnough: 'A second round on another day.', clings: false }),
      rinse,
      restAcid('sodium-bicarbonate'),
      rinse,
    ],
  },
  {
    id: 'vanadium-caustic', name: 'Alkaline wash on vanadium', treats: { 'vanadium-stain': 4 }, families: ['masonry'],
    surfaceRisk: 3, harmAround: 4, chainOrder: 'alkali',
    why: 'Vanadium dissolves in alkali; any acid turns it brown.', expectation: 'It comes out of the clay itself and may return.', source: TRADE,
    stages: [
      preWet(10),
      apply('caustic', [20, 30, 40, 50], [15, 45], { checks: ['Green runs.', 'No acid was here and none follows but the one that neutralises after a full rinse.'], stopWhen: 'No more colour runs.', ifNotEnough: 'Once more on another day.' }),
      rinse,
      work('rinse', 'garden-hose', [60, 100], 'Runs clear, no soapy feel.'),
    ],
  },
]; // prettier-ignore
