import { secondOfDay } from '../quantity/duration.ts';
import type { Operation, TimeSpan } from '../sequence/problem.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import type { RoundPin } from '../survey/round-pin.ts';
import { warning } from '../warnings/warning.ts';
import type { Warning } from '../warnings/warning.ts';
import type { PlannedOperation } from './work-builder.ts';

/** What a piece of the work is known by, however it is cut and in whichever round it comes. */
export function workOf({ parts, stages }: PlannedOperation): readonly string[] {
  const cycles = parts.flatMap(({ cycle }) => cycle ?? []);
  return cycles.length > 0 ? cycles : stages.slice(0, 1);
}

/** Later than any visit goes on, s. */
const LATEST = 30 * 86_400;

/** What people have fixed, laid over the work of a visit. */
export class PinnedWork {
  private readonly byWork: ReadonlyMap<string, RoundPin>;
  private readonly house: Pick<JobHouse, 'pins' | 'crew' | 'dayStart'>;
  /** Pins that cannot hold, with why: the work is planned without them. */
  private readonly voided = new Map<RoundPin, Warning>();

  constructor(house: Pick<JobHouse, 'pins' | 'crew' | 'dayStart'>) {
    this.house = house;
    this.byWork = new Map((house.pins ?? []).flatMap((pin) => pin.work.map((id) => [id, pin] as const)));
  }

  /** An operation with what is fixed about it; its tickets and its hours come first. */
  pinned(operation: Operation, planned: PlannedOperation | undefined): Operation {
    const isOwn = planned && planned.parts.length > 0 && planned.task !== 'mix';
    const pin = isOwn ? workOf(planned).flatMap((id) => this.byWork.get(id) ?? [])[0] : undefined;
    if (!pin) return operation;
    return { ...operation, ...this.people(operation, pin), ...this.starts(operation, pin) };
  }

  get warnings(): readonly Warning[] {
    return [...this.voided.values()];
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

  private starts({ starts }: Operation, { notBefore }: RoundPin): Partial<Operation> {
    if (notBefore === null) return {};
    const from = secondOfDay(notBefore) - secondOfDay(this.house.dayStart);
    if (from <= 0) return {};
    const later = (starts ?? [{ from: 0, to: LATEST }]).flatMap((span): TimeSpan[] =>
      span.to >= from ? [{ from: Math.max(span.from, from), to: span.to }] : [],
    );
    return { starts: later };
  }
}
