import type { AgentOfClass } from '../../agent.ts';
import { COAT, LABEL, GOGGLES, GLOVES, MASK } from '../agent-care.ts';

/** Put on a clean dry face, to stay. */
export const COATINGS: readonly AgentOfClass[] = [
  {
    ...COAT, strengthSpan: { from: 1000, to: 1000 },
    usefulSquareMetresPerLitre: 6,
    id: 'silane-impregnator', usualPrice: 8, name: 'Silane impregnator', class: 'coating', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7, surfactantMillilitresPerLitre: null,
    containers: [5, 20], opposedTo: [], neutraliser: null, harmsPlants: true, harmsWaterLife: true,
    protection: [GOGGLES, GLOVES, MASK], cautions: ['On a dry surface only; wipe off glass at once.'], keepsToNextVisit: true, source: LABEL,
  },
  {
    ...COAT, strengthSpan: { from: 1000, to: 1000 }, worksIn: 'film',
    usefulSquareMetresPerLitre: 12,
    id: 'acrylic-sealer', usualPrice: 8, name: 'Acrylic sealer', class: 'coating', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 8, surfactantMillilitresPerLitre: null,
    containers: [5, 20], opposedTo: [], neutraliser: null, harmsPlants: true, harmsWaterLife: true,
    protection: [GOGGLES, GLOVES, MASK], cautions: ['Turns milky on damp: let it dry for a week first; no frost, no dew.'], keepsToNextVisit: true, source: LABEL,
  },
  {
    ...COAT, strengthSpan: { from: 1000, to: 1000 },
    usefulSquareMetresPerLitre: 15,
    id: 'wood-oil', usualPrice: 12, name: 'Wood oil or stain', class: 'coating', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7, surfactantMillilitresPerLitre: null,
    containers: [1, 5], opposedTo: [], neutraliser: null, harmsPlants: true, harmsWaterLife: true,
    protection: [GLOVES], cautions: ['Oily rags catch fire by themselves: put them in water or spread them out.', 'Wood moisture at most 15 to 18 %.'], keepsToNextVisit: true, source: LABEL,
  },
  {
    ...COAT, strengthSpan: { from: 1000, to: 1000 }, worksIn: 'film',
    usefulSquareMetresPerLitre: 10,
    id: 'sacrificial-coating', usualPrice: 10, name: 'Sacrificial coating against tags', class: 'coating', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7.5, surfactantMillilitresPerLitre: null,
    containers: [5, 20], opposedTo: [], neutraliser: null, harmsPlants: false, harmsWaterLife: true,
    protection: [GOGGLES, GLOVES], cautions: ['Comes off with hot water together with the tag: renew it after each.'], keepsToNextVisit: true, source: LABEL,
  },
  {
    ...COAT, strengthSpan: { from: 1000, to: 1000 }, worksIn: 'film', usefulSquareMetresPerLitre: 5,
    id: 'joint-sealer', usualPrice: 8, name: 'Joint sealer for sand', class: 'coating', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 8, surfactantMillilitresPerLitre: null,
    containers: [5, 20], opposedTo: [], neutraliser: null, harmsPlants: true, harmsWaterLife: true,
    protection: [GOGGLES, GLOVES, MASK], cautions: ['Flooded on so that it sinks into the sand; what stands on the stone is spread within minutes.', 'Turns milky on damp: no rain and no dew for a day.'], keepsToNextVisit: true, source: LABEL,
  },
]; // prettier-ignore
