import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Finish, Material } from '../catalogue/material.ts';
import { isByOthers } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import type { Tool } from '../catalogue/tool.ts';
import { methodRefusals, toolPressure } from '../treatment/limit-verdict.ts';
import type { Refusal } from '../treatment/limit-verdict.ts';
import { soundState } from '../treatment/surface-state.ts';
import { tolerancesOf } from '../treatment/tolerances.ts';
import type { Tolerance } from '../treatment/tolerances.ts';

/** What a material allows in one finish, sound and away from water: judged by the same limits as a plan. */
export interface MaterialCard {
  readonly material: Material;
  readonly finish: Finish;
  readonly tolerances: readonly Tolerance[];
  /** Tools with a jet, the gentlest first, and whether it may touch the face. */
  readonly jets: readonly { readonly tool: Tool; readonly kilopascal: number; readonly allowed: boolean }[];
  readonly methods: readonly { readonly method: Method; readonly refusals: readonly Refusal[] }[];
}

/**
 * The card of a material in one of its finishes.
 * @throws RangeError for a material or a finish that the catalogue does not have
 */
export function materialCard(
  id: string,
  catalogue: Catalogue,
  finish: Finish = catalogue.material(id).finishes[0],
): MaterialCard {
  const material = catalogue.material(id);
  if (!material.finishes.includes(finish)) throw new RangeError(`${material.name} is never ${finish}`);
  const state = soundState(material, finish, catalogue);
  return {
    material,
    finish,
    tolerances: tolerancesOf(state),
    jets: catalogue.tools
      .filter((tool) => tool.jet !== null)
      .map((tool) => ({
        tool,
        kilopascal: toolPressure(tool.id),
        allowed: toolPressure(tool.id) <= state.jetLimitKilopascal,
      }))
      .sort((a, b) => a.kilopascal - b.kilopascal),
    methods: catalogue.methods
      .filter((method) => !isByOthers(method))
      .filter((method) => method.families.includes(material.family))
      .map((method) => ({ method, refusals: methodRefusals(state, method, catalogue) })),
  };
}
