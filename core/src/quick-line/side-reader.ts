import type { SideChoice } from './quick-part.ts';
import { meaningOf, meaningsOf } from './quick-cursor.ts';
import type { QuickCursor } from './quick-cursor.ts';

/** How far a side may look away from a point of the compass that is said of it, degrees. */
const SAME_ASPECT_DEGREES = 23;

/**
 * Reads one or several sides: by name, by the compass ("north and south"), or all of them.
 * @returns whether there was one
 */
export function readSides(cursor: QuickCursor, from: number): boolean {
  const match = cursor.match(from);
  const every = meaningOf(match, 'sides');
  const end = from + (match?.count ?? 0);
  if (every) {
    const sides = cursor.survey.sides.map(({ id, name }) => ({ id, name }));
    if (every.which === 'both' && sides.length !== 2) {
      return cursor.refused(
        from,
        end,
        sides.length === 0
          ? 'no sides are there yet: name the two'
          : `the property has ${sides.length} sides: which two?`,
        pairs(sides.map((s) => s.name)).map((text) => cursor.instead(from, end, text)),
      );
    }
    return sides.length === 0
      ? cursor.refused(from, end, 'no sides are there yet: name them')
      : cursor.understood(from, end, { kind: 'sides', sides }, sides.map((s) => s.name).join(', '));
  }
  const sides: SideChoice[] = [];
  let at = from;
  let last = from;
  for (;;) {
    const choice = oneSide(cursor, at);
    if (choice === null) break;
    if ('options' in choice) {
      return cursor.refused(
        from,
        at + choice.count,
        'several sides look that way: which one?',
        choice.options.map((name) => cursor.instead(from, at + choice.count, name)),
      );
    }
    sides.push(choice.side);
    last = at + choice.count;
    const next = cursor.pastFillers(last);
    const joint = cursor.stem(last);
    if (next === last || (joint !== 'and' && joint !== ',')) break;
    at = next;
  }
  if (sides.length === 0) return false;
  const label = sides.map((s) => (s.id === null ? `${s.name}, a new side` : s.name)).join(' and ');
  return cursor.understood(from, last, { kind: 'sides', sides }, label);
}

type OneSide =
  | { readonly side: SideChoice; readonly count: number }
  | { readonly options: readonly string[]; readonly count: number };

function oneSide(cursor: QuickCursor, at: number): OneSide | null {
  const match = cursor.match(at);
  if (!match) return null;
  const named = meaningsOf(match, 'side');
  const aspect = meaningOf(match, 'aspect');
  const { count } = match;
  const [only] = named;
  if (named.length > 1) return { options: named.map((n) => n.name), count };
  if (only) return { side: { id: only.id, name: only.name }, count };
  if (!aspect) return null;
  const looking = cursor.survey.sides.filter(
    (s) =>
      s.aspectDegrees !== null &&
      Math.abs(((s.aspectDegrees - aspect.degrees + 540) % 360) - 180) < SAME_ASPECT_DEGREES,
  );
  const [there] = looking;
  if (looking.length > 1) return { options: looking.map((s) => s.name), count };
  if (there) return { side: { id: there.id, name: there.name }, count };
  return { side: { id: null, name: aspect.name, degrees: aspect.degrees }, count };
}

/** @example pairs(['North', 'East', 'South']) // ['North and East', …] */
function pairs(names: readonly string[]): readonly string[] {
  return names.flatMap((a, i) => names.slice(i + 1).map((b) => `${a} and ${b}`)).slice(0, 6);
}
