import { kept, keptBy } from '../quantity/kept.ts';
import type { CompanyHandbook } from '../company/company-handbook.ts';
import { keptList } from './kept-list.ts';
import { PROPERTY_ID } from './property.ts';
import { ENTITY_KINDS, JOB_KIND, PROPERTY_KIND } from './survey.ts';
import type { EntityKind, RecordKind, Survey } from './survey.ts';

/** An entity with what merging needs: its revision and the revision that last set each field. */
export interface VersionedEntity {
  readonly kind: RecordKind;
  readonly id: string;
  readonly revision: number;
  readonly fieldRevisions: Readonly<Record<string, number>>;
  readonly position: number;
  readonly detail: Readonly<Record<string, unknown>>;
}

/** A survey as it is stored and edited: the job, and the property with its entities by id. */
export interface SurveyState {
  readonly job: VersionedEntity;
  /** Of the company; no change of a survey touches it. */
  readonly handbook: CompanyHandbook;
  readonly entities: ReadonlyMap<string, VersionedEntity>;
}

/** The job or an entity by its id. */
export function entityIn(state: SurveyState, id: string): VersionedEntity | null {
  return id === state.job.id ? state.job : (state.entities.get(id) ?? null);
}

/**
 * The survey that a state holds, each list in order of position; the same object as for the state before while only
 * revisions differ.
 */
export const surveyOf = kept((state: SurveyState): Survey =>
  keptSurvey(listedSurvey(state), state.job.detail),
);

/** The surveys made last of each job; a few, since changes are tried on states that nobody is shown. */
const lastOfJob = new WeakMap<VersionedEntity['detail'], readonly Survey[]>();
const KEPT_SURVEYS = 4;

function keptSurvey(survey: Survey, job: VersionedEntity['detail']): Survey {
  const last = lastOfJob.get(job) ?? [];
  const keys = Object.keys(survey) as (keyof Survey)[];
  const kept = last.find((before) => keys.every((key) => survey[key] === before[key])) ?? survey;
  lastOfJob.set(job, [kept, ...last.filter((before) => before !== kept)].slice(0, KEPT_SURVEYS));
  return kept;
}

function listedSurvey(state: SurveyState): Survey {
  const found = Object.fromEntries(
    Object.values(ENTITY_KINDS).map(({ list }) => [list, [] as Record<string, unknown>[]]),
  );
  for (const entity of [...state.entities.values()].sort(
    (a, b) => a.position - b.position || (a.id < b.id ? -1 : 1),
  )) {
    if (entity.kind !== JOB_KIND && entity.kind !== PROPERTY_KIND)
      found[ENTITY_KINDS[entity.kind].list]?.push(asListed(entity));
  }
  const property = state.entities.get(PROPERTY_ID)?.detail;
  if (!property) throw new Error('a survey has its property');
  // Each detail was checked by its kind's schema when it was set.
  const lists = Object.fromEntries(Object.entries(found).map(([list, items]) => [list, keptList(items)]));
  return { job: state.job.detail, handbook: state.handbook, property, ...lists } as unknown as Survey;
}

/** An entity as a survey lists it: the same object for as long as nothing of it changes, so that others can tell. */
const asListed = keptBy(
  ({ id, position, detail }: VersionedEntity) => [detail, id, position],
  ({ id, position, detail }): Record<string, unknown> => ({ id, position, ...detail }),
);

/** A record as it is when it was just created. */
export function freshRecord(kind: RecordKind, id: string, detail: object, position = 0): VersionedEntity {
  return { kind, id, revision: 1, fieldRevisions: {}, position, detail: { ...detail } };
}

/** The entities of some lists of a survey, as if each had just been created. */
export function freshEntities(lists: Partial<Survey>): readonly VersionedEntity[] {
  return Object.entries(ENTITY_KINDS).flatMap(([kind, { list }]) =>
    (lists[list] ?? []).map(({ id, position, ...detail }) =>
      freshRecord(kind as EntityKind, id, detail, position),
    ),
  );
}

/** The fresh state of a survey, as if each entity had just been created. */
export function stateOf(jobId: string, survey: Survey): SurveyState {
  const property = freshRecord(PROPERTY_KIND, PROPERTY_ID, survey.property);
  return {
    job: freshRecord(JOB_KIND, jobId, survey.job),
    handbook: survey.handbook,
    entities: new Map([property, ...freshEntities(survey)].map((entity) => [entity.id, entity])),
  };
}
