import { plan, planAround } from '@etappe/core';
import type { Survey } from '@etappe/core';

/** What became of one property. */
export interface SoakedDay {
  /** What there is of it: a day that is shown, or why there is none. */
  readonly kind:
    'shown' | 'nothing to do' | 'stands too long' | 'unsafe' | 'no sequence' | 'broken' | 'unreadable';
  /** What must not be; null for a sound day, and for one that is stopped with its reason. */
  readonly fault: string | null;
  readonly interesting: readonly string[];
}

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 1 };

/** Plans a survey, and puts its first schedule before judge and checker once more. */
export function dayFaults(survey: Survey): SoakedDay {
  try {
    const made = plan(survey, OPTIONS);
    const stages = made.surfaces.flatMap((p) => p.treatment?.stages ?? []);
    const interesting = [
      ...(made.work.meetings.length > 0 ? ['opposed chemistries that would meet'] : []),
      ...(stages.some((s) => s.kind === 'neutralise') ? ['neutralised'] : []),
      ...(stages.some((s) => s.kind === 'fill' || s.apply?.leaveOn) ? ['must stay dry'] : []),
      ...(made.visitNumber > 1 ? ['later visit'] : []),
    ];
    if (made.visit) {
      const { fronts, schedule } = made.visit;
      const [violation] = planAround(survey, { fronts, schedule }).violations;
      return { kind: violation ? 'unsafe' : 'shown', fault: violation?.text ?? null, interesting };
    }
    const stopped = (rule: string) => made.warnings.find((w) => w.rule === rule)?.text ?? null;
    const [none, unsafe] = [stopped('no-sequence'), stopped('unsafe-sequence')];
    if (none !== null) return { kind: 'no sequence', fault: none, interesting };
    if (unsafe !== null) return { kind: 'unsafe', fault: unsafe, interesting };
    // Nothing here mends a mix that stands too long on a day without end: it is stopped in words.
    const kind = stopped('mix-outlived') === null ? 'nothing to do' : 'stands too long';
    return { kind, fault: null, interesting };
  } catch (error) {
    return { kind: 'broken', fault: (error as Error).stack ?? String(error), interesting: [] };
  }
}
