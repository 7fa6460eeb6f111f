import { useState } from 'react';

/** A text that stays over a change of page and a reload, for as long as the tab is open. */
export function useKeptText(key: string): readonly [string, (text: string) => void] {
  const [text, setText] = useState(() => sessionStorage.getItem(key) ?? '');
  return [
    text,
    (next) => {
      setText(next);
      if (next === '') sessionStorage.removeItem(key);
      else sessionStorage.setItem(key, next);
    },
  ];
}
