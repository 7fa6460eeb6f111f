import type { TankLine } from '@etappe/core';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';

export const TANK_LINE_HEIGHT = 170;
const LEFT = 46;
const RIGHT = 14;
const TOP = 22;
const BOTTOM = 28;

export interface TankLineLayout {
  readonly level: string;
  readonly fill: string;
  readonly dryX: number | null;
  readonly hours: readonly { readonly x: number; readonly second: number }[];
  readonly litres: readonly { readonly y: number; readonly litres: number }[];
  readonly start: number;
  readonly end: number;
  readonly top: number;
  readonly bottom: number;
}

/** The level of a tank over the day, with the first minute at which it is dry. */
export function tankLineLayout(
  tank: TankLine,
  capacityLitres: number,
  untilMinute: number,
  dayStart: number,
  width: number,
): TankLineLayout {
  const x = scaleLinear()
    .domain([0, Math.max(1, untilMinute)])
    .range([LEFT, Math.max(LEFT + 1, width - RIGHT)]);
  const y = scaleLinear()
    .domain([0, capacityLitres])
    .range([TANK_LINE_HEIGHT - BOTTOM, TOP]);
  type Point = (typeof tank.points)[number];
  const first = Math.ceil(dayStart / 3600);
  const last = Math.floor((dayStart + 60 * untilMinute) / 3600);
  return {
    level:
      line<Point>(
        (p) => x(p.minute),
        (p) => y(p.litres),
      )([...tank.points]) ?? '',
    fill:
      area<Point>(
        (p) => x(p.minute),
        y(0),
        (p) => y(p.litres),
      )([...tank.points]) ?? '',
    dryX: tank.firstDryMinute === null ? null : x(tank.firstDryMinute),
    hours: Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => {
      const second = 3600 * (first + i);
      return { x: x((second - dayStart) / 60), second };
    }),
    litres: y.ticks(4).map((litres) => ({ y: y(litres), litres })),
    start: LEFT,
    end: width - RIGHT,
    top: TOP,
    bottom: TANK_LINE_HEIGHT - BOTTOM,
  };
}
