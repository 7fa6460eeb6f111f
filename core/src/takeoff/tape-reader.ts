import { TapeCursor, span, unexpected } from './tape-cursor.ts';
import type { NumberToken, Place } from './tape-cursor.ts';
import { TapeError } from './tape-fault.ts';
import { lengthAt } from './tape-length.ts';
import { pitched } from './tape-pitch.ts';
import { dimensionOf } from './tape-expression.ts';
import type { TapeExpression } from './tape-expression.ts';
import { SHAPE_RULES } from './tape-shape.ts';
import { tapeTokens } from './tape-tokens.ts';
import type { TapeToken } from './tape-tokens.ts';

const MAX_CHARACTERS = 500;
const MAX_DEPTH = 20;
const LARGEST_RELIEF = 10;

/**
 * The parse of a tape expression such as `7.5x4 + 3x2.5 - 4(1.2x2.1)` or `11x7.2 @32deg`.
 *
 * Grammar: sum = product {(+|-) product}; product = factor {x factor | @ pitch | * number};
 * factor = count(sum) | count x (sum) | count of product | (sum) | shape(sum {, sum}) | measure; pitch = number deg | rise:run;
 * measure = number area-unit | number pcs | number [unit] {number unit} | feet-inches | feet'inches | metres m centimetres.
 * A hyphen without spaces between feet and inches adds: `5'-6"` is 5 ft 6 in, `5' - 6"` is 6 in less than 5 ft.
 * `+ 10%` behind an area adds so much to all that stands before it.
 * A bare number after `*` behind an area is a relief factor; elsewhere `*` multiplies as `x` does.
 *
 * @throws TapeError with the position of the fault
 */
export function parseTape(text: string): TapeExpression {
  if (text.trim() === '')
    throw new TapeError({ message: 'no measurement yet: write for example 7.5 x 4', position: 0, length: 0 });
  if (text.length > MAX_CHARACTERS) {
    throw new TapeError({
      message: `the expression has ${text.length} characters, the limit is ${MAX_CHARACTERS}: split the surface`,
      position: MAX_CHARACTERS,
      length: text.length - MAX_CHARACTERS,
    });
  }
  return new TapeReader(tapeTokens(text)).whole();
}

class TapeReader extends TapeCursor {
  private depth = 0;

  whole(): TapeExpression {
    const expression = this.sum();
    const rest = this.peek();
    if (rest.kind !== 'end') throw unexpected(rest, 'an operator (+, -, x) or the end');
    return expression;
  }

  private sum(): TapeExpression {
    this.depth += 1;
    if (this.depth > MAX_DEPTH)
      throw unexpected(this.peek(), `at most ${MAX_DEPTH} brackets inside each other`);
    let terms: Term[] = [{ sign: 1, term: this.product() }];
    for (let sign = this.peek(); sign.kind === '+' || sign.kind === '-'; sign = this.peek()) {
      this.next();
      if (this.peek().kind === 'number' && this.peek(1).kind === '%') {
        terms = [{ sign: 1, term: this.added(sumOf(terms), sign) }];
        continue;
      }
      terms.push({ sign: sign.kind === '+' ? 1 : -1, term: this.product() });
    }
    this.depth -= 1;
    pitchOfAll(terms);
    return sumOf(terms);
  }

  /** An area with so many per cent more, for waste or relief. */
  private added(face: TapeExpression, sign: TapeToken): TapeExpression {
    const share = this.number('per cent');
    const percent = this.next();
    const factor = 1 + share.value / 100;
    if (sign.kind === '-' || dimensionOf(face) !== 2 || factor > LARGEST_RELIEF)
      throw new TapeError({
        message:
          'per cent are added to an area, as in 12x6 + 10%; take away what is not cleaned with its size',
        position: sign.at,
        length: percent.at + percent.length - sign.at,
      });
    return { kind: 'relief', face, factor, ...span(face, percent) };
  }

  private product(): TapeExpression {
    const isNumber = this.peek().kind === 'number';
    const factors = [this.factor()];
    let whole = productOf(factors);
    for (let sign = this.peek(); ['x', '*', '@'].includes(sign.kind); sign = this.peek()) {
      this.next();
      if (sign.kind === '@') whole = pitched(this, whole);
      else if (sign.kind === '*' && dimensionOf(whole) === 2 && this.bareNumberNext())
        whole = this.relief(whole);
      else {
        const isBracket = this.peek().kind === '(';
        const factor = this.factor();
        const count = isNumber && isBracket && dimensionOf(factor) === 2 ? bareCount(whole) : null;
        if (count === null) {
          factors.push(factor);
          whole = productOf(factors);
          continue;
        }
        whole = { kind: 'repeat', count, inner: factor, ...span(whole, factor) };
      }
      factors.splice(0, factors.length, whole);
    }
    return whole;
  }

  private bareNumberNext(): boolean {
    return (
      this.peek().kind === 'number' &&
      !['unit', 'area-unit', 'pieces', 'degrees', '('].includes(this.peek(1).kind)
    );
  }

