import type { Agent } from '../agent.ts';

const LABEL = 'trade default; the product label and its safety data sheet come first';
const GOGGLES = 'goggles';
const GLOVES = 'chemical gloves';
const BOOTS = 'rubber boots';
const APRON = 'chemical apron';
const MASK = 'respirator as the data sheet says';

export const AGENTS: readonly Agent[] = [
  {
    id: 'hypochlorite', name: 'Sodium hypochlorite', class: 'hypochlorite', basis: 'available chlorine',
    stock: { form: 'liquid', strength: { basis: 'g/L', value: 125 } }, typicalPH: 12, surfactantMillilitresPerLitre: 4,
    containers: [5, 20, 25], opposedTo: ['acid', 'peroxide', 'quaternary'],
    neutraliser: { agent: 'sodium-ascorbate', gramsPerGram: 2.79, reading: 'chlorine strip reads 0' },
    harmsPlants: true, harmsWaterLife: true, protection: [GOGGLES, GLOVES, BOOTS, MASK],
    cautions: ['Acid, ammonia, urine or droppings set free toxic gas: flush with water first.', 'Bleaches cloth, burns plants, pits bare metal: wet and rinse what is near.'],
    keepsToNextVisit: false, source: LABEL,
  },
  {
    id: 'percarbonate', name: 'Sodium percarbonate', class: 'peroxide', basis: 'percarbonate powder',
    stock: { form: 'powder' }, typicalPH: 10.5, surfactantMillilitresPerLitre: 3,
    containers: [5, 10, 25], opposedTo: ['hypochlorite'],
    neutraliser: null, harmsPlants: false, harmsWaterLife: false, protection: [GOGGLES, GLOVES],
    cautions: ['The mix gives off oxygen: never close it up, use it within the hour.'],
    keepsToNextVisit: false, source: LABEL,
  },
  {
    id: 'caustic', name: 'Caustic degreaser (sodium hydroxide)', class: 'caustic', basis: 'sodium hydroxide',
    stock: { form: 'liquid', strength: { basis: '% w/w', value: 50, densityKilogramsPerLitre: 1.525 } }, typicalPH: 14, surfactantMillilitresPerLitre: 10,
    containers: [5, 20], opposedTo: ['acid', 'quaternary'],
    neutraliser: { agent: 'citric-acid', gramsPerGram: 1.75, reading: 'pH strip reads 6 to 8' },
    harmsPlants: true, harmsWaterLife: true, protection: [GOGGLES, 'face shield', GLOVES, APRON, BOOTS],
    cautions: ['Burns skin and eyes at once: rinse for a long time and follow the data sheet.', 'Always caustic into water, never water onto caustic: it heats up.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    id: 'metasilicate', name: 'Mild alkaline cleaner (metasilicate)', class: 'mild-alkaline', basis: 'metasilicate pentahydrate',
    stock: { form: 'powder' }, typicalPH: 12, surfactantMillilitresPerLitre: 4,
    containers: [1, 5, 10], opposedTo: ['acid', 'quaternary'],
    neutraliser: null, harmsPlants: true, harmsWaterLife: false, protection: [GOGGLES, GLOVES],
    cautions: ['Short contact only: it etches glass and attacks bare aluminium where it dries.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    id: 'oxalic-acid', name: 'Oxalic acid', class: 'acid', basis: 'oxalic acid dihydrate',
    stock: { form: 'powder' }, typicalPH: 1.3, surfactantMillilitresPerLitre: 2,
    containers: [1, 5, 10], opposedTo: ['hypochlorite', 'caustic', 'mild-alkaline'],
    neutraliser: { agent: 'sodium-bicarbonate', gramsPerGram: 1.33, reading: 'pH strip reads 6 to 8' },
    harmsPlants: true, harmsWaterLife: true, protection: [GOGGLES, GLOVES, BOOTS, 'dust mask while weighing'],
    cautions: ['Poisonous: no eating or smoking, wash hands.', 'Never where hypochlorite may still be: toxic gas.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    id: 'phosphoric-acid', name: 'Phosphoric acid', class: 'acid', basis: 'phosphoric acid',
    stock: { form: 'liquid', strength: { basis: '% w/w', value: 85, densityKilogramsPerLitre: 1.685 } }, typicalPH: 1, surfactantMillilitresPerLitre: 2,
    containers: [1, 5, 20], opposedTo: ['hypochlorite', 'caustic', 'mild-alkaline'],
    neutraliser: { agent: 'sodium-bicarbonate', gramsPerGram: 1.71, reading: 'pH strip reads 6 to 8' },
    harmsPlants: true, harmsWaterLife: true, protection: [GOGGLES, 'face shield', GLOVES, APRON, BOOTS],
    cautions: ['Acid into water, never water onto acid.', 'Never where hypochlorite may still be: toxic gas.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    id: 'neutral-biocidal', name: 'Neutral biocidal stone cleaner', class: 'neutral', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7, surfactantMillilitresPerLitre: null,
    containers: [5, 20], opposedTo: [], neutraliser: null, harmsPlants: false, harmsWaterLife: true,
    protection: [GOGGLES, GLOVES],
    cautions: ['Harms water life: keep it out of ponds and streams.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    id: 'citrate-gel', name: 'Neutral citrate rust gel', class: 'neutral', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7.5, surfactantMillilitresPerLitre: null,
    containers: [1, 5], opposedTo: [], neutraliser: null, harmsPlants: false, harmsWaterLife: false,
    protection: [GOGGLES, GLOVES],
    cautions: ['Smells of sulfur while it works: ventilate.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    id: 'quaternary-biocide', name: 'Quaternary biocide', class: 'quaternary', basis: 'quaternary ammonium compound',
    stock: { form: 'liquid', strength: { basis: '% w/v', value: 50 } }, typicalPH: 7, surfactantMillilitresPerLitre: null,
    containers: [5, 20], opposedTo: ['hypochlorite', 'caustic', 'mild-alkaline'],
    neutraliser: null, harmsPlants: false, harmsWaterLife: true, protection: [GOGGLES, GLOVES, MASK],
    cautions: ['Leave on: rain within 24 h carries it off. Wind below the drift limit.', 'Harms water life: keep it out of ponds and streams. A licence may be needed.'],
    keepsToNextVisit: false, source: LABEL,
  },
  {
    id: 'neutral-detergent', name: 'Neutral detergent', class: 'neutral', basis: 'product as sold',
    stock: { form: 'liquid', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7.5, surfactantMillilitresPerLitre: null,
    containers: [1, 5, 20], opposedTo: [], neutraliser: null, harmsPlants: false, harmsWaterLife: true,
    protection: [GOGGLES, GLOVES],
    cautions: ['Foam harms water life: keep it out of ponds and streams.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    id: 'sulfamic-acid', name: 'Sulfamic acid', class: 'acid', basis: 'sulfamic acid',
    stock: { form: 'powder' }, typicalPH: 1.2, surfactantMillilitresPerLitre: 2,
    containers: [1, 5, 25], opposedTo: ['hypochlorite', 'caustic', 'mild-alkaline'],
    neutraliser: { agent: 'sodium-bicarbonate', gramsPerGram: 0.87, reading: 'pH strip reads 6 to 8' },
    harmsPlants: true, harmsWaterLife: true, protection: [GOGGLES, GLOVES, BOOTS, 'dust mask while weighing'],
    cautions: ['Burns eyes: rinse for a long time and follow the data sheet.', 'Never where hypochlorite may still be: toxic gas.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    id: 'masonry-remover', name: 'Masonry-strength paint remover', class: 'solvent', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 8, surfactantMillilitresPerLitre: null,
    containers: [1, 5], opposedTo: [], neutraliser: null, harmsPlants: true, harmsWaterLife: true,
    protection: [GOGGLES, 'face shield', GLOVES, MASK],
    cautions: ['Keep sparks and flames away; keep the air moving.', 'Catch the run-off: it carries paint and remover.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    id: 'mild-remover', name: 'Mild paint remover', class: 'mild-solvent', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7.5, surfactantMillilitresPerLitre: null,
    containers: [1, 5], opposedTo: [], neutraliser: null, harmsPlants: true, harmsWaterLife: true,
    protection: [GOGGLES, GLOVES],
    cautions: ['Try it on a hidden spot: the coating below must stay hard.', 'Keep sparks and flames away.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    id: 'citric-acid', name: 'Citric acid', class: 'neutraliser', basis: 'citric acid monohydrate',
    stock: { form: 'powder' }, typicalPH: 2, surfactantMillilitresPerLitre: null,
    containers: [1, 5], opposedTo: ['hypochlorite'], neutraliser: null, harmsPlants: false, harmsWaterLife: false,
    protection: [GOGGLES, GLOVES], cautions: ['Never where hypochlorite may still be: toxic gas.'], keepsToNextVisit: true, source: LABEL,
  },
  {
    id: 'sodium-ascorbate', name: 'Sodium ascorbate', class: 'neutraliser', basis: 'sodium ascorbate',
    stock: { form: 'powder' }, typicalPH: 7.4, surfactantMillilitresPerLitre: null,
    containers: [1, 5], opposedTo: [], neutraliser: null, harmsPlants: false, harmsWaterLife: false,
    protection: [GOGGLES, GLOVES], cautions: ['Mix fresh: it loses its strength in air.'], keepsToNextVisit: false, source: LABEL,
  },
  {
    id: 'sodium-bicarbonate', name: 'Sodium bicarbonate', class: 'neutraliser', basis: 'sodium bicarbonate',
    stock: { form: 'powder' }, typicalPH: 8.3, surfactantMillilitresPerLitre: null,
    containers: [1, 5, 25], opposedTo: [], neutraliser: null, harmsPlants: false, harmsWaterLife: false,
    protection: [GOGGLES, GLOVES], cautions: ['Foams on acid: small amounts first.'], keepsToNextVisit: true, source: LABEL,
  },
]; // prettier-ignore
