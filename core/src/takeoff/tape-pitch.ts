import { span } from './tape-cursor.ts';
import type { TapeCursor } from './tape-cursor.ts';
import type { Pitch, TapeExpression } from './tape-expression.ts';
import { TapeError } from './tape-fault.ts';

/** Steeper than this is a wall: measure its face. */
const STEEPEST_DEGREES = 80;

/** What stands in plan, and the pitch behind its @. */
export function pitched(cursor: TapeCursor, plan: TapeExpression): TapeExpression {
  const first = cursor.number('a pitch, as in @ 32deg or @ 8:12');
  const after = cursor.next();
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
  const run = cursor.number('the run of the pitch, as in @ 8:12');
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
