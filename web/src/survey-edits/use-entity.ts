import { PROPERTY_ID } from '@etappe/core';
import type { DraftChange, EntityKind, JobDetail, Property, RecordKind } from '@etappe/core';
import { useSurveySession } from './survey-session.tsx';

/** How to edit one entity; each call returns the fault to show at the field, or null. */
export interface EntityEditor {
  readonly patch: (fields: Readonly<Record<string, unknown>>) => string | null;
}

export function useEntity(kind: RecordKind, entity: string): EntityEditor {
  const { edit } = useSurveySession();
  return { patch: (fields) => firstFault(edit([{ kind, entity, op: 'patch', fields }])) };
}

/** How to edit the job's own fields. */
export function useJob(): EntityEditor & { readonly job: JobDetail } {
  const { state, survey } = useSurveySession();
  return { job: survey.job, ...useEntity('job', state.job.id) };
}

/** How to edit what lasts of the property. */
export function useProperty(): EntityEditor & { readonly property: Property } {
  const { survey } = useSurveySession();
  return { property: survey.property, ...useEntity('property', PROPERTY_ID) };
}

export function firstFault(faults: readonly { readonly message: string }[]): string | null {
  return faults[0]?.message ?? null;
}

export function creation(
  kind: EntityKind,
  entity: string,
  fields: Readonly<Record<string, unknown>>,
): DraftChange {
  return { kind, entity, op: 'create', fields };
}
