import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Surface } from '../survey/surface.ts';
import { sorptivityOf } from '../survey/water-absorption.ts';
import { dryMinute, wetLine } from '../wetting/wet-line.ts';
import type { WetMoment } from '../wetting/wet-line.ts';
import { RESIDUAL } from '../wetting/wet-window.ts';
import { pieceStrips } from './piece-strips.ts';
import type { WetCyclePlan } from './wet-cycle-plan.ts';

/** One strip, from its application on; minutes and kg/m². */
export interface CycleWetLine {
  readonly moments: readonly WetMoment[];
  readonly mists: readonly number[];
  /** Null for what is left on. */
  readonly dwell: { readonly from: number; readonly latest: number } | null;
  readonly filmMinutes: number;
  readonly dryOutMinutes: number;
  /** What counts as dry, kg/m². */
  readonly dryAt: number;
  readonly untilMinute: number;
}

const SHORTEST_VIEW_MINUTES = 10;
const LONGEST_VIEW_MINUTES = 180;

/** What one strip of a cycle holds over time, misted as planned. */
export function cycleWetLine(cycle: WetCyclePlan, surface: Surface, catalogue: Catalogue): CycleWetLine {
  const { clocks, dwell, preWet } = cycle;
  const mists = mistsOfAStrip(cycle);
  const last = Math.max(
    dwell?.latestMinutes ?? 0,
    clocks.dryOutMinutes < LONGEST_VIEW_MINUTES ? clocks.dryOutMinutes : 0,
  );
  const untilMinute = Math.min(LONGEST_VIEW_MINUTES, Math.max(SHORTEST_VIEW_MINUTES, Math.ceil(last * 1.15)));
  const moments = wetLine({
    face: {
      heldKilogramsPerSquareMetre: clocks.heldKilogramsPerSquareMetre,
      evaporation: clocks.evaporationMillimetresPerHour,
      sorptivity: sorptivityOf(surface, catalogue),
      preWetSeconds: 60 * (preWet?.minutes ?? 0),
    },
    lie: clocks.lie,
    mists,
    mistKilogramsPerSquareMetre: TRADE_DEFAULTS.mistLitresPerSquareMetre,
    untilMinute,
  });
  return {
    moments,
    mists,
    dwell: dwell && { from: dwell.fromMinutes, latest: dwell.latestMinutes },
    filmMinutes: clocks.filmMinutes,
    // Each mist puts it off.
    dryOutMinutes: mists.length > 0 ? (dryMinute(moments, 'left') ?? Infinity) : clocks.dryOutMinutes,
    dryAt: RESIDUAL,
    untilMinute,
  };
}

/** When the strip that gets the most mists gets them, minutes after its application. */
function mistsOfAStrip({ front }: WetCyclePlan): readonly number[] {
  const [piece] = front?.pieces ?? [];
  if (!front || !piece) return [];
  return pieceStrips(front, piece)
    .map(({ mists, apply }) => mists.map(({ from }) => from - (apply.at(-1)?.to ?? 0)))
    .reduce((most, own) => (own.length > most.length ? own : most), []);
}
