import { applyChange } from '@etappe/core';
import type {
  DraftChange,
  FieldConflict,
  SurveyChange,
  SurveyFault,
  SurveyState,
  VersionedEntity,
} from '@etappe/core';
import type { AppliedBatch } from '../server-connection.ts';
import { ServerProblem } from '../server-connection.ts';

export type SaveState =
  | { readonly kind: 'saved'; readonly at: Date | null }
  | { readonly kind: 'saving' }
  /** The server or its database is away: tried again by itself. */
  | { readonly kind: 'waiting'; readonly count: number; readonly reason: string }
  /** The server says no: what was typed stays until a person decides. */
  | {
      readonly kind: 'refused';
      readonly reason: string;
      readonly faults: readonly SurveyFault[];
      readonly conflicts: readonly FieldConflict[];
    };

export interface QueueParts {
  readonly send: (changes: readonly SurveyChange[]) => Promise<AppliedBatch>;
  readonly makeId: () => string;
  readonly now: () => Date;
  /** Calls back once after so many milliseconds; returns how to call that off. */
  readonly after: (milliseconds: number, call: () => void) => () => void;
  readonly changed: () => void;
}

const SETTLE_MILLISECONDS = 300;
const FIRST_RETRY_MILLISECONDS = 1000;
const LONGEST_RETRY_MILLISECONDS = 10_000;

/**
 * Edits of one survey on their way to the server: shown at once, sent in order, one batch in flight, at most one patch
 * per entity in a batch. Nothing leaves the queue before the server has acknowledged it or a person gave it up.
 */
export class EditQueue {
  private acknowledged: SurveyState;
  private inFlight: readonly SurveyChange[] = [];
  private pending: SurveyChange[] = [];
  private shown: SurveyState;
  private save: SaveState = { kind: 'saved', at: null };
  private cancelTimer: (() => void) | null = null;
  private retry = FIRST_RETRY_MILLISECONDS;
  private readonly parts: QueueParts;

  constructor(state: SurveyState, parts: QueueParts) {
    this.acknowledged = state;
    this.shown = state;
    this.parts = parts;
  }

  /** The survey with every edit in it, acknowledged or not. */
  get state(): SurveyState {
    return this.shown;
  }

  get saveState(): SaveState {
    return this.save;
  }

  get unsaved(): boolean {
    return this.inFlight.length > 0 || this.pending.length > 0;
  }

  /**
   * Takes edits in if every one is sound on what is shown; otherwise none.
   * @returns the faults; empty when taken
   */
  edit(drafts: readonly DraftChange[]): readonly SurveyFault[] {
    let state = this.shown;
    const taken: SurveyChange[] = [];
    for (const draft of drafts) {
      const change = { ...draft, id: this.parts.makeId() };
      const outcome = applyChange(state, change);
      if (!outcome.ok)
        return outcome.faults.length > 0
          ? outcome.faults
          : [{ path: draft.entity, message: 'this was changed elsewhere meanwhile' }];
      state = outcome.state;
      taken.push(change);
    }
    this.shown = state;
    for (const change of taken) this.add(change);
    if (this.save.kind !== 'refused') this.flushSoon(SETTLE_MILLISECONDS);
    this.parts.changed();
    return [];
  }

  /** Sends what waits now, for instance when the page is hidden. */
  flushNow(): void {
    if (this.save.kind !== 'refused') this.flushSoon(0);
  }

  /** After a refusal: my values on top of what the server has, or the server's. */
  settle(keep: 'mine' | 'theirs', fresh: SurveyState): void {
    const mine = [...this.inFlight, ...this.pending];
    this.inFlight = [];
    this.acknowledged = fresh;
    this.pending = [];
    this.save = { kind: 'saved', at: this.parts.now() };
    if (keep === 'mine')
      for (const change of mine)
        this.add({ ...change, id: this.parts.makeId(), base: revisionOf(fresh, change.entity) });
    this.show();
    if (this.pending.length > 0) this.flushSoon(0);
    this.parts.changed();
  }

  private add(change: SurveyChange): void {
    const index = this.pending.findIndex((p) => p.entity === change.entity);
    const earlier = this.pending[index];
    if (earlier && change.op === 'patch' && earlier.op !== 'delete') {
      this.pending[index] = { ...earlier, fields: { ...earlier.fields, ...change.fields } };
    } else if (earlier?.op === 'create' && change.op === 'delete') {
      this.pending.splice(index, 1);
    } else {
      this.pending.push(change);
    }
  }

  private flushSoon(milliseconds: number): void {
    if (this.inFlight.length > 0 || this.pending.length === 0) return;
    this.cancelTimer?.();
    this.cancelTimer = this.parts.after(milliseconds, () => {
      this.cancelTimer = null;
      void this.flush();
    });
    if (this.save.kind === 'saved') this.save = { kind: 'saving' };
  }

  private async flush(): Promise<void> {
    if (this.inFlight.length === 0) {
      this.inFlight = this.pending;
      this.pending = [];
    }
    if (this.inFlight.length === 0) return;
    try {
      const applied = await this.parts.send(this.inFlight);
      this.acknowledge(applied);
    } catch (error) {
      this.fail(error);
    }
    this.parts.changed();
  }

  private acknowledge(applied: AppliedBatch): void {
    this.acknowledged = withEntities(this.acknowledged, applied.entities);
    this.inFlight = [];
    this.retry = FIRST_RETRY_MILLISECONDS;
    const revisions = new Map(applied.entities.map(({ id, entity }) => [id, entity?.revision ?? 0]));
    this.pending = this.pending.map((change) => ({
      ...change,
      base: revisions.get(change.entity) ?? change.base,
    }));
    this.show();
    this.save = this.pending.length > 0 ? { kind: 'saving' } : { kind: 'saved', at: this.parts.now() };
    this.flushSoon(0);
  }

  private fail(error: unknown): void {
    const problem = error instanceof ServerProblem ? error : new ServerProblem(500, String(error));
    if (!problem.passes) {
      this.save = {
        kind: 'refused',
        reason: problem.message,
        faults: problem.faults,
        conflicts: problem.conflicts,
      };
      return;
    }
    this.save = {
      kind: 'waiting',
      count: this.inFlight.length + this.pending.length,
      reason: problem.message,
    };
    this.cancelTimer = this.parts.after(this.retry, () => {
      this.cancelTimer = null;
      void this.flush();
    });
    this.retry = Math.min(LONGEST_RETRY_MILLISECONDS, this.retry * 2);
  }

  /** What the server has, with what is under way on top. */
  private show(): void {
    this.shown = [...this.inFlight, ...this.pending].reduce((state, change) => {
      const outcome = applyChange(state, change);
      return outcome.ok ? outcome.state : state;
    }, this.acknowledged);
  }
}

function revisionOf(state: SurveyState, id: string): number {
  return (id === state.job.id ? state.job : state.entities.get(id))?.revision ?? 0;
}

function withEntities(
  state: SurveyState,
  touched: readonly { readonly id: string; readonly entity: VersionedEntity | null }[],
): SurveyState {
  const entities = new Map(state.entities);
  let { job } = state;
  for (const { id, entity } of touched) {
    if (entity && id === job.id) job = entity;
    else if (entity) entities.set(id, entity);
    else entities.delete(id);
  }
  return { job, entities };
}
