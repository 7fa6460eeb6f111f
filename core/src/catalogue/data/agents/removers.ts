import type { AgentOfClass } from '../../agent.ts';
import { SOLVENT, LABEL, GOGGLES, GLOVES, MASK } from '../agent-care.ts';

/** Solvents of paint, ink, tar and glue. */
export const REMOVERS: readonly AgentOfClass[] = [
  {
    ...SOLVENT, strengthSpan: { from: 1000, to: 1000 },
    usefulSquareMetresPerLitre: 8,
    id: 'masonry-remover', usualPrice: 18, name: 'Masonry-strength paint remover', class: 'solvent', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 8, surfactantMillilitresPerLitre: null,
    containers: [1, 5], opposedTo: [], neutraliser: null, harmsPlants: true, harmsWaterLife: true,
    protection: [GOGGLES, 'face shield', GLOVES, MASK],
    cautions: ['Keep sparks and flames away; keep the air moving.', 'Catch the run-off: it carries paint and remover.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    ...SOLVENT, strengthSpan: { from: 1000, to: 1000 },
    usefulSquareMetresPerLitre: 10,
    id: 'mild-remover', usualPrice: 16, name: 'Mild paint remover', class: 'mild-solvent', basis: 'product as sold',
    stock: { form: 'ready', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7.5, surfactantMillilitresPerLitre: null,
    containers: [1, 5], opposedTo: [], neutraliser: null, harmsPlants: true, harmsWaterLife: true,
    protection: [GOGGLES, GLOVES],
    cautions: ['Try it on a hidden spot: the coating below must stay hard.', 'Keep sparks and flames away.'],
    keepsToNextVisit: true, source: LABEL,
  },
  {
    ...SOLVENT, strengthSpan: { from: 100, to: 1000 },
    id: 'citrus-degreaser', usualPrice: 9, name: 'Citrus degreaser', class: 'mild-solvent', basis: 'product as sold',
    stock: { form: 'liquid', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7, surfactantMillilitresPerLitre: null,
    containers: [1, 5], opposedTo: [], neutraliser: null, harmsPlants: true, harmsWaterLife: true,
    protection: [GOGGLES, GLOVES], cautions: ['Can cause a skin allergy; rags soaked with it can catch fire by themselves.'], keepsToNextVisit: true, source: LABEL,
  },
  {
    ...SOLVENT, strengthSpan: { from: 500, to: 1000 },
    id: 'isopropanol', usualPrice: 5, name: 'Isopropanol', class: 'mild-solvent', basis: 'product as sold',
    stock: { form: 'liquid', strength: { basis: 'g/L', value: 1000 } }, typicalPH: 7, surfactantMillilitresPerLitre: null,
    containers: [1, 5], opposedTo: [], neutraliser: null, harmsPlants: true, harmsWaterLife: false,
    protection: [GOGGLES, GLOVES], cautions: ['Catches fire easily: no sparks, no hot metal, small bottles only.', 'Rinse before and after chlorine or peroxide.'], keepsToNextVisit: true, source: LABEL,
  },
]; // prettier-ignore
