import type { Language } from '../language/language.ts';
import type { MachineKind } from '../catalogue/tool.ts';

export interface CrewMember {
  readonly id: string;
  readonly name: string;
  /** Id of the company's person that it is; left out or null for anybody else. */
  readonly entry?: string | null;
  /** What they are trained and signed off for, as it is written on the ticket. */
  readonly tickets: readonly string[];
  /** When they come and by when they leave, hh:mm; left out or null for the whole day. */
  readonly from?: string | null;
  readonly until?: string | null;
  /** Never alone with what can hurt. */
  readonly isApprentice?: boolean;
  /** In which their pages are; left out or null for the company's. */
  readonly language?: Language | null;
}

/** Machines of one kind that come along; flow and pressure null while unknown. */
export interface Machine {
  readonly kind: MachineKind;
  readonly count: number;
  readonly flowLitresPerMinute: number | null;
  readonly pressureBar: number | null;
  /** Size of the tips of its lance; null where each tool has the usual one. */
  readonly tipOrifice: number | null;
}

export const newMember = (id: string): CrewMember => ({
  id,
  name: `Person ${id.toUpperCase()}`,
  tickets: [],
});

/** Machines with so many of one kind; what is known of that kind stays. */
export function withMachineCount(
  machines: readonly Machine[],
  kind: MachineKind,
  count: number,
): readonly Machine[] {
  const own = machines.find((m) => m.kind === kind) ?? {
    kind,
    flowLitresPerMinute: null,
    pressureBar: null,
    tipOrifice: null,
  };
  return [...machines.filter((m) => m.kind !== kind), { ...own, count }];
}
