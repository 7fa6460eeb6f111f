import type { IntervalList } from './interval-list.ts';
import { SET_UP_KINDS } from './problem.ts';
import type { Operation, SequenceProblem, SetUp, SetUpKind } from './problem.ts';

/** Work of one person that leaves them at a place with a tool and a mix. */
interface SetUpWork {
  readonly start: number;
  readonly finish: number;
  readonly begins: SetUp;
  readonly ends: SetUp;
}

/** What each person has to change between one work and the next, and the time that it takes. */
export class Changes {
  private readonly kinds: readonly SetUpKind[];
  private readonly seconds: SequenceProblem['setUpSeconds'];

  constructor({ operations, setUpSeconds }: SequenceProblem) {
    // What never differs is never looked for.
    this.kinds = SET_UP_KINDS.filter(
      (kind) =>
        setUpSeconds[kind] > 0 &&
        new Set(operations.flatMap(({ begins, ends }) => [begins[kind] ?? [], ends[kind] ?? []].flat()))
          .size > 1,
    );
    this.seconds = setUpSeconds;
  }

  /**
   * When an operation that overlaps nothing may be tried again, because its person has no time to change before or after it; null where
   * there is time.
   */
  obstacle(work: IntervalList<SetUpWork>, operation: Operation, start: number): number | null {
    if (this.kinds.length === 0) return null;
    const state = this.stateBefore(work, start);
    const needed = this.needed(state, operation.begins);
    const [last] = work.before(start);
    if (last && start - last.finish < needed) return last.finish + needed;
    this.takeUp(state, operation.ends);
    const open = new Set(this.kinds.filter((kind) => operation.ends[kind] !== null));
    let finish = start + operation.seconds;
    for (const next of work.from(start)) {
      if (next.start - finish < this.needed(state, next.begins)) return next.finish;
      this.takeUp(state, next.ends);
      for (const kind of this.kinds) if (next.ends[kind] !== null) open.delete(kind);
      // What comes later changes from what was there before.
      if (open.size === 0) return null;
      finish = next.finish;
    }
    return null;
  }

  private stateBefore(work: IntervalList<SetUpWork>, start: number): Map<SetUpKind, string> {
    const state = new Map<SetUpKind, string>();
    for (const { ends } of work.before(start)) {
      for (const kind of this.kinds) {
        const set = ends[kind];
        if (set !== null && !state.has(kind)) state.set(kind, set);
      }
      if (state.size === this.kinds.length) break;
    }
    return state;
  }

  private needed(state: ReadonlyMap<SetUpKind, string>, next: SetUp): number {
    let sum = 0;
    for (const kind of this.kinds) {
      const now = state.get(kind);
      if (next[kind] !== null && now !== undefined && now !== next[kind]) sum += this.seconds[kind];
    }
    return sum;
  }

  private takeUp(state: Map<SetUpKind, string>, setUp: SetUp): void {
    for (const kind of this.kinds) {
      const set = setUp[kind];
      if (set !== null) state.set(kind, set);
    }
  }
}
