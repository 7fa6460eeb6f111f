import type { UnitSystem } from '../quantity/unit-system.ts';
import { NO_SET_UP } from '../sequence/problem.ts';
import type { Hold, Lag, Operation, Soon, Watch, WorkedFront } from '../sequence/problem.ts';

/** `apply` and `finish` are the two ends of a front that is left alone between; `lead` and `follow` are the two of a pair. */
export type Task =
  | 'set-out'
  | 'mix'
  | 'lunch'
  | 'apply'
  | 'finish'
  | 'front'
  | 'lead'
  | 'follow'
  | 'work'
  | 'foot-rinse'
  | 'clear-rinse'
  | 'stand'
  | 'clear-up';

/** What is done with what people stand on. */
export type StandAct = 'tower-up' | 'tower-move' | 'tower-down' | 'lift-move' | 'ladder-foot';

/** What an operation does on one surface. */
export interface OperationPart {
  readonly surface: string;
  readonly cycle: string | null;
  /** Which piece of what its stages cover there, 0 to 1. */
  readonly share: { readonly from: number; readonly to: number };
  readonly areaSquareMetres: number | null;
}

/** What an operation of the sequence means on site. */
export interface PlannedOperation {
  readonly id: string;
  readonly task: Task;
  /** In the order in which they are worked; none for what is done for the whole site. */
  readonly parts: readonly OperationPart[];
  /** Of all its parts. */
  readonly stages: readonly string[];
  /** "13 strips of 1.2 m", "1–7 of 13 strips, each 1.2 m", "2 of 5"; null for what is done over the whole at once. */
  readonly section: string | null;
  readonly areaSquareMetres: number | null;
  /** What is made in it, by the first stage of each mix; left out where nothing is. */
  readonly mixes?: readonly string[];
  /** Of `stand`, and whether the one who does it helps the other who does it at the same time; left out elsewhere. */
  readonly standing?: { readonly act: StandAct; readonly helps: boolean };
}

/** For what is done over the whole at once. */
export const WHOLE = { from: 0, to: 1 } as const;

/** A group of operations that the next group of the same surface waits for. */
export interface Group {
  readonly first: readonly string[];
  readonly last: readonly string[];
  /** Whether water or product that runs comes onto the face by it. */
  readonly wet: boolean;
}

/** Gathers the operations of a visit with what binds them. */
export class WorkBuilder {
  readonly units: UnitSystem;
  private readonly byId = new Map<string, Operation>();
  private readonly inFront = new Map<string, string[]>();
  private readonly behind = new Map<string, string[]>();
  private readonly ids: string[] = [];
  readonly planned: PlannedOperation[] = [];
  readonly lags: Lag[] = [];
  readonly watches: Watch[] = [];
  readonly holds: Hold[] = [];
  readonly fronts: WorkedFront[] = [];
  readonly soon: Soon[] = [];

  /** @param units in which pieces of the work are told */
  constructor(units: UnitSystem) {
    this.units = units;
  }

  /** @param beside an operation of the same cluster that it stands right before or after; by itself it comes last */
  add(
    operation: Omit<Operation, 'machines' | 'people' | 'starts' | 'begins' | 'ends' | 'round'> &
      Partial<Operation>,
    planned: Omit<PlannedOperation, 'id'>,
    beside?: { readonly before: string } | { readonly after: string },
  ): string {
    this.byId.set(operation.id, {
      machines: [],
      people: null,
      starts: null,
      begins: NO_SET_UP,
      ends: NO_SET_UP,
      round: operation.id,
      ...operation,
      seconds: Math.max(1, Math.ceil(operation.seconds - 1e-6)),
    });
    if (beside === undefined) this.ids.push(operation.id);
    else if ('before' in beside) addTo(this.inFront, beside.before, operation.id);
    else addTo(this.behind, beside.after, operation.id);
    this.planned.push({ id: operation.id, ...planned });
    return operation.id;
  }

  /** In the order of the work: what was put beside another stands there. */
  get operations(): readonly Operation[] {
    return this.ids.flatMap((id) =>
      [...(this.inFront.get(id) ?? []), id, ...(this.behind.get(id) ?? [])].map((own) => this.operation(own)),
    );
  }

  operation(id: string): Operation {
    const found = this.byId.get(id);
    if (!found) throw new RangeError(`there is no operation "${id}"`);
    return found;
  }

  /** Pieces of one work are begun in their order, whoever does them. */
  inOrder(pieces: readonly string[]): void {
    pieces.slice(1).forEach((to, i) => {
      const from = pieces[i];
      if (from !== undefined)
        this.lags.push({ from, anchor: 'start', to, minSeconds: 0, maxSeconds: null, rule: 'piece-order' });
    });
  }

  allAfter(later: readonly string[], earlier: readonly string[], rule: string, minSeconds = 0): void {
    for (const to of later)
      for (const from of earlier)
        // One operation may stand for several surfaces that would wait for each other.
        if (from !== to) this.lags.push({ from, anchor: 'finish', to, minSeconds, maxSeconds: null, rule });
  }
}

function addTo(lists: Map<string, string[]>, key: string, one: string): void {
  lists.set(key, [...(lists.get(key) ?? []), one]);
}
