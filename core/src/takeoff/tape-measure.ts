import { METRES_PER, lengthUnitOf } from '../quantity/length.ts';
import type { LengthUnit } from '../quantity/length.ts';
import { decimal } from '../quantity/numbers.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import type { Pitch, TapeExpression } from './tape-expression.ts';
import { TapeError } from './tape-fault.ts';
import { SHAPE_RULES } from './tape-shape.ts';

/** What an expression measures. */
export interface Measured {
  /** Power of the metre: 0 a count, 1 a length, 2 an area. */
  readonly dimension: number;
  /** Pieces, m or m². */
  readonly value: number;
}

const SQUARE_METRES_PER = {
  m2: 1,
  sqft: METRES_PER.ft ** 2,
  acre: 43_560 * METRES_PER.ft ** 2,
  are: 100,
  ha: 10_000,
} as const;
/** A bare number above this beside a length in small units is in these: a coping may be 116 m by 30 cm, no wall is 3500 m by 2400 mm. */
const LONGEST_BARE = 500;
const SMALL_UNITS: readonly (LengthUnit | null | undefined)[] = ['mm', 'cm', 'in'];
const DIMENSION_WORDS = ['a count', 'a length', 'an area'] as const;

/**
 * The value of an expression by dimension analysis.
 * @throws TapeError where dimensions do not go together
 */
export function measure(expression: TapeExpression, units: UnitSystem): Measured {
  switch (expression.kind) {
    case 'length':
      return {
        dimension: 1,
        value: expression.parts.reduce(
          (sum, part) => sum + part.value * METRES_PER[part.unit ?? lengthUnitOf(units)],
          0,
        ),
      };
    case 'area':
      return { dimension: 2, value: expression.value * SQUARE_METRES_PER[expression.unit] };
    case 'count':
      return { dimension: 0, value: expression.value };
    case 'shape':
      return shapeMeasured(expression, units);
    case 'repeat': {
      const inner = measure(expression.inner, units);
      return { dimension: inner.dimension, value: expression.count * inner.value };
    }
    case 'product':
      return productMeasured(expression, units);
    case 'pitched': {
      const plan = areaOf(expression.plan, units, 'a pitch belongs to an area in plan, as in 11x7.2 @ 32deg');
      return { dimension: 2, value: plan / Math.cos(pitchRadians(expression.pitch)) };
    }
    case 'relief':
      return {
        dimension: 2,
        value: expression.factor * areaOf(expression.face, units, 'a relief factor belongs to an area'),
      };
    case 'sum':
      return sumMeasured(expression, units);
  }
}

function areaOf(expression: TapeExpression, units: UnitSystem, message: string): number {
  const { dimension, value } = measure(expression, units);
  if (dimension !== 2) throw tapeFault(expression, message);
  return value;
}

function pitchRadians(pitch: Pitch): number {
  return pitch.kind === 'degrees' ? (pitch.degrees * Math.PI) / 180 : Math.atan2(pitch.rise, pitch.run);
}

function shapeMeasured(expression: TapeExpression & { kind: 'shape' }, units: UnitSystem): Measured {
  const rule = SHAPE_RULES[expression.shape];
  const lengths = expression.lengths.map((length, i) => {
    const measured = measure(length, units);
    if (measured.dimension !== 1)
      throw tapeFault(
        length,
        `the ${rule.lengths[i] ?? 'length'} of a ${expression.shape} is a length, this is ${dimensionWords(measured.dimension)}`,
      );
    if (measured.value < 0) throw tapeFault(length, `the ${rule.lengths[i] ?? 'length'} must not be below 0`);
    return measured.value;
  });
  const wrong = rule.fault(lengths);
  if (wrong !== null) throw tapeFault(expression, wrong);
  return { dimension: 2, value: rule.area(lengths) };
}

