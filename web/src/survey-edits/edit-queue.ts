import { entityIn, rebased } from '@etappe/core';
import type {
  Acknowledgement,
  DraftChange,
  CompanyHandbook,
  SurveyChange,
  SurveyFault,
  SurveyState,
} from '@etappe/core';
import { ServerProblem } from '../server-connection.ts';
import { restsOn } from './edit-batch.ts';
import type { EditBatch } from './edit-batch.ts';
import { faultsOn, shownWith, withEntities, withKeptDetails } from './shown-state.ts';
import { settledBatch } from './settlement.ts';
import type { Settlement } from './settlement.ts';

export interface SaveState {
  readonly kind: 'saved' | 'saving' | 'waiting';
  /** When the server last had everything; null before the first edit. */
  readonly savedAt: Date | null;
  /** Edits on their way. */
  readonly waiting: number;
  /** Why they wait, while the server or its database is away. */
  readonly reason: string | null;
  /** What the server did not take: a person decides. */
  readonly refused: readonly EditBatch[];
}

export interface QueueParts {
  readonly send: (changes: readonly SurveyChange[], deviceAt: string) => Promise<Acknowledgement>;
  readonly makeId: () => string;
  readonly now: () => Date;
  /** Calls back once after so many milliseconds; returns how to call that off. */
  readonly after: (milliseconds: number, call: () => void) => () => void;
  readonly changed: () => void;
  /** Keeps a batch on the device until it is dropped; what is kept outlives the page. */
  readonly keep: (batch: EditBatch) => void;
  readonly drop: (batch: EditBatch) => void;
}

const SETTLE_MILLISECONDS = 300;
/** Typing into one field within this time is one edit. */
const SAME_EDIT_MILLISECONDS = 1500;
const FIRST_RETRY_MILLISECONDS = 1000;
const LONGEST_RETRY_MILLISECONDS = 10_000;

/**
 * Edits of one survey on their way to the server: shown at once, kept on the device, sent in order, one batch in flight.
 * A batch that the server refuses is set aside with all that rests on it, the others go on. Nothing leaves the queue
 * before the server has acknowledged it or a person gave it up.
 */
export class EditQueue {
  private acknowledged: SurveyState;
  private batches: readonly EditBatch[];
  private sending: EditBatch | null = null;
  private shown: SurveyState;
  private savedAt: Date | null = null;
  private trouble: string | null = null;
  private cancelTimer: (() => void) | null = null;
  private retry = FIRST_RETRY_MILLISECONDS;
  private readonly parts: QueueParts;

  /** @param left batches that an earlier page left on the device, in order */
  constructor(state: SurveyState, parts: QueueParts, left: readonly EditBatch[] = []) {
    this.acknowledged = state;
    this.batches = left;
    this.parts = parts;
    this.shown = this.withEdits();
    if (left.length > 0) this.flushSoon(0);
  }

  /** The survey with every edit in it, acknowledged or not. */
  get state(): SurveyState {
    return this.shown;
  }

  /** The survey as the server has it. */
  get confirmed(): SurveyState {
    return this.acknowledged;
  }

  get saveState(): SaveState {
    const refused = this.batches.filter((batch) => batch.refused !== null);
    const waiting = this.batches.length - refused.length;
    return {
      kind: waiting === 0 ? 'saved' : this.trouble === null ? 'saving' : 'waiting',
      savedAt: this.savedAt,
      waiting,
      reason: this.trouble,
      refused,
    };
  }

  get unsaved(): boolean {
    return this.batches.length > 0;
  }

  /**
   * Takes an edit in if all of it is sound on what is shown; otherwise none.
   * @returns the faults, and the batch that it became or went on
   */
  edit(drafts: readonly DraftChange[]): {
    readonly faults: readonly SurveyFault[];
    readonly batch: EditBatch | null;
    readonly goesOn: boolean;
  } {
    const changes = drafts.map((draft) => ({
      ...draft,
      id: this.parts.makeId(),
      base: this.baseOf(draft.entity),
    }));
    const faults = faultsOn(this.shown, changes);
    if (faults.length > 0 || changes.length === 0) return { faults, batch: null, goesOn: false };
    const open = this.goesOn(changes);
    const batch = open
      ? { ...open, changes: open.changes.map((c) => ({ ...c, fields: changes[0]?.fields ?? c.fields })) }
      : this.newBatch(changes);
    this.batches = open ? [...this.batches.slice(0, -1), batch] : [...this.batches, batch];
    // What the edit leaves alone stays the very same, so that nothing of it is drawn again.
    this.shown = withKeptDetails(shownWith(this.shown, changes), this.shown);
    this.parts.keep(batch);
    this.flushSoon(SETTLE_MILLISECONDS);
    this.parts.changed();
    return { faults: [], batch, goesOn: open !== null };
  }

  /** Sends what waits now, for instance when the network is back. */
  flushNow(): void {
    this.retry = FIRST_RETRY_MILLISECONDS;
    this.flushSoon(0);
  }

  /** What others did, as the server has it now. */
  merge(newer: Acknowledgement['entities']): void {
    const acknowledged = withEntities(this.acknowledged, newer);
    if (acknowledged === this.acknowledged) return;
    this.acknowledged = acknowledged;
    this.shown = withKeptDetails(this.withEdits(), this.shown);
    this.parts.changed();
  }

