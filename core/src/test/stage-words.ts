import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Stage } from '../treatment/stage.ts';

const WASHERS: readonly string[] = ['pressure-washer', 'hot-washer'];

/** A stage in the words of the scenarios. */
export function stageWords(stage: Stage): readonly string[] {
  const agent = stage.apply ? CATALOGUE.agent(stage.apply.agent) : null;
  const tool = stage.tool === null ? null : CATALOGUE.tool(stage.tool);
  return [
    stage.kind,
    stage.method,
    ...(stage.kind === 'apply' && stage.direction ? [stage.direction] : []),
    ...(agent ? [agent.id, agent.class] : []),
    ...(tool ? [tool.id] : []),
    ...(tool?.machines.some((m) => WASHERS.includes(m)) && tool.jet ? ['jet'] : []),
  ];
}
