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
        .map((f) => bracketed(f, ['sum', 'product', 'pitched', 'relief'].includes(f.kind)))
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

function bracketed(expression: TapeExpression, needed: boolean): string {
  return needed ? `(${printTape(expression)})` : printTape(expression);
}

/** Plain decimal without an exponent: the tape does not read "1e-7". */
function plain(value: number): string {
  const text = String(value);
  return text.includes('e') ? value.toFixed(12).replace(/\.?0+$/, '') : text;
}
