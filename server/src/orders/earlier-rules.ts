import { ENGINE_VERSION, planAround } from '@etappe/core';
import type { DecidedVisit, Survey } from '@etappe/core';
import type { OrderRecord } from './order-record.ts';

/**
 * Why an order that was issued under earlier rules would not be issued as it is today, in the words of today's judge.
 * @returns null where it was issued under the rules of today, or still passes them
 */
export function unsoundToday({
  engine,
  inputs,
  decided,
}: Pick<OrderRecord, 'engine' | 'inputs' | 'decided'>): string | null {
  if (engine === ENGINE_VERSION) return null;
  if (!('fronts' in decided)) return 'It was planned in sections, before surfaces were worked strip by strip';
  try {
    const { plan, violations } = planAround(inputs as unknown as Survey, decided as unknown as DecidedVisit);
    const stop = plan.warnings.find((warning) => warning.severity === 'stop');
    return violations[0]?.text ?? stop?.text ?? null;
  } catch {
    // Of a form that is not read any more: nobody can say that it is safe.
    return 'Its survey is of an older form and cannot be judged any more';
  }
}
