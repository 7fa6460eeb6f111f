import { useState } from 'react';

export interface Draft {
  readonly text: string;
  /** Why what is typed was not taken; it stays in the field. */
  readonly fault: string | null;
  readonly type: (text: string) => void;
}

/**
 * What is typed into a field, taken over at every keystroke that is sound. What is not sound stays in the field with
 * its fault; a value that changes from elsewhere replaces the text.
 *
 * @param value the text of the value that is kept
 * @param take takes a typed text over; returns the fault, or null
 */
export function useDraft(value: string, take: (text: string) => string | null): Draft {
  const [draft, setDraft] = useState({ text: value, fault: null as string | null, seen: value });
  if (draft.seen !== value) {
    // Changed from elsewhere, or by this field itself: then the text that was typed stands for it already.
    setDraft({
      text: draft.fault === null && draft.seen === '\u0000' ? draft.text : value,
      fault: null,
      seen: value,
    });
  }
  return {
    text: draft.text,
    fault: draft.fault,
    type: (text) => {
      const fault = take(text);
      setDraft({ text, fault, seen: fault === null ? '\u0000' : draft.seen });
    },
  };
}
