import type { Tool } from '../tool.ts';

export const TOOLS: readonly Tool[] = [
  { id: 'low-pressure-sprayer', name: 'low-pressure sprayer', machines: ['sprayer'], jet: null, hot: false, abrasive: false, handling: 'own sprayer per agent, coarse drops, no mist' },
  { id: 'garden-hose', name: 'garden hose with fan', machines: ['hose'], jet: { orifice: 40, nozzles: 1, psi: 70, fanDegrees: 40, standOffMetres: 0.3 }, hot: false, abrasive: false, handling: '40° fan, 30 cm off or more, garden force' },
  { id: 'soft-brush', name: 'soft brush', machines: [], jet: null, hot: false, abrasive: false, handling: 'overlapping passes, rinsed often' },
  { id: 'stiff-brush', name: 'stiff synthetic brush', machines: [], jet: null, hot: false, abrasive: true, handling: 'no wire; one brush per product' },
  { id: 'broom', name: 'broom and shovel', machines: [], jet: null, hot: false, abrasive: false, handling: 'solids lifted, never washed down' },
  { id: 'wide-fan', name: '25° fan at 20 cm', machines: ['pressure-washer'], jet: { orifice: 3.5, nozzles: 1, psi: 2400, fanDegrees: 25, standOffMetres: 0.2 }, hot: false, abrasive: false, handling: '25° tip, 20 cm off, with the grain, never standing still' },
  { id: 'surface-cleaner-50', name: 'surface cleaner 0.5 m', machines: ['pressure-washer', 'surface-cleaner'], jet: { orifice: 2.5, nozzles: 2, psi: 2500, fanDegrees: 25, standOffMetres: 0.05 }, hot: false, abrasive: false, handling: 'overlap a third, steady walking pace' },
  { id: 'hot-fan', name: 'hot 25° fan at 20 cm', machines: ['hot-washer'], jet: { orifice: 3.5, nozzles: 1, psi: 2400, fanDegrees: 25, standOffMetres: 0.2 }, hot: true, abrasive: false, handling: 'hot water, 25° tip, 20 cm off' },
  { id: 'paddle-and-film', name: 'spatula and cover film', machines: [], jet: null, hot: false, abrasive: false, handling: 'gel laid on 5 mm thick, film over it' },
  { id: 'flat-brush', name: 'flat synthetic brush', machines: [], jet: null, hot: false, abrasive: false, handling: 'one brush and one pot per product, thin coats' },
  { id: 'hand-scraper', name: 'plastic scraper', machines: [], jet: null, hot: false, abrasive: false, handling: 'from a ladder or lift, never standing on tiles; pieces bagged, not swept into gutters' },
]; // prettier-ignore
