/** Draws from what a sender gets wrong, by mistake or on purpose. */
export class Draw {
  private readonly random: () => number;

  /** @param random gives 0 to 1, from a seed */
  constructor(random: () => number) {
    this.random = random;
  }

  below(count: number): number {
    return Math.floor(this.random() * count);
  }

  often(share: number): boolean {
    return this.random() < share;
  }

  one<Item>(items: readonly Item[]): Item {
    const item = items[this.below(items.length)];
    if (item === undefined) throw new RangeError('nothing to draw from');
    return item;
  }

  /** A value that no schema here takes, or that is at its edge. */
  hostile(): unknown {
    return this.one(HOSTILE)();
  }

  hostileText(): string {
    return this.one(TEXTS);
  }
}

const NUL = String.fromCharCode(0);
const TEXTS: readonly string[] = [
  '',
  ' ',
  NUL,
  `a${NUL}b`,
  '\ud83d',
  'a\udc00',
  '\u202e\u0007',
  '💧'.repeat(40),
  'x'.repeat(5000),
  '__proto__',
  'constructor',
  '../../etc/passwd',
  "'; DROP TABLE jobs; --",
  '%',
  '%_\\',
  '{{7*7}}',
  '<script>alert(1)</script>',
  '-0',
  '1e309',
  'NaN',
  'null',
  '0000-00-00',
  '0000-01-01',
  '+275760-09-13',
  '9999-12-31T23:59:60Z',
  '2026-W12',
  '-000001-01-01',
  '294277-01-01T00:00:00Z',
  '2026-02-30',
  '{01890a5d-ac96-774b-bcce-b302099a8057}',
  '01890A5D-AC96-774B-BCCE-B302099A8057',
  '01890a5d:ac96:774b:bcce:b302099a8057',
  '01890a5dac96774bbcceb302099a8057',
  '00000000-0000-0000-0000-000000000000',
  '3x',
  '7.5x4 +',
  'NaNx1',
  '1e308x1e308',
  'ffffffff'.repeat(8),
];

function nested(depth: number, inside: unknown): unknown {
  let value = inside;
  for (let i = 0; i < depth; i += 1) value = i % 2 === 0 ? [value] : { a: value };
  return value;
}

const HOSTILE: readonly (() => unknown)[] = [
  () => null,
  () => true,
  () => -1,
  () => 0,
  () => -0.5,
  () => 2 ** 31,
  () => 2 ** 31 - 1,
  () => 2 ** 53,
  () => 1e308,
  () => -1e308,
  () => 1e-320,
  () => [],
  () => ({}),
  () => [null],
  () => [[]],
  () => nested(60, 1),
  () => nested(2000, 1),
  () => Array.from({ length: 3000 }, () => 1),
  () => Object.fromEntries(Array.from({ length: 2500 }, (_, i) => [`k${i}`, i])),
  () => JSON.parse('{"__proto__":{"admin":true}}') as unknown,
  () => ({ toString: 1, valueOf: 'x', length: -1 }),
  () => ({ then: 1 }),
  () => Array.from({ length: 40 }, (_, i) => `side-${i}`),
  ...TEXTS.map((text) => () => text),
];
