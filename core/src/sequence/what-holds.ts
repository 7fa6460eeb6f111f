import { groupedBy } from './grouped-by.ts';
import { lagsToEach } from './lags-to.ts';
import { SET_UP_KINDS } from './problem.ts';
import type { Lag, Operation, Placement, SequenceProblem } from './problem.ts';
import { setUpChange } from './set-up-change.ts';

/** Why an operation does not begin earlier than it does. Seconds are from the start of the visit. */
export type HeldBy =
  /** What comes before it on the same work: it ends, or dwells, until then. */
  | { readonly kind: 'after'; readonly by: string; readonly rule: string; readonly until: number }
  | { readonly kind: 'machine'; readonly by: string; readonly machine: string; readonly until: number }
  /** Somebody at work above or below it. */
  | { readonly kind: 'apart'; readonly by: string; readonly until: number }
  /** Its hours: quiet ones, a pin, a ticket that comes later. */
  | { readonly kind: 'hours'; readonly until: number }
  /** Its person is not there before. */
  | { readonly kind: 'comes'; readonly until: number }
  /** Its person is at something else, or changes over from it. */
  | { readonly kind: 'person'; readonly by: string; readonly until: number }
  /** It would be too early for what has to follow it in time. */
  | { readonly kind: 'in-time'; readonly by: string; readonly until: number }
  /** Nothing: it could begin from then on. */
  | { readonly kind: 'nothing'; readonly from: number }
  /** The visit begins. */
  | { readonly kind: 'begin' };

/** Who is through this shortly before is not told to have waited for it, s. */
const TIGHT_SECONDS = 30;

type Bound = Exclude<HeldBy, { kind: 'nothing' | 'begin' }>;

/** What tells most about a time, where several things end at it. */
const MOST_TELLING: readonly Bound['kind'][] = [
  'after',
  'machine',
  'apart',
  'hours',
  'comes',
  'in-time',
  'person',
];

/**
 * What keeps each operation of a schedule from beginning earlier, everything else left where it is: read off the times, not remembered
 * from the search.
 *
 * @param placements of all operations of the problem
 * @returns by operation
 */
export function whatHolds(
  problem: SequenceProblem,
  placements: readonly Placement[],
): ReadonlyMap<string, HeldBy> {
  const day = new DecidedDay(problem, placements);
  return new Map(placements.map((placed) => [placed.operation, day.heldBy(placed)]));
}

interface Used {
  readonly by: string;
  readonly start: number;
  readonly finish: number;
}

class DecidedDay {
  private readonly problem: SequenceProblem;
  private readonly at: ReadonlyMap<string, Placement>;
  private readonly operations: ReadonlyMap<string, Operation>;
  private readonly lagsTo: ReadonlyMap<string, readonly Lag[]>;
  private readonly lagsFrom: ReadonlyMap<string, readonly Lag[]>;
  private readonly days: ReadonlyMap<string, readonly Placement[]>;
  private readonly users: ReadonlyMap<string, readonly Used[]>;

  constructor(problem: SequenceProblem, placements: readonly Placement[]) {
    this.problem = problem;
    this.at = new Map(placements.map((placed) => [placed.operation, placed]));
    this.operations = new Map(problem.operations.map((operation) => [operation.id, operation]));
    this.lagsTo = lagsToEach(problem.lags);
    this.lagsFrom = groupedBy(problem.lags, ({ from }) => from);
    const inOrder = [...placements].sort((a, b) => a.start - b.start || a.finish - b.finish);
    this.days = groupedBy(inOrder, ({ person }) => person);
    this.users = this.machineUse(inOrder);
  }

  heldBy(placed: Placement): HeldBy {
    const bounds = this.bounds(placed);
    const tight = bounds.filter(({ until }) => until >= placed.start - TIGHT_SECONDS);
    const found = MOST_TELLING.flatMap((kind) => tight.find((bound) => bound.kind === kind) ?? []);
    if (found[0]) return found[0];
    if (placed.start <= TIGHT_SECONDS) return { kind: 'begin' };
    return { kind: 'nothing', from: Math.max(0, ...bounds.map(({ until }) => until)) };
  }

