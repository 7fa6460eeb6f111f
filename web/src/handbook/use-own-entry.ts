import type { HandbookPart } from '@etappe/core';
import { useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { useHandbook } from './use-handbook.ts';
import type { HandbookDraft } from './use-handbook.ts';

/** Saves and removes the entries of one kind, and opens what was saved. */
export function useOwnEntry(part: HandbookPart, path: string) {
  const { change } = useHandbook();
  const navigate = useNavigate();
  return {
    /**
     * @param open null for a new one @param before what is changed with it, in one go
     * @returns what is wrong, empty when it is saved
     */
    save: async (
      open: { readonly id: string } | null,
      detail: object,
      before: readonly HandbookDraft[] = [],
    ) => {
      const entry = open?.id ?? uuidv7();
      const found = await change([...before, { part, entry, detail }]);
      if (found.length === 0) void navigate(`${path}/${entry}`);
      return found;
    },
    /** Null for an entry that is not there yet. */
    remove: (open: { readonly id: string } | null) =>
      open &&
      (() => {
        void change([{ part, entry: open.id, detail: null }]).then((found) => {
          if (found.length === 0) void navigate(path);
        });
      }),
  };
}
