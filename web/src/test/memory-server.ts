import { applyChanges, entityIn, readJobFile, referenceFaults, stateOf, surveyOf } from '@etappe/core';
import type { Acknowledgement, NewerEntities, SurveyChange, SurveyState } from '@etappe/core';
import { ServerProblem } from '../server-connection.ts';

/** The twin of the server's changes in memory: atomic, each change once, with a log to ask what came since. */
export class MemoryServer {
  state: SurveyState;
  /** Set: every call fails with it. */
  away: ServerProblem | null = null;
  readonly batches: (readonly SurveyChange[])[] = [];
  private readonly revisions = new Map<string, number | null>();
  private readonly log: string[] = [];

  constructor(file: Record<string, unknown>) {
    const reading = readJobFile({ format: 'etappe-job', version: 1, ...file });
    if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
    this.state = stateOf('job', reading.survey);
  }

  apply(changes: readonly SurveyChange[]): Acknowledgement {
    if (this.away) throw this.away;
    const fresh = changes.filter((change) => !this.revisions.has(change.id));
    const outcome = applyChanges(this.state, fresh);
    if (!outcome.ok) throw new ServerProblem(outcome.conflicts.length > 0 ? 409 : 422, 'no', outcome);
    const faults = referenceFaults(surveyOf(outcome.state));
    if (faults.length > 0) throw new ServerProblem(422, faults[0]?.message ?? '', { faults });
    this.state = outcome.state;
    this.batches.push(fresh);
    for (const { change, after } of outcome.applied) {
      this.revisions.set(change.id, after?.revision ?? null);
      this.log.push(change.entity);
    }
    return {
      revisions: Object.fromEntries(changes.map((c) => [c.id, this.revisions.get(c.id) ?? null])),
      entities: changes.map((c) => ({ id: c.entity, entity: entityIn(this.state, c.entity) })),
    };
  }

  since(sequence: number): NewerEntities {
    if (this.away) throw this.away;
    const touched = [...new Set(this.log.slice(sequence))];
    return {
      sequence: this.log.length,
      handbookRevision: 0,
      entities: touched.map((id) => ({ id, entity: entityIn(this.state, id) })),
    };
  }
}
