import { KeyboardCode, closestCenter } from '@dnd-kit/core';
import type { Announcements, CollisionDetection, KeyboardCoordinateGetter } from '@dnd-kit/core';
import { movedSide, movedSurface } from '@etappe/core';
import type { Band, DraftChange, EntityId, Survey } from '@etappe/core';
import { say } from '../messages/walk.ts';

/** What is lifted in the walk grid, and where it may be set down. */
export type Dragged =
  | { readonly kind: 'surface'; readonly id: string; readonly name: string }
  | { readonly kind: 'side'; readonly id: string; readonly name: string };
export type Place =
  | { readonly kind: 'cell'; readonly side: EntityId | null; readonly band: Band; readonly name: string }
  | { readonly kind: 'side'; readonly index: number; readonly name: string };

const PLACE_FOR = { surface: 'cell', side: 'side' } as const;

interface Item {
  readonly data: { readonly current: unknown };
}
const draggedOf = (item: Item | null): Dragged | undefined => item?.data.current as Dragged | undefined;
const placeOf = (item: Item | null): Place | undefined => item?.data.current as Place | undefined;

/** The nearest place of the kind that what is lifted may be set down on. */
export const nearestPlace: CollisionDetection = (args) => {
  const dragged = draggedOf(args.active);
  return closestCenter({
    ...args,
    droppableContainers: args.droppableContainers.filter(
      (place) => dragged && placeOf(place)?.kind === PLACE_FOR[dragged.kind],
    ),
  });
};

/** The changes that setting down makes; none where it already was. */
export function setDown(survey: Survey, active: Item, over: Item | null): readonly DraftChange[] {
  const dragged = draggedOf(active);
  const place = placeOf(over);
  if (dragged?.kind === 'side' && place?.kind === 'side') return movedSide(survey, dragged.id, place.index);
  const surface = survey.surfaces.find((s) => s.id === dragged?.id);
  return surface && dragged?.kind === 'surface' && place?.kind === 'cell' ? movedSurface(surface, place) : [];
}

const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  [KeyboardCode.Right]: [1, 0],
  [KeyboardCode.Left]: [-1, 0],
  [KeyboardCode.Down]: [0, 1],
  [KeyboardCode.Up]: [0, -1],
};

/** Arrows go from place to place: to the nearest one that lies in their direction. */
export const toNextPlace: KeyboardCoordinateGetter = (event, { currentCoordinates, context }) => {
  const step = STEPS[event.code];
  const { active, over, collisionRect, droppableContainers, droppableRects } = context;
  const dragged = draggedOf(active);
  if (!step || !collisionRect || !dragged) return undefined;
  event.preventDefault();
  const [dx, dy] = step;
  const centre = (rect: { left: number; top: number; width: number; height: number }) =>
    [rect.left + rect.width / 2, rect.top + rect.height / 2] as const;
  const held = centre(collisionRect);
  // From the place that it is over: what is lifted is mostly smaller than that.
  const [x, y] = centre((over && droppableRects.get(over.id)) ?? collisionRect);
  let best: { readonly x: number; readonly y: number; readonly way: number } | null = null;
  for (const place of droppableContainers.getEnabled()) {
    const rect = droppableRects.get(place.id);
    if (!rect || placeOf(place)?.kind !== PLACE_FOR[dragged.kind]) continue;
    const [px, py] = centre(rect);
    const along = (px - x) * dx + (py - y) * dy;
    const across = Math.abs((px - x) * dy) + Math.abs((py - y) * dx);
    if (along < SMALLEST_STEP_PIXELS) continue;
    const way = along + 3 * across;
    if (best === null || way < best.way) best = { x: px, y: py, way };
  }
  return best === null
    ? undefined
    : { x: currentCoordinates.x + best.x - held[0], y: currentCoordinates.y + best.y - held[1] };
};

const SMALLEST_STEP_PIXELS = 12;

const named = (item: Item | null) => draggedOf(item)?.name ?? '';
const placed = (item: Item | null) => placeOf(item)?.name ?? 'nowhere';

/** What a screen reader hears. */
export const announcements: Announcements = {
  onDragStart: ({ active }) => say('lifted-arrows-move-it-space', { active: named(active) }),
  onDragOver: ({ active, over }) => say('over', { active: named(active), over: placed(over) }),
  onDragEnd: ({ active, over }) => say('set-down-on', { active: named(active), over: placed(over) }),
  onDragCancel: ({ active }) => say('put-back', { active: named(active) }),
};
