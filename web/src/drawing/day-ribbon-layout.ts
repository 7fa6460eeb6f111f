import { placesInWords } from '@etappe/core';
import type { Plan, Survey, Task } from '@etappe/core';
import { scaleLinear } from 'd3-scale';
import { say } from '../messages/drawing.ts';

export interface RibbonBar {
  readonly id: string;
  readonly task: Task;
  readonly place: string;
  readonly section: string | null;
  readonly person: string;
  readonly start: number;
  readonly finish: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Short text that fits into the bar; empty where none does. */
  readonly label: string;
}

/** A section that dwells under somebody's eye, drawn below the work of that person. */
export interface RibbonDwell {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface RibbonLayout {
  readonly width: number;
  readonly height: number;
  readonly rows: readonly { readonly person: string; readonly name: string; readonly y: number }[];
  readonly bars: readonly RibbonBar[];
  readonly dwells: readonly RibbonDwell[];
  readonly ticks: readonly { readonly x: number; readonly second: number }[];
}

export const ROW_HEIGHT = 74;
const BAR_HEIGHT = 34;
const DWELL_HEIGHT = 7;
const DWELL_LANES = 2;
const TOP = 26;
const LEFT = 76;
const TICK_SECONDS = 1800;
const CHARACTER_WIDTH = 7.2;

/** The visit by person on one time axis: work as bars, dwells as thin bands below the person who watches them. */
export function dayRibbonLayout(plan: Plan, survey: Survey, width: number): RibbonLayout {
  const crew = survey.job.house.crew;
  const empty = { width, height: TOP, rows: [], bars: [], dwells: [], ticks: [] };
  if (!plan.visit) return empty;
  const { placements, makespan } = plan.visit.schedule;
  const x = scaleLinear()
    .domain([0, makespan])
    .range([LEFT, width - 12]);
  const row = (person: string) =>
    TOP +
    ROW_HEIGHT *
      Math.max(
        0,
        crew.findIndex((c) => c.id === person),
      );
  const planned = new Map(plan.work.planned.map((p) => [p.id, p]));
  const at = new Map(placements.map((p) => [p.operation, p]));
  const nameOf = (surface: string) => survey.surfaces.find((s) => s.id === surface)?.name ?? surface;
  const placeOf = (surfaces: readonly string[]) =>
    surfaces.length === 0 ? say('whole-site') : placesInWords(surfaces.map(nameOf));

  const bars = placements.map((p): RibbonBar => {
    const about = planned.get(p.operation);
    const place = placeOf(about?.parts.map(({ surface }) => surface) ?? []);
    const barWidth = Math.max(1.5, x(p.finish) - x(p.start));
    const text =
      about?.task === 'set-out' ? say('set-out') : about?.task === 'clear-up' ? say('clear-up') : place;
    const room = Math.floor((barWidth - 8) / CHARACTER_WIDTH);
    return {
      id: p.operation,
      task: about?.task ?? 'work',
      place,
      section: about?.section ?? null,
      person: p.person,
      start: p.start,
      finish: p.finish,
      x: x(p.start),
      y: row(p.person) + 10,
      width: barWidth,
      height: BAR_HEIGHT,
      label: room >= 4 ? (text.length > room ? `${text.slice(0, room - 1)}…` : text) : '',
    };
  });

  const laneEnds = new Map<string, number[]>();
  const dwells = plan.work.problem.watches.flatMap((watch): readonly RibbonDwell[] => {
    const [from, to] = [at.get(watch.from), at.get(watch.to)];
    if (!from || !to) return [];
    const ends = laneEnds.get(from.person) ?? [];
    laneEnds.set(from.person, ends);
    const free = ends.findIndex((end) => end <= from.start);
    const lane = free >= 0 ? free : Math.min(ends.length, DWELL_LANES - 1);
    ends[lane] = to.start;
    return [
      {
        id: watch.from,
        x: x(from.finish),
        y: row(from.person) + 10 + BAR_HEIGHT + 4 + lane * (DWELL_HEIGHT + 2),
        width: Math.max(1, x(to.start) - x(from.finish)),
        height: DWELL_HEIGHT,
      },
    ];
  });
  const ticks = Array.from({ length: Math.floor(makespan / TICK_SECONDS) + 1 }, (_, i) => ({
    x: x(i * TICK_SECONDS),
    second: i * TICK_SECONDS,
  }));
  return {
    width,
    height: TOP + ROW_HEIGHT * crew.length,
    rows: crew.map((c) => ({ person: c.id, name: c.name, y: row(c.id) })),
    bars,
    dwells,
    ticks,
  };
}
