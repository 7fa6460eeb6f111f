import { decimal } from '../quantity/numbers.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import { equalPieces } from './equal-pieces.ts';
import type { TapeExpression } from './tape-expression.ts';
import { TapeError } from './tape-fault.ts';
import type { TapeFault } from './tape-fault.ts';
import { bareNumber, dimensionWords, measure, shownMeasure, tapeFault } from './tape-measure.ts';
import type { Measured } from './tape-measure.ts';
import { parseTape } from './tape-reader.ts';

/** Largest surface that is taken for a measurement rather than a slip. Trade default: 20 ha. */
const LARGEST_AREA_SQUARE_METRES = 200_000;

export type TakeOff =
  | {
      readonly ok: true;
      readonly squareMetres: number;
      readonly sum: readonly string[];
      /** So many of one size; null where it is one, or they differ. */
      readonly pieces: number | null;
    }
  | { readonly ok: false; readonly fault: TapeFault };

export type LengthTakeOff =
  { readonly ok: true; readonly metres: number } | { readonly ok: false; readonly fault: TapeFault };

/** How big a face is, as it was written down. */
export interface FaceSize {
  /** Tape expression: an area, or running metres or a count of pieces with a `girth`. */
  readonly size: string;
  /** Tape expression: the surface on one running metre (a length) or on one piece (an area); empty for an area. */
  readonly girth: string;
  /** Share by which carving or corrugation adds to the flat face, 1 for none. */
  readonly reliefFactor: number;
}

/**
 * The length that a tape expression measures, for heights and distances.
 * @example takeOffLength('12ft 6in', 'us') // { ok: true, metres: 3.81 }
 */
export function takeOffLength(text: string, units: UnitSystem): LengthTakeOff {
  return faultOr(() => {
    const expression = parseTape(text);
    const measured = measure(expression, units);
    if (measured.dimension !== 1)
      throw tapeFault(expression, `a length is due here, this is ${dimensionWords(measured.dimension)}`);
    return { ok: true as const, metres: Number(measured.value.toFixed(4)) };
  });
}

/**
 * The area that a tape expression measures, with its sum line by line.
 *
 * @param text the expression, e.g. `7.5x4 + 3x2.5 + 6m2`; a bare number is a length in the job's unit
 * @param units the job's unit system
 * @returns m², rounded to 0.001, and the sum of the top-level terms; or the first fault with its place
 * @example takeOffArea('7.5x4 + 3x2.5 + 6m2', 'metric') // { ok: true, squareMetres: 43.5, sum: ['7.5x4 = 30 m²', …] }
 */
export function takeOffArea(text: string, units: UnitSystem): TakeOff {
  return takeOffFace({ size: text, girth: '', reliefFactor: 1 }, units);
}

/**
 * The face of a surface: its area, or its running metres or pieces times the girth, times the relief.
 * @example takeOffFace({ size: '24m', girth: '0.35', reliefFactor: 1 }, 'metric') // 8.4 m²
 */
export function takeOffFace({ size, girth, reliefFactor }: FaceSize, units: UnitSystem): TakeOff {
  return faultOr(() => {
    const expression = parseTape(size);
    const measured = measure(expression, units);
    const sum = [...sumOf(expression, units, size)];
    const flat = flatFace(expression, measured, girth, units);
    if (girth.trim() !== '' && measured.dimension < 2)
      sum.push(`${shownMeasure(measured, units)} × ${girth.trim()} = ${shownMeasure(area(flat), units)}`);
    const whole = flat * reliefFactor;
    if (reliefFactor !== 1)
      sum.push(`× relief ${decimal(reliefFactor, 2)} = ${shownMeasure(area(whole), units)}`);
    checkSpan(expression, whole, units);
    return {
      ok: true as const,
      squareMetres: Number(whole.toFixed(3)),
      sum,
      pieces: equalPieces(expression),
    };
  });
}

function area(value: number): Measured {
  return { dimension: 2, value };
}

function flatFace(expression: TapeExpression, measured: Measured, girth: string, units: UnitSystem): number {
  if (measured.dimension === 2) return measured.value;
  const pieces = measured.dimension === 0;
  if (girth.trim() === '') throw notAnArea(expression, measured, units);
  const each = girthMeasured(girth, units);
  const due = pieces ? 2 : 1;
  if (each.dimension !== due)
    throw tapeFault(
      expression,
      `${shownMeasure(measured, units)} want ${pieces ? 'the area of one piece' : 'the girth as a length'} beside them, "${girth.trim()}" is ${dimensionWords(each.dimension)}`,
    );
  return measured.value * each.value;
}

/** A fault in the girth is told at the size, whose field shows it. */
function girthMeasured(girth: string, units: UnitSystem): Measured {
  try {
    return measure(parseTape(girth), units);
  } catch (error) {
    if (!(error instanceof TapeError)) throw error;
    throw new TapeError({
      message: `in the girth "${girth}": ${error.fault.message}`,
      position: 0,
      length: 0,
    });
  }
}

function notAnArea(expression: TapeExpression, measured: Measured, units: UnitSystem): TapeError {
  if (measured.dimension === 0)
    return tapeFault(
      expression,
      `this is a count, ${shownMeasure(measured, units)}: write the area of one piece beside it, or as in 14pcs x 0.6m2`,
    );
  const bare = bareNumber(expression);
  const proposal = bare === null ? undefined : `${bare}${units === 'us' ? 'sqft' : 'm2'}`;
  return tapeFault(
    expression,
    `this is a length, ${shownMeasure(measured, units)}: a surface needs an area, so give it a width${
      proposal === undefined ? '' : `, or write ${proposal}`
    }; for rails and copings give the girth`,
    proposal,
  );
}

function checkSpan(expression: TapeExpression, squareMetres: number, units: UnitSystem): void {
  if (squareMetres <= 0) {
    throw tapeFault(
      expression,
      `the openings are larger than the surface: the total is ${shownMeasure(area(squareMetres), units)}, it must be above 0`,
    );
  }
  if (squareMetres > LARGEST_AREA_SQUARE_METRES) {
    throw tapeFault(
      expression,
      `${squareMetres.toExponential(2)} m² is more than the ${LARGEST_AREA_SQUARE_METRES} m² that one surface may have: check the units or split the surface`,
    );
  }
}

function sumOf(expression: TapeExpression, units: UnitSystem, text: string): readonly string[] {
  const terms = expression.kind === 'sum' ? expression.terms : [{ sign: 1 as const, term: expression }];
  return terms.map(({ sign, term }) => {
    const shown = text.slice(term.at, term.at + term.length);
    return `${sign === 1 ? '' : '− '}${shown} = ${shownMeasure(measure(term, units), units)}`;
  });
}

function faultOr<T>(take: () => T): T | { readonly ok: false; readonly fault: TapeFault } {
  try {
    return take();
  } catch (error) {
    if (error instanceof TapeError) return { ok: false, fault: error.fault };
    throw error;
  }
}
