import type { SequenceProblem, SetUpKind } from './problem.ts';

/** What it takes a person to change from one class of a kind to another, s; nothing where either does not matter. */
export function setUpChange(
  { setUpSeconds, ways }: Pick<SequenceProblem, 'setUpSeconds' | 'ways'>,
  kind: SetUpKind,
  was: string | null,
  now: string | null,
): number {
  if (was === null || now === null || was === now) return 0;
  const way =
    kind === 'place' ? ways.find(({ between }) => between.includes(was) && between.includes(now)) : undefined;
  return way?.seconds ?? setUpSeconds[kind];
}
