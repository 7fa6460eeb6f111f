import equal from 'fast-deep-equal';
import type { Survey } from './survey.ts';

/** So many surveys are remembered, each the last of its job: the one that is worked on, and those beside it. */
const MOST_JOBS = 8;
let last: readonly Survey[] = [];

/**
 * A survey in which all that is as it was in the last one of its job is the very same object, so that what was worked out of it is
 * found again: a survey comes to a worker as a copy.
 */
export function asBefore(survey: Survey): Survey {
  if (last[0] === survey) return survey;
  const ids = new Set<string>(survey.surfaces.map(({ id }) => id));
  const before = last.find(({ surfaces }) => surfaces.some(({ id }) => ids.has(id)));
  const now = before && before !== survey ? shared(before, survey) : survey;
  last = [now, ...last.filter((other) => other !== before && other !== now)].slice(0, MOST_JOBS);
  return now;
}

function shared(before: Survey, now: Survey): Survey {
  const parts = Object.entries(now).map(([key, part]: [string, unknown]) => {
    const known: unknown = before[key as keyof Survey];
    if (Array.isArray(part) && Array.isArray(known))
      return [key, sharedList(known as Items, part as Items)] as const;
    return [key, equal(known, part) ? known : part] as const;
  });
  return Object.fromEntries(parts) as unknown as Survey;
}

type Items = readonly (object & { readonly id?: string })[];

/** Items by their ids, and by their place where they have none. */
function sharedList(before: Items, now: Items): Items {
  const known = new Map(before.map((item, i) => [item.id ?? i, item]));
  const items = now.map((item, i) => {
    const earlier = known.get(item.id ?? i);
    return earlier && equal(earlier, item) ? earlier : item;
  });
  return items.length === before.length && items.every((item, i) => item === before[i]) ? before : items;
}
