import { inLanguage } from '../../language/in-language.ts';
import type { LookAlike } from '../look-alike.ts';

const TRADE = 'trade default; weights are rough and only order the candidates until a test speaks';
const SHADED = { when: { shaded: true }, factor: 2 };
const UNDER_METAL = { when: { near: ['bare-metal', 'lamp', 'panel', 'electrical-panel'] }, factor: 3 };
const NEAR_SOIL = { when: { near: ['plant-bed', 'lawn'] }, factor: 2.5 };
const ON_FLOOR = { when: { floor: true }, factor: 2 };
const NOT_ON_FLOOR = { when: { floor: false }, factor: 0.2 };

export const LOOK_ALIKES: readonly LookAlike[] = inLanguage([
  {
    id: 'black-film', name: 'Black film or streaks', source: TRADE,
    tests: ['look-where-black', 'hypochlorite-dab', 'oxalic-spot', 'dry-rub', 'solvent-rub', 'lift-edge', 'degreaser-spot'],
    candidates: [
      { id: 'mildew', weight: 4, cues: [SHADED] },
      { id: 'traffic-soot', weight: 3, cues: [{ when: { near: ['vehicle', 'footway'] }, factor: 2 }, { when: { shaded: true }, factor: 0.7 }] },
      { id: 'leaf-tannin', weight: 2, cues: [NEAR_SOIL, ON_FLOOR] },
      { id: 'tyre-marks', weight: 2, cues: [ON_FLOOR, NOT_ON_FLOOR, { when: { near: ['vehicle'] }, factor: 3 }] },
      { id: 'bitumen', weight: 1, cues: [{ when: { families: ['roofing'] }, factor: 2 }] },
      { id: 'black-spot', weight: 1.5, cues: [ON_FLOOR, NOT_ON_FLOOR, { when: { families: ['stone', 'concrete'] }, factor: 1.5 }] },
      { id: 'black-crust', weight: 1, cues: [{ when: { families: ['stone', 'masonry'] }, factor: 2 }, { when: { families: ['metal', 'plastic', 'glass', 'timber'] }, factor: 0.05 }, { when: { floor: true }, factor: 0.4 }] },
    ],
  },
  {
    id: 'red-tint', name: 'Red or brown tint', source: TRADE,
    tests: ['wet-smear', 'oxalic-spot', 'hypochlorite-dab', 'look-above'],
    candidates: [
      { id: 'iron-clay', weight: 3, cues: [NEAR_SOIL, ON_FLOOR] },
      { id: 'surface-rust', weight: 3, cues: [UNDER_METAL, { when: { families: ['metal'] }, factor: 2 }] },
      { id: 'red-algae', weight: 2, cues: [SHADED, { when: { families: ['render', 'masonry', 'roofing'] }, factor: 1.5 }] },
      { id: 'leaf-tannin', weight: 2, cues: [ON_FLOOR, { when: { near: ['plant-bed'] }, factor: 2 }] },
      { id: 'manganese-stain', weight: 0.3, cues: [{ when: { families: ['masonry'] }, factor: 6 }, { when: { families: ['timber', 'glass', 'metal', 'plastic', 'roofing'] }, factor: 0.02 }] },
      { id: 'steel-rust', weight: 0.7, cues: [{ when: { families: ['concrete'] }, factor: 3 }, { when: { families: ['timber', 'glass', 'metal', 'roofing'] }, factor: 0.05 }] },
    ],
  },
  {
    id: 'white-bloom', name: 'White bloom', source: TRADE,
    tests: ['wet-and-dry', 'dry-rub', 'scrape', 'wet-wipe', 'look-where-white', 'acid-drop'],
    candidates: [
      { id: 'efflorescence', weight: 4, cues: [{ when: { families: ['masonry', 'concrete', 'stone'] }, factor: 1.5 }, { when: { families: ['glass', 'metal', 'timber'] }, factor: 0.1 }] },
      { id: 'lime-bloom', weight: 1, cues: [{ when: { families: ['masonry', 'concrete', 'stone'] }, factor: 1.5 }, { when: { families: ['glass', 'metal', 'timber'] }, factor: 0.1 }] },
      { id: 'lichen', weight: 3, cues: [{ when: { families: ['roofing', 'stone'] }, factor: 2 }] },
      { id: 'chalked-paint', weight: 2, cues: [{ when: { painted: true }, factor: 3 }, { when: { painted: false }, factor: 0.02 }] },
      { id: 'hard-water-scale', weight: 2, cues: [{ when: { families: ['glass', 'metal'] }, factor: 4 }] },
      { id: 'cement-haze', weight: 1, cues: [{ when: { families: ['masonry', 'stone', 'concrete'] }, factor: 2 }] },
    ],
  },
  {
    id: 'dark-bricks', name: 'Dark bricks or odd joints', source: TRADE,
    tests: ['bricks-or-joints', 'sheltered-part', 'hypochlorite-dab', 'dry-rub'],
    candidates: [
      { id: 'fired-colour', weight: 3, cues: [] },
      { id: 'odd-mortar', weight: 2, cues: [] },
      { id: 'mildew', weight: 2, cues: [SHADED] },
      { id: 'traffic-soot', weight: 2, cues: [{ when: { near: ['footway', 'vehicle'] }, factor: 2 }] },
    ],
  },
  {
    id: 'green-tint', name: 'Green tint', source: TRADE,
    tests: ['look-above', 'hypochlorite-dab', 'wet-smear'],
    candidates: [
      { id: 'green-algae', weight: 6, cues: [SHADED] },
      { id: 'copper-stain', weight: 1, cues: [UNDER_METAL] },
      { id: 'vanadium-stain', weight: 0.7, cues: [{ when: { families: ['masonry'] }, factor: 3 }, { when: { families: ['timber', 'glass', 'metal', 'plastic', 'roofing', 'render'] }, factor: 0.2 }] },
    ],
  },
  {
    id: 'tag', name: 'Ink or paint tag', source: TRADE,
    tests: ['solvent-rub', 'look-edge'],
    candidates: [
      { id: 'spray-paint', weight: 3, cues: [{ when: { families: ['masonry', 'render', 'concrete', 'stone'] }, factor: 1.5 }] },
      { id: 'felt-tip', weight: 2, cues: [{ when: { families: ['metal', 'glass'] }, factor: 2 }] },
    ],
  },
  {
    id: 'oily-mark', name: 'Oil or tyre', source: TRADE,
    tests: ['paper-dab', 'water-beads', 'lift-edge', 'degreaser-spot'],
    candidates: [
      { id: 'mineral-oil', weight: 3, cues: [ON_FLOOR] },
      { id: 'fresh-oil', weight: 1, cues: [ON_FLOOR, { when: { near: ['vehicle'] }, factor: 2 }] },
      { id: 'tyre-marks', weight: 2, cues: [ON_FLOOR, NOT_ON_FLOOR] },
      { id: 'bitumen', weight: 0.5, cues: [] },
    ],
  },
]); // prettier-ignore
