import { secondOfDay } from '../quantity/duration.ts';
import type { Lag, Operation } from '../sequence/problem.ts';
import { LATEST_SECOND } from '../sequence/problem.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import type { PinnedTo, RoundPin } from '../survey/round-pin.ts';
import { warning } from '../warnings/warning.ts';
import type { Warning } from '../warnings/warning.ts';
import { startsWithin } from './start-spans.ts';
import type { PlannedOperation } from './work-builder.ts';

/** What a piece of the work is known by, however it is cut and in whichever round it comes: a rinse that is of no stage by itself. */
export function workOf({ id, parts, stages }: PlannedOperation): readonly string[] {
  const cycles = parts.flatMap(({ cycle }) => cycle ?? []);
  return cycles.length > 0 ? cycles : [stages[0] ?? id];
}

/** Whether people may fix it: work on faces and lunch, not what is mixed for it, set out and cleared up. */
export const isPinnable = ({ task, parts }: PlannedOperation): boolean =>
  task === 'lunch' || (task !== 'mix' && parts.length > 0);

/** All that a pin may know an operation by: itself, and its work, of which it may be only a part. */
export function pinKeys(operation: PlannedOperation): readonly string[] {
  return [...new Set([operation.id, ...workOf(operation)])];
}

/** The rule of what comes in order because somebody has fixed it so. */
export const FIXED_ORDER = 'fixed-order';

type PinnedHouse = Pick<JobHouse, 'pins' | 'crew' | 'dayStart'>;

/** What people have fixed, laid over the work of a visit. */
export class PinnedWork {
  private readonly byWork: ReadonlyMap<string, RoundPin>;
  private readonly house: PinnedHouse;
  private readonly planned: readonly PlannedOperation[];
  private pieces: { readonly of: number; readonly byWork: ReadonlyMap<string, readonly string[]> } | null =
    null;
  /** Pins that cannot hold, with why: the work is planned without them. */
  private readonly voided = new Map<RoundPin, Warning>();

  /** @param planned in the order of the work; what is added to it later counts too */
  constructor(house: PinnedHouse, planned: readonly PlannedOperation[]) {
    this.house = house;
    this.byWork = new Map((house.pins ?? []).flatMap((pin) => pin.work.map((id) => [id, pin] as const)));
    this.planned = planned;
  }

  /** An operation with what is fixed about it; its tickets and its hours come first. */
  pinned(operation: Operation, planned: PlannedOperation | undefined): Operation {
    const pin =
      planned && isPinnable(planned)
        ? pinKeys(planned).flatMap((id) => this.byWork.get(id) ?? [])[0]
        : undefined;
    if (!pin) return operation;
    return { ...operation, ...this.people(operation, pin), ...this.starts(operation, pin) };
  }

  /** What comes after what because it was fixed so. */
  get lags(): readonly Lag[] {
    return (this.house.pins ?? []).flatMap((pin) => {
      const own = this.operationsOf(pin);
      const other = (to: PinnedTo | null | undefined) => (to ? this.operationsOf(to) : []);
      return [...inOrder(other(pin.after), own), ...inOrder(own, other(pin.before))];
    });
  }

  get warnings(): readonly Warning[] {
    return [...this.voided.values()];
  }

  private operationsOf({ work }: PinnedTo): readonly string[] {
    return [...new Set(work.flatMap((id) => this.piecesOf(id)))];
  }

  /** Operations of a work, in the order of the work. */
  private piecesOf(work: string): readonly string[] {
    if (this.pieces?.of !== this.planned.length) {
      const byWork = new Map<string, string[]>();
      for (const own of this.planned)
        if (isPinnable(own))
          for (const key of pinKeys(own)) byWork.set(key, [...(byWork.get(key) ?? []), own.id]);
      this.pieces = { of: this.planned.length, byWork };
    }
    return this.pieces.byWork.get(work) ?? [];
  }

  private people({ people }: Operation, pin: RoundPin): Partial<Operation> {
    if (pin.person === null) return {};
    const member = this.house.crew.find(({ id }) => id === pin.person);
    const facts = { place: pin.name, name: member?.name ?? pin.person };
    if (!member) this.voided.set(pin, warning('pin-void/nobody', 'warn', facts));
    else if (people && !people.includes(pin.person))
      this.voided.set(pin, warning('pin-void/not-allowed', 'warn', facts));
    else return { people: [pin.person] };
    return {};
  }

  private starts(operation: Operation, pin: RoundPin): Partial<Operation> {
    const from = pin.notBefore === null ? 0 : this.sinceStart(pin.notBefore);
    const isFirst = this.operationsOf(pin)[0] === operation.id;
    const to = pin.notAfter && isFirst ? this.sinceStart(pin.notAfter) : LATEST_SECOND;
    if (from <= 0 && to >= LATEST_SECOND) return {};
    return { starts: startsWithin(operation, { from, to }) };
  }

  private sinceStart(clock: string): number {
    return secondOfDay(clock) - secondOfDay(this.house.dayStart);
  }
}

function inOrder(earlier: readonly string[], later: readonly string[]): readonly Lag[] {
  return later.flatMap((to) =>
    earlier
      .filter((from) => from !== to)
      .map((from) => ({ from, anchor: 'finish', to, minSeconds: 0, maxSeconds: null, rule: FIXED_ORDER })),
  );
}
