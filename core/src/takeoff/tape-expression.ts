import type { LengthUnit } from '../quantity/length.ts';
import type { AreaUnit, TapeToken } from './tape-tokens.ts';
import { tapeTokens } from './tape-tokens.ts';
import { TapeError } from './tape-fault.ts';

interface Placed {
  readonly at: number;
  readonly length: number;
}
export interface LengthPart {
  readonly value: number;
  /** `null`: a bare number, read in the job's unit. */
  readonly unit: LengthUnit | null;
}
export type TapeExpression = Placed &
  (
    | { readonly kind: 'length'; readonly parts: readonly LengthPart[] }
    | { readonly kind: 'area'; readonly value: number; readonly unit: AreaUnit }
    | { readonly kind: 'repeat'; readonly count: number; readonly inner: TapeExpression }
    | { readonly kind: 'product'; readonly factors: readonly TapeExpression[] }
    | {
        readonly kind: 'sum';
        readonly terms: readonly { readonly sign: 1 | -1; readonly term: TapeExpression }[];
      }
  );

const MAX_CHARACTERS = 500;
const MAX_DEPTH = 20;

/**
 * The parse of a tape expression such as `7.5x4 + 3x2.5 - 4(1.2x2.1)`.
 *
 * Grammar: sum = product {(+|-) product}; product = factor {x factor}; factor = count(sum) | (sum) | measure;
 * measure = number area-unit | number [unit] {number unit}.
 *
 * @throws TapeError with the position of the fault
 */
export function parseTape(text: string): TapeExpression {
  if (text.trim() === '')
    throw new TapeError({ message: 'no measurement yet: write for example 7.5 x 4', position: 0, length: 0 });
  if (text.length > MAX_CHARACTERS) {
    throw new TapeError({
      message: `the expression has ${String(text.length)} characters, the limit is ${String(MAX_CHARACTERS)}: split the surface`,
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
      throw unexpected(this.peek(), `at most ${String(MAX_DEPTH)} brackets inside each other`);
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
    const first = this.factor();
    const factors = [first];
    while (this.peek().kind === 'x') {
      this.next();
      factors.push(this.factor());
    }
    return factors.length === 1
      ? first
      : { kind: 'product', factors, ...span(first, factors.at(-1) ?? first) };
  }

  private factor(): TapeExpression {
    const token = this.next();
    if (token.kind === '(') return this.bracket(token);
    if (token.kind !== 'number') throw unexpected(token, 'a number or "("');
    const after = this.peek();
    if (after.kind === '(') {
      this.next();
      if (!Number.isInteger(token.value) || token.value < 1) {
        throw new TapeError({
          message: `"${token.text}(" repeats what is in the brackets, so it must be a whole number of 1 or more; to multiply write ${token.text} x (`,
          position: token.at,
          length: token.length,
          proposal: `${token.text} x `,
        });
      }
      const inner = this.bracket(after);
      return {
        kind: 'repeat',
        count: token.value,
        inner,
        at: token.at,
        length: inner.at + inner.length - token.at,
      };
    }
    if (after.kind === 'area-unit') {
      this.next();
      return { kind: 'area', value: token.value, unit: after.unit, ...span(token, after) };
    }
    return this.measure(token);
  }

  private bracket(open: Placed): TapeExpression {
    const inner = this.sum();
    const close = this.next();
    if (close.kind !== ')') {
      throw new TapeError({
        message: 'this bracket is not closed: add ")"',
        position: open.at,
        length: 1,
        proposal: ')',
      });
    }
    return { ...inner, ...span(open, close) };
  }

  private measure(first: TapeToken & { kind: 'number' }): TapeExpression {
    const unit = this.peek();
    if (unit.kind !== 'unit')
      return { kind: 'length', parts: [{ value: first.value, unit: null }], ...span(first, first) };
    this.next();
    let last: Placed = unit;
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

function span(first: Placed, last: Placed): Placed {
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
