import type { JudgedPlace, LogEntry, Unsound } from './day-log.ts';
import { DayReading } from './day-reading.ts';
import { dryFaults } from './dry-spells.ts';
import { gateFaults } from './gates.ts';
import { belowFaults, mixFaults, twoPlaceFaults, vesselFaults } from './hands.ts';
import { chainFaults, dwellFaults, runDownFaults } from './sections.ts';

/**
 * Whether a day may be worked as its log says, by the clock alone. It shares no code with what makes treatments and sequences:
 * what must be apart it derives from the agents and the survey itself.
 * @returns what is wrong, the most dangerous first; empty for a sound day
 */
export function judgedDay(log: readonly LogEntry[], place: JudgedPlace): readonly Unsound[] {
  const day = new DayReading(log, place);
  return [
    ...gateFaults(day),
    ...vesselFaults(day),
    ...belowFaults(day),
    ...chainFaults(day),
    ...dryFaults(day),
    ...runDownFaults(day),
    ...dwellFaults(day),
    ...mixFaults(day),
    ...twoPlaceFaults(day),
  ];
}
