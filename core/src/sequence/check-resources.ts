import { SET_UP_KINDS } from './problem.ts';
import type { Placement, SequenceProblem, Way } from './problem.ts';
import type { Done, Violation } from './violation.ts';

/** Nobody at two things at once, nobody below somebody above, and time to change between one thing and the next. */
export function inTwoPlaces(problem: SequenceProblem, done: readonly Done[]): readonly Violation[] {
  const found: Violation[] = [];
  const below = new Set(problem.apart.flatMap(([x, y]) => [`${x} ${y}`, `${y} ${x}`]));
  const byStart = [...done].sort((a, b) => a.start - b.start);
  for (const [i, a] of byStart.entries()) {
    for (let k = i + 1; k < byStart.length; k += 1) {
      const b = byStart[k];
      if (!b || b.start >= a.finish) break;
      if (b.finish === b.start) continue;
      if (a.person === b.person) {
        found.push({
          rule: 'one-place',
          text: `${a.person} does ${a.operation.id} and ${b.operation.id} at once`,
        });
      } else if (below.has(`${a.operation.place} ${b.operation.place}`)) {
        found.push({
          rule: 'nobody-below',
          text: `${a.operation.id} and ${b.operation.id} run at once, one below the other`,
        });
      }
    }
  }
  return found;
}

/** Between what a person does and what comes next there is time for the changes that it takes. */
export function hurriedChanges(problem: SequenceProblem, done: readonly Done[]): readonly Violation[] {
  return problem.people.flatMap((person) => {
    const own = done.filter((d) => d.person === person).sort((a, b) => a.start - b.start);
    return own.flatMap((next, i): readonly Violation[] => {
      const last = own[i - 1];
      if (!last) return [];
      const needed = SET_UP_KINDS.reduce((sum, kind) => {
        const now = next.operation.begins[kind];
        const earlier = own
          .slice(0, i)
          .map((d) => d.operation.ends[kind])
          .findLast((set) => set !== null);
        if (now === null || earlier === undefined || earlier === now) return sum;
        const paced = kind === 'place' && problem.ways.find((way) => isBetween(way, earlier, now));
        return sum + (paced ? paced.seconds : problem.setUpSeconds[kind]);
      }, 0);
      const between = next.start - last.finish;
      return needed > 0 && between < needed
        ? [
            {
              rule: 'set-up',
              text: `${person} has ${between} s from ${last.operation.id} to ${next.operation.id}, the change takes ${needed} s`,
            },
          ]
        : [];
    });
  });
}

const isBetween = ({ between: [a, b] }: Way, from: string | null, to: string) =>
  (a === from && b === to) || (a === to && b === from);

/** No more of a machine in use at once than there are, by work or held between two operations. */
export function machinesInUse(
  problem: SequenceProblem,
  done: readonly Done[],
  at: ReadonlyMap<string, Placement>,
): readonly Violation[] {
  return Object.entries(problem.machines).flatMap(([machine, count]) => {
    const working = done.filter((d) => d.operation.machines.includes(machine));
    const held = problem.holds.flatMap((hold) => {
      const [from, to] = [at.get(hold.from), at.get(hold.to)];
      return hold.machine === machine && from && to ? [{ start: from.finish, finish: to.start }] : [];
    });
    const users = [...working, ...held];
    return users.flatMap((user) => {
      const inUse = users.filter((u) => u.start <= user.start && user.start < u.finish).length;
      return inUse > count
        ? [{ rule: 'machines', text: `${inUse} × ${machine} at ${user.start} s, there are ${count}` }]
        : [];
    });
  });
}
