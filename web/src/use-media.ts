import { useCallback, useSyncExternalStore } from 'react';

/** Whether the device and its window are as a media query says, now. */
export function useMedia(query: string): boolean {
  const subscribe = useCallback(
    (listener: () => void) => {
      const media = window.matchMedia(query);
      media.addEventListener('change', listener);
      return () => {
        media.removeEventListener('change', listener);
      };
    },
    [query],
  );
  return useSyncExternalStore(subscribe, () => window.matchMedia(query).matches);
}

/** High and narrow. */
export const PHONE = '(max-width: 640px)';
/** One column: what is at the thumb stands below it. */
export const NARROW = '(max-width: 1000px)';
/** Held in a hand, perhaps a gloved one: fields and buttons are bigger. */
export const IN_HAND = `(pointer: coarse), ${NARROW}`;
