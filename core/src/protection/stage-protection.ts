import { TASK_PROTECTION } from '../catalogue/data/task-protection.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Surface } from '../survey/surface.ts';
import type { Stage } from '../treatment/stage.ts';

/** What is worn for one stage: what lies there, its agent and what is done ask for, each once. */
export function stageProtection(
  stage: Pick<Stage, 'apply' | 'tool' | 'wear'>,
  surface: Pick<Surface, 'topMetres'>,
  catalogue: Catalogue,
): readonly string[] {
  const ofAgent = stage.apply ? catalogue.agent(stage.apply.agent).protection : [];
  const tool = stage.tool === null ? null : catalogue.tool(stage.tool);
  const overhead = surface.topMetres > TRADE_DEFAULTS.overheadMetres;
  const ofTask = tool ? TASK_PROTECTION.filter(({ when }) => when(tool, overhead)) : [];
  return [...new Set([...stage.wear, ...ofAgent, ...ofTask.flatMap(({ wear }) => wear)])];
}
