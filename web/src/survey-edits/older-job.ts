import { DEFAULT_GEAR, EMPTY_HANDBOOK, NO_RESTRICTIONS } from '@etappe/core';
import type { CompanyHandbook, OpenedJob, SurveyState, VersionedEntity } from '@etappe/core';

/** What an older version of the application kept on the device knows of no handbook, and not of every field. */
export type OlderJob = Omit<OpenedJob, 'handbook'> & Partial<Pick<OpenedJob, 'handbook'>>;
const NEW_JOB_FIELDS = { visit: 1, wordings: {}, acknowledgement: null, loaded: {} };
const NEW_FIELDS: Readonly<Record<string, VersionedEntity['detail']>> = {
  surface: { schools: {}, paving: null },
  side: { gapMetres: null },
  feature: { isolated: 'unknown' },
};

function withNew(entity: VersionedEntity, fields: VersionedEntity['detail']): VersionedEntity {
  const missing = Object.keys(fields).some((field) => !(field in entity.detail));
  return missing ? { ...entity, detail: { ...fields, ...entity.detail } } : entity;
}

/** A company from before it said all of what comes along. */
function withGear(job: OpenedJob['job']): OpenedJob['job'] {
  const house = job.detail['house'] as
    { readonly gear?: object; readonly machines?: readonly object[] } | undefined;
  if (!house || 'guarantee' in house) return job;
  const machines = (house.machines ?? []).map((m) => ({ tipOrifice: null, ...m }));
  return {
    ...job,
    detail: {
      ...job.detail,
      house: { guarantee: null, ...house, machines, gear: { ...DEFAULT_GEAR, ...house.gear } },
    },
  };
}

/** Labels from before they said all that they say. */
function withLabels(handbook: CompanyHandbook): CompanyHandbook {
  const products = handbook.products.map((p) => ({ ...p, label: { ...NO_RESTRICTIONS, ...p.label } }));
  return { ...handbook, products };
}

export function stateOfOpened(opened: OlderJob): SurveyState {
  return {
    job: withGear(withNew(opened.job, NEW_JOB_FIELDS)),
    handbook: withLabels({ ...EMPTY_HANDBOOK, ...opened.handbook }),
    entities: new Map(opened.entities.map((e) => [e.id, withNew(e, NEW_FIELDS[e.kind] ?? {})])),
  };
}
