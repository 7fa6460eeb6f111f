import type { WaitTemplate } from '../catalogue/method.ts';
import type { Stage } from './stage.ts';

/** Counts the days of a chain, each wait taken at its shortest: how often somebody comes. */
export class VisitDays {
  private day = 0;
  private lastWet: number | null = null;
  private worked = false;
  private count = 0;

  /** Work of a kind on the day that has come. */
  work(kind: Stage['kind']): void {
    if (!this.worked) this.count += 1;
    this.worked = true;
    if (!DRY_WORK.includes(kind)) this.lastWet = this.day;
  }

  /** @returns the days to pass after the part before; null where nothing has to be waited for */
  wait({ for: waitsFor, days }: WaitTemplate): number | null {
    const due = waitsFor === 'dry' ? (this.lastWet ?? -Infinity) + days.from : this.day + days.from;
    if (waitsFor === 'dry' && due <= this.day) return null;
    const from = due - this.day;
    this.day = due;
    this.worked = false;
    return from;
  }

  get visits(): number {
    return this.count;
  }
}

/** What wets nothing. */
export const DRY_WORK: readonly Stage['kind'][] = ['clear', 'fill', 'reading'];
