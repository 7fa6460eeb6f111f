import { useState } from 'react';
import type { PointerEvent as ReactPointerEvent } from 'react';
import type { RibbonBar, RibbonLayout } from './day-ribbon-layout.ts';
import { ROW_HEIGHT } from './day-ribbon-layout.ts';

/** A round on its way to another time or person. */
export interface DraggedBar {
  readonly bar: RibbonBar;
  /** Where it would begin, s from the start of the visit, to five minutes. */
  readonly start: number;
  readonly person: string;
  readonly x: number;
  readonly y: number;
}

interface Hold {
  readonly bar: RibbonBar;
  readonly fromX: number;
  readonly fromY: number;
  readonly pointer: number;
}

const SNAP_SECONDS = 300;
/** A press that moves no further is a press, px. */
const LEAST_WAY = 6;

/** Drags the bars of the ribbon with a mouse or a pen; a finger scrolls, and uses the pin beside the round. */
export function useBarDrag(
  layout: RibbonLayout,
  movable: (bar: RibbonBar) => boolean,
  dropped: (dragged: DraggedBar) => void,
) {
  const [hold, setHold] = useState<Hold | null>(null);
  const [dragged, setDragged] = useState<DraggedBar | null>(null);
  const letGo = () => {
    setHold(null);
    setDragged(null);
  };
  return {
    dragged,
    of: (bar: RibbonBar) => ({
      onPointerDown: (event: ReactPointerEvent<SVGGElement>) => {
        if (event.pointerType === 'touch' || event.button !== 0 || !movable(bar)) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        setHold({ bar, fromX: event.clientX, fromY: event.clientY, pointer: event.pointerId });
      },
      onPointerMove: (event: ReactPointerEvent<SVGGElement>) => {
        if (event.pointerId !== hold?.pointer) return;
        const [wayX, wayY] = [event.clientX - hold.fromX, event.clientY - hold.fromY];
        if (!dragged && Math.hypot(wayX, wayY) < LEAST_WAY) return;
        setDragged(placeOf(hold.bar, wayX, wayY, layout));
      },
      onPointerUp: () => {
        if (dragged) dropped(dragged);
        letGo();
      },
      onPointerCancel: letGo,
    }),
  };
}

function placeOf(bar: RibbonBar, wayX: number, wayY: number, { x, rows }: RibbonLayout): DraggedBar {
  const second = x.invert(bar.x + wayX);
  const start = Math.max(0, SNAP_SECONDS * Math.round(second / SNAP_SECONDS));
  const now = rows.findIndex(({ person }) => person === bar.round.person);
  const row = Math.min(rows.length - 1, Math.max(0, now + Math.round(wayY / ROW_HEIGHT)));
  const to = rows[row] ?? rows[now];
  return {
    bar,
    start,
    person: to?.person ?? bar.round.person,
    x: x(start),
    y: bar.y + (row - now) * ROW_HEIGHT,
  };
}
