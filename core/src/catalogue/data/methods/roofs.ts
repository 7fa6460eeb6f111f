import type { Method } from '../../method.ts';
import { rate, rinse, TRADE, GROWTH_CHECKS, apply, bulk, work, DRY_FOR_LEAVE_ON } from './stage-parts.ts';

const MOSS_OFF = bulk('moss and silt', [0.2, 1, 3, 6], 'bagged at the eaves and taken away');

/** On roofs. */
export const ROOF_METHODS: readonly Method[] = [
  {
    id: 'hand-scrape-roof', name: 'Scrape by hand, then leave-on biocide', treats: { 'roof-streaks': 3, moss: 4, lichen: 4, 'green-algae': 4, mildew: 4, 'red-algae': 4 }, families: ['roofing'],
    surfaceRisk: 1, harmAround: 3, chainOrder: 'leave-on', dryFirst: DRY_FOR_LEAVE_ON,
    why: 'No jet and no feet on the tiles: cushions come off by hand, the biocide keeps the rest from growing.', expectation: 'Stains of the roots go within 6 to 18 months.', source: TRADE,
    stages: [
      { kind: 'clear', task: 'Scrape the moss off by hand', tool: 'hand-scraper', rate: rate(8, 15), direction: 'top-down', checks: ['Gutters are clear of pieces.', 'Cracked and slipped tiles are noted and shown.'], bulk: MOSS_OFF },
      { kind: 'apply', agent: 'quaternary-biocide', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [10, 15, 20, 25], dwellMinutes: { from: 0, to: 1440 }, litresPerSquareMetre: 0.25, coats: 1, rate: rate(100, 150), direction: 'bottom-up', leaveOn: true, needs: 'not-dry', clings: false, covered: false, checks: ['The surface is dry before, evenly wet after.'], stopWhen: 'The surface is evenly wet.', ifNotEnough: 'Review after 6 months.' },
    ],
  },
  {
    id: 'roof-soft-wash', name: 'Roof soft wash with hypochlorite', treats: { 'roof-streaks': 5, 'green-algae': 5, mildew: 5, 'red-algae': 5, lichen: 4, moss: 4 }, families: ['roofing'],
    surfaceRisk: 1, harmAround: 5, chainOrder: 'growth', notMaterials: ['asphalt-shingle'],
    why: 'No jet and no feet: chemistry and a rinse at garden force, gutters caught.', expectation: 'Dead moss falls for weeks; gutters are cleared once more.', source: TRADE,
    stages: [
      { ...work('clear', 'soft-brush', [8, 15], 'Cushions come off by hand; none go into the gutters.'), task: 'Take the moss off by hand', bulk: MOSS_OFF },
      apply('hypochlorite', [20, 25, 30, 40], [15, 20], { checks: GROWTH_CHECKS, stopWhen: 'Black is gone.', ifNotEnough: 'One more application while still wet, then leave it.', tool: 'soft-wash-pump', litresPerSquareMetre: 0.3 }),
      rinse,
    ],
  },
  {
    id: 'shingle-soft-wash', name: 'Shingle wash without a brush', treats: { 'roof-streaks': 5, 'green-algae': 5, mildew: 5, 'red-algae': 5, lichen: 4, moss: 4 }, families: ['roofing'],
    surfaceRisk: 1, harmAround: 5, chainOrder: 'growth', onlyMaterials: ['asphalt-shingle'],
    why: 'Nothing touches the granules: mix and a rinse at garden force, gutters caught.', expectation: 'Dead moss and lichen let go over months of rain; nothing is pulled off.', source: TRADE,
    stages: [
      apply('hypochlorite', [20, 25, 30, 40], [15, 20], { checks: GROWTH_CHECKS, stopWhen: 'Black and green are gone; moss is white.', ifNotEnough: 'One more application while still wet, then leave it to the rain.', tool: 'soft-wash-pump', litresPerSquareMetre: 0.3 }),
      { ...rinse, checks: ['No granules in the gutter: if there are, stop rinsing and let the rain do it.'] },
    ],
  },
  {
    id: 'shingle-biocide', name: 'Leave-on biocide, no brush', treats: { 'roof-streaks': 3, 'green-algae': 4, mildew: 4, 'red-algae': 4, lichen: 4, moss: 3 }, families: ['roofing'],
    surfaceRisk: 1, harmAround: 3, chainOrder: 'leave-on', dryFirst: DRY_FOR_LEAVE_ON, onlyMaterials: ['asphalt-shingle'],
    why: 'Granules stay where they are: no broom, no water, only time and rain.', expectation: 'You see nothing at first: algae brown and go within weeks, lichen within 6 to 18 months.', source: TRADE,
    stages: [
      { kind: 'apply', agent: 'quaternary-biocide', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [10, 15, 20, 25], dwellMinutes: { from: 0, to: 1440 }, litresPerSquareMetre: 0.25, coats: 1, rate: rate(100, 150), direction: 'bottom-up', leaveOn: true, needs: 'not-dry', clings: false, covered: false, checks: ['The surface is dry before, evenly wet after.'], stopWhen: 'The surface is evenly wet.', ifNotEnough: 'Review after 6 months.' },
    ],
  },
  {
    id: 'roof-reduced-wash', name: 'Reduced wash by roof cleaner', treats: { 'roof-streaks': 4, moss: 5, 'green-algae': 4, 'red-algae': 3, mildew: 3, lichen: 3 }, families: ['roofing'],
    surfaceRisk: 4, harmAround: 2, chainOrder: 'growth', onlyMaterials: ['concrete-roof-tile'],
    why: 'Sound heavy concrete tile only, after a look from inside the loft.', expectation: 'Without an after-treatment growth is back within two years.', source: TRADE,
    stages: [
      { ...work('clear', 'hand-scraper', [8, 15], 'Cushions bagged.'), task: 'Take the moss off by hand', bulk: MOSS_OFF },
      work('wash', 'roof-cleaner', [15, 25], 'Never against the lap.'),
      rinse,
    ],
  },
  {
    id: 'roof-scrape-only', name: 'Scrape by hand, nothing else', treats: { moss: 3, 'ivy-pads': 3 }, families: ['roofing'],
    surfaceRisk: 1, harmAround: 1, chainOrder: 'growth',
    why: 'Where nothing may reach the gutter: cushions off, bagged, no chemistry.', expectation: 'It grows again from what is left.', source: TRADE,
    stages: [
      { ...work('clear', 'hand-scraper', [8, 15], 'Gutters are clear of pieces.', 'Cracked tiles are noted and shown.'), task: 'Scrape the moss off by hand', bulk: MOSS_OFF },
    ],
  },
]; // prettier-ignore
