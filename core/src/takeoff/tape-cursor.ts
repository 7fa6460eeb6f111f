import { TapeError } from './tape-fault.ts';
import type { TapeToken } from './tape-tokens.ts';

/** Where something stands in a text: UTF-16 units from 0. */
export type Place = Pick<TapeToken, 'at' | 'length'>;
export type NumberToken = TapeToken & { readonly kind: 'number' };

/** The words of a tape expression, one after the other. */
export class TapeCursor {
  private index = 0;
  private readonly tokens: readonly TapeToken[];
  constructor(tokens: readonly TapeToken[]) {
    this.tokens = tokens;
  }

  peek(ahead = 0): TapeToken {
    const token = this.tokens[Math.min(this.index + ahead, this.tokens.length - 1)];
    if (!token) throw new Error('a token list ends with its end token');
    return token;
  }

  next(): TapeToken {
    const token = this.peek();
    this.index += 1;
    return token;
  }

  skip(count: number): void {
    this.index += count;
  }

  /** @param expected in words, for who wrote something else */
  number(expected: string): NumberToken {
    const token = this.next();
    if (token.kind !== 'number') throw unexpected(token, expected);
    return token;
  }
}

/** From the beginning of one to the end of another. */
export function span(first: Place, last: Place): Place {
  return { at: first.at, length: last.at + last.length - first.at };
}

export function unexpected(token: TapeToken, expected: string): TapeError {
  const came = token.kind === 'end' ? 'the measurement ends here' : `"${token.text}" stands here`;
  return new TapeError({
    message: `expected ${expected}, but ${came}`,
    position: token.at,
    length: Math.max(1, token.length),
  });
}