function productMeasured(expression: TapeExpression & { kind: 'product' }, units: UnitSystem): Measured {
  forgottenUnit(expression);
  const factors = expression.factors.map((factor) => measure(factor, units));
  const dimension = factors.reduce((sum, factor) => sum + factor.dimension, 0);
  if (dimension > 2) {
    const last = expression.factors.at(-1);
    const bare = last?.kind === 'length' && last.parts.length === 1 && last.parts[0]?.unit === null;
    throw tapeFault(
      expression,
      `this multiplies to a volume (m^${dimension}): a number of equal pieces is written before brackets, as in 4(1.2x2.1)${
        bare ? `, a relief factor with a star, as in 4x3 * ${last.parts[0]?.value}` : ''
      }`,
    );
  }
  return { dimension, value: factors.reduce((product, factor) => product * factor.value, 1) };
}

/** `3500 x 2400mm` is 3500 mm, or 3500 m: nobody knows but who wrote it. */
function forgottenUnit({ factors }: TapeExpression & { kind: 'product' }): void {
  const small = factors
    .flatMap((factor) => (factor.kind === 'length' ? factor.parts : []))
    .find(({ unit }) => SMALL_UNITS.includes(unit))?.unit;
  const bare = factors.find((factor) => Number(bareNumber(factor)) > LONGEST_BARE);
  if (!small || !bare) return;
  const number = bareNumber(bare) ?? '';
  throw tapeFault(
    bare,
    `${number} has no unit beside one in ${small}: write ${number}${small}, or the unit that it is in`,
    `${number}${small}`,
  );
}

function sumMeasured(expression: TapeExpression & { kind: 'sum' }, units: UnitSystem): Measured {
  const terms = expression.terms.map(({ sign, term }) => ({ sign, term, measured: measure(term, units) }));
  const dimension = Math.max(...terms.map((t) => t.measured.dimension));
  for (const { term, measured } of terms) {
    if (measured.dimension === dimension) continue;
    if (dimension === 2 && measured.dimension === 1) throw lengthWhereAreaIsDue(term, units);
    throw tapeFault(
      term,
      `${dimensionWords(dimension)} is due here, this is ${dimensionWords(measured.dimension)}`,
    );
  }
  return { dimension, value: terms.reduce((sum, t) => sum + t.sign * t.measured.value, 0) };
}

/** A bare number may be an area whose unit was left away; any other length needs a width. */
function lengthWhereAreaIsDue(term: TapeExpression, units: UnitSystem): TapeError {
  const bare = bareNumber(term);
  if (bare === null)
    return tapeFault(term, 'an area is due here, this is a length: give it a width, as in 3 x 2');
  const proposal = `${bare}${units === 'us' ? 'sqft' : 'm2'}`;
  return tapeFault(
    term,
    `an area is due here, this is a length: write ${proposal} if it is an area`,
    proposal,
  );
}

/** The text of a length that has no unit; null for all else. */
export function bareNumber(expression: TapeExpression): string | null {
  return expression.kind === 'length' && expression.parts.length === 1 && expression.parts[0]?.unit === null
    ? String(expression.parts[0].value)
    : null;
}

/** @example dimensionWords(1) // "a length" */
export function dimensionWords(dimension: number): string {
  return DIMENSION_WORDS[dimension] ?? 'a volume';
}

/** An error at the place of an expression. */
export function tapeFault(expression: TapeExpression, message: string, proposal?: string): TapeError {
  const place = { message, position: expression.at, length: expression.length };
  return new TapeError(proposal === undefined ? place : { ...place, proposal });
}

/** @example shownMeasure({ dimension: 2, value: 30 }, 'metric') // "30 m²" */
export function shownMeasure({ dimension, value }: Measured, units: UnitSystem): string {
  if (dimension === 0) return `${decimal(value, 0)} ${value === 1 ? 'piece' : 'pieces'}`;
  const perUnit = METRES_PER[lengthUnitOf(units)] ** dimension;
  const names = units === 'us' ? ['ft', 'sq ft'] : ['m', 'm²'];
  return `${decimal(value / perUnit, 3)} ${names[dimension - 1] ?? ''}`;
}
