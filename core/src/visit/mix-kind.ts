import type { Stage } from '../treatment/stage.ts';

/**
 * What must be alike for one mix to serve several applications beside its strength: the product, what makes it cling, and what it is
 * carried in.
 */
export function mixKind({ apply, tool }: Pick<Stage, 'apply' | 'tool'>): string | null {
  return apply ? [apply.agent, apply.clings ? 'clings' : 'runs', tool ?? ''].join(' ') : null;
}
