import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { roundToStep } from '../quantity/rounding.ts';
import type { ChainLink } from '../treatment/chain-link.ts';
import { stageRefusals } from '../treatment/limit-verdict.ts';
import { AREA_STEP } from './face-options.ts';
import type { TreatmentInput } from './face-options.ts';

/**
 * How much of a floor along its doors is put on first and stronger, m²: where growth is much, the working practice says so, the floor
 * bears that strength whatever it may be, and nothing beside it would be harmed.
 */
export function doorStripOn(
  { method, severity, areaSquareMetres }: Pick<ChainLink, 'method' | 'severity' | 'areaSquareMetres'>,
  { surroundings, schools, catalogue, state, otherStates }: TreatmentInput,
): number {
  const { severityFrom, metresWide } = TRADE_DEFAULTS.doorStrip;
  if (!method.doorStrip || severity < severityFrom || schools['door-strip'] === 'as-the-rest') return 0;
  const { apply, rinse } = method.doorStrip;
  const agent = catalogue.agent(apply.agent);
  const spares = surroundings.neighbours.every(
    ({ exposed, isPlanting, harmedBy }) =>
      exposed === 'runOff' || !((isPlanting && agent.harmsPlants) || harmedBy.includes(agent.class)),
  );
  const isBorne = [state, ...otherStates].every((each) =>
    [apply, rinse].every((stage) => stageRefusals(each, stage, catalogue).length === 0),
  );
  if (!spares || !isBorne) return 0;
  return Math.min(areaSquareMetres, roundToStep(surroundings.doorMetres * metresWide, AREA_STEP));
}
