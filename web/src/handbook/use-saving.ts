import { useState } from 'react';

/** A form that is being saved: what was wrong with it the last time, and whether it is still under way. */
export function useSaving() {
  const [faults, setFaults] = useState<readonly string[]>([]);
  const [saving, setSaving] = useState(false);
  return {
    faults,
    saving,
    /**
     * @param wrong what can be seen without asking; then nothing is sent
     * @param send @returns what is wrong, empty when it is saved
     */
    submit: (wrong: readonly string[], send: () => Promise<readonly string[]>, saved: () => void) => {
      setFaults(wrong);
      if (wrong.length > 0) return;
      setSaving(true);
      void send()
        .then((found) => {
          setFaults(found);
          if (found.length === 0) saved();
        })
        .finally(() => {
          setSaving(false);
        });
    },
  };
}
