import type { PlanMark, PlanSurface, SitePlan } from './site-plan.ts';

interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A site plan in the units of a drawing. */
export interface SitePlanLayout {
  readonly width: number;
  readonly height: number;
  /** Where the ground is. */
  readonly ground: number;
  readonly sides: readonly (Box & { readonly name: string; readonly about: string })[];
  readonly surfaces: readonly (Box & { readonly surface: PlanSurface })[];
  /** Middles of the numbers. */
  readonly numbers: readonly { readonly number: number; readonly x: number; readonly y: number }[];
  readonly marks: readonly { readonly mark: PlanMark; readonly x: number; readonly y: number }[];
}

/** Of the round that a number stands in. */
export const NUMBER_RADIUS = 9;
const HEAD = 34;
const TALLEST = 190;
const DEEPEST = 70;
const MARK_ROW = 22;
const MARK_WIDTH = 20;
/** Lower than this nothing can be seen, px. */
const LEAST = 3;

/**
 * The property in a drawing of a width: as wide as it is, and so high that the tallest still fits. Numbers stand on their surfaces, beside
 * them where another is there already; letters of what is protected stand below, under where it is.
 */
export function sitePlanLayout(plan: SitePlan, width: number): SitePlanLayout {
  const scale = width / Math.max(1, plan.widthMetres);
  const up = Math.min(scale, TALLEST / Math.max(1, plan.topMetres));
  const down = plan.depthMetres === 0 ? 0 : Math.min(scale, DEEPEST / plan.depthMetres);
  const ground = HEAD + plan.topMetres * up;
  const marks = markRows(plan.marks, scale, width);
  const below = ground + plan.depthMetres * down + 6;
  const surfaces = plan.surfaces.map((surface) => {
    const isFloor = surface.y < 0;
    const height = Math.max(LEAST, surface.height * (isFloor ? down : up));
    const y = isFloor ? ground + 2 : ground - (surface.y + surface.height) * up;
    return { surface, x: surface.x * scale, y, width: Math.max(LEAST, surface.width * scale), height };
  });
  const rows = Math.max(0, ...marks.map(({ row }) => row + 1));
  return {
    width,
    height: below + rows * MARK_ROW,
    ground,
    sides: plan.sides.map(({ name, about, x, width: wide }) => ({
      name,
      about,
      x: x * scale,
      y: HEAD,
      width: wide * scale,
      height: below - HEAD,
    })),
    surfaces,
    numbers: numbersOn(surfaces, width),
    marks: marks.map(({ mark, x, row }) => ({ mark, x, y: below + (row + 0.5) * MARK_ROW })),
  };
}

/** Letters side by side near where they belong, in as few rows as keep them apart. */
function markRows(marks: readonly PlanMark[], scale: number, width: number) {
  const placed: { mark: PlanMark; x: number; row: number }[] = [];
  const near = [0, 1, 2, 3, -1, -2].map((step) => step * MARK_WIDTH);
  for (const mark of marks) {
    const spots = [0, 1, 2, 3].flatMap((row) =>
      near.map((by) => ({
        row,
        x: Math.min(width - MARK_WIDTH / 2, Math.max(MARK_WIDTH / 2, mark.x * scale + by)),
      })),
    );
    const free = spots.find((spot) =>
      placed.every(({ x, row }) => row !== spot.row || Math.abs(x - spot.x) >= MARK_WIDTH - 0.5),
    );
    placed.push({ mark, ...(free ?? { row: 4, x: mark.x * scale }) });
  }
  return placed;
}

/** Each in the middle of its surface, or as near to it as leaves room for those before. */
function numbersOn(surfaces: SitePlanLayout['surfaces'], width: number): SitePlanLayout['numbers'] {
  const placed: { number: number; x: number; y: number }[] = [];
  const step = 2 * NUMBER_RADIUS + 1;
  for (const { surface, ...box } of surfaces) {
    if (surface.number === null) continue;
    const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    const tries = [0, 1, -1, 2, -2, 3, -3].flatMap((right) =>
      [0, 1, -1].map((lower) => ({ x: middle.x + right * step, y: middle.y + lower * step })),
    );
    const inside = tries.map(({ x, y }) => ({
      x: Math.min(width - NUMBER_RADIUS, Math.max(NUMBER_RADIUS, x)),
      y,
    }));
    const near = inside.toSorted(
      (a, b) => Math.hypot(a.x - middle.x, a.y - middle.y) - Math.hypot(b.x - middle.x, b.y - middle.y),
    );
    const free = near.find((spot) =>
      placed.every((other) => Math.hypot(other.x - spot.x, other.y - spot.y) >= step - 1),
    );
    placed.push({ number: surface.number, ...(free ?? middle) });
  }
  return placed;
}
