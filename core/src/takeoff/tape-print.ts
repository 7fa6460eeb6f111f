import type { TapeExpression } from './tape-expression.ts';

/** The canonical text of a tape expression; parsing it gives the same expression again (positions apart). */
export function printTape(expression: TapeExpression): string {
  switch (expression.kind) {
    case 'length':
      return expression.parts.map((part) => `${plain(part.value)}${part.unit ?? ''}`).join(' ');
    case 'area':
      return `${plain(expression.value)}${expression.unit}`;
    case 'count':
      return `${plain(expression.value)}pcs`;
    case 'shape':
      return `${expression.shape}(${expression.lengths.map(printTape).join(', ')})`;
    case 'repeat':
      return `${expression.count}(${printTape(expression.inner)})`;
    case 'product':
      return expression.factors
        .map((factor, i) => bracketed(factor, isWhole(factor) || isLeftOfWhole(expression.factors, i)))
        .join(' x ');
    case 'pitched': {
      const { plan, pitch } = expression;
      const steepness =
        pitch.kind === 'degrees' ? `${plain(pitch.degrees)}deg` : `${plain(pitch.rise)}:${plain(pitch.run)}`;
      return `${bracketed(plan, plan.kind === 'sum')} @ ${steepness}`;
    }
    case 'relief':
      return `${bracketed(expression.face, expression.face.kind === 'sum')} * ${plain(expression.factor)}`;
    case 'sum':
      return expression.terms
        .map(
          ({ sign, term }, index) =>
            `${index === 0 ? '' : sign === 1 ? ' + ' : ' - '}${bracketed(term, term.kind === 'sum' || (sign === -1 && term.kind === 'pitched'))}`,
        )
        .join('');
  }
}

const isWhole = ({ kind }: TapeExpression) => ['sum', 'product', 'pitched', 'relief'].includes(kind);

/** A first number by itself would repeat what stands in brackets behind it. */
const isLeftOfWhole = ([first, second]: readonly TapeExpression[], i: number) =>
  i === 0 && first?.kind === 'length' && second !== undefined && isWhole(second);

function bracketed(expression: TapeExpression, needed: boolean): string {
  return needed ? `(${printTape(expression)})` : printTape(expression);
}

/** Plain decimal without an exponent: the tape does not read "1e-7". */
function plain(value: number): string {
  const text = String(value);
  return text.includes('e') ? value.toFixed(12).replace(/\.?0+$/, '') : text;
}
