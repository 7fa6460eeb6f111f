import type { Stage } from '../treatment/stage.ts';

/**
 * What must be alike for one mix to serve several applications beside its strength: the product, what makes it cling, and what it is
 * carried in. What somebody wants mixed apart is of a kind of its own.
 */
export function mixKind({ apply, tool, surface }: Pick<Stage, 'apply' | 'tool' | 'surface'>): string | null {
  if (!apply) return null;
  return [apply.agent, apply.clings ? 'clings' : 'runs', tool ?? '', apply.ownMix ? surface : ''].join(' ');
}
