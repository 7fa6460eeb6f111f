import type { FieldConflict, SurveyChange, SurveyFault, VersionedEntity } from '@etappe/core';

/** Why the server did not take a batch: what was typed stays until a person decides. */
export interface Refusal {
  readonly reason: string;
  readonly faults: readonly SurveyFault[];
  readonly conflicts: readonly FieldConflict[];
}

/** One edit of a person on its way to the server: taken whole or not at all. */
export interface EditBatch {
  /** UUIDv7: batches are kept and sent in this order. */
  readonly id: string;
  readonly changes: readonly SurveyChange[];
  /** The entities as they were shown before, null for what was not there. */
  readonly known: Readonly<Record<string, VersionedEntity | null>>;
  /** When it was entered, by the clock of the device, ISO 8601. */
  readonly at: string;
  readonly refused: Refusal | null;
}

/** Whether a batch rests on what an earlier one does: on the same entities, or on ones that it names. */
export function restsOn(batch: EditBatch, earlier: EditBatch): boolean {
  const touched = new Set(earlier.changes.map((change) => change.entity));
  return batch.changes.some(
    ({ entity, fields }) =>
      touched.has(entity) ||
      Object.values(fields)
        .flat()
        .some((value) => typeof value === 'string' && touched.has(value)),
  );
}
