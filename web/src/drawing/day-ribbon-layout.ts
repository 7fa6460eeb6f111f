import { roundsInWords } from '@etappe/core';
import type { NamedRound, Plan, PlannedOperation, Survey, Task } from '@etappe/core';
import { scaleLinear } from 'd3-scale';
import { labelRows, shortened } from './label-rows.ts';

/** What is done most of the time in a round, as far as the ribbon tells it apart. */
export type RoundLook = 'frame' | 'mix' | 'wet' | 'rinse' | 'dry';

export interface RibbonBar {
  readonly round: NamedRound;
  readonly look: RoundLook;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Its name beneath it, cut short where the next one needs the place. */
  readonly label: { readonly text: string; readonly x: number; readonly y: number };
  /** Its surfaces, where each is begun, with as much of the name as there is room for. */
  readonly parts: readonly { readonly x: number; readonly label: string }[];
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

const BAR_HEIGHT = 26;
const DWELL_HEIGHT = 6;
const DWELL_LANES = 2;
const LABEL_HEIGHT = 15;
const LABEL_LANES = 5;
const LABELS_FROM = 10 + BAR_HEIGHT + DWELL_LANES * (DWELL_HEIGHT + 2) + 15;
export const ROW_HEIGHT = LABELS_FROM + LABEL_LANES * LABEL_HEIGHT;
const TOP = 26;
const LEFT = 76;
const RIGHT = 12;
const TICK_SECONDS = 1800;

const LOOKS: Readonly<Record<Task, RoundLook>> = {
  'set-out': 'frame',
  'clear-up': 'frame',
  lunch: 'frame',
  mix: 'mix',
  apply: 'wet',
  finish: 'wet',
  front: 'wet',
  lead: 'wet',
  follow: 'rinse',
  'clear-rinse': 'rinse',
  'foot-rinse': 'rinse',
  work: 'dry',
};

function lookOf({ operations, letters }: NamedRound): RoundLook {
  const looks = operations.map(({ task }) => LOOKS[task]);
  if (looks.every((look) => look === 'mix')) return 'mix';
  if (looks[0] === 'frame') return 'frame';
  return looks.includes('wet') || (letters.length > 0 && !looks.includes('rinse'))
    ? 'wet'
    : looks.includes('rinse')
      ? 'rinse'
      : 'dry';
}

/** The visit by person on one time axis: rounds as bars with their names, dwells as thin bands below the person who watches them. */
export function dayRibbonLayout(plan: Plan, survey: Survey, width: number): RibbonLayout {
  const crew = survey.job.house.crew;
  const empty = { width, height: TOP, rows: [], bars: [], dwells: [], ticks: [] };
  if (!plan.visit) return empty;
  const { placements, makespan } = plan.visit.schedule;
  const x = scaleLinear()
    .domain([0, makespan])
    .range([LEFT, width - RIGHT]);
  const row = (person: string) =>
    TOP +
    ROW_HEIGHT *
      Math.max(
        0,
        crew.findIndex((c) => c.id === person),
      );
  const at = new Map(placements.map((p) => [p.operation, p]));
  const named = roundsInWords(plan);
  const surfaceName = (surface: string) =>
    plan.surfaces.find((planned) => planned.surface.id === surface)?.surface.name ?? '';
  const nameOf = ({ parts, task }: PlannedOperation) =>
    task === 'mix' ? '' : surfaceName(parts[0]?.surface ?? '');
  const bars = crew.flatMap(({ id }) => {
    const own = named.filter(({ person }) => person === id);
    const labels = labelRows(
      own.map((round) => ({ text: round.short, x: x(round.start) })),
      { rows: LABEL_LANES, to: width - RIGHT },
    );
    return own.map((round, i): RibbonBar => {
      const label = labels[i] ?? { text: '', x: 0, row: 0 };
      return {
        round,
        look: lookOf(round),
        x: x(round.start),
        y: row(id) + 10,
        width: Math.max(1.5, x(round.finish) - x(round.start)),
        height: BAR_HEIGHT,
        label: { text: label.text, x: label.x, y: row(id) + LABELS_FROM + label.row * LABEL_HEIGHT },
        parts: round.operations.map((operation, k) => {
          const next = round.operations[k + 1];
          const from = x(at.get(operation.id)?.start ?? round.start);
          const to = x(next ? (at.get(next.id)?.start ?? round.finish) : round.finish);
          return { x: from, label: shortened(nameOf(operation), to - from) };
        }),
      };
    });
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
        y: row(from.person) + 10 + BAR_HEIGHT + 2 + lane * (DWELL_HEIGHT + 2),
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
    height: TOP + ROW_HEIGHT * crew.length + 4,
    rows: crew.map((c) => ({ person: c.id, name: c.name, y: row(c.id) })),
    bars,
    dwells,
    ticks,
  };
}
