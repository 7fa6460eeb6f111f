import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { say } from '../messages/message.ts';
import { plannedRate } from '../rates/stage-duration.ts';
import type { ChainLink, ChainSurroundings, LiftedSolids } from './chain-link.ts';
import { toolPressure } from './limit-verdict.ts';
import { bare, rateConditions, stageOf } from './stage-builder.ts';
import type { Stage } from './stage.ts';

/** A layer of solids lifted off dry, before the method that then washes there. */
export function solidsStage(
  { contaminant, lift, severity, areaSquareMetres }: LiftedSolids,
  { method }: ChainLink,
  around: ChainSurroundings,
): Stage {
  const link: ChainLink = {
    method,
    severity,
    areaSquareMetres,
    against: [],
    cautions: [],
    solids: [],
    doorStripSquareMetres: 0,
  };
  return { ...stageOf(lift, 0, link, around, null), id: bare(link, around, `solids-${contaminant}`).id };
}

/** Urine and droppings flushed away with plain water. */
export function flushStage(link: ChainLink, around: ChainSurroundings, count: number): Stage {
  return {
    ...bare(link, around, `flush-${count}`),
    kind: 'rinse',
    tool: 'garden-hose',
    rate: plannedRate(TRADE_DEFAULTS.plainRinse, rateConditions(link, around, true)),
    direction: 'top-down',
    maxSurfacePressureKilopascal: toolPressure('garden-hose'),
    checks: [say('check/ammonia')],
    cautions: [
      {
        rule: 'ammonia-flushed-first',
        text: say('caution/ammonia'),
        source: say('source/trade-default'),
      },
    ],
  };
}
