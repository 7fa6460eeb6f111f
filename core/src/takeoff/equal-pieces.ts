import type { TapeExpression } from './tape-expression.ts';

/**
 * How many pieces of one size an expression counts, as panes or stones: the strips in which such a surface is worked.
 *
 * @returns null where it is one piece, or pieces of several sizes
 * @example equalPieces(parseTape('8(1.2x0.9)')) // 8
 */
export function equalPieces(expression: TapeExpression): number | null {
  const count = countedIn(expression);
  return count !== null && count > 1 ? count : null;
}

function countedIn(expression: TapeExpression): number | null {
  switch (expression.kind) {
    case 'count':
      return expression.value;
    case 'repeat':
      return expression.count * (countedIn(expression.inner) ?? 1);
    case 'product': {
      const counts = expression.factors.flatMap((factor) => countedIn(factor) ?? []);
      return counts.length === 0 ? null : counts.reduce((all, count) => all * count, 1);
    }
    case 'pitched':
      return countedIn(expression.plan);
    case 'relief':
      return countedIn(expression.face);
    case 'sum': {
      const [only, ...others] = expression.terms;
      return only && others.length === 0 ? countedIn(only.term) : null;
    }
    case 'length':
    case 'area':
    case 'shape':
      return null;
  }
}
