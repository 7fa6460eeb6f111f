import { contaminantById } from '../catalogue/catalogue.ts';
import { CHAIN_ORDER } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import { kept } from '../quantity/kept.ts';

const DRY_FIRST = -1;
/** What is foul is flushed and disinfected before a hand goes near it. */
const FOUL = CHAIN_ORDER.indexOf('growth') - 0.75;
/** Oil keeps water and growth chemistry off, so it goes before growth. */
const OIL = CHAIN_ORDER.indexOf('growth') - 0.5;

/**
 * Where a method stands among others on one face: dry before wet whatever it is against, then what is foul, oil before growth, else by
 * the order of the catalogue.
 *
 * @param against contaminants that it is chosen for on this face; where nothing is said, what it is for by itself
 * @example chainPlace(weeds pulled by hand) // -1: roots come out of dry joints, and nothing is chased
 */
export function chainPlace(method: Method, against: readonly string[] = []): number {
  const place = placeOf(method);
  const isAlkali = method.chainOrder === 'alkali' && place > OIL;
  return isAlkali && against.length > 0 && against.every(isOily) ? OIL : place;
}

const placeOf = kept((method: Method): number => {
  if (isDry(method)) return DRY_FIRST;
  if (isForFoul(method)) return FOUL;
  return isForOil(method) ? OIL : CHAIN_ORDER.indexOf(method.chainOrder);
});

const isOily = (contaminant: string) => contaminantById(contaminant).family === 'hydrocarbon';

/** Nothing of it is wet. */
export const isDry = ({ stages }: Method): boolean =>
  stages.length > 0 && stages.every(({ kind }) => kind === 'clear');

/** Begins with a flush, because what it is against sets free gas. */
function isForFoul({ stages, treats }: Method): boolean {
  return (
    stages[0]?.kind === 'rinse' && Object.keys(treats).some((id) => contaminantById(id).ammonia === true)
  );
}

/** Against oil and grease above all, and not against growth. */
function isForOil({ chainOrder, treats }: Method): boolean {
  if (chainOrder !== 'alkali') return false;
  const results = Object.entries(treats).map(([id, result]) => ({
    family: contaminantById(id).family,
    result,
  }));
  if (results.some(({ family }) => family === 'growth')) return false;
  const best = Math.max(...results.map(({ result }) => result));
  return results.some(({ family, result }) => family === 'hydrocarbon' && result === best);
}
