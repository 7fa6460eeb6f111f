import type { Placement, SequenceProblem, StripSpan, WorkedFront } from './problem.ts';
import type { Violation } from './violation.ts';

/** Moments are whole seconds, each rounded by itself. */
const ROUNDING_SECONDS = 2;

interface Act {
  readonly what: string;
  readonly person: string;
  readonly from: number;
  readonly to: number;
}

/** Every strip of every front by the clock: on long enough, not too long, never dry, and nobody on two strips at once. */
export function brokenFronts(
  problem: SequenceProblem,
  at: ReadonlyMap<string, Placement>,
): readonly Violation[] {
  const acts: Act[] = [];
  const found = problem.fronts.flatMap((front) => brokenFront(front, at, acts));
  return [...found, ...twoStripsAtOnce(acts, problem)];
}

/** @param acts takes up what is done on its strips */
function brokenFront(
  front: WorkedFront,
  at: ReadonlyMap<string, Placement>,
  acts: Act[],
): readonly Violation[] {
  const found: Violation[] = [];
  const act = (what: string, { operation, from, to }: StripSpan): Act | null => {
    const placement = at.get(operation);
    if (!placement) return null;
    const length = placement.finish - placement.start;
    if (from < 0 || to < from || to > length)
      found.push({
        rule: 'front',
        text: `${what} lies from ${from} to ${to} s in the ${length} s of ${operation}`,
      });
    const one = { what, person: placement.person, from: placement.start + from, to: placement.start + to };
    acts.push(one);
    return one;
  };
  for (const [i, strip] of front.strips.entries()) {
    const name = `strip ${i + 1} of ${front.id}`;
    const [apply, mists, finish] = [strip.apply, strip.mists, strip.finish].map((spans) =>
      spans.flatMap((span) => act(name, span) ?? []).sort((a, b) => a.from - b.from),
    );
    if (apply && mists && finish) found.push(...brokenStrip(name, front, apply, mists, finish));
  }
  return found;
}

function brokenStrip(
  name: string,
  { leastSeconds, mostSeconds, dryAfterSeconds }: WorkedFront,
  apply: readonly Act[],
  mists: readonly Act[],
  finish: readonly Act[],
): readonly Violation[] {
  const found: Violation[] = [];
  const [first, applied, finishing, last] = [apply[0], apply.at(-1), finish[0], finish.at(-1)];
  if (!first || !applied || !finishing || !last) return [];
  const contact = finishing.from - applied.to;
  const exposure = last.to - first.from;
  if (contact < leastSeconds - ROUNDING_SECONDS)
    found.push({ rule: 'dwell-too-short', text: `${name} waits ${contact} s, it needs ${leastSeconds} s` });
  if (exposure > mostSeconds + ROUNDING_SECONDS)
    found.push({ rule: 'late-rinse', text: `${name} is on for ${exposure} s, ${mostSeconds} s are allowed` });
  if (dryAfterSeconds === null) return found;
  const wetted = [applied, ...mists];
  for (const [i, wet] of wetted.entries()) {
    const dry = (wetted[i + 1] ?? finishing).from - wet.to;
    if (dry > dryAfterSeconds + ROUNDING_SECONDS)
      found.push({
        rule: 'keep-wet',
        text: `${name} dries for ${dry} s, it stays wet for ${dryAfterSeconds} s`,
      });
  }
  return found;
}

function twoStripsAtOnce(acts: readonly Act[], { people }: SequenceProblem): readonly Violation[] {
  return people.flatMap((person) => {
    const own = acts.filter((act) => act.person === person).sort((a, b) => a.from - b.from || a.to - b.to);
    return own.flatMap((act, i): readonly Violation[] => {
      const next = own[i + 1];
      return next && next.from < act.to
        ? [{ rule: 'one-place', text: `${person} is at ${act.what} and ${next.what} at once` }]
        : [];
    });
  });
}