  /** What the server has, all of it: what was acknowledged is no more, as after an older backup was restored. */
  beginAnew(state: SurveyState): void {
    this.acknowledged = state;
    this.shown = withKeptDetails(this.withEdits(), this.shown);
    this.parts.changed();
  }

  /** The company has changed its handbook: nothing of the survey is another one by that. */
  takeHandbook(handbook: CompanyHandbook): void {
    this.acknowledged = { ...this.acknowledged, handbook };
    this.shown = withKeptDetails(this.withEdits(), this.shown);
    this.parts.changed();
  }

  /** A person decides about a batch that the server did not take. */
  settle(id: string, settlement: Settlement): void {
    const batch = this.batches.find((b) => b.id === id);
    if (!batch?.refused) return;
    const settled = settledBatch(batch, batch.refused, settlement);
    if (settled) this.replace(batch, settled);
    else this.remove(batch);
    this.shown = withKeptDetails(this.withEdits(), this.shown);
    if (!this.unsaved) this.savedAt = this.parts.now();
    this.flushSoon(0);
    this.parts.changed();
  }

  private baseOf(entity: string): number {
    return entityIn(this.acknowledged, entity)?.revision ?? 0;
  }

  private newBatch(changes: readonly SurveyChange[]): EditBatch {
    return {
      id: this.parts.makeId(),
      changes,
      known: Object.fromEntries(changes.map(({ entity }) => [entity, entityIn(this.shown, entity)])),
      at: this.parts.now().toISOString(),
      refused: null,
    };
  }

  /** The last batch when this is more typing into the same field of the same entity, on the same revision. */
  private goesOn(changes: readonly SurveyChange[]): EditBatch | null {
    const last = this.batches.at(-1);
    const [change, ...more] = changes;
    const [earlier, ...others] = last?.changes ?? [];
    if (!last || !change || !earlier || more.length + others.length > 0) return null;
    const same =
      last !== this.sending &&
      last.refused === null &&
      change.op === 'patch' &&
      earlier.op === 'patch' &&
      change.entity === earlier.entity &&
      change.base === earlier.base &&
      Object.keys(change.fields).join() === Object.keys(earlier.fields).join() &&
      this.parts.now().getTime() - Date.parse(last.at) < SAME_EDIT_MILLISECONDS;
    return same ? last : null;
  }

  /** The first batch that neither was refused nor rests on one that was. */
  private next(): EditBatch | null {
    const stuck: EditBatch[] = [];
    for (const batch of this.batches) {
      if (batch.refused === null && !stuck.some((earlier) => restsOn(batch, earlier))) return batch;
      stuck.push(batch);
    }
    return null;
  }

  private flushSoon(milliseconds: number): void {
    if (this.sending || !this.next()) return;
    this.cancelTimer?.();
    this.cancelTimer = this.parts.after(milliseconds, () => {
      this.cancelTimer = null;
      void this.flush();
    });
  }

  private async flush(): Promise<void> {
    const batch = this.next();
    if (!batch || this.sending) return;
    this.sending = batch;
    try {
      const acknowledgement = await this.parts.send(batch.changes, batch.at);
      this.sending = null;
      this.acknowledge(batch, acknowledgement);
    } catch (error) {
      this.sending = null;
      this.fail(batch, error);
    }
    this.parts.changed();
  }

  private acknowledge(batch: EditBatch, acknowledgement: Acknowledgement): void {
    this.acknowledged = withKeptDetails(
      withEntities(this.acknowledged, acknowledgement.entities),
      this.shown,
    );
    this.retry = FIRST_RETRY_MILLISECONDS;
    this.trouble = null;
    this.remove(batch);
    this.batches = this.batches.map((later) => {
      if (!restsOn(later, batch)) return later;
      const changes = later.changes.flatMap((change) =>
        rebased(change, batch.changes, acknowledgement, this.parts.makeId),
      );
      const onTop = { ...later, changes };
      this.parts.keep(onTop);
      return onTop;
    });
    this.shown = withKeptDetails(this.withEdits(), this.shown);
    this.savedAt = this.parts.now();
    this.flushSoon(0);
  }

  private fail(batch: EditBatch, error: unknown): void {
    const problem = error instanceof ServerProblem ? error : new ServerProblem(500, String(error));
    if (!problem.passes) {
      const { message: reason, faults, conflicts } = problem;
      this.trouble = null;
      this.replace(batch, { ...batch, refused: { reason, faults, conflicts } });
      this.flushSoon(0);
      return;
    }
    this.trouble = problem.message;
    this.flushSoon(this.retry);
    this.retry = Math.min(LONGEST_RETRY_MILLISECONDS, this.retry * 2);
  }

  private replace(batch: EditBatch, by: EditBatch): void {
    this.batches = this.batches.map((b) => (b.id === batch.id ? by : b));
    this.parts.keep(by);
  }

  private remove(batch: EditBatch): void {
    this.batches = this.batches.filter((b) => b.id !== batch.id);
    this.parts.drop(batch);
  }

  /** What the server has, with what is under way on top. */
  private withEdits(): SurveyState {
    return shownWith(
      this.acknowledged,
      this.batches.flatMap((batch) => batch.changes),
    );
  }
}
