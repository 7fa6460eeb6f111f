import { provisionsOf } from '@etappe/core';
import type { Plan, Provisions } from '@etappe/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import type { LotReservation } from '../server-connection.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';

const NONE: readonly LotReservation[] = [];

/** What orders of other jobs take of the lots; nothing while that cannot be read. */
function useReserved(job: string): { readonly reserved: ReadonlyMap<string, number>; readonly unread: boolean } {
  const stored = useQuery({ queryKey: queryKeys.reservations, queryFn: () => server.reservations() });
  const all = stored.data?.reservations ?? NONE;
  const reserved = useMemo(() => {
    const sums = new Map<string, number>();
    for (const { lot, job: by, amount } of all) if (by !== job) sums.set(lot, (sums.get(lot) ?? 0) + amount);
    return sums;
  }, [all, job]);
  return { reserved, unread: stored.data === undefined && stored.isError };
} // prettier-ignore

/** Everything that the planned visit needs besides people and time. */
export function useProvisions(plan: Plan): { readonly provisions: Provisions; readonly reservationsUnread: boolean } {
  const { survey, jobId } = useSurveySession();
  const { reserved, unread } = useReserved(jobId);
  const provisions = useMemo(() => provisionsOf(plan, survey, reserved), [plan, survey, reserved]);
  return { provisions, reservationsUnread: unread };
} // prettier-ignore
