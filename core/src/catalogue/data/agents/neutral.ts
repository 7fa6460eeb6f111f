import type { AgentOfClass } from '../../agent.ts';
import { NEUTRAL, THIOGLYCOLATE_FIRST_AID, LABEL, GOGGLES, GLOVES, APRON, MASK } from '../agent-care.ts';

/** Neither acid nor alkaline. */
export const NEUTRAL_AGENTS: readonly AgentOfClass[] = [
  {
    ...NEUTRAL, worksIn: 'pores', strengthSpan: { from: 1000, to: 1000 },
    usefulSquareMetresPerLitre: 8,
    id: 'neutral-biocidal', usualPrice: 6, name: 'Neutral biocidal stone cleaner', class: 'neutral', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7, surfactantMillilitresPerLitre: null,
    containers: [5, 20], opposedTo: [], neutraliser: null, harmsPlants: false, harmsWaterLife: true,
    protection: [GOGGLES, GLOVES],
    cautions: ['Harms water life: keep it out of ponds and streams.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    ...NEUTRAL, strengthSpan: { from: 1000, to: 1000 },
    usefulSquareMetresPerLitre: 0.3,
    id: 'citrate-gel', usualPrice: 15, name: 'Neutral citrate rust gel', class: 'neutral', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7.5, surfactantMillilitresPerLitre: null,
    containers: [1, 5], opposedTo: [], neutraliser: null, harmsPlants: false, harmsWaterLife: false,
    protection: [GOGGLES, GLOVES],
    cautions: ['Slow: it stays under film, and comes off whole before it is rinsed.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    // Turns purple on iron. It reacts hard with oxidisers and gives off gas with acid.
    ...NEUTRAL, strengthSpan: { from: 1000, to: 1000 }, hazards: ['toxic if swallowed', 'can cause a skin allergy', 'gives off toxic gas with acid', 'reacts hard with chlorine and peroxide'],
    attacks: ['copper, brass and silver turn black'], firstAid: THIOGLYCOLATE_FIRST_AID, storage: 'closed, cool, apart from acids and from anything that bleaches',
    usefulSquareMetresPerLitre: 0.3,
    id: 'thioglycolate-gel', usualPrice: 22, name: 'Thioglycolate rust gel', class: 'thioglycolate', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7, surfactantMillilitresPerLitre: null,
    containers: [1, 5], opposedTo: ['acid', 'hypochlorite', 'peroxide'], neutraliser: null, harmsPlants: true, harmsWaterLife: true,
    protection: [GOGGLES, GLOVES, APRON, MASK],
    cautions: ['Smells of sulfur: only in the open or with the air moving.', 'Never with or after acid, chlorine or peroxide: rinse and read in between.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    ...NEUTRAL, strengthSpan: { from: 2, to: 50 },
    id: 'neutral-detergent', usualPrice: 4, name: 'Neutral detergent, non-ionic', class: 'neutral', basis: 'product as sold',
    stock: { form: 'liquid', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7.5, surfactantMillilitresPerLitre: null,
    containers: [1, 5, 20], opposedTo: [], neutraliser: null, harmsPlants: false, harmsWaterLife: true,
    protection: [GOGGLES, GLOVES],
    cautions: ['Foam harms water life: keep it out of ponds and streams.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    ...NEUTRAL, strengthSpan: { from: 10, to: 100 },
    id: 'gluconate-chelate', usualPrice: 5, name: 'Gluconate stain remover', class: 'neutral', basis: 'sodium gluconate',
    stock: { form: 'powder' }, typicalPH: 8, surfactantMillilitresPerLitre: 2,
    containers: [1, 5], opposedTo: [], neutraliser: null, harmsPlants: false, harmsWaterLife: false,
    protection: [GOGGLES, GLOVES], cautions: ['Slow: keep it wet under film.'], keepsToNextVisit: true, source: LABEL,
  },
  {
    ...NEUTRAL, strengthSpan: { from: 10, to: 200 }, worksIn: 'pores', coldestCelsius: 10,
    id: 'enzyme-cleaner', usualPrice: 8, name: 'Enzyme cleaner', class: 'enzyme', basis: 'product as sold',
    stock: { form: 'liquid', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7.5, surfactantMillilitresPerLitre: null,
    containers: [1, 5, 20], opposedTo: ['hypochlorite', 'caustic', 'quaternary'], neutraliser: null, harmsPlants: false, harmsWaterLife: false,
    protection: [GOGGLES, GLOVES], cautions: ['Works slowly, above 10 °C; chlorine, caustic and quaternary biocides stop it.'], keepsToNextVisit: false, source: LABEL,
  },
  {
    ...NEUTRAL, strengthSpan: { from: 1000, to: 1000 }, worksIn: 'pores',
    usefulSquareMetresPerLitre: 0.15,
    id: 'clay-poultice', usualPrice: 3, name: 'Clay poultice', class: 'neutral', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7.5, surfactantMillilitresPerLitre: null,
    containers: [5, 20], opposedTo: [], neutraliser: null, harmsPlants: false, harmsWaterLife: false,
    protection: [GOGGLES, GLOVES, 'dust mask while mixing'], cautions: ['Left on until it is dry and cracks: drying is what draws stains out of the pores.'], keepsToNextVisit: true, source: LABEL,
  },
  {
    ...NEUTRAL, strengthSpan: { from: 5, to: 50 },
    id: 'glass-cleaner', usualPrice: 5, name: 'Neutral glass cleaner', class: 'neutral', basis: 'product as sold',
    stock: { form: 'liquid', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7, surfactantMillilitresPerLitre: null,
    containers: [1, 5], opposedTo: [], neutraliser: null, harmsPlants: false, harmsWaterLife: false,
    protection: [GLOVES], cautions: ['No ammonia in it: it may follow hypochlorite only after a full rinse.'], keepsToNextVisit: true, source: LABEL,
  },
]; // prettier-ignore
