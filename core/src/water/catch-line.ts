import { requirePositive } from '../quantity/span.ts';

/** Water that comes to a catch, evenly over a time; any unit of time. */
export interface Inflow {
  readonly from: number;
  readonly to: number;
  readonly litres: number;
}

/**
 * When a catch is full and must have been emptied: each time that as much has come as it holds.
 *
 * @param inflows in any order; they may overlap
 * @param capacityLitres what it holds, > 0
 * @returns times in their order; the last filling, that is less than full, is not among them
 * @throws RangeError for a catch that holds nothing
 * @example fullAt([{ from: 0, to: 60, litres: 30 }], 20) // [40]
 */
export function fullAt(inflows: readonly Inflow[], capacityLitres: number): readonly number[] {
  requirePositive('what the catch holds', capacityLitres, 'L');
  const edges = [...new Set(inflows.flatMap(({ from, to }) => [from, to]))].sort((a, b) => a - b);
  const times: number[] = [];
  let held = 0;
  edges.slice(1).forEach((to, i) => {
    const from = edges[i] ?? to;
    const rate = inflows.reduce(
      (sum, flow) =>
        flow.from <= from && flow.to >= to && flow.to > flow.from
          ? sum + flow.litres / (flow.to - flow.from)
          : sum,
      0,
    );
    let at = from;
    while (rate > 0 && held + rate * (to - at) >= capacityLitres - LEAST_LITRES) {
      at = Math.min(to, at + (capacityLitres - held) / rate);
      held = 0;
      times.push(at);
      if (at >= to) break;
    }
    held += rate * (to - at);
  });
  // Full to the brim when the work is over is emptied with all the rest.
  const end = edges.at(-1) ?? 0;
  return times.filter((time) => end - time > SAME_TIME * Math.max(1, end));
}

const LEAST_LITRES = 1e-9;
/** Times are alike to such a share: sums of litres are no exact figures. */
const SAME_TIME = 1e-9;
