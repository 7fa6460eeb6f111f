import type { HandbookValue, Setting } from './setting.ts';
import { valueAt } from './value-path.ts';

export type Bound = (shipped: number) => readonly [number, number];
export const between =
  (least: number, most: number): Bound =>
  () => [least, most];
/** Stricter as far as `least`, looser by a factor. */
export const upTo =
  (factor: number, least = 0.1): Bound =>
  (shipped) => [Math.min(least, shipped), shipped * factor];
export const byFactor =
  (factor: number, most = Infinity): Bound =>
  (shipped) => [shipped / factor, Math.min(most, shipped * factor)];

/** Builds the values of one entry; what the entry does not have is left out. */
export class Values {
  readonly list: HandbookValue[] = [];
  private readonly entry: unknown;
  constructor(entry: unknown) {
    this.entry = entry;
  }

  number(
    path: string,
    name: string,
    unit: string,
    safer: HandbookValue['safer'],
    bound: Bound,
    whole = false,
  ) {
    const shipped = valueAt(this.entry, path);
    if (typeof shipped !== 'number') return this;
    const [least, most] = bound(shipped);
    this.list.push({ path, name, unit, shipped, safer, span: { least, most, whole } });
    return this;
  }

  /**
   * @param steps the safest first
   * @param looser by how many steps a company may go past the shipped one
   */
  steps(path: string, name: string, steps: readonly Setting[], looser: number) {
    const shipped = valueAt(this.entry, path);
    if (shipped === undefined) return this;
    const at = steps.indexOf(shipped as Setting);
    const span = { steps: steps.slice(0, at + 1 + looser) };
    this.list.push({ path, name, unit: '', shipped: shipped as Setting, safer: 'lower', span });
    return this;
  }
}
