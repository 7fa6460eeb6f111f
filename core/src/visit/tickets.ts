import type { Catalogue } from '../catalogue/catalogue.ts';
import type { FaceReach } from '../readiness/face-reach.ts';
import { say } from '../messages/message.ts';
import { listed, lowerFirst } from '../quantity/words.ts';
import type { CrewMember } from '../survey/crew-and-machines.ts';
import { TICKETS, holds } from '../survey/ticket.ts';
import type { Ticket } from '../survey/ticket.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import type { Stage } from '../treatment/stage.ts';
import { warning } from '../warnings/warning.ts';
import type { Warning } from '../warnings/warning.ts';
import type { PlannedOperation } from './work-builder.ts';

/** What the work on a face and with an agent asks for, in the order of {@link TICKETS}. */
function neededFor(
  stages: readonly Stage[],
  reach: FaceReach | undefined,
  catalogue: Catalogue,
): readonly Ticket[] {
  const isLicensed = stages.some(({ apply }) => apply && catalogue.agent(apply.agent).licence !== null);
  return TICKETS.filter((ticket) => (ticket === 'biocide' ? isLicensed : reach?.ticket === ticket));
}

/**
 * Who may do what: with the ticket that it needs, where anybody of the crew holds it; and no apprentice alone with what can hurt,
 * where somebody else is there.
 */
export class WhoMay {
  private readonly crew: readonly CrewMember[];
  private readonly catalogue: Catalogue;
  private readonly stages: ReadonlyMap<string, Stage>;
  private readonly names: ReadonlyMap<string, string>;
  private readonly reaches: ReadonlyMap<string, FaceReach>;

  constructor(
    crew: readonly CrewMember[],
    catalogue: Catalogue,
    surfaces: readonly TreatedSurface[],
    reaches: readonly FaceReach[],
  ) {
    const stages = surfaces.flatMap(({ treatment }) => treatment?.stages ?? []);
    this.crew = crew;
    this.catalogue = catalogue;
    this.stages = new Map(stages.map((stage) => [stage.id, stage]));
    this.names = new Map(surfaces.map(({ surface }) => [surface.id, surface.name]));
    this.reaches = new Map(reaches.map((reach) => [reach.surface, reach]));
  }

  /** Ids of those who may; null where everybody may. */
  do(operation: PlannedOperation): readonly string[] | null {
    const stages = this.stagesOf(operation);
    const tickets = this.ticketsFor(operation, stages).filter((ticket) => this.isHeld(ticket));
    const trained = this.isForTrained(stages) && this.crew.some(({ isApprentice = false }) => !isApprentice);
    const able = this.crew.filter(
      (member) =>
        tickets.every((ticket) => holds(member, ticket)) && !(trained && (member.isApprentice ?? false)),
    );
    if (able.length === this.crew.length) return null;
    // Each is held, and yet all by nobody: whoever is trained does it, and that a ticket is missing is told.
    const fallBack =
      able.length > 0 ? able : this.crew.filter((member) => !(trained && (member.isApprentice ?? false)));
    return fallBack.length === this.crew.length ? null : fallBack.map(({ id }) => id);
  }

  /** What is needed and held by nobody, with the places that need it. */
  missing(planned: readonly PlannedOperation[]): readonly Warning[] {
    const places = new Map<Ticket, Set<string>>();
    for (const operation of planned)
      for (const ticket of this.ticketsFor(operation, this.stagesOf(operation)))
        if (!this.isHeldByOne(operation, ticket))
          for (const { surface } of operation.parts)
            places.set(ticket, (places.get(ticket) ?? new Set()).add(surface));
    return [...places].map(([ticket, surfaces]) =>
      warning('ticket-missing', 'warn', {
        what: lowerFirst(say(`ticket/${ticket}`)),
        places: listed([...surfaces].map((id) => this.names.get(id) ?? id)),
      }),
    );
  }

  /** Whether one of those who may do the work holds it. */
  private isHeldByOne(operation: PlannedOperation, ticket: Ticket): boolean {
    const who = this.do(operation);
    return this.crew.some((member) => (who?.includes(member.id) ?? true) && holds(member, ticket));
  }

  /** By the company's list: what hurts whoever does not know it. */
  private isForTrained(stages: readonly Stage[]): boolean {
    return stages.some(({ apply }) => apply && this.catalogue.agent(apply.agent).apprenticeNeverAlone);
  }

  private isHeld(ticket: Ticket): boolean {
    return this.crew.some((member) => holds(member, ticket));
  }

  private stagesOf({ stages }: PlannedOperation): readonly Stage[] {
    return stages.flatMap((id) => this.stages.get(id) ?? []);
  }

  private ticketsFor(
    { parts, task, standing }: PlannedOperation,
    stages: readonly Stage[],
  ): readonly Ticket[] {
    // Under the eyes of who leads.
    if (standing?.helps) return [];
    const needed = parts.flatMap(({ surface }) =>
      neededFor(
        stages.filter((stage) => stage.surface === surface),
        // Mixed on the ground.
        task === 'mix' ? undefined : this.reaches.get(surface),
        this.catalogue,
      ),
    );
    return TICKETS.filter((ticket) => needed.includes(ticket));
  }
}
