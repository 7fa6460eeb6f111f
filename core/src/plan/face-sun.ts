import { secondOfDay } from '../quantity/duration.ts';
import type { TimeSpan } from '../sequence/problem.ts';
import { faced } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import { FaceHours } from '../wet-cycle/face-hours.ts';
import type { Derivation } from './derivation.ts';

/** When the sun shines on something, s from the start of the visit. */
export type SunSpans = readonly TimeSpan[];

export interface FaceSun {
  /** By the id of each treated surface. */
  readonly surfaces: ReadonlyMap<string, SunSpans>;
  /** On an upright wall of each side, in walking order. */
  readonly sides: readonly { readonly side: string; readonly name: string; readonly spans: SunSpans }[];
}

const UPRIGHT_DEGREES = 90;

/** When the sun shines on the faces and sides of a visit, to the hour; null where place or day are not known, or radiation is typed in. */
export function faceSun(plan: Pick<Derivation, 'surfaces' | 'date'>, survey: Survey): FaceSun | null {
  const hours = new FaceHours(faced(survey), plan.date);
  if (hours.noSun !== null) return null;
  const begin = secondOfDay(survey.job.house.dayStart);
  const spans = (sunny: readonly number[]): SunSpans => joined(sunny, begin);
  return {
    surfaces: new Map(
      plan.surfaces.map(({ surface }) => [surface.id as string, spans(hours.sunny(surface))] as const),
    ),
    sides: survey.sides.map(({ id, name }) => ({
      side: id,
      name,
      spans: spans(hours.sunny({ side: id, tiltDegrees: UPRIGHT_DEGREES })),
    })),
  };
}

/** Hours one after the other as one span. */
function joined(sunny: readonly number[], begin: number): SunSpans {
  const spans: TimeSpan[] = [];
  for (const hour of sunny) {
    const [from, to] = [3600 * hour - begin, 3600 * (hour + 1) - begin];
    const last = spans.at(-1);
    if (last?.to === from) spans[spans.length - 1] = { from: last.from, to };
    else spans.push({ from, to });
  }
  return spans;
}
