import { useEffect, useState } from 'react';

const LOOK_MILLISECONDS = 3000;
/** The list itself comes first. */
const FIRST_LOOK_MILLISECONDS = 300;

/** Edits that wait on this device by job; while they are looked at they are sent. */
export function useWaiting(): ReadonlyMap<string, number> {
  const [waiting, setWaiting] = useState<ReadonlyMap<string, number>>(new Map());
  useEffect(() => {
    let here = true;
    let looking = false;
    const look = async () => {
      // Not for the first paint: it brings the whole of the survey's judgement along.
      const { sendLeftBehind, waitingByJob } = await import('../survey-edits/open-queues.ts');
      const counts = await waitingByJob();
      if (here) setWaiting((before) => (before.size === 0 && counts.size === 0 ? before : counts));
      await Promise.all([...counts.keys()].map(sendLeftBehind));
    };
    const start = () => {
      if (looking) return;
      looking = true;
      look()
        .catch(() => undefined)
        .finally(() => {
          looking = false;
        });
    };
    const first = setTimeout(start, FIRST_LOOK_MILLISECONDS);
    const timer = setInterval(start, LOOK_MILLISECONDS);
    return () => {
      here = false;
      clearTimeout(first);
      clearInterval(timer);
    };
  }, []);
  return waiting;
}
