import type { LengthUnit } from '../quantity/length.ts';
import type { TapeShape } from './tape-shape.ts';
import type { AreaUnit } from './tape-tokens.ts';

interface Placed {
  readonly at: number;
  readonly length: number;
}
export interface LengthPart {
  readonly value: number;
  /** `null`: a bare number, read in the job's unit. */
  readonly unit: LengthUnit | null;
}
/** How steep a roof is: degrees, or rise over run. */
export type Pitch =
  | { readonly kind: 'degrees'; readonly degrees: number }
  | { readonly kind: 'ratio'; readonly rise: number; readonly run: number };

/** A measurement as it was written; positions count UTF-16 units from 0. */
export type TapeExpression = Placed &
  (
    | { readonly kind: 'length'; readonly parts: readonly LengthPart[] }
    | { readonly kind: 'area'; readonly value: number; readonly unit: AreaUnit }
    | { readonly kind: 'count'; readonly value: number }
    | { readonly kind: 'shape'; readonly shape: TapeShape; readonly lengths: readonly TapeExpression[] }
    | { readonly kind: 'repeat'; readonly count: number; readonly inner: TapeExpression }
    | { readonly kind: 'product'; readonly factors: readonly TapeExpression[] }
    | { readonly kind: 'pitched'; readonly plan: TapeExpression; readonly pitch: Pitch }
    | { readonly kind: 'relief'; readonly face: TapeExpression; readonly factor: number }
    | {
        readonly kind: 'sum';
        readonly terms: readonly { readonly sign: 1 | -1; readonly term: TapeExpression }[];
      }
  );

/** Power of the metre that an expression measures: 0 a count, 1 a length, 2 an area, more where it makes no sense. */
export function dimensionOf(expression: TapeExpression): number {
  switch (expression.kind) {
    case 'count':
      return 0;
    case 'length':
      return 1;
    case 'area':
    case 'shape':
    case 'pitched':
    case 'relief':
      return 2;
    case 'repeat':
      return dimensionOf(expression.inner);
    case 'product':
      return expression.factors.reduce((sum, factor) => sum + dimensionOf(factor), 0);
    case 'sum':
      return Math.max(...expression.terms.map(({ term }) => dimensionOf(term)));
  }
}
