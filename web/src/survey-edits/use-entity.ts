import type { DraftChange, EntityKind, JobDetail } from '@etappe/core';
import { useSurveySession } from './survey-session.tsx';

/** How to edit one entity; each call returns the fault to show at the field, or null. */
export interface EntityEditor {
  readonly patch: (fields: Readonly<Record<string, unknown>>) => string | null;
}

export function useEntity(kind: EntityKind, id: string): EntityEditor {
  const { state, edit } = useSurveySession();
  const base = state.entities.get(id)?.revision ?? 0;
  return { patch: (fields) => firstFault(edit([{ kind, entity: id, op: 'patch', base, fields }])) };
}

/** How to edit the job's own fields. */
export function useJob(): EntityEditor & { readonly job: JobDetail } {
  const { state, survey, edit } = useSurveySession();
  const { id, revision } = state.job;
  return {
    job: survey.job,
    patch: (fields) => firstFault(edit([{ kind: 'job', entity: id, op: 'patch', base: revision, fields }])),
  };
}

export function firstFault(faults: readonly { readonly message: string }[]): string | null {
  return faults[0]?.message ?? null;
}

export function creation(
  kind: EntityKind,
  entity: string,
  fields: Readonly<Record<string, unknown>>,
): DraftChange {
  return { kind, entity, op: 'create', base: 0, fields };
}
