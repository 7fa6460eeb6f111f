/** A row of the table: what, its target, what was measured, and whether it is a matter of work or of paint. */
export type Row = readonly [what: string, target: string, measured: string, by?: 'core' | 'paint'];

/** The value that such a share of all are below. */
export function quantile(values: readonly number[], share: number): number {
  const sorted = values.toSorted((a, b) => a - b);
  const at = Math.min(sorted.length - 1, Math.floor(sorted.length * share));
  return sorted[at] ?? Number.NaN;
}

export const median = (values: readonly number[]) => quantile(values, 0.5);

/** Milliseconds of each of so many runs, one after the other. */
export async function timed(count: number, run: (round: number) => unknown): Promise<number[]> {
  const times: number[] = [];
  for (let i = 0; i < count; i += 1) {
    const start = performance.now();
    await run(i);
    times.push(performance.now() - start);
  }
  return times;
}

export const ms = (value: number) => `${value.toFixed(value < 10 ? 1 : 0)} ms`;

/** Times as a row of the table shows them. */
export const spread = (times: readonly number[]) =>
  `${ms(median(times))} median of ${times.length}, ${ms(Math.max(...times))} worst`;

/** The same where the slow ones count: a page that others wait for. */
export const tail = (times: readonly number[]) =>
  `${ms(median(times))} p50, ${ms(quantile(times, 0.99))} p99, ${ms(Math.max(...times))} worst of ${times.length}`;
