import type { Method } from '../../method.ts';
import { MATERIALS } from '../materials.ts';
import {
  rate,
  APPLY,
  rinse,
  preWet,
  brushOff,
  edges,
  TRADE,
  GROWTH_CHECKS,
  apply,
  AS_SOLD,
  work,
  bulk,
  DRY_FOR_LEAVE_ON,
  STRONG_STRIP,
} from './stage-parts.ts';

/** Laid to be walked or driven on. */
const PAVING = MATERIALS.flatMap(({ id, family, joints, foot }) =>
  foot === 'yes' && (family === 'concrete' || joints !== undefined) ? [id] : [],
);

/** Against what grows. */
export const GROWTH_METHODS: readonly Method[] = [
  {
    id: 'soft-wash-hypochlorite', name: 'Soft wash with hypochlorite', treats: { 'green-algae': 5, mildew: 5, 'red-algae': 5, biofilm: 5, 'roof-streaks': 4, 'black-spot': 2, lichen: 2, moss: 3, 'leaf-tannin': 3 }, families: ['render', 'metal', 'stone', 'timber', 'masonry', 'roofing', 'plastic'],
    surfaceRisk: 1, harmAround: 4, chainOrder: 'growth', notMaterials: ['asphalt-shingle'],
    why: 'Kills and bleaches growth in minutes at garden force.', expectation: null, source: TRADE,
    stages: [
      preWet(5),
      { kind: 'apply', agent: 'hypochlorite', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [5, 8, 10, 15], strengthBand: { weakest: [4, 6, 8, 12], strongest: [10, 12, 15, 15] }, dwellMinutes: { from: 8, to: 15 }, litresPerSquareMetre: 0.2, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: GROWTH_CHECKS, stopWhen: 'The tint is gone, or two applications have made no more difference.', ifNotEnough: 'Apply again while still wet at the same strength; stronger only on the spots that stay.' },
      rinse,
    ],
  },
  {
    id: 'pre-treat-and-surface-clean', name: 'Hypochlorite pre-treatment and surface cleaner', treats: { 'green-algae': 5, mildew: 5, 'red-algae': 5, biofilm: 5, 'black-spot': 2, lichen: 4, moss: 5, mud: 4, sludge: 4, pollen: 4, cobwebs: 3 }, families: ['concrete'],
    surfaceRisk: 2, harmAround: 4, chainOrder: 'growth',
    why: 'The pre-treatment loosens growth so that the machine travels fast.', expectation: null, source: TRADE, doorStrip: STRONG_STRIP,
    stages: [
      brushOff,
      { kind: 'apply', agent: 'hypochlorite', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [15, 20, 25, 30], strengthBand: { weakest: [12, 16, 20, 24], strongest: [20, 25, 30, 30] }, dwellMinutes: { from: 10, to: 20 }, litresPerSquareMetre: 0.25, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: false, covered: false, checks: GROWTH_CHECKS, stopWhen: 'The green is gone before the machine comes.', ifNotEnough: 'Apply again while still wet.' },
      { kind: 'wash', tool: 'surface-cleaner-50', rate: rate(100, 140), direction: 'top-down', checks: ['No stripes between passes.'] },
      edges,
      rinse,
    ],
  },
  {
    id: 'pre-treat-and-fan', name: 'Hypochlorite pre-treatment and fan', treats: { 'green-algae': 5, mildew: 5, 'red-algae': 5, biofilm: 5, 'black-spot': 2, lichen: 3, moss: 4, mud: 4, sludge: 4 }, families: ['concrete', 'stone'],
    surfaceRisk: 3, harmAround: 4, chainOrder: 'growth',
    why: 'Where no head fits: steps, kerbs, corners. The pre-treatment does the work, the fan led by hand takes it off.', expectation: null, source: TRADE,
    stages: [
      brushOff,
      apply('hypochlorite', [15, 20, 25, 30], [10, 20], { checks: GROWTH_CHECKS, stopWhen: 'The green is gone before the fan comes.', ifNotEnough: 'Apply again while still wet.', litresPerSquareMetre: 0.25, clings: false }),
      work('wash', 'narrow-fan', [25, 45], 'Even strokes, top step first; the tip never nearer than 30 cm.'),
      rinse,
    ],
  },
  {
    id: 'paving-wash', name: 'Pre-treat, small surface cleaner, sludge off', treats: { 'green-algae': 5, mildew: 5, 'red-algae': 5, biofilm: 5, 'black-spot': 2, lichen: 3, moss: 5, mud: 4 }, families: ['concrete', 'stone'],
    surfaceRisk: 2, harmAround: 4, chainOrder: 'growth',
    why: 'A smaller head at less pressure leaves the stones in their bed; the sludge is lifted, not washed into the drain.', expectation: 'Joints lose sand and are refilled when they are dry.', source: TRADE, doorStrip: STRONG_STRIP,
    stages: [
      brushOff,
      apply('hypochlorite', [15, 20, 25, 30], [10, 20], { checks: GROWTH_CHECKS, stopWhen: 'The green is gone before the machine comes.', ifNotEnough: 'Apply again while still wet.', litresPerSquareMetre: 0.25, clings: false }),
      work('wash', 'surface-cleaner-40', [60, 90], 'No stripes between passes.', 'No stone rocks; no jet stands in a joint.'),
      edges,
      { ...work('clear', 'broom', [80, 120], 'Sludge is off the surface and out of the joints.'), task: 'Shovel up the sludge', bulk: bulk('sludge of sand and growth', [0.3, 0.6, 1.2, 2], 'shovelled up, drained and taken away') },
      rinse,
    ],
  },
  {
    id: 'paving-wash-gentle', name: 'Pre-treat, gentle surface cleaner', treats: { 'green-algae': 4, mildew: 4, 'red-algae': 4, biofilm: 4, lichen: 2, moss: 4, mud: 4 }, families: ['concrete', 'stone'],
    surfaceRisk: 2, harmAround: 4, chainOrder: 'growth',
    why: 'Reduced flow and wide tips: for soft flags, resin joints, asphalt and printed concrete, where chemistry does the most of it.', expectation: null, source: TRADE,
    stages: [
      brushOff,
      apply('hypochlorite', [10, 12, 15, 20], [10, 15], { checks: GROWTH_CHECKS, stopWhen: 'The green is gone before the machine comes.', ifNotEnough: 'Apply again while still wet.', litresPerSquareMetre: 0.25, clings: false }),
      work('wash', 'surface-cleaner-gentle', [40, 70], 'No grain, stone or joint comes with the water: if one does, go to garden force.'),
      rinse,
    ],
  },
  {
    id: 'gentle-clean-water', name: 'Gentle surface cleaner, water only', treats: { 'green-algae': 3, mildew: 2, 'red-algae': 3, biofilm: 3, moss: 3, mud: 5, sludge: 4, pollen: 5, litter: 3, 'bird-droppings': 4 }, families: ['concrete', 'stone'],
    surfaceRisk: 2, harmAround: 1, chainOrder: 'growth',
    why: 'No chemistry, reduced flow, wide tips: soft flags, resin joints and asphalt beside water or planting.', expectation: 'Without chemistry growth comes back within the season.', source: TRADE,
    stages: [brushOff, work('wash', 'surface-cleaner-gentle', [30, 50], 'No grain, stone or joint comes with the water.'), rinse],
  },
  {
    id: 'black-spot-hypochlorite', name: 'Strong hypochlorite on black spot, repeated', treats: { 'black-spot': 4, lichen: 4, 'green-algae': 4, mildew: 4, 'red-algae': 4, biofilm: 4, moss: 3 }, families: ['concrete', 'stone'],
    surfaceRisk: 2, harmAround: 5, chainOrder: 'growth', onlyMaterials: PAVING,
    why: 'Black spot roots in the stone: only a strong mix, kept wet and put on twice, reaches it.', expectation: 'Ghosts of the spots fade over months; what stays goes with the next repeat.', source: TRADE,
    stages: [
      preWet(2),
      apply('hypochlorite', [40, 45, 50, 60], [20, 60], { checks: ['Kept wet all the time; the spots turn brown, then pale.', 'On small areas a tenth of a square metre beside a bed is brushed on, not sprayed.'], stopWhen: 'The spots are pale, or two coats have made no more difference.', ifNotEnough: 'A third coat while wet; then leave it to the weather.', litresPerSquareMetre: 0.25, coats: 2, clings: false }),
      work('wash', 'surface-cleaner-gentle', [30, 50], 'No grain, stone or joint comes with the water.'),
      rinse,
    ],
  },
  {
    id: 'surface-clean-water-only', name: 'Surface cleaner, water only', treats: { 'green-algae': 3, mildew: 3, 'red-algae': 3, biofilm: 3, moss: 4, mud: 5, sludge: 5, pollen: 5, litter: 3, 'bird-droppings': 4 }, families: ['concrete', 'stone'],
    surfaceRisk: 3, harmAround: 1, chainOrder: 'growth',
    why: 'No chemistry: right where joints are sound and run-off reaches open water.', expectation: 'Without chemistry growth comes back within the season.', source: TRADE,
    stages: [brushOff, { kind: 'wash', tool: 'surface-cleaner-50', rate: rate(60, 90), direction: 'top-down', checks: ['No stripes between passes.'] }, rinse],
  },
  {
    id: 'alkaline-scrub-growth', name: 'Mild alkaline wash by brush', treats: { 'green-algae': 3, mildew: 3, 'red-algae': 3, biofilm: 4, 'mineral-oil': 3, moss: 3, 'tiger-stripes': 3 }, families: ['render', 'stone', 'concrete', 'masonry'],
    surfaceRisk: 2, harmAround: 2, chainOrder: 'alkali',
    why: 'Without chlorine, for surfaces near water or planting and for light oil.', expectation: null, source: TRADE,
    stages: [
      { kind: 'apply', agent: 'metasilicate', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [15, 25, 40, 60], strengthBand: { weakest: [12, 20, 32, 48], strongest: [25, 40, 60, 60] }, dwellMinutes: { from: 3, to: 10 }, litresPerSquareMetre: 0.2, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: ['The film turns to a grey slurry.'], stopWhen: 'The brush picks up nothing more.', ifNotEnough: 'Brush and apply again while wet.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(15, 30), direction: 'top-down', checks: ['Overlapping passes.'] },
      rinse,
    ],
  },
  {
    id: 'alkaline-scrub-painted-metal', name: 'Mild alkaline scrub, rinsed as you go', treats: { 'green-algae': 4, mildew: 4, 'red-algae': 4, biofilm: 4, 'mineral-oil': 3, 'tiger-stripes': 4 }, families: ['metal'],
    surfaceRisk: 2, harmAround: 2, chainOrder: 'growth',
    why: 'Takes chalk and growth off coated metal with no jet; short contact stays within what sound paint stands.', expectation: 'Oxidised paint looks darker and even after washing; gloss does not come back.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'metasilicate', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [15, 25, 40, 60], strengthBand: { weakest: [12, 20, 32, 48], strongest: [25, 40, 60, 60] }, dwellMinutes: { from: 0.5, to: 5 }, litresPerSquareMetre: 0.12, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'film', clings: true, covered: false, checks: ['Run-off in the colour of the paint shows that the chalk comes.'], stopWhen: 'The brush glides and run-off is clear.', ifNotEnough: 'A second pass at the same strength.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(40, 70), direction: 'top-down', checks: ['Overlapping passes, no dry brush.'] },
      rinse,
    ],
  },
  {
    id: 'neutral-soak-stone', name: 'Neutral biocidal cleaner, soaked', treats: { 'green-algae': 4, mildew: 4, 'red-algae': 4, biofilm: 4, 'black-spot': 3, lichen: 4, moss: 3, 'black-crust': 2, 'bird-droppings': 4 }, families: ['stone'],
    surfaceRisk: 1, harmAround: 2, chainOrder: 'growth',
    why: 'Old stone keeps its surface: no salt, no acid, no force, only water, time and a soft brush.', expectation: 'The stone goes on clearing for weeks; incomplete and intact is the aim.', source: TRADE,
    stages: [
      preWet(10),
      { kind: 'apply', agent: 'neutral-biocidal', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [1000, 1000, 1000, 1000], dwellMinutes: { from: 10, to: 30 }, litresPerSquareMetre: 0.2, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'film', clings: true, covered: false, checks: ['It stays wet all the time.', 'Growth swells and wipes off.'], stopWhen: 'Growth wipes off, or the surface begins to shed grains.', ifNotEnough: 'Repeat on another day; never stronger.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(10, 20), direction: 'top-down', checks: ['No grains in the brush.'] },
      { ...rinse, checks: ['Garden force only; water runs clear.'] },
    ],
    lastCoat: { kind: 'apply', agent: 'neutral-biocidal', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [1000, 1000, 1000, 1000], dwellMinutes: { from: 0, to: 1440 }, litresPerSquareMetre: 0.1, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: true, needs: 'not-dry', clings: false, covered: false, checks: ['The water of the rinse has soaked in: nothing stands on the stone.'], stopWhen: 'The surface is evenly wet, nothing runs.', ifNotEnough: 'Look again after a month.' },
  },
  {
    id: 'leave-on-biocide', name: 'Leave-on biocide', treats: { 'green-algae': 4, mildew: 4, 'red-algae': 4, biofilm: 3, 'black-spot': 3, 'roof-streaks': 3, lichen: 4, moss: 3 }, families: ['render', 'stone', 'concrete', 'masonry', 'roofing'],
    surfaceRisk: 1, harmAround: 3, chainOrder: 'leave-on', dryFirst: DRY_FOR_LEAVE_ON, notMaterials: ['asphalt-shingle'],
    why: 'No water and no force: rain carries dead growth off over the seasons.', expectation: 'You see nothing at first: algae brown and go within weeks, lichen within 6 to 18 months.', source: TRADE,
    stages: [
      brushOff,
      { kind: 'apply', agent: 'quaternary-biocide', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [10, 15, 20, 25], dwellMinutes: { from: 0, to: 1440 }, litresPerSquareMetre: 0.25, coats: 1, rate: rate(100, 150), direction: 'bottom-up', leaveOn: true, needs: 'not-dry', clings: false, covered: false, checks: ['The surface is dry before, evenly wet after.'], stopWhen: 'The surface is evenly wet.', ifNotEnough: 'Review after 6 months.' },
    ],
  },
  {
    id: 'ready-biocide', name: 'Ready-to-use biocide', treats: { 'green-algae': 4, mildew: 4, 'red-algae': 4, biofilm: 3, 'black-spot': 3, lichen: 4, moss: 3 }, families: ['render', 'stone', 'concrete', 'masonry'],
    surfaceRisk: 1, harmAround: 3, chainOrder: 'leave-on', dryFirst: DRY_FOR_LEAVE_ON,
    why: 'Nothing is measured or mixed: for small surfaces and for whoever has no scale.', expectation: 'You see nothing at first: algae brown and go within weeks, lichen within 6 to 18 months.', source: TRADE,
    stages: [
      brushOff,
      apply('quaternary-ready', AS_SOLD, [0, 1440], { checks: ['The surface is dry before, evenly wet after.'], stopWhen: 'The surface is evenly wet.', ifNotEnough: 'Review after 6 months.', litresPerSquareMetre: 0.2, leaveOn: true, rate: rate(100, 150), clings: false }),
    ],
  },
  {
    id: 'lichen-spot-hypochlorite', name: 'Strong hypochlorite on the spots', treats: { lichen: 4, 'black-spot': 3 }, families: ['stone', 'concrete', 'masonry'],
    surfaceRisk: 2, harmAround: 5, chainOrder: 'growth',
    why: 'Same-day result on stubborn discs; spots only.', expectation: null, source: TRADE,
    stages: [
      { kind: 'apply', agent: 'hypochlorite', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [40, 40, 50, 60], dwellMinutes: { from: 15, to: 20 }, litresPerSquareMetre: 0.2, coats: 1, rate: rate(100, 200), direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: true, covered: false, checks: GROWTH_CHECKS, stopWhen: 'Discs are white throughout.', ifNotEnough: 'Repeat on the spots while wet.' },
      { kind: 'agitate', tool: 'stiff-brush', rate: rate(30, 50), direction: 'top-down', checks: ['Discs brush off whole.'] },
      rinse,
    ],
  },
  {
    id: 'oxygen-wash-mineral', name: 'Oxygen wash without chlorine', treats: { 'green-algae': 4, mildew: 4, 'red-algae': 4, biofilm: 4, lichen: 2, moss: 3, 'leaf-tannin': 4, 'tannin-bleed': 3 }, families: ['render', 'masonry', 'concrete', 'stone', 'plastic', 'roofing'],
    surfaceRisk: 2, harmAround: 2, chainOrder: 'growth',
    why: 'Lifts growth and leaf marks without chlorine, near planting and old stone.', expectation: 'Slower than chlorine: the last tint goes over the following weeks.', source: TRADE,
    stages: [
      preWet(5),
      apply('percarbonate', [60, 80, 100, 120], [10, 25], { checks: ['It fizzes; keep it damp.'], stopWhen: 'The tint no longer gets paler.', ifNotEnough: 'One more application while still wet, then leave it.', needs: 'film' }),
      work('agitate', 'soft-brush', [30, 60], 'No dry brush.'),
      rinse,
    ],
  },
  {
    id: 'peroxide-wash', name: 'Peroxide wash', treats: { 'green-algae': 3, mildew: 4, 'red-algae': 3, biofilm: 4, 'leaf-tannin': 3, faeces: 3 }, families: ['timber', 'plastic', 'render', 'masonry'],
    surfaceRisk: 1, harmAround: 2, chainOrder: 'growth',
    why: 'Leaves nothing behind: for mildew on light surfaces.', expectation: null, source: TRADE,
    stages: [
      preWet(5),
      apply('hydrogen-peroxide', [30, 40, 50, 60], [10, 20], { checks: ['It foams on growth.'], stopWhen: 'The dots are gone.', ifNotEnough: 'One more application while still wet, then leave it.', needs: 'film' }),
      rinse,
    ],
  },
  {
    id: 'hypochlorite-scrub', name: 'Mild hypochlorite and soft brush', treats: { 'green-algae': 5, mildew: 5, 'red-algae': 5, biofilm: 5, moss: 3 }, families: ['plastic', 'timber'],
    surfaceRisk: 1, harmAround: 4, chainOrder: 'growth',
    why: 'Composite boards, rails and ropes: weak mix, brush, extra rinse.', expectation: 'Drips mark what is below: it is wet before and rinsed after.', source: TRADE,
    stages: [
      apply('hypochlorite', [10, 12, 15, 20], [10, 15], { checks: GROWTH_CHECKS, stopWhen: 'The green is gone.', ifNotEnough: 'One more application while still wet, then leave it.' }),
      work('agitate', 'soft-brush', [10, 20], 'With the grain.'),
      rinse,
      rinse,
    ],
  },
  {
    id: 'steam-growth', name: 'Steam, slowly', treats: { 'green-algae': 4, mildew: 4, 'red-algae': 4, biofilm: 4, 'black-spot': 3, lichen: 4, moss: 4, 'ivy-pads': 3, 'black-crust': 3 }, families: ['stone', 'masonry', 'concrete', 'roofing'],
    surfaceRisk: 3, harmAround: 1, chainOrder: 'growth',
    why: 'Heat kills what grows and loosens crusts with little water and no chemistry.', expectation: 'Shadows of old discs fade over a season.', source: TRADE,
    stages: [
      { ...work('wash', 'steam-lance', [4, 8], 'The lance moves all the time.', 'Joints stay whole.'), task: 'Steam slowly' },
      rinse,
    ],
  },
  {
    id: 'hot-wash-growth', name: 'Hot water, no chemistry', treats: { 'green-algae': 4, mildew: 4, 'red-algae': 4, biofilm: 4, moss: 4, 'chewing-gum': 4, 'iron-clay': 3, mud: 5 }, families: ['concrete', 'stone'],
    surfaceRisk: 3, harmAround: 1, chainOrder: 'growth',
    why: 'Heat does what the agent would: for paving that drains to water.', expectation: 'Without chemistry growth comes back within the season.', source: TRADE,
    stages: [
      brushOff,
      work('wash', 'hot-fan', [25, 45], 'Run-off away from people.'),
      rinse,
    ],
  },
  {
    id: 'wide-rinse-water', name: 'Wide fan, water only', treats: { 'green-algae': 2, mildew: 2, 'red-algae': 2, biofilm: 2, moss: 2, mud: 5, sludge: 4, pollen: 5, litter: 4, cobwebs: 5, 'bird-droppings': 4, 'salt-spray': 4 }, families: ['masonry', 'stone', 'concrete', 'metal', 'plastic', 'roofing'],
    surfaceRisk: 2, harmAround: 1, chainOrder: 'growth',
    why: 'A wide fan from a distance takes off loose dirt.', expectation: 'The growth stays alive and comes back.', source: TRADE,
    stages: [
      work('wash', 'rinse-fan', [60, 100], 'Joints stay whole, nothing flakes.'),
    ],
  },
  {
    id: 'neutral-biocidal-walls', name: 'Neutral biocidal cleaner, brushed', treats: { 'green-algae': 3, mildew: 4, 'red-algae': 3, biofilm: 3, lichen: 3, moss: 3, 'bird-droppings': 3 }, families: ['masonry', 'render', 'timber', 'concrete'],
    surfaceRisk: 1, harmAround: 2, chainOrder: 'growth',
    why: 'Listed or weak surfaces: no salt, no acid, no force.', expectation: 'It goes on clearing for weeks; incomplete and intact is the aim.', source: TRADE,
    stages: [
      preWet(5),
      apply('neutral-biocidal', AS_SOLD, [10, 30], { checks: ['It stays wet all the time.'], stopWhen: 'Two passes make no difference.', ifNotEnough: 'What stays is accepted: more would cost the surface.', needs: 'film' }),
      work('agitate', 'soft-brush', [10, 20], 'No grains in the brush.'),
      rinse,
    ],
  },
  {
    id: 'phosphate-wash', name: 'Phosphate alkaline wash', treats: { 'traffic-soot': 5, smoke: 5, 'tiger-stripes': 4, 'paint-chalk': 3, mildew: 3, 'green-algae': 3, 'red-algae': 3, 'cooking-grease': 4, 'bird-droppings': 4 }, families: ['metal', 'plastic', 'render', 'masonry', 'concrete'],
    surfaceRisk: 2, harmAround: 3, chainOrder: 'alkali',
    why: 'Traffic film, smoke and grease go where soap does not reach, in a short contact.', expectation: null, source: TRADE,
    stages: [
      preWet(5),
      apply('trisodium-phosphate', [15, 25, 40, 60], [2, 5], { checks: ['Run-off turns grey.'], stopWhen: 'The film no longer smears.', ifNotEnough: 'One more application while still wet, then leave it.', needs: 'film' }),
      work('agitate', 'soft-brush', [40, 70], 'Overlapping passes.'),
      rinse,
    ],
  },
]; // prettier-ignore