  private relief(face: TapeExpression): TapeExpression {
    const factor = this.number('a relief factor');
    if (factor.value < 1 || factor.value > LARGEST_RELIEF) {
      throw new TapeError({
        message: `a relief factor of ${factor.text} is outside 1 to ${LARGEST_RELIEF}: carving and corrugation only add to a face`,
        position: factor.at,
        length: factor.length,
      });
    }
    return { kind: 'relief', face, factor: factor.value, ...span(face, factor) };
  }

  private factor(): TapeExpression {
    const token = this.next();
    if (token.kind === '(') return this.bracket(token);
    if (token.kind === 'shape') return this.shape(token);
    if (token.kind !== 'number') throw unexpected(token, 'a number, a shape or "("');
    const after = this.peek();
    if (after.kind === '(') return this.repeat(token);
    if (after.kind === 'of') return this.repeat(token);
    if (after.kind === 'pieces') return this.pieces(token);
    if (after.kind !== 'area-unit') return lengthAt(this, token);
    this.next();
    return { kind: 'area', value: token.value, unit: after.unit, ...span(token, after) };
  }

  private pieces(count: NumberToken): TapeExpression {
    const unit = this.next();
    if (!Number.isInteger(count.value))
      throw new TapeError({
        message: `${count.text} pieces: a count is a whole number`,
        position: count.at,
        length: count.length,
      });
    return { kind: 'count', value: count.value, ...span(count, unit) };
  }

  private repeat(count: NumberToken): TapeExpression {
    const open = this.next();
    if (!isCount(count.value) && open.kind === 'of')
      throw new TapeError({
        message: `${count.text} of something: a count is a whole number of 1 or more`,
        position: count.at,
        length: count.length,
      });
    if (!isCount(count.value)) {
      throw new TapeError({
        message: `"${count.text}(" repeats what is in the brackets, so it must be a whole number of 1 or more; to multiply write ${count.text} x (`,
        position: count.at,
        length: count.length,
        proposal: `${count.text} x `,
      });
    }
    const inner = open.kind === 'of' ? this.product() : this.bracket(open);
    return { kind: 'repeat', count: count.value, inner, ...span(count, inner) };
  }

  private shape(name: TapeToken & { readonly kind: 'shape' }): TapeExpression {
    const rule = SHAPE_RULES[name.shape];
    const usage = `${name.shape} takes ${rule.lengths.join(', ')}, as in ${rule.example}`;
    if (this.peek().kind !== '(')
      throw new TapeError({ message: usage, position: name.at, length: name.length, proposal: rule.example });
    const open = this.next();
    const lengths = [this.sum()];
    while (this.peek().kind === ',') {
      this.next();
      lengths.push(this.sum());
    }
    const close = this.closing(open);
    if (lengths.length !== rule.lengths.length) {
      const decimals = lengths.length > rule.lengths.length ? '; decimals take a point' : '';
      throw new TapeError({
        message: `${usage}, but ${lengths.length} stand here${decimals}`,
        position: name.at,
        length: close.at + close.length - name.at,
      });
    }
    return { kind: 'shape', shape: name.shape, lengths, ...span(name, close) };
  }

  private bracket(open: Place): TapeExpression {
    const inner = this.sum();
    return { ...inner, ...span(open, this.closing(open)) };
  }

  private closing(open: Place): TapeToken {
    const close = this.next();
    if (close.kind === ')') return close;
    if (close.kind !== 'end') throw unexpected(close, 'an operator (+, -, x) or ")"');
    throw new TapeError({
      message: 'this bracket is not closed: add ")"',
      position: open.at,
      length: 1,
      proposal: ')',
    });
  }
}

function sumOf(terms: readonly Term[]): TapeExpression {
  const [first] = terms;
  if (!first) throw new Error('a sum has a term');
  return terms.length === 1
    ? first.term
    : { kind: 'sum', terms, ...span(first.term, terms.at(-1)?.term ?? first.term) };
}

interface Term {
  readonly sign: 1 | -1;
  readonly term: TapeExpression;
}

/** @throws TapeError where a pitch behind a subtraction may be meant for all that stands before it */
function pitchOfAll(terms: readonly Term[]): void {
  const last = terms.at(-1);
  if (last?.sign !== -1 || last.term.kind !== 'pitched') return;
  const { term } = last;
  const isInBrackets = term.at !== term.plan.at;
  if (isInBrackets || terms.some((own) => own !== last && own.term.kind === 'pitched')) return;
  throw new TapeError({
    message:
      'the pitch belongs to what is taken away alone: put brackets around all that is pitched, or around what is taken away with its pitch',
    position: term.at,
    length: term.length,
  });
}

function productOf(factors: readonly TapeExpression[]): TapeExpression {
  const [first] = factors;
  if (!first) throw new Error('a product has a factor');
  return factors.length === 1
    ? first
    : { kind: 'product', factors: [...factors], ...span(first, factors.at(-1) ?? first) };
}

const isCount = (value: number) => Number.isInteger(value) && value >= 1;

/** A whole number without a unit; null for all else. */
function bareCount(expression: TapeExpression): number | null {
  if (expression.kind !== 'length' || expression.parts.length !== 1) return null;
  const [part] = expression.parts;
  return part?.unit === null && isCount(part.value) ? part.value : null;
}
