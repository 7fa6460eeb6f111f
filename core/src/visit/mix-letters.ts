import { isReadyToUse } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Schedule } from '../sequence/problem.ts';
import { applicationsOf } from '../supply/planned-mix.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import type { PlannedOperation } from './work-builder.ts';

const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/** A, B … Z, AA, AB …: the name of the so many-th mix, from 0. */
function letter(index: number): string {
  const last = ALPHABET.charAt(index % ALPHABET.length);
  return index < ALPHABET.length ? last : letter(Math.floor(index / ALPHABET.length) - 1) + last;
}

/**
 * Letters of the mixes of a visit by their first use in its schedule, or by the order of the surfaces while there is none. What is ready to
 * use is called by its name.
 *
 * @returns by the first stage of each mix
 */
export function mixLetters(
  mixes: readonly PlannedMix[],
  planned: readonly PlannedOperation[],
  schedule: Schedule | null,
): ReadonlyMap<string, string> {
  const starts = new Map(schedule?.placements.map(({ operation, start }) => [operation, start]));
  const firstUse = new Map<string, number>();
  for (const { id, task, stages } of planned) {
    const start = starts.get(id);
    if (task === 'mix' || start === undefined) continue;
    for (const stage of stages) firstUse.set(stage, Math.min(start, firstUse.get(stage) ?? Infinity));
  }
  const use = (mix: PlannedMix) =>
    Math.min(...applicationsOf(mix).map(({ stage }) => firstUse.get(stage) ?? Infinity));
  const inOrder = mixes
    .filter(({ agent }) => !isReadyToUse(CATALOGUE.agent(agent)))
    .map((mix) => ({ mix, at: use(mix) }))
    .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
  return new Map(inOrder.map(({ mix }, i) => [mix.stage, letter(i)]));
}

/** The mixes of a plan by their letters, then what is ready to use. */
export function inUseOrder({
  mixes,
  work,
  visit,
}: {
  readonly mixes: readonly PlannedMix[];
  readonly work: { readonly planned: readonly PlannedOperation[] };
  readonly visit: { readonly schedule: Schedule } | null;
}): readonly PlannedMix[] {
  const letters = [...mixLetters(mixes, work.planned, visit?.schedule ?? null).keys()];
  const place = (mix: PlannedMix) => {
    const at = letters.indexOf(mix.stage);
    return at < 0 ? letters.length : at;
  };
  return [...mixes].sort((a, b) => place(a) - place(b));
}
