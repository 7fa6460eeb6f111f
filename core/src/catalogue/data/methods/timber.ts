import type { Method } from '../../method.ts';
import {
  rate,
  APPLY,
  rinse,
  brushOff,
  preWet,
  restAcid,
  wideFanOnWood,
  TRADE,
  apply,
  work,
} from './stage-parts.ts';

/** On wood. */
export const TIMBER_METHODS: readonly Method[] = [
  {
    id: 'oxygen-wash-wood', name: 'Oxygen wash and brightener', treats: { 'green-algae': 5, mildew: 5, 'red-algae': 5, biofilm: 5, lichen: 2, moss: 3, 'timber-greying': 5 }, families: ['timber'],
    surfaceRisk: 2, harmAround: 2, chainOrder: 'growth', onlyFinishes: ['bare', 'sealed'],
    why: 'Lifts growth and grey from wood without chlorine; the brightener neutralises and brings the colour back.', expectation: 'Boards dry lighter than they look wet; the tone evens out over weeks.', source: TRADE,
    stages: [
      brushOff,
      { kind: 'apply', agent: 'percarbonate', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [60, 80, 100, 120], strengthBand: { weakest: [50, 65, 80, 100], strongest: [100, 100, 120, 120] }, dwellMinutes: { from: 12, to: 25 }, litresPerSquareMetre: 0.25, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'film', clings: true, covered: false, checks: ['It fizzes; keep it damp.', 'Look at it at half the dwell.'], stopWhen: 'Growth wipes off with a finger.', ifNotEnough: 'Brush and apply again while wet.' },
      wideFanOnWood,
      rinse,
      { kind: 'apply', agent: 'oxalic-acid', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [30, 40, 50, 60], strengthBand: { weakest: [25, 30, 40, 48], strongest: [60, 60, 60, 60] }, dwellMinutes: { from: 10, to: 20 }, litresPerSquareMetre: 0.15, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'not-dry', clings: false, covered: false, checks: ['Dark wood turns light.'], stopWhen: 'The colour is even.', ifNotEnough: 'Accept it: a second brightening bleaches.' },
      { ...rinse, checks: ['pH strip on the wet board reads 5 to 8.'] },
    ],
  },
  {
    id: 'oxygen-soft-wash-wood', name: 'Oxygen wash by soft brush', treats: { 'green-algae': 3, mildew: 3, 'red-algae': 3, lichen: 2, moss: 3, 'timber-greying': 4 }, families: ['timber'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth', onlyFinishes: ['bare', 'sealed'],
    why: 'No jet at all: a soft brush and garden force keep weak fibres down.', expectation: 'Grey stays where fibres are weak: brushing harder would tear them.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'percarbonate', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [60, 80, 100, 120], strengthBand: { weakest: [50, 65, 80, 100], strongest: [100, 100, 120, 120] }, dwellMinutes: { from: 12, to: 25 }, litresPerSquareMetre: 0.25, coats: 1, rate: APPLY, direction: 'bottom-up', leaveOn: false, needs: 'film', clings: true, covered: false, checks: ['It fizzes; keep it damp.', 'Look at it at half the dwell.'], stopWhen: 'Growth wipes off with a finger.', ifNotEnough: 'Brush and apply again while wet.' },
      { kind: 'agitate', tool: 'soft-brush', rate: rate(20, 40), direction: 'top-down', checks: ['With the grain, no pressure.'] },
      rinse,
    ],
  },
  {
    id: 'oxalic-brighten-wood', name: 'Oxalic brightener on wood', treats: { 'leaf-tannin': 5, 'tannin-bleed': 4, 'timber-greying': 3, 'surface-rust': 4, 'iron-clay': 3 }, families: ['timber'],
    surfaceRisk: 2, harmAround: 3, chainOrder: 'acid', onlyFinishes: ['bare', 'sealed'],
    why: 'Tannin, iron marks and the dark of alkaline cleaners: an acid brings the colour back.', expectation: 'Boards dry lighter than they look wet.', source: TRADE,
    stages: [
      apply('oxalic-acid', [30, 40, 60, 80], [10, 20], { checks: ['Dark wood turns light.'], stopWhen: 'The colour is even.', ifNotEnough: 'One more application while still wet, then leave it.' }),
      rinse,
      restAcid('sodium-bicarbonate'),
      rinse,
    ],
  },
  {
    id: 'citric-brighten-wood', name: 'Citric brightener on wood', treats: { 'leaf-tannin': 3, 'tannin-bleed': 3, 'timber-greying': 3, 'hard-water-scale': 2 }, families: ['timber'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'acid', onlyFinishes: ['bare', 'sealed'],
    why: 'The milder brightener, for use near planting.', expectation: 'Weaker than oxalic: deep marks stay.', source: TRADE,
    stages: [
      apply('citric-acid', [50, 60, 80, 100], [10, 20], { checks: ['Dark wood turns light.'], stopWhen: 'The colour is even.', ifNotEnough: 'What stays is accepted: more would cost the surface.' }),
      rinse,
    ],
  },
  {
    id: 'wood-wash-water', name: 'Wide fan with the grain, water only', treats: { 'timber-greying': 3, 'green-algae': 3, 'red-algae': 2, mildew: 2, mud: 5, pollen: 5 }, families: ['timber'],
    surfaceRisk: 3, harmAround: 1, chainOrder: 'growth',
    why: 'Sound firm boards only: grey fibres go, no chemistry at all.', expectation: 'Growth comes back sooner than after a cleaner.', source: TRADE,
    stages: [
      brushOff,
      wideFanOnWood,
      rinse,
    ],
  },
  {
    id: 'alkaline-wash-painted-wood', name: 'Mild alkaline wash of painted wood', treats: { mildew: 3, 'green-algae': 3, 'red-algae': 3, 'traffic-soot': 4, smoke: 4 }, families: ['timber'],
    surfaceRisk: 2, harmAround: 2, chainOrder: 'alkali', onlyFinishes: ['painted'],
    why: 'Painted ceilings and boards: seconds of contact, with everything below wetted first.', expectation: null, source: TRADE,
    stages: [
      apply('metasilicate', [8, 15, 25, 40], [0.5, 2], { checks: ['Everything below is wet.'], stopWhen: 'The film no longer smears.', ifNotEnough: 'Stop: the paint comes next.', needs: 'film' }),
      work('agitate', 'soft-brush', [60, 120], 'Light passes.'),
      rinse,
    ],
  },
  {
    id: 'low-alkali-wood', name: 'Low-alkali wash of wood', treats: { 'green-algae': 3, mildew: 3, 'red-algae': 3, biofilm: 4, 'timber-greying': 3, 'traffic-soot': 4, mud: 5 }, families: ['timber'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'alkali',
    why: 'Oiled, stained and painted boards, and what stands over planting: mild, with a soft brush.', expectation: null, source: TRADE,
    stages: [
      preWet(2),
      apply('low-alkali-wood-cleaner', [30, 50, 70, 100], [5, 15], { checks: ['No part dries.'], stopWhen: 'The brush picks up nothing more.', ifNotEnough: 'A second pass at the same strength.', needs: 'film' }),
      work('agitate', 'soft-brush', [20, 40], 'With the grain, no pressure.'),
      rinse,
    ],
  },
]; // prettier-ignore
