import { ENTITY_KINDS } from './survey.ts';
import type { EntityKind, Survey, SurveyFault } from './survey.ts';

/** Most entries that one list of a survey may have. */
export const MOST_LISTED = 5000;
/** Most findings or zones of one surface. */
export const MOST_ON_SURFACE = 100;

/** What stands on surfaces is bounded by surface. */
const ON_SURFACES: readonly EntityKind[] = ['finding', 'zone', 'scope'];

/** Lists that are longer than any file may carry: whatever a survey takes up, an export must be able to give back. */
export function lengthFaults(survey: Survey): readonly SurveyFault[] {
  const lists = (Object.keys(ENTITY_KINDS) as EntityKind[]).filter((kind) => !ON_SURFACES.includes(kind));
  const long = lists.flatMap((kind): readonly SurveyFault[] => {
    const { list } = ENTITY_KINDS[kind];
    const { length } = survey[list];
    return length > MOST_LISTED
      ? [{ path: list, message: `there are more than ${MOST_LISTED} entries: split the property` }]
      : [];
  });
  const crowded = (['findings', 'zones'] as const).flatMap((list): readonly SurveyFault[] => {
    const counts = new Map<string, number>();
    for (const { surface } of survey[list]) counts.set(surface, (counts.get(surface) ?? 0) + 1);
    return [...counts].flatMap(([surface, count]) =>
      count > MOST_ON_SURFACE
        ? [
            {
              path: `${surface}.${list}`,
              message: `there are more than ${MOST_ON_SURFACE} on one surface: split it`,
              entity: surface,
            },
          ]
        : [],
    );
  });
  return [...long, ...crowded];
}
