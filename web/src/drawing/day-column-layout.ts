import type { NamedRound, Plan } from '@etappe/core';
import { lookOf } from './day-ribbon-layout.ts';
import type { RoundLook } from './day-ribbon-layout.ts';

/** A round of one person on a time axis that runs down. */
export interface ColumnBar {
  readonly round: NamedRound;
  readonly look: RoundLook;
  readonly y: number;
  readonly height: number;
  /** Where its words begin; a line leads there from the bar. */
  readonly textY: number;
}

export interface ColumnLayout {
  readonly height: number;
  readonly bars: readonly ColumnBar[];
  readonly dwells: readonly { readonly id: string; readonly y: number; readonly height: number }[];
  readonly hours: readonly { readonly y: number; readonly second: number }[];
}

const PX_PER_SECOND = 1.5 / 60;
/** As high as a gloved finger wants it. */
const TEXT_HEIGHT = 48;
const TOP = 10;
const HOUR = 3600;

/** One person's day from top to bottom, a minute and a half to the pixel; each round has room for two lines of words. */
export function dayColumnLayout(plan: Plan, rounds: readonly NamedRound[], person: string): ColumnLayout {
  if (!plan.visit) return { height: 0, bars: [], dwells: [], hours: [] };
  const { placements, makespan } = plan.visit.schedule;
  const y = (second: number) => TOP + second * PX_PER_SECOND;
  let free = 0;
  const bars = rounds
    .filter((round) => round.person === person)
    .map((round): ColumnBar => {
      const textY = Math.max(y(round.start), free);
      free = textY + TEXT_HEIGHT;
      const height = Math.max(2, y(round.finish) - y(round.start));
      return { round, look: lookOf(round), y: y(round.start), height, textY };
    });
  const at = new Map(placements.map((placed) => [placed.operation, placed]));
  const dwells = plan.work.problem.watches.flatMap(({ from, to }) => {
    const [first, last] = [at.get(from), at.get(to)];
    return first && last && first.person === person
      ? [{ id: from, y: y(first.finish), height: Math.max(1, y(last.start) - y(first.finish)) }]
      : [];
  });
  return {
    height: Math.max(y(makespan), free) + TOP,
    bars,
    dwells,
    hours: Array.from({ length: Math.floor(makespan / HOUR) + 1 }, (_, i) => ({
      y: y(i * HOUR),
      second: i * HOUR,
    })),
  };
}
