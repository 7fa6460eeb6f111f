import { say } from '../messages/message.ts';
import type { LogEntry, Unsound } from './day-log.ts';
import { ROUNDING_SECONDS, overlap } from './day-reading.ts';
import type { DayReading } from './day-reading.ts';

/** The stages of a face come in their order by the clock, within a cycle on each section. */
export function chainFaults(day: DayReading): readonly Unsound[] {
  return day.worked.flatMap((face) => {
    const steps = new Map<number, LogEntry[]>();
    for (const entry of day.on(face))
      if (entry.step !== null && entry.act !== 'mist' && entry.act !== 'mix')
        steps.set(entry.step, [...(steps.get(entry.step) ?? []), entry]);
    const inOrder = [...steps].sort(([a], [b]) => a - b).map(([, own]) => own);
    return inOrder
      .flatMap((own, i) =>
        (inOrder[i + 1] ?? []).flatMap((next) =>
          own.flatMap((before) => outOfOrder(before, next, face, day)),
        ),
      )
      .slice(0, 1);
  });
}

function outOfOrder(before: LogEntry, next: LogEntry, face: string, day: DayReading): readonly Unsound[] {
  // Strip by strip two people follow each other through a section: its dwell says whether that is in order.
  if (before.dwell && before.cycle === next.cycle) return [];
  const bound = before.cycle === null || before.cycle !== next.cycle || overlap(before.share, next.share);
  if (!bound || next.from >= before.to - ROUNDING_SECONDS) return [];
  const text = say('judge/chain', {
    act: next.act,
    place: day.grounds.name(face),
    at: day.clock(next.from),
    before: before.act,
    end: day.clock(before.to),
  });
  return [{ rule: 'chain', surfaces: [face], text }];
}

interface Section {
  readonly face: string;
  readonly apply: LogEntry;
  readonly finish: readonly LogEntry[];
}

/** What is applied and rinsed together: an application with what ends its dwell on the same piece. */
function sectionsOf(day: DayReading): readonly Section[] {
  return day.worked.flatMap((face) => {
    const entries = day.on(face);
    return entries
      .filter((entry) => entry.act === 'apply' && entry.cycle !== null)
      .map((apply): Section => {
        const finish = entries.filter(
          (entry) =>
            entry.cycle === apply.cycle &&
            (entry.step ?? 0) > (apply.step ?? 0) &&
            overlap(entry.share, apply.share),
        );
        return { face, apply, finish };
      });
  });
}

/** A section is treated only when nothing above it is still rinsed onto it. */
export function runDownFaults(day: DayReading): readonly Unsound[] {
  const running = day.log.filter(
    ({ act, wets }) => wets && (act === 'rinse' || act === 'wash' || act === 'neutralise'),
  );
  return sectionsOf(day).flatMap(({ face, apply, finish }) => {
    const until = Math.max(apply.to, ...finish.map((entry) => entry.to));
    for (const wet of running) {
      if (wet.from >= until) break;
      if (wet.to <= apply.from) continue;
      const above = wet.surfaces.find((surface) => day.grounds.runsOnto(surface, face));
      if (above === undefined) continue;
      const text = say('judge/run-down', {
        act: wet.act,
        above: day.grounds.name(above),
        at: day.clock(wet.from),
        place: day.grounds.name(face),
        from: day.clock(apply.from),
        until: day.clock(until),
      });
      return [{ rule: 'run-down' as const, surfaces: [above, face], text }];
    }
    return [];
  });
}

/** Each strip of a section stays on as long as it must and no longer than it may. */
export function dwellFaults(day: DayReading): readonly Unsound[] {
  return sectionsOf(day).flatMap(({ face, apply, finish }): Unsound[] => {
    const { dwell } = apply;
    if (!dwell || finish.length === 0) return [];
    const begins = Math.min(...finish.map((entry) => entry.from));
    const ends = Math.max(...finish.map((entry) => entry.to));
    const spread = (apply.to - apply.from) / dwell.strips;
    const taken = (ends - begins) / dwell.strips;
    // The first strip and the last are the extremes: what lies between is between them.
    const strips = [0, dwell.strips - 1].map((n) => ({
      shortest: begins + taken * n - (apply.from + spread * (n + 1)),
      longest: begins + taken * (n + 1) - (apply.from + spread * n),
    }));
    const shortest = Math.min(...strips.map((strip) => strip.shortest));
    const longest = Math.max(...strips.map((strip) => strip.longest));
    const facts = {
      agent: day.agentName(apply.agent ?? ''),
      place: day.grounds.name(face),
      from: day.clock(apply.from),
    };
    if (shortest < dwell.leastSeconds - ROUNDING_SECONDS)
      return [
        { rule: 'dwell', surfaces: [face], text: say('judge/too-soon', { ...facts, at: day.clock(begins) }) },
      ];
    if (longest > dwell.mostSeconds + ROUNDING_SECONDS)
      return [
        { rule: 'dwell', surfaces: [face], text: say('judge/too-long', { ...facts, at: day.clock(ends) }) },
      ];
    return [];
  });
}