  private bounds(placed: Placement): readonly Bound[] {
    const operation = this.operations.get(placed.operation);
    if (!operation) return [];
    return [
      ...this.afterOthers(placed),
      ...operation.machines.flatMap((machine) => this.machineFree(machine, placed)),
      ...this.apart(operation, placed),
      ...this.ownHours(operation, placed),
      ...this.inTime(placed),
      ...this.personFree(operation, placed),
    ];
  }

  private afterOthers({ operation: id }: Placement): readonly Bound[] {
    return (this.lagsTo.get(id) ?? []).flatMap(({ from, anchor, minSeconds, rule }) => {
      const earlier = this.at.get(from);
      return earlier ? [{ kind: 'after' as const, by: from, rule, until: earlier[anchor] + minSeconds }] : [];
    });
  }

  /** The latest end of a use before which as many were in use as there are. */
  private machineFree(machine: string, { operation: id, start }: Placement): readonly Bound[] {
    const count = this.problem.machines[machine] ?? 0;
    const others = (this.users.get(machine) ?? []).filter(({ by }) => by !== id);
    const ends = others.filter(({ finish }) => finish <= start).sort((a, b) => b.finish - a.finish);
    const last = ends.find(
      ({ finish }) => others.filter((use) => use.start < finish && use.finish >= finish).length >= count,
    );
    return last ? [{ kind: 'machine', by: last.by, machine, until: last.finish }] : [];
  }

  private apart({ place }: Operation, { start }: Placement): readonly Bound[] {
    const places = new Set(
      this.problem.apart.flatMap(([one, other]) => (one === place ? [other] : other === place ? [one] : [])),
    );
    if (places.size === 0) return [];
    return [...this.at.values()]
      .filter(({ operation, finish }) => {
        const at = this.operations.get(operation)?.place;
        return finish <= start && at !== undefined && places.has(at);
      })
      .map(({ operation, finish }) => ({ kind: 'apart', by: operation, until: finish }));
  }

  private ownHours({ starts }: Operation, { person, start }: Placement): readonly Bound[] {
    const opens = (starts ?? []).filter(({ from, to }) => from > 0 && from <= start && start <= to);
    const comes = this.problem.hours.filter((hours) => hours.person === person && hours.from > 0);
    return [
      ...opens.map(({ from }) => ({ kind: 'hours' as const, until: from })),
      ...comes.map(({ from }) => ({ kind: 'comes' as const, until: from })),
    ];
  }

  /** What follows it at the latest so long after it is begun where it is. */
  private inTime({ operation: id, start }: Placement): readonly Bound[] {
    return (this.lagsFrom.get(id) ?? []).flatMap(({ to, anchor, maxSeconds }) => {
      const [own, later] = [this.at.get(id), this.at.get(to)];
      if (!own || !later || maxSeconds === null) return [];
      return [{ kind: 'in-time' as const, by: to, until: later.start - maxSeconds - own[anchor] + start }];
    });
  }

  private personFree(operation: Operation, placed: Placement): readonly Bound[] {
    const own = this.days.get(placed.person) ?? [];
    const before = own.slice(0, own.indexOf(placed));
    const last = before.at(-1);
    if (!last) return [];
    const change = SET_UP_KINDS.reduce((sum, kind) => {
      const now = operation.begins[kind];
      const had = before
        .map((one) => this.operations.get(one.operation)?.ends[kind] ?? null)
        .findLast((set) => set !== null);
      return sum + setUpChange(this.problem, kind, had ?? null, now);
    }, 0);
    return [{ kind: 'person', by: last.operation, until: last.finish + change }];
  }

  private machineUse(inOrder: readonly Placement[]): ReadonlyMap<string, readonly Used[]> {
    const uses = new Map<string, Used[]>();
    const use = (machine: string, one: Used) => {
      uses.set(machine, [...(uses.get(machine) ?? []), one]);
    };
    for (const { operation, start, finish } of inOrder)
      for (const machine of this.operations.get(operation)?.machines ?? [])
        use(machine, { by: operation, start, finish });
    for (const { from, to, machine } of this.problem.holds) {
      const [first, last] = [this.at.get(from), this.at.get(to)];
      if (first && last) use(machine, { by: to, start: first.finish, finish: last.start });
    }
    return uses;
  }
}
