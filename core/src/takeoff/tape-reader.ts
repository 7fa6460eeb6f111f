import { TapeError } from './tape-fault.ts';
import { dimensionOf } from './tape-expression.ts';
import type { LengthPart, Pitch, TapeExpression } from './tape-expression.ts';
import { SHAPE_RULES } from './tape-shape.ts';
import { tapeTokens } from './tape-tokens.ts';
import type { TapeToken } from './tape-tokens.ts';

type Place = Pick<TapeToken, 'at' | 'length'>;
type NumberToken = TapeToken & { readonly kind: 'number' };

const MAX_CHARACTERS = 500;
const MAX_DEPTH = 20;
/** Steeper than this is a wall: measure its face. */
const STEEPEST_DEGREES = 80;
const LARGEST_RELIEF = 10;

/**
 * The parse of a tape expression such as `7.5x4 + 3x2.5 - 4(1.2x2.1)` or `11x7.2 @32deg`.
 *
 * Grammar: sum = product {(+|-) product}; product = factor {x factor | @ pitch | * number};
 * factor = count(sum) | (sum) | shape(sum {, sum}) | measure; pitch = number deg | rise:run;
 * measure = number area-unit | number pcs | number [unit] {number unit}.
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

class TapeReader {
  private index = 0;
  private depth = 0;
  private readonly tokens: readonly TapeToken[];
  constructor(tokens: readonly TapeToken[]) {
    this.tokens = tokens;
  }

  whole(): TapeExpression {
    const expression = this.sum();
    const rest = this.peek();
    if (rest.kind !== 'end') throw unexpected(rest, 'an operator (+, -, x) or the end');
    return expression;
  }

  private peek(ahead = 0): TapeToken {
    const token = this.tokens[Math.min(this.index + ahead, this.tokens.length - 1)];
    if (!token) throw new Error('a token list ends with its end token');
    return token;
  }

  private next(): TapeToken {
    const token = this.peek();
    this.index += 1;
    return token;
  }

  private sum(): TapeExpression {
    this.depth += 1;
    if (this.depth > MAX_DEPTH)
      throw unexpected(this.peek(), `at most ${MAX_DEPTH} brackets inside each other`);
    const first = this.product();
    const terms: { sign: 1 | -1; term: TapeExpression }[] = [{ sign: 1, term: first }];
    for (let sign = this.peek(); sign.kind === '+' || sign.kind === '-'; sign = this.peek()) {
      this.next();
      terms.push({ sign: sign.kind === '+' ? 1 : -1, term: this.product() });
    }
    this.depth -= 1;
    return terms.length === 1 ? first : { kind: 'sum', terms, ...span(first, terms.at(-1)?.term ?? first) };
  }

  private product(): TapeExpression {
    const factors = [this.factor()];
    let whole = productOf(factors);
    for (let sign = this.peek(); ['x', '*', '@'].includes(sign.kind); sign = this.peek()) {
      this.next();
      if (sign.kind === '@') whole = this.pitched(whole);
      else if (sign.kind === '*' && dimensionOf(whole) === 2 && this.bareNumberNext())
        whole = this.relief(whole);
      else {
        factors.push(this.factor());
        whole = productOf(factors);
        continue;
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

  private pitched(plan: TapeExpression): TapeExpression {
    const first = this.number('a pitch, as in @ 32deg or @ 8:12');
    const after = this.next();
    if (after.kind === 'degrees') {
      if (first.value > STEEPEST_DEGREES) {
        throw new TapeError({
          message: `${first.text}° is steeper than ${STEEPEST_DEGREES}°: measure the surface as it stands`,
          position: first.at,
          length: first.length,
        });
      }
      const pitch: Pitch = { kind: 'degrees', degrees: first.value };
      return { kind: 'pitched', plan, pitch, ...span(plan, after) };
    }
    if (after.kind !== ':') {
      throw new TapeError({
        message: `a pitch is in degrees or as rise:run: write ${first.text}deg or ${first.text}:12`,
        position: first.at,
        length: first.length,
        proposal: `${first.text}deg`,
      });
    }
    const run = this.number('the run of the pitch, as in @ 8:12');
    if (run.value === 0)
      throw new TapeError({ message: 'a run of 0 makes no pitch', position: run.at, length: run.length });
    const steepness = (Math.atan2(first.value, run.value) * 180) / Math.PI;
    if (steepness > STEEPEST_DEGREES) {
      throw new TapeError({
        message: `${first.text}:${run.text} is steeper than ${STEEPEST_DEGREES}°: measure the surface as it stands`,
        position: first.at,
        length: run.at + run.length - first.at,
      });
    }
    const pitch: Pitch = { kind: 'ratio', rise: first.value, run: run.value };
    return { kind: 'pitched', plan, pitch, ...span(plan, run) };
  }

  private number(expected: string): NumberToken {
    const token = this.next();
    if (token.kind !== 'number') throw unexpected(token, expected);
    return token;
  }

  private factor(): TapeExpression {
    const token = this.next();
    if (token.kind === '(') return this.bracket(token);
    if (token.kind === 'shape') return this.shape(token);
    if (token.kind !== 'number') throw unexpected(token, 'a number, a shape or "("');
    const after = this.peek();
    if (after.kind === '(') return this.repeat(token);
    if (after.kind === 'pieces') return this.pieces(token);
    if (after.kind !== 'area-unit') return this.measure(token);
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
    if (!Number.isInteger(count.value) || count.value < 1) {
      throw new TapeError({
        message: `"${count.text}(" repeats what is in the brackets, so it must be a whole number of 1 or more; to multiply write ${count.text} x (`,
        position: count.at,
        length: count.length,
        proposal: `${count.text} x `,
      });
    }
    const inner = this.bracket(open);
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

  private measure(first: NumberToken): TapeExpression {
    const unit = this.peek();
    if (unit.kind !== 'unit')
      return { kind: 'length', parts: [{ value: first.value, unit: null }], ...span(first, first) };
    this.next();
    let last: Place = unit;
    const parts: LengthPart[] = [{ value: first.value, unit: unit.unit }];
    for (
      let more = this.peek(), its = this.peek(1);
      more.kind === 'number' && its.kind === 'unit';
      more = this.peek(), its = this.peek(1)
    ) {
      parts.push({ value: more.value, unit: its.unit });
      last = its;
      this.index += 2;
    }
    return { kind: 'length', parts, ...span(first, last) };
  }
}

function productOf(factors: readonly TapeExpression[]): TapeExpression {
  const [first] = factors;
  if (!first) throw new Error('a product has a factor');
  return factors.length === 1
    ? first
    : { kind: 'product', factors: [...factors], ...span(first, factors.at(-1) ?? first) };
}

function span(first: Place, last: Place): Place {
  return { at: first.at, length: last.at + last.length - first.at };
}

function unexpected(token: TapeToken, expected: string): TapeError {
  const came = token.kind === 'end' ? 'the measurement ends here' : `"${token.text}" stands here`;
  return new TapeError({
    message: `expected ${expected}, but ${came}`,
    position: token.at,
    length: Math.max(1, token.length),
  });
}
