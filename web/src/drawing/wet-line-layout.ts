import type { CycleWetLine } from '@etappe/core';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';

export const WET_LINE_HEIGHT = 210;
const LEFT = 46;
const RIGHT = 28;
const TOP = 26;
const BOTTOM = 30;
/** Room above the highest point. */
const HEADROOM = 1.15;

export interface WetLineLayout {
  readonly film: string;
  readonly left: string;
  readonly fill: string;
  readonly dwell: { readonly x: number; readonly width: number } | null;
  readonly dryY: number;
  readonly dryOutX: number | null;
  readonly mistXs: readonly number[];
  readonly minutes: readonly { readonly x: number; readonly minute: number }[];
  readonly amounts: readonly { readonly y: number; readonly grams: number }[];
  readonly top: number;
  readonly bottom: number;
  readonly start: number;
  readonly end: number;
  readonly xOf: (minute: number) => number;
  readonly minuteAt: (x: number) => number;
}

/** The film of one section over time, with its dwell and the moment at which it has dried on. */
export function wetLineLayout(cycle: CycleWetLine, width: number): WetLineLayout {
  const most = Math.max(...cycle.moments.map((m) => m.left), cycle.dryAt * 2);
  const x = scaleLinear()
    .domain([0, cycle.untilMinute])
    .range([LEFT, Math.max(LEFT + 1, width - RIGHT)]);
  const y = scaleLinear()
    .domain([0, most * HEADROOM])
    .range([WET_LINE_HEIGHT - BOTTOM, TOP]);
  const at = cycle.moments.map((m) => ({ x: x(m.minute), film: y(m.film), left: y(m.left) }));
  type Point = (typeof at)[number];
  const path = (of: (point: Point) => number) => line<Point>((p) => p.x, of)(at) ?? '';
  const inside = (minute: number) => Math.min(minute, cycle.untilMinute);
  return {
    film: path((p) => p.film),
    left: path((p) => p.left),
    fill:
      area<Point>(
        (p) => p.x,
        y(0),
        (p) => p.film,
      )(at) ?? '',
    dwell: cycle.dwell && {
      x: x(inside(cycle.dwell.from)),
      width: x(inside(cycle.dwell.latest)) - x(inside(cycle.dwell.from)),
    },
    dryY: y(cycle.dryAt),
    dryOutX: cycle.dryOutMinutes <= cycle.untilMinute ? x(cycle.dryOutMinutes) : null,
    mistXs: cycle.mists.filter((minute) => minute <= cycle.untilMinute).map(x),
    minutes: x.ticks(8).map((minute) => ({ x: x(minute), minute })),
    amounts: y.ticks(4).map((kg) => ({ y: y(kg), grams: Math.round(kg * 1000) })),
    top: TOP,
    bottom: WET_LINE_HEIGHT - BOTTOM,
    start: LEFT,
    end: width - RIGHT,
    xOf: x,
    minuteAt: (px) => Math.max(0, Math.min(cycle.untilMinute, x.invert(px))),
  };
}
