import { useState } from 'react';

export interface EntryDraft<Entry> {
  readonly draft: Entry;
  readonly set: (more: Partial<Entry>) => null;
  /** What was changed is saved: the entry as it is stored is shown again. */
  readonly settle: () => void;
}

/**
 * An entry with what is being changed of it. What nobody has touched here follows the entry: what another wrote meanwhile,
 * or what came off the shelf, is never written back.
 */
export function useEntryDraft<Entry extends object>(stored: Entry): EntryDraft<Entry> {
  const [changed, setChanged] = useState<Partial<Entry>>({});
  return {
    draft: { ...stored, ...changed },
    set: (more) => {
      setChanged((before) => ({ ...before, ...more }));
      return null;
    },
    settle: () => {
      setChanged({});
    },
  };
}
