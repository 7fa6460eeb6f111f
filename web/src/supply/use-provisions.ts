import { provisionsOf } from '@etappe/core';
import type { LotReservation, LotUsed, Plan, Provisions } from '@etappe/core';
import { useQuery } from '@tanstack/react-query';
import { rollup, sum } from 'd3-array';
import { useMemo } from 'react';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';

const NONE: readonly LotReservation[] = [];

/** What orders of other jobs take of the lots; nothing while that cannot be read. */
function useReserved(job: string): {
  readonly reserved: ReadonlyMap<string, number>;
  readonly unread: boolean;
} {
  const stored = useQuery({ queryKey: queryKeys.reservations, queryFn: () => server.reservations() });
  const all = stored.data?.reservations ?? NONE;
  const reserved = useMemo(() => {
    const others = all.filter((reservation) => reservation.job !== job);
    return rollup(
      others,
      (list) => sum(list, (r) => r.amount),
      (r) => r.lot,
    );
  }, [all, job]);
  return { reserved, unread: stored.data === undefined && stored.isError };
}

const NO_USES: readonly LotUsed[] = [];

export interface ShownProvisions {
  readonly provisions: Provisions;
  readonly reservationsUnread: boolean;
  /** What this job has really taken of lots. */
  readonly uses: readonly LotUsed[];
}

/** Everything that the planned visit needs besides people and time. */
export function useProvisions(plan: Plan): ShownProvisions {
  const { survey, jobId } = useSurveySession();
  const { reserved, unread } = useReserved(jobId);
  const stored = useQuery({ queryKey: queryKeys.lotUses(jobId), queryFn: () => server.lotUses(jobId) });
  const uses = stored.data?.uses ?? NO_USES;
  const provisions = useMemo(() => {
    const recorded = rollup(
      uses,
      (list) => sum(list, (use) => use.amount),
      (use) => use.lot,
    );
    return provisionsOf(plan, survey, { reserved, recorded });
  }, [plan, survey, reserved, uses]);
  return { provisions, reservationsUnread: unread, uses };
}
