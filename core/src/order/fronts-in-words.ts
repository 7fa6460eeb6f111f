import type { Told } from '../messages/message.ts';
import type { Plan } from '../plan/plan.ts';
import { frontInWords, hoursOfFront, joinedInWords } from '../wet-cycle/front-words.ts';

/** How each front of a plan is worked, by the operations that work it. */
export function frontsInWords({ surfaces, work }: Plan): ReadonlyMap<string, readonly Told[]> {
  const cycles = new Map(surfaces.flatMap((p) => p.cycles.map((cycle) => [cycle.id, cycle.front] as const)));
  const within = new Map(surfaces.flatMap((p) => p.cycles.map((cycle) => [cycle.id, p.within] as const)));
  const joined = new Map(work.joined.map((front) => [front.cycles[0]?.id, front]));
  // The first of joined surfaces speaks for all.
  const spokenFor = new Set(work.joined.flatMap((front) => front.cycles.slice(1).map(({ id }) => id)));
  const counted = new Map<string, number>();
  return new Map(
    work.problem.fronts.flatMap(({ cycle, strips }) => {
      const front = cycles.get(cycle);
      const number = counted.get(cycle) ?? 0;
      counted.set(cycle, number + 1);
      const piece = front?.pieces[number];
      if (!front || !piece || spokenFor.has(cycle)) return [];
      const together = joined.get(cycle);
      const words = [
        ...(together ? joinedInWords(together) : frontInWords(front, piece)),
        ...hoursOfFront(within.get(cycle) ?? null),
      ];
      const operations = new Set(
        strips.flatMap((s) => [...s.apply, ...s.finish].map((span) => span.operation)),
      );
      return [...operations].map((operation) => [operation, words] as const);
    }),
  );
}
