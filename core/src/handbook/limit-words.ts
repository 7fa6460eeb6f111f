import { called } from '../language/in-language.ts';
import type { FactName, FactTest, Limit } from '../catalogue/limit.ts';

/** What each fact is called, in the words of the trade. */
export const FACT_NAMES: Readonly<Record<FactName, string>> = called({
  material: 'material',
  family: 'family of the material',
  finish: 'finish',
  conditions: 'condition',
  calcareous: 'calcareous',
  saltSensitive: 'salts stay in it',
  drainsToWater: 'run-off reaches open water',
  drainsToPond: 'run-off reaches a pond or stream, with no drain to block',
  drainsToPlants: 'run-off reaches plants',
  captured: 'all run-off is caught',
  jetLimitKilopascal: 'jet force it withstands, kPa',
  chlorine: 'tolerates chlorine',
  peroxide: 'tolerates oxygen cleaners',
  solvent: 'tolerates removers',
  heat: 'tolerates hot water',
  brush: 'stiffest brush allowed',
  pHLow: 'lowest pH it tolerates',
  pHHigh: 'highest pH it tolerates',
  temperatureCelsius: 'air temperature, °C',
  handOver: 'belongs to specialists',
  handOverReason: 'why it belongs to specialists',
  agent: 'agent',
  agentClass: 'class of the agent',
  agentPH: 'pH of the agent',
  specialistOnly: 'agent for specialists only',
  agentColdestCelsius: 'coldest air for the agent, °C',
  jetKilopascal: 'force of the jet, kPa',
  barMetres: 'bar of a surface cleaner, m',
  pressureTip: 'tip of a pressure washer',
  hot: 'hot water',
  abrasive: 'stiff brush',
  scrubs: 'a brush',
  scrapes: 'a scraper or broom',
  harmsWaterLife: 'harms water life',
  strips: 'meant to take the seal off',
  strongestGramsPerLitre: 'strength, g/L',
  longestDwellMinutes: 'dwell, min',
});

/**
 * One test of a limit in words.
 * @example factTestInWords({ fact: 'agentClass', is: 'acid' }) // "class of the agent: acid"
 */
export function factTestInWords(test: FactTest): string {
  const name = FACT_NAMES[test.fact];
  if ('is' in test)
    return typeof test.is === 'boolean' ? (test.is ? name : `not: ${name}`) : `${name}: ${test.is}`;
  if ('oneOf' in test) return `${name}: ${test.oneOf.join(' or ')}`;
  if ('includesAnyOf' in test) return `${name}: ${test.includesAnyOf.join(' or ')}`;
  if ('above' in test) return `${name} above ${test.above}`;
  return `${name} above ${FACT_NAMES[test.aboveFact]}`;
}

/** The facts that a limit reads. */
export function factsRead({ when }: Limit): readonly FactName[] {
  return [...new Set(when.flatMap((t) => ('aboveFact' in t ? [t.fact, t.aboveFact] : [t.fact])))];
}
