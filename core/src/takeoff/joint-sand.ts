import Joi from 'joi';
import { decimal } from '../quantity/numbers.ts';
import { requireSpan } from '../quantity/span.ts';

/** How paving is laid: blocks by their face, the joint between them, and how deep the joint is. */
export interface Paving {
  readonly lengthMillimetres: number;
  readonly widthMillimetres: number;
  readonly jointMillimetres: number;
  readonly depthMillimetres: number;
}

/** Least and most of each measure, mm. */
export const PAVING_SPANS = {
  lengthMillimetres: [40, 1200],
  widthMillimetres: [40, 1200],
  jointMillimetres: [1, 50],
  depthMillimetres: [10, 300],
} as const satisfies Record<keyof Paving, readonly [number, number]>;

const within = ([least, most]: readonly [number, number]) => Joi.number().min(least).max(most).required();
export const pavingSchema = Joi.object<Paving>({
  lengthMillimetres: within(PAVING_SPANS.lengthMillimetres),
  widthMillimetres: within(PAVING_SPANS.widthMillimetres),
  jointMillimetres: within(PAVING_SPANS.jointMillimetres),
  depthMillimetres: within(PAVING_SPANS.depthMillimetres),
});

export interface JointSand {
  readonly kilogramsPerSquareMetre: number;
  readonly sum: string;
}

/**
 * Sand that empty joints take: (1 − l·w / ((l + j)·(w + j))) · depth · density.
 *
 * @param density kg/m³, of the loose dry sand
 * @throws RangeError for a measure outside its span
 * @example jointSand({ lengthMillimetres: 240, widthMillimetres: 160, jointMillimetres: 4, depthMillimetres: 60 }, 1600) // 3.88 kg/m²
 */
export function jointSand(paving: Paving, density: number): JointSand {
  const { lengthMillimetres: l, widthMillimetres: w, jointMillimetres: j, depthMillimetres: depth } = paving;
  requireSpan('length of a block', l, ...PAVING_SPANS.lengthMillimetres, 'mm');
  requireSpan('width of a block', w, ...PAVING_SPANS.widthMillimetres, 'mm');
  requireSpan('joint', j, ...PAVING_SPANS.jointMillimetres, 'mm');
  requireSpan('depth of the joints', depth, ...PAVING_SPANS.depthMillimetres, 'mm');
  const share = 1 - (l * w) / ((l + j) * (w + j));
  const kilogramsPerSquareMetre = ((share * depth) / 1000) * density;
  const [length, width] = [decimal(l, 0), decimal(w, 0)];
  return {
    kilogramsPerSquareMetre,
    sum: `(1 − ${length} × ${width} ÷ (${decimal(l + j, 1)} × ${decimal(w + j, 1)})) × ${decimal(depth, 0)} mm × ${decimal(density, 0)} kg/m³ = ${decimal(kilogramsPerSquareMetre, 2)} kg/m²`,
  };
}
