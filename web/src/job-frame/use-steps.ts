import { useEffect, useState } from 'react';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { say } from '../messages/job-frame.ts';

const NOTICE_MILLISECONDS = 8000;

/** Takes back one's own last edit, or does it again; says for a while why it was not done. */
export function useSteps() {
  const { canUndo, canRedo, step } = useSurveySession();
  const [notice, setNotice] = useState<string | null>(null);
  useEffect(() => {
    if (notice === null) return undefined;
    const timer = setTimeout(() => {
      setNotice(null);
    }, NOTICE_MILLISECONDS);
    return () => {
      clearTimeout(timer);
    };
  }, [notice]);
  const go = (way: 'undo' | 'redo') => {
    const reason = step(way);
    setNotice(reason === null ? null : say('not', { wayIs: way === 'undo' ? 'yes' : 'no', reason }));
  };
  return { canUndo, canRedo, notice, go };
}
