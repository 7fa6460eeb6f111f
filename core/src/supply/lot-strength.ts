import type { Agent } from '../catalogue/agent.ts';
import type { StockLot } from '../company/stock-lot.ts';
import { agedHypochlorite } from '../mixing/hypochlorite-ageing.ts';
import type { Storage } from '../mixing/hypochlorite-ageing.ts';
import { daysBetween, monthOf, nextMonth } from '../quantity/calendar.ts';
import { gramsPerLitre } from '../quantity/concentration.ts';
import { say } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { roundToStep } from '../quantity/rounding.ts';

/** How strong a lot is on one day, and how that is known. */
export interface LotStrength {
  readonly gramsPerLitre: number;
  /** By the label or the reading that it is counted from. */
  readonly fromGramsPerLitre: number;
  readonly known: 'label' | 'measured' | 'aged';
  readonly sum: string;
}

/** What is planned is rounded down: a strength that was thought greater than it is makes a weak mix. */
const STEP_GRAMS_PER_LITRE = 0.5;

/**
 * Strength of a lot on a day: the label's, or the last reading; hypochlorite lost strength since, by how warm it stood.
 * @param agent as the company's catalogue has it, with the strength of the label
 * @param on YYYY-MM-DD; null while no day is known: then nothing has aged
 * @returns null for what is not a liquid of stated strength
 */
export function lotStrength(lot: StockLot, agent: Agent, on: string | null): LotStrength | null {
  if (agent.stock.form !== 'liquid') return null;
  const label = gramsPerLitre(agent.stock.strength);
  const reading = [...lot.measured]
    .filter((m) => on === null || m.on <= on)
    .sort((a, b) => (a.on < b.on ? -1 : 1))
    .at(-1);
  const [from, start] = reading ? [reading.on, reading.gramsPerLitre] : [lot.boughtOn, label];
  const basis = reading
    ? say('lot/measured', { strength: decimal(start, 1), how: reading.how, day: reading.on })
    : say('lot/label', { strength: decimal(start, 1), day: lot.boughtOn });
  const days = on === null ? 0 : daysBetween(from, on);
  if (agent.class !== 'hypochlorite' || days <= 0)
    return {
      gramsPerLitre: start,
      fromGramsPerLitre: start,
      known: reading ? 'measured' : 'label',
      sum: basis,
    };
  const stretches = storageBetween(lot.storageCelsius, from, on ?? from);
  const aged = agedHypochlorite(start, stretches, label);
  const strength = Math.max(
    STEP_GRAMS_PER_LITRE,
    roundToStep(Math.floor(aged / STEP_GRAMS_PER_LITRE) * STEP_GRAMS_PER_LITRE, STEP_GRAMS_PER_LITRE),
  );
  const celsius = stretches.map((s) => s.celsius);
  const [coolest, warmest] = [decimal(Math.min(...celsius), 0), decimal(Math.max(...celsius), 0)];
  const facts = { start: basis, days, coolest, strength: decimal(strength, 1) };
  return {
    gramsPerLitre: strength,
    fromGramsPerLitre: start,
    known: 'aged',
    sum: coolest === warmest ? say('lot/aged', facts) : say('lot/aged/span', { ...facts, warmest }),
  };
}

/** Stretches of storage between two days, cut at the months where each has its own temperature. */
function storageBetween(celsius: readonly number[], from: string, to: string): readonly Storage[] {
  const [always = 15] = celsius;
  if (celsius.length === 1) return [{ days: daysBetween(from, to), celsius: always }];
  const stretches: Storage[] = [];
  for (let day = from; day < to;) {
    const next = nextMonth(day);
    const until = next < to ? next : to;
    stretches.push({ days: daysBetween(day, until), celsius: celsius[monthOf(day)] ?? always });
    day = until;
  }
  return stretches;
}
