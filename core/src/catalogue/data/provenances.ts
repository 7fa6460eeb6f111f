import { rangeOf } from '../provenance.ts';
import type { Doubt, Provenance, SourceType } from '../provenance.ts';

/** A sort of figures: entries of a kind, the path within them, where such come from and how sure they are. */
type Sort = readonly [kind: string, path: RegExp, type: SourceType, doubt: Doubt];

/** The first that fits holds. How sure: what good contractors, sheets and tests differ by; estimates of the trade. */
const SORTS: readonly Sort[] = [
  ['material', /^sorptivity\./, 'standard', { factor: 2 }],
  ['material', /^jetLimit/, 'trade-default', { share: 0.4 }],
  ['material', /^pH\./, 'trade-default', { by: 0.5, within: [0, 14] }],
  ['material', /^thirstFactor$/, 'trade-default', { share: 0.25 }],
  ['condition', /^jetLimit/, 'trade-default', { share: 0.4 }],
  ['agent', /^strengthSpan\./, 'label', null],
  ['agent', /^coldestCelsius$/, 'data-sheet', { by: 3 }],
  ['agent', /^usefulSquareMetresPerLitre$/, 'data-sheet', { share: 0.25 }],
  ['agent', /^surfactant/, 'trade-default', { share: 0.5 }],
  ['agent', /^(harms|keeps)/, 'data-sheet', null],
  ['agent', /^typicalPH$/, 'data-sheet', { by: 0.5, within: [0, 14] }],
  ['agent', /^mixLifeHours$/, 'trade-default', { factor: 2 }],
  // Mass ratios of the reactions: exact for the pure substance, and a strip decides on the surface.
  ['agent', /^neutraliser\.gramsPerGram$/, 'standard', { share: 0.05 }],
  ['agent', /^stock\.strength$/, 'label', { share: 0.05 }],
  ['method', /^(surfaceRisk|harmAround|treats\.)/, 'trade-default', { by: 1, within: [1, 5] }],
  ['method', /^dryFirst\./, 'trade-default', { factor: 2 }],
  ['method', /\.days\./, 'trade-default', { factor: 2 }],
  ['method', /\.minutes$/, 'trade-default', { share: 0.5 }],
  ['method', /\.rate\./, 'trade-default', { factor: 1.5 }],
  ['method', /\.strength(GramsPerLitre|Band)\./, 'trade-default', { share: 0.25 }],
  ['method', /\.dwellMinutes\./, 'trade-default', { share: 0.3 }],
  ['method', /LitresPerSquareMetre$/i, 'trade-default', { share: 0.3 }],
  ['tool', /^jet\./, 'data-sheet', { share: 0.1 }],
];
const ELSE: Pick<Provenance, 'type'> = { type: 'trade-default' };

/**
 * Where a figure of the shipped catalogue comes from.
 * @param path of the figure in its entry, as a company sets it
 */
export function provenanceOf(kind: string, path: string, figure: unknown): Provenance {
  const sort = SORTS.find(([of, pattern]) => of === kind && pattern.test(path));
  if (!sort) return { ...ELSE, range: null };
  const [, , type, doubt] = sort;
  return { type, range: typeof figure === 'number' ? rangeOf(figure, doubt) : null };
}
