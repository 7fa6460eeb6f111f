import { say } from '../messages/message.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { WorkedTemplate } from '../catalogue/method.ts';
import { decimal } from '../quantity/numbers.ts';
import { formatArea } from '../quantity/shown-quantity.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { dryJointSand, pavingOf } from '../survey/paved.ts';
import type { ChainLink, ChainSurroundings } from './chain-link.ts';
import type { Stage } from './stage.ts';

/** Solids of a stage: so many litres on a square metre, or what the empty joints of the face take; null where it has none. */
export function stageBulk(
  template: WorkedTemplate,
  { severity, areaSquareMetres }: ChainLink,
  around: ChainSurroundings,
): Stage['bulk'] {
  if (!('bulk' in template)) return null;
  const { bulk } = template;
  const about = { what: bulk.what, where: bulk.where };
  const area = formatArea(areaSquareMetres, 'metric');
  if ('litresPerSquareMetre' in bulk) {
    const each = bulk.litresPerSquareMetre[severity - 1] ?? 0;
    const litres = roundToStep(each * areaSquareMetres, 0.1);
    return {
      ...about,
      litres,
      kilograms: null,
      sum: say('bulk/litres', { area, rate: decimal(each, 2), litres: decimal(litres, 1) }),
    };
  }
  const share = bulk.jointShare[severity - 1] ?? 0;
  const { surface, catalogue } = around;
  const paving = pavingOf(surface, catalogue) ?? TRADE_DEFAULTS.usualPaving;
  const density = TRADE_DEFAULTS.jointSandKilogramsPerCubicMetre;
  const sand = dryJointSand(paving);
  const kilograms = roundToStep(sand.kilogramsPerSquareMetre * share * areaSquareMetres, 0.1);
  return {
    ...about,
    litres: roundToStep((1000 * kilograms) / density, 0.1),
    kilograms,
    sum: say(surface.paving ? 'bulk/joints' : 'bulk/joints/usual', {
      sum: sand.sum,
      area,
      percent: decimal(100 * share, 0),
      kilograms: decimal(kilograms, 1),
    }),
  };
}
