import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Stage } from '../treatment/stage.ts';

/** The kinds of machines that stages need, each once. */
export function machinesOf(stages: readonly Stage[]): readonly string[] {
  return [...new Set(stages.flatMap((s) => (s.tool === null ? [] : CATALOGUE.tool(s.tool).machines)))];
}
