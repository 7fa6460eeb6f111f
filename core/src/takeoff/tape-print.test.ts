import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { dimensionOf } from './tape-expression.ts';
import type { Pitch, TapeExpression } from './tape-expression.ts';
import { printTape } from './tape-print.ts';
import { parseTape } from './tape-reader.ts';
import type { TapeShape } from './tape-shape.ts';

const place = { at: 0, length: 0 };
const value = fc.integer({ min: 1, max: 99_999 }).map((n) => n / 100);
const unit = fc.constantFrom('m', 'cm', 'ft', 'in', 'yd', 'mm');
const measure: fc.Arbitrary<TapeExpression> = fc.oneof(
  value.map((v): TapeExpression => ({ kind: 'length', parts: [{ value: v, unit: null }], ...place })),
  fc
    .array(fc.record({ value, unit }), { minLength: 1, maxLength: 2 })
    .map((parts): TapeExpression => ({ kind: 'length', parts, ...place })),
  fc
    .record({ value, unit: fc.constantFrom('m2', 'sqft') })
    .map((a): TapeExpression => ({ kind: 'area', ...a, ...place })),
  fc.integer({ min: 0, max: 99 }).map((n): TapeExpression => ({ kind: 'count', value: n, ...place })),
);
const pitch: fc.Arbitrary<Pitch> = fc.oneof(
  fc.integer({ min: 0, max: 80 }).map((degrees) => ({ kind: 'degrees' as const, degrees })),
  fc.integer({ min: 1, max: 24 }).map((rise) => ({ kind: 'ratio' as const, rise, run: 12 })),
);
const factor = fc.integer({ min: 100, max: 1000 }).map((n) => n / 100);
/** What a relief factor is read behind: the reader takes a bare number for one only there. */
const isArea = (e: TapeExpression) => dimensionOf(e) === 2;
const { expression } = fc.letrec<{ expression: TapeExpression }>((tie) => ({
  expression: fc.oneof(
    { maxDepth: 4, withCrossShrink: true },
    measure,
    fc
      .record({ count: fc.integer({ min: 1, max: 40 }), inner: tie('expression') })
      .map((r) => ({ kind: 'repeat' as const, ...r, ...place })),
    fc
      .tuple(
        fc.constantFrom<[TapeShape, number]>(['tri', 2], ['circle', 1], ['gable', 3]),
        fc.array(tie('expression'), { minLength: 3, maxLength: 3 }),
      )
      .map(([[shape, count], lengths]) => ({
        kind: 'shape' as const,
        shape,
        lengths: lengths.slice(0, count),
        ...place,
      })),
    fc.record({ plan: tie('expression'), pitch }).map((p) => ({ kind: 'pitched' as const, ...p, ...place })),
    fc
      .record({ face: tie('expression').filter(isArea), factor })
      .map((r) => ({ kind: 'relief' as const, ...r, ...place })),
    fc
      .array(tie('expression'), { minLength: 2, maxLength: 3 })
      .map((factors) => ({ kind: 'product' as const, factors, ...place })),
    fc
      .tuple(
        tie('expression'),
        fc.array(fc.record({ sign: fc.constantFrom<1 | -1>(1, -1), term: tie('expression') }), {
          minLength: 1,
          maxLength: 3,
        }),
      )
      .map(([first, more]) => ({
        kind: 'sum' as const,
        terms: [{ sign: 1 as const, term: first }, ...more],
        ...place,
      })),
  ),
}));

/** The expression without its positions, which differ between a tree that was built and one that was read. */
const shape = (e: TapeExpression): unknown =>
  JSON.parse(
    JSON.stringify(e, (key, v: unknown) =>
      key === 'at' || (key === 'length' && typeof v === 'number') ? undefined : v,
    ),
  );

describe('the printed tape expression', () => {
  it('reads back as the same expression', () => {
    fc.assert(
      fc.property(expression, (e) => {
        const text = printTape(e);
        fc.pre(text.length <= 500);
        expect(shape(parseTape(text))).toEqual(shape(e));
      }),
    );
  });
});
