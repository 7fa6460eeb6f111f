import { CATALOGUE } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { nozzleFlow } from '../jet/surface-pressure.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import type { Stage } from '../treatment/stage.ts';
import { jetOnPump, pumpOf } from './jet-match.ts';

/** L/min through the tip of a stage while the trigger is held; 0 for one without water. */
export function stageFlow({ tool: id }: Pick<Stage, 'tool'>, house: Pick<JobHouse, 'machines'>): number {
  if (id === null) return 0;
  const tool = CATALOGUE.tool(id);
  const jet = jetOnPump(tool, house);
  if (!jet) return tool.machines.includes('hose') ? TRADE_DEFAULTS.fedBrushLitresPerMinute : 0;
  const throughTip = jet.nozzles * nozzleFlow(jet.orifice, jet.psi);
  const pump = pumpOf(tool, house);
  return pump ? Math.min(throughTip, pump.litresPerMinute) : throughTip;
}

/** Whether its water comes out of a hose, not through a pump. */
export function isByHose({ tool: id }: Pick<Stage, 'tool'>): boolean {
  return id !== null && CATALOGUE.tool(id).machines.includes('hose');
}

/** Litres that a stage runs over some of its area; 0 where it has no water or no rate. */
export function stageLitres(
  stage: Pick<Stage, 'tool' | 'rate'>,
  squareMetres: number,
  house: Pick<JobHouse, 'machines' | 'gear'>,
): number {
  if (!stage.rate) return 0;
  const minutes = (60 * squareMetres) / stage.rate.squareMetresPerHour;
  return minutes * stageFlow(stage, house) * house.gear.triggerShare;
}
