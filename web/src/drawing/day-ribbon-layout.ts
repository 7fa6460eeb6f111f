import { secondOfDay, workingDay } from '@etappe/core';
import type { FaceSun, NamedRound, Plan, PlannedOperation, Survey, Task } from '@etappe/core';
import { scaleLinear } from 'd3-scale';
import type { ScaleLinear } from 'd3-scale';
import { labelRows, shortened } from './label-rows.ts';

/** What is done most of the time in a round, as far as the ribbon tells it apart. */
export type RoundLook = 'frame' | 'rest' | 'mix' | 'wet' | 'rinse' | 'dry';

/** A day, with what was read off it once. */
export interface DrawnDay {
  readonly plan: Plan;
  readonly survey: Survey;
  readonly rounds: readonly NamedRound[];
  readonly sun: FaceSun | null;
}

interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface RibbonBar extends Box {
  readonly round: NamedRound;
  readonly look: RoundLook;
  /** Its name beneath it, cut short where the next one needs the place. */
  readonly label: { readonly text: string; readonly x: number; readonly y: number };
  /** Its surfaces, where each is begun, with as much of the name as there is room for. */
  readonly parts: readonly { readonly x: number; readonly label: string }[];
  /** Where in it the sun shines on what is worked at. */
  readonly sun: readonly { readonly x: number; readonly width: number }[];
}

/** A section that dwells under somebody's eye, drawn below the work of that person. */
export interface RibbonDwell extends Box {
  readonly id: string;
}

export interface RibbonBand extends Box {
  readonly kind: 'quiet' | 'refill';
}

export interface RibbonLayout {
  readonly width: number;
  readonly height: number;
  /** Seconds from the start of the visit to px. */
  readonly x: ScaleLinear<number, number>;
  readonly rows: readonly { readonly person: string; readonly name: string; readonly y: number }[];
  readonly bars: readonly RibbonBar[];
  readonly dwells: readonly RibbonDwell[];
  /** Where a strip is kept wet. */
  readonly mists: readonly { readonly x: number; readonly y: number }[];
  readonly ticks: readonly { readonly x: number; readonly second: number }[];
  /** Hours in which machines are silent, and times in which the tap fills the tank. */
  readonly bands: readonly RibbonBand[];
  /** Where the working day ends; null where the visit ends before. */
  readonly dayEnd: number | null;
}

const BAR_HEIGHT = 26;
const DWELL_HEIGHT = 6;
const DWELL_LANES = 2;
const LABEL_HEIGHT = 15;
const LABEL_LANES = 5;
const BAR_FROM = 10;
const LABELS_FROM = BAR_FROM + BAR_HEIGHT + DWELL_LANES * (DWELL_HEIGHT + 2) + 15;
export const ROW_HEIGHT = LABELS_FROM + LABEL_LANES * LABEL_HEIGHT;
export const RIBBON_TOP = 26;
const SIDES = 12;
const TICK_SECONDS = 1800;

const LOOKS: Readonly<Record<Task, RoundLook>> = {
  'set-out': 'frame',
  'clear-up': 'frame',
  lunch: 'rest',
  mix: 'mix',
  apply: 'wet',
  finish: 'wet',
  front: 'wet',
  lead: 'wet',
  follow: 'rinse',
  'clear-rinse': 'rinse',
  'foot-rinse': 'rinse',
  stand: 'dry',
  work: 'dry',
};

export function lookOf({ operations, letters }: NamedRound): RoundLook {
  const looks = operations.map(({ task }) => LOOKS[task]);
  const [first] = looks;
  if (looks.every((look) => look === 'mix')) return 'mix';
  if (first === 'frame' || first === 'rest') return first;
  return looks.includes('wet') || (letters.length > 0 && !looks.includes('rinse'))
    ? 'wet'
    : looks.includes('rinse')
      ? 'rinse'
      : 'dry';
}

/**
 * The visit by person on one time axis: rounds as bars with their names, dwells as thin bands below the person who watches them.
 *
 * @param width of the whole day, px
 */
export function dayRibbonLayout(day: DrawnDay, width: number): RibbonLayout {
  const { plan, survey } = day;
  const { crew } = survey.job.house;
  const { to: end } = workingDay(survey);
  const makespan = plan.visit?.schedule.makespan ?? 0;
  const x = scaleLinear()
    .domain([0, Math.max(1, makespan)])
    .range([SIDES, Math.max(SIDES + 1, width - SIDES)]);
  const height = RIBBON_TOP + ROW_HEIGHT * (plan.visit ? crew.length : 0) + 4;
  const drawing = new RibbonDrawing(day, x);
  const ticks = plan.visit ? Math.floor(makespan / TICK_SECONDS) + 1 : 0;
  return {
    width,
    height,
    x,
    rows: plan.visit ? crew.map(({ id, name }) => ({ person: id, name, y: drawing.rowOf(id) })) : [],
    bars: drawing.bars(),
    dwells: drawing.dwells(),
    mists: drawing.mists(),
    ticks: Array.from({ length: ticks }, (_, i) => ({ x: x(i * TICK_SECONDS), second: i * TICK_SECONDS })),
    bands: bandsOf(plan, survey, x, height),
    dayEnd: makespan > end ? x(end) : null,
  };
}

