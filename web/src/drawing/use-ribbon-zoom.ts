import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { RefObject } from 'react';

export const MOST_ZOOM = 8;
const STEP = 1.5;
/** Of one notch of a wheel, as it is told in px. */
const WHEEL_STEP = 500;

export interface RibbonZoom {
  /** How many times as wide as what is seen at once the whole day is. */
  readonly zoom: number;
  readonly closer: () => void;
  readonly further: () => void;
  readonly whole: () => void;
}

/**
 * How close the ribbon is looked at: by wheel with Ctrl or ⌘ and by two fingers about the point under them, by keys and buttons about
 * the middle. Moving along is scrolling.
 */
export function useRibbonZoom(scroller: RefObject<HTMLElement | null>): RibbonZoom {
  const [zoom, setZoom] = useState(1);
  // The point that stays where it is: its share of the whole day, and its distance from the left edge, px.
  const kept = useRef<{ readonly share: number; readonly left: number } | null>(null);
  const about = (to: (zoom: number) => number, left?: number) => {
    const element = scroller.current;
    if (!element) return;
    const from = left ?? element.clientWidth / 2;
    kept.current = { share: (element.scrollLeft + from) / Math.max(1, element.scrollWidth), left: from };
    setZoom((now) => Math.min(MOST_ZOOM, Math.max(1, to(now))));
  };
  useLayoutEffect(() => {
    const element = scroller.current;
    if (!element || !kept.current) return;
    element.scrollLeft = kept.current.share * element.scrollWidth - kept.current.left;
    kept.current = null;
  }, [zoom, scroller]);
  const turn = useRef(about);
  useLayoutEffect(() => {
    turn.current = about;
  });
  useEffect(() => {
    const element = scroller.current;
    if (!element) return undefined;
    const within = (clientX: number) => clientX - element.getBoundingClientRect().left;
    const onWheel = (event: WheelEvent) => {
      if (!event.ctrlKey && !event.metaKey) return;
      event.preventDefault();
      turn.current((now) => now * Math.exp(-event.deltaY / WHEEL_STEP), within(event.clientX));
    };
    const fingers = new Map<number, number>();
    const apart = () => {
      const [one, other] = [...fingers.values()];
      return one === undefined || other === undefined ? null : Math.max(24, Math.abs(one - other));
    };
    const onMove = (event: PointerEvent) => {
      if (!fingers.has(event.pointerId)) return;
      const before = apart();
      fingers.set(event.pointerId, event.clientX);
      const now = apart();
      if (before === null || now === null || before === now) return;
      const middle = [...fingers.values()].reduce((sum, x) => sum + x, 0) / fingers.size;
      turn.current((zoomed) => (zoomed * now) / before, within(middle));
    };
    const onDown = (event: PointerEvent) => {
      if (event.pointerType === 'touch') fingers.set(event.pointerId, event.clientX);
    };
    const onUp = (event: PointerEvent) => {
      fingers.delete(event.pointerId);
    };
    const leave = new AbortController();
    const { signal } = leave;
    element.addEventListener('wheel', onWheel, { passive: false, signal });
    element.addEventListener('pointerdown', onDown, { signal });
    element.addEventListener('pointermove', onMove, { signal });
    element.addEventListener('pointerup', onUp, { signal });
    element.addEventListener('pointercancel', onUp, { signal });
    return () => {
      leave.abort();
    };
  }, [scroller]);
  return {
    zoom,
    closer: () => {
      about((now) => now * STEP);
    },
    further: () => {
      about((now) => now / STEP);
    },
    whole: () => {
      about(() => 1);
    },
  };
}
