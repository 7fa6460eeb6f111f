import { contaminantById } from '../catalogue/catalogue.ts';
import { CHAIN_ORDER } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import { kept } from '../quantity/kept.ts';

const DRY_FIRST = -1;
/** Oil keeps water and growth chemistry off, so it goes before growth. */
const OIL = CHAIN_ORDER.indexOf('growth') - 0.5;

/**
 * Where a method stands among others on one face: dry before wet whatever it is against, oil before growth, else by the order of the
 * catalogue.
 *
 * @example chainPlace(weeds pulled by hand) // -1: roots come out of dry joints, and nothing is chased
 */
export const chainPlace = kept((method: Method): number => {
  if (isDry(method)) return DRY_FIRST;
  return isForOil(method) ? OIL : CHAIN_ORDER.indexOf(method.chainOrder);
});

const isDry = ({ stages }: Method) => stages.length > 0 && stages.every(({ kind }) => kind === 'clear');

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
