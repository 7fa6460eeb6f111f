import { EMPTY_HANDBOOK, applyHandbookChanges, handbookOf, companyCatalogue } from '@etappe/core';
import type {
  HandbookChange,
  HandbookPart,
  HandbookRecord,
  CompanyCatalogue,
  CompanyHandbook,
} from '@etappe/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { queryKeys } from '../query-keys.ts';
import { ServerProblem, server } from '../server-connection.ts';

/** An entry as it shall be; null takes it out. */
export interface HandbookDraft {
  readonly part: HandbookPart;
  readonly entry: string;
  readonly detail: object | null;
}

export interface HandbookSession {
  readonly handbook: CompanyHandbook;
  readonly catalogue: CompanyCatalogue;
  /** Why what the company has written is not known; null when it is. */
  readonly away: string | null;
  /** Sends drafts, all of them or none. @returns what is wrong, empty when it is done */
  readonly change: (drafts: readonly HandbookDraft[]) => Promise<readonly string[]>;
}

const NO_RECORDS: readonly HandbookRecord[] = [];

/** The catalogue as the company has it, and how to change that. */
export function useHandbook(): HandbookSession {
  const client = useQueryClient();
  const stored = useQuery({ queryKey: queryKeys.handbook, queryFn: server.handbook });
  const records = stored.data?.records ?? NO_RECORDS;
  const handbook = useMemo(() => (records.length === 0 ? EMPTY_HANDBOOK : handbookOf(records)), [records]);
  const change = async (drafts: readonly HandbookDraft[]): Promise<readonly string[]> => {
    const changes = drafts.map((draft) => changeOf(draft, records));
    const outcome = applyHandbookChanges(records, changes);
    if (!outcome.ok && outcome.faults.length > 0) return outcome.faults.map((f) => f.message);
    try {
      client.setQueryData(queryKeys.handbook, await server.changeHandbook(changes));
      void client.invalidateQueries({ queryKey: queryKeys.handbookLog });
      // An open job takes it up when it next asks; one that is opened again, at once.
      return [];
    } catch (error) {
      if (!(error instanceof ServerProblem)) throw error;
      if (error.status === 409) void stored.refetch();
      return error.faults.length > 0 ? error.faults.map((f) => f.message) : [error.message];
    }
  };
  return {
    handbook,
    catalogue: companyCatalogue(handbook),
    away: stored.data ? null : (stored.error?.message ?? null),
    change,
  };
}

function changeOf(
  { part, entry, detail }: HandbookDraft,
  records: readonly HandbookRecord[],
): HandbookChange {
  const base = records.find((r) => r.part === part && r.id === entry)?.revision ?? 0;
  const common = { id: uuidv7(), part, entry, base };
  return detail === null
    ? { ...common, op: 'remove', detail: null }
    : { ...common, op: 'put', detail: { ...detail } };
}