function bandsOf(
  { visit }: Plan,
  { property, job }: Survey,
  x: ScaleLinear<number, number>,
  height: number,
): readonly RibbonBand[] {
  const begin = secondOfDay(job.house.dayStart);
  const makespan = visit?.schedule.makespan ?? 0;
  const quiet = property.quietHours.map(({ from, to }) => ({
    kind: 'quiet' as const,
    from: secondOfDay(from) - begin,
    to: secondOfDay(to) - begin,
  }));
  const refills = (visit?.refills ?? []).map((span) => ({ kind: 'refill' as const, ...span }));
  return [...quiet, ...refills].flatMap(({ kind, from, to }) => {
    const [first, last] = [Math.max(0, from), Math.min(makespan, to)];
    const y = RIBBON_TOP - 8;
    return first < last ? [{ kind, x: x(first), y, width: x(last) - x(first), height: height - y }] : [];
  });
}

class RibbonDrawing {
  private readonly plan: Plan;
  private readonly rounds: readonly NamedRound[];
  private readonly crew: Survey['job']['house']['crew'];
  private readonly x: ScaleLinear<number, number>;
  private readonly at: ReadonlyMap<
    string,
    { readonly start: number; readonly finish: number; readonly person: string }
  >;
  private readonly names: ReadonlyMap<string, string>;
  private readonly sun: FaceSun | null;

  constructor({ plan, survey, rounds, sun }: DrawnDay, x: ScaleLinear<number, number>) {
    this.plan = plan;
    this.rounds = rounds;
    this.crew = survey.job.house.crew;
    this.x = x;
    this.at = new Map(plan.visit?.schedule.placements.map((p) => [p.operation, p]));
    this.names = new Map(plan.surfaces.map(({ surface }) => [surface.id, surface.name]));
    this.sun = sun;
  }

  rowOf(person: string): number {
    const index = this.crew.findIndex(({ id }) => id === person);
    return RIBBON_TOP + ROW_HEIGHT * Math.max(0, index);
  }

  bars(): readonly RibbonBar[] {
    const { x } = this;
    return this.crew.flatMap(({ id }) => {
      const own = this.rounds.filter(({ person }) => person === id);
      const labels = labelRows(
        own.map((round) => ({ text: round.short, x: x(round.start) })),
        { rows: LABEL_LANES, to: x.range()[1] ?? 0 },
      );
      return own.map((round, i): RibbonBar => {
        const label = labels[i] ?? { text: '', x: 0, row: 0 };
        return {
          round,
          look: lookOf(round),
          x: x(round.start),
          y: this.rowOf(id) + BAR_FROM,
          width: Math.max(1.5, x(round.finish) - x(round.start)),
          height: BAR_HEIGHT,
          label: {
            text: label.text,
            x: label.x,
            y: this.rowOf(id) + LABELS_FROM + label.row * LABEL_HEIGHT,
          },
          parts: round.operations.map((operation, k) =>
            this.partOf(operation, round.operations[k + 1], round),
          ),
          sun: round.operations.flatMap((operation) => this.inSun(operation)),
        };
      });
    });
  }

  dwells(): readonly RibbonDwell[] {
    const laneEnds = new Map<string, number[]>();
    return this.plan.work.problem.watches.flatMap((watch): readonly RibbonDwell[] => {
      const [from, to] = [this.at.get(watch.from), this.at.get(watch.to)];
      if (!from || !to) return [];
      const ends = laneEnds.get(from.person) ?? [];
      laneEnds.set(from.person, ends);
      const free = ends.findIndex((end) => end <= from.start);
      const lane = free >= 0 ? free : Math.min(ends.length, DWELL_LANES - 1);
      ends[lane] = to.start;
      return [
        {
          id: watch.from,
          x: this.x(from.finish),
          y: this.rowOf(from.person) + BAR_FROM + BAR_HEIGHT + 2 + lane * (DWELL_HEIGHT + 2),
          width: Math.max(1, this.x(to.start) - this.x(from.finish)),
          height: DWELL_HEIGHT,
        },
      ];
    });
  }

  mists(): RibbonLayout['mists'] {
    const spans = this.plan.work.problem.fronts.flatMap(({ strips }) => strips.flatMap(({ mists }) => mists));
    return spans.flatMap(({ operation, from }) => {
      const placed = this.at.get(operation);
      if (!placed) return [];
      return [{ x: this.x(placed.start + from), y: this.rowOf(placed.person) + BAR_FROM + BAR_HEIGHT }];
    });
  }

  private partOf(operation: PlannedOperation, next: PlannedOperation | undefined, round: NamedRound) {
    const from = this.x(this.at.get(operation.id)?.start ?? round.start);
    const to = this.x((next && this.at.get(next.id)?.start) ?? round.finish);
    const name = operation.task === 'mix' ? '' : (this.names.get(operation.parts[0]?.surface ?? '') ?? '');
    return { x: from, label: shortened(name, to - from) };
  }

  private inSun({ id, parts }: PlannedOperation): RibbonBar['sun'] {
    const placed = this.at.get(id);
    const spans = this.sun?.surfaces.get(parts[0]?.surface ?? '') ?? [];
    return spans.flatMap(({ from, to }) => {
      const [first, last] = [Math.max(from, placed?.start ?? 0), Math.min(to, placed?.finish ?? 0)];
      return first < last ? [{ x: this.x(first), width: this.x(last) - this.x(first) }] : [];
    });
  }
}
