import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import type { PlannedSurface } from '../wet-cycle/planned-surface.ts';
import { stageSeconds } from './stage-seconds.ts';

/** How long a visit may go on, h: the working day, or what its work shared out takes where that is more. What is mixed lasts so long, or is made again. */
export function visitHours(
  surfaces: readonly PlannedSurface[],
  { crew, dayHours }: Pick<JobHouse, 'crew' | 'dayHours'>,
): number {
  const seconds = surfaces.reduce((sum, { treatment, cycles }) => {
    const untied = (treatment?.stages ?? []).filter((stage) => stage.cycle === null);
    return (
      sum +
      untied.reduce((own, stage) => own + stageSeconds(stage), 0) +
      cycles.reduce((own, { minutes }) => own + 60 * minutes, 0)
    );
  }, 0);
  return Math.max(dayHours, (TRADE_DEFAULTS.visitLongerFactor * seconds) / 3600 / crew.length);
}
