import type { Plan } from '../plan/plan.ts';
import { say } from '../messages/message.ts';
import { formatMass, formatVolume } from '../quantity/shown-quantity.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { BulkLine } from './bulk-list.ts';
import type { HoseList } from './hose-list.ts';
import type { StockLine } from './stock-plan.ts';
import type { LoadItem } from './load-item.ts';
import { machineItems, toolItems, hoseItems, protectionItems, wearItems, paperItems } from './gear-items.ts';
import { productItems, bulkItem, yardMixes, waterItems } from './stock-items.ts';
import type { YardMix } from './stock-items.ts';

export interface LoadList {
  readonly items: readonly LoadItem[];
  /** Not counted in the load. */
  readonly yardMixes: readonly YardMix[];
  readonly kilograms: number;
  readonly litres: number;
  /** What does not go onto the vehicle, or is not there; empty where all is well. */
  readonly faults: readonly string[];
}

/** Everything that a visit needs on the vehicle, against what the company has and the vehicle carries. */
export function loadList(
  plan: Plan,
  survey: FacedSurvey,
  stock: readonly StockLine[],
  bulk: readonly BulkLine[],
  hoses: HoseList,
): LoadList {
  const items = [
    ...productItems(stock, survey),
    ...bulk.map(bulkItem),
    ...machineItems(plan, survey),
    ...toolItems(plan),
    ...hoseItems(hoses, survey),
    ...protectionItems(plan, survey),
    ...wearItems(plan, survey),
    ...waterItems(survey),
    ...paperItems(plan, survey),
  ];
  const kilograms = items.reduce((sum, item) => sum + item.kilograms, 0);
  const litres = items.reduce((sum, item) => sum + item.litres, 0);
  const { vehicle } = survey.job.house.gear;
  const { units } = survey.job;
  const weight = (load: number) => formatMass(1000 * Math.round(load), units);
  const room = (load: number) => formatVolume(Math.round(load), units);
  return {
    items,
    yardMixes: yardMixes(plan, survey),
    kilograms,
    litres,
    faults: [
      ...items.flatMap((item) =>
        item.short === null ? [] : [say('load/short', { item: item.name, why: item.short })],
      ),
      ...(vehicle && kilograms > vehicle.kilograms
        ? [say('load/too-heavy', { load: weight(kilograms), carries: weight(vehicle.kilograms) })]
        : []),
      ...(vehicle && litres > vehicle.litres
        ? [say('load/too-large', { load: room(litres), carries: room(vehicle.litres) })]
        : []),
    ],
  };
}
