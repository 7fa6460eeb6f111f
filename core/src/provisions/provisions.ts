import type { JetOnFace } from '../visit/jet-match.ts';
import { jetsOn } from '../visit/jet-match.ts';
import type { Plan } from '../plan/plan.ts';
import { visitWater } from '../visit/visit-water.ts';
import type { WaterPlan } from '../visit/visit-water.ts';
import { dryClock, tapCost, waterWaysOut } from '../visit/water-ways-out.ts';
import type { WaterWayOut } from '../visit/water-ways-out.ts';
import { faced } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import { bulkList } from './bulk-list.ts';
import type { BulkLine } from './bulk-list.ts';
import { hoseList } from './hose-list.ts';
import type { HoseList } from './hose-list.ts';
import { loadList } from './load-list.ts';
import type { LoadList } from './load-list.ts';
import { faceReaches } from '../readiness/face-reach.ts';
import type { FaceReach } from '../readiness/face-reach.ts';
import { runOffPlan } from './run-off-plan.ts';
import type { RunOffPlan } from './run-off-plan.ts';
import { stockPlan } from './stock-plan.ts';
import { UNTOUCHED_SHELF } from './stock-plan.ts';
import type { ShelfState, StockLine } from './stock-plan.ts';

/** Water of a visit with what would help where it does not last. */
export interface ProvidedWater extends WaterPlan {
  /** hh:mm; null where it lasts. */
  readonly dryAt: string | null;
  readonly waysOut: readonly WaterWayOut[];
  readonly cost: { readonly cost: number; readonly sum: string } | null;
}

/** Everything that a visit needs besides people and time. */
export interface Provisions {
  readonly stock: readonly StockLine[];
  readonly water: ProvidedWater | null;
  readonly bulk: readonly BulkLine[];
  readonly hoses: HoseList;
  readonly jets: readonly JetOnFace[];
  readonly reach: readonly FaceReach[];
  readonly runOff: RunOffPlan | null;
  readonly load: LoadList;
}

/**
 * Stock, water, hoses, jets, reach, run-off and load of a plan.
 * @param shelf what of the lots other orders have reserved, and this job has really taken; nothing where that is not known
 */
export function provisionsOf(plan: Plan, survey: Survey, shelf: ShelfState = UNTOUCHED_SHELF): Provisions {
  const faces = faced(survey);
  const stock = stockPlan(plan, faces, shelf);
  const bulk = bulkList(plan, survey);
  const hoses = hoseList(plan, survey);
  const water = plan.visit && visitWater(plan, plan.visit.schedule, faces);
  return {
    stock,
    water: water && {
      ...water,
      dryAt: dryClock(water, survey.job.house.dayStart),
      waysOut: waterWaysOut(water, faces),
      cost: tapCost(water, faces),
    },
    bulk,
    hoses,
    jets: jetsOn(plan.surfaces, faces),
    reach: faceReaches(plan.surfaces, survey),
    runOff: runOffPlan(plan, faces),
    load: loadList(plan, faces, stock, bulk, hoses),
  };
}
