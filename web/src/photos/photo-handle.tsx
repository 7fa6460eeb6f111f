import type { PhotoPoint } from '@etappe/core';
import { useRef } from 'react';
import type { KeyboardEvent, PointerEvent } from 'react';
import { say } from '../messages/photos.ts';

/** Radii on the screen, pixels: what a finger hits, and what is seen of it. */
const [REACH, RING, DOT] = [22, 8, 2];
const KEY_STEP = 0.005;
const BIG_KEY_STEP = 0.05;
const KEYS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

interface PhotoHandleProps {
  readonly at: PhotoPoint;
  /** Size of the picture that it lies on, pixels. */
  readonly width: number;
  readonly height: number;
  /** Pixels of the picture on one of the screen. */
  readonly scale: number;
  readonly label: string;
  /** While it is moved. */
  readonly move: (to: PhotoPoint) => void;
  /** When it has come to rest. */
  readonly rest?: (at: PhotoPoint) => void;
}

/** A place on a photo that is dragged, or moved with the arrow keys; Shift makes big steps. */
export function PhotoHandle({ at, width, height, scale, label, move, rest }: PhotoHandleProps) {
  const last = useRef(at);
  const moved = (to: PhotoPoint) => {
    last.current = to;
    move(to);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const way = KEYS[event.key];
    if (!way) return;
    event.preventDefault();
    event.stopPropagation();
    const step = event.shiftKey ? BIG_KEY_STEP : KEY_STEP;
    const to = within({ x: at.x + way[0] * step, y: at.y + way[1] * step });
    moved(to);
    rest?.(to);
  };
  return (
    <g
      className="photo-handle"
      role="button"
      tabIndex={0}
      aria-label={say('moved-with-the-arrow-keys', { label })}
      transform={`translate(${at.x * width} ${at.y * height})`}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.stopPropagation();
        last.current = at;
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={(event) => {
        if (event.currentTarget.hasPointerCapture(event.pointerId)) moved(pointOf(event));
      }}
      onPointerUp={() => rest?.(last.current)}
    >
      <circle r={REACH * scale} className="photo-handle-reach" />
      <circle r={RING * scale} className="photo-handle-ring" />
      <circle r={DOT * scale} className="photo-handle-dot" />
    </g>
  );
}

/** Where on the photo a pointer is, as shares of its width and height. */
export function pointOf(event: PointerEvent<SVGElement>): PhotoPoint {
  const svg = event.currentTarget.ownerSVGElement ?? event.currentTarget;
  const box = svg.getBoundingClientRect();
  return within({ x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height });
}

function within({ x, y }: PhotoPoint): PhotoPoint {
  const held = (value: number) => Number(Math.min(1, Math.max(0, value)).toFixed(4));
  return { x: held(x), y: held(y) };
}
