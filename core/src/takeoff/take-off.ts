import { METRES_PER, lengthUnitOf } from '../quantity/length.ts';
import { decimal } from '../quantity/rounding.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import type { TapeExpression } from './tape-expression.ts';
import { parseTape } from './tape-expression.ts';
import { TapeError } from './tape-fault.ts';
import type { TapeFault } from './tape-fault.ts';

/** Largest surface that is taken for a measurement rather than a slip. Trade default: 20 ha. */
const LARGEST_AREA_SQUARE_METRES = 200_000;

export type TakeOff =
  | { readonly ok: true; readonly squareMetres: number; readonly sum: readonly string[] }
  | { readonly ok: false; readonly fault: TapeFault };

export type LengthTakeOff =
  { readonly ok: true; readonly metres: number } | { readonly ok: false; readonly fault: TapeFault };

/**
 * The length that a tape expression measures, for heights and distances.
 * @example takeOffLength('12ft 6in', 'us') // { ok: true, metres: 3.81 }
 */
export function takeOffLength(text: string, units: UnitSystem): LengthTakeOff {
  try {
    const expression = parseTape(text);
    const measured = evaluate(expression, units, 1);
    if (measured.dimension !== 1) throw fault(expression, 'a length is due here, this is an area');
    return { ok: true, metres: Number(measured.value.toFixed(4)) };
  } catch (error) {
    if (error instanceof TapeError) return { ok: false, fault: error.fault };
    throw error;
  }
}

interface Measured {
  /** Power of the metre: 1 length, 2 area. */
  readonly dimension: number;
  /** In m or m². */
  readonly value: number;
}

const SQUARE_METRES_PER = { m2: 1, sqft: METRES_PER.ft ** 2 } as const;

/**
 * The area that a tape expression measures, with its sum line by line.
 *
 * @param text the expression, e.g. `7.5x4 + 3x2.5 + 6m2`; a bare number is a length in the job's unit
 * @param units the job's unit system
 * @returns m², rounded to 0.001, and the sum of the top-level terms in m²; or the first fault with its place
 * @example takeOffArea('7.5x4 + 3x2.5 + 6m2', 'metric') // { ok: true, squareMetres: 43.5, sum: ['7.5x4 = 30 m²', …] }
 */
export function takeOffArea(text: string, units: UnitSystem): TakeOff {
  try {
    const expression = parseTape(text);
    const measured = evaluate(expression, units, 2);
    if (measured.dimension !== 2) throw notAnArea(expression, measured, text);
    if (measured.value <= 0) {
      throw fault(
        expression,
        `the openings are larger than the face: the total is ${decimal(measured.value, 2)} m², it must be above 0`,
      );
    }
    if (measured.value > LARGEST_AREA_SQUARE_METRES) {
      throw fault(
        expression,
        `${measured.value.toExponential(2)} m² is more than the ${String(LARGEST_AREA_SQUARE_METRES)} m² that one surface may have: check the units or split the surface`,
      );
    }
    return { ok: true, squareMetres: Number(measured.value.toFixed(3)), sum: sumOf(expression, units, text) };
  } catch (error) {
    if (error instanceof TapeError) return { ok: false, fault: error.fault };
    throw error;
  }
}

function evaluate(expression: TapeExpression, units: UnitSystem, due: number): Measured {
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
    case 'repeat': {
      const inner = evaluate(expression.inner, units, due);
      return { dimension: inner.dimension, value: expression.count * inner.value };
    }
    case 'product':
      return productOf(expression, units);
    case 'sum':
      return sumMeasured(expression, units, due);
  }
}

function productOf(expression: TapeExpression & { kind: 'product' }, units: UnitSystem): Measured {
  const factors = expression.factors.map((factor) => evaluate(factor, units, 1));
  const dimension = factors.reduce((sum, factor) => sum + factor.dimension, 0);
  if (dimension > 2) {
    throw fault(
      expression,
      `this multiplies to a volume (m^${String(dimension)}): a number of equal pieces is written before brackets, as in 4(1.2x2.1)`,
    );
  }
  return { dimension, value: factors.reduce((product, factor) => product * factor.value, 1) };
}

function sumMeasured(expression: TapeExpression & { kind: 'sum' }, units: UnitSystem, due: number): Measured {
  const terms = expression.terms.map(({ sign, term }) => ({
    sign,
    term,
    measured: evaluate(term, units, due),
  }));
  const dimension = terms.some((t) => t.measured.dimension === 2) ? 2 : (terms[0]?.measured.dimension ?? due);
  for (const { term, measured } of terms) {
    if (measured.dimension !== dimension) throw lengthAmongAreas(term, units);
  }
  return { dimension, value: terms.reduce((sum, t) => sum + t.sign * t.measured.value, 0) };
}

function lengthAmongAreas(term: TapeExpression, units: UnitSystem): TapeError {
  const bare = term.kind === 'length' && term.parts.length === 1 && term.parts[0]?.unit === null;
  const areaUnit = units === 'us' ? 'sqft' : 'm2';
  const proposal = bare ? `${String(term.parts[0]?.value)}${areaUnit}` : undefined;
  return fault(
    term,
    proposal
      ? `an area is due here, this is a length: write ${proposal} if it is an area`
      : 'an area is due here, this is a length: give it a width, as in 3 x 2',
    proposal,
  );
}

function notAnArea(expression: TapeExpression, measured: Measured, text: string): TapeError {
  return fault(
    expression,
    `this is a length, ${decimal(measured.value, 2)} m: a surface needs an area, so give it a width or write ${text.trim()}m2`,
    expression.kind === 'length' && expression.parts[0]?.unit === null ? `${text.trim()}m2` : undefined,
  );
}

function sumOf(expression: TapeExpression, units: UnitSystem, text: string): readonly string[] {
  const terms = expression.kind === 'sum' ? expression.terms : [{ sign: 1 as const, term: expression }];
  const lines = terms.map(({ sign, term }) => {
    const shown = text.slice(term.at, term.at + term.length);
    return `${sign === 1 ? '' : '− '}${shown} = ${decimal(evaluate(term, units, 2).value, 3)} m²`;
  });
  return lines;
}

function fault(expression: TapeExpression, message: string, proposal?: string): TapeError {
  const place = { message, position: expression.at, length: expression.length };
  return new TapeError(proposal === undefined ? place : { ...place, proposal });
}
