import { say } from '../messages/message.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { LogEntry, Unsound } from './day-log.ts';
import { coversAll } from './day-reading.ts';
import type { DayReading } from './day-reading.ts';
import { actsOn } from './grounds.ts';

/** One agent on one face, from its first drop to its last. */
interface Run {
  readonly face: string;
  readonly agent: Agent;
  readonly step: number;
  readonly from: number;
  readonly to: number;
  /** When its cycle begins: with the pre-wet where there is one. */
  readonly opens: number;
  readonly neutralises: readonly string[];
  readonly stays: boolean;
}

/**
 * Between an agent and one that opposes it, wherever the two can meet: the whole area of the earlier is rinsed, neutralised
 * where it can be, and read, and each of these has ended before the first act of the later one's cycle begins.
 */
export function gateFaults(day: DayReading): readonly Unsound[] {
  const runs = runsOf(day);
  const acts = new Map(day.worked.map((face) => [face, actsOn(day.on(face))]));
  const none = { washed: false, sprayed: false };
  return runs.flatMap((later) =>
    runs.flatMap((earlier): readonly Unsound[] => {
      if (earlier === later || !isOpposed(earlier.agent, later.agent)) return [];
      if (earlier.from > later.from || (earlier.from === later.from && earlier.agent.id > later.agent.id))
        return [];
      if (later.face === earlier.face && isItsNeutraliser(later, earlier)) return [];
      const meet = day.grounds.meet(
        earlier.face,
        later.face,
        acts.get(earlier.face) ?? none,
        acts.get(later.face) ?? none,
      );
      return meet ? faultsBetween(earlier, later, day) : [];
    }),
  );
}

function isOpposed(one: Agent, other: Agent): boolean {
  return one.opposedTo.some((c) => c === other.class) || other.opposedTo.some((c) => c === one.class);
}

/** Put on to neutralise, of what lies there or of what came with it. */
function isItsNeutraliser({ agent, neutralises }: Run, earlier: Run): boolean {
  return neutralises.length > 0 && earlier.agent.neutraliser?.agent === agent.id;
}

function runsOf(day: DayReading): readonly Run[] {
  return day.worked.flatMap((face) => {
    const steps = new Map<number, LogEntry[]>();
    const entries = day.on(face);
    for (const entry of entries)
      if (
        entry.agent !== null &&
        entry.step !== null &&
        (entry.act === 'apply' || entry.act === 'neutralise')
      )
        steps.set(entry.step, [...(steps.get(entry.step) ?? []), entry]);
    return [...steps].flatMap(([step, own]): Run[] => {
      const [first] = own;
      if (first?.agent == null) return [];
      const cycle =
        first.cycle === null ? own : entries.filter((e) => e.cycle === first.cycle && e.act !== 'mix');
      return [
        {
          face,
          agent: day.place.catalogue.agent(first.agent),
          step,
          from: Math.min(...own.map((e) => e.from)),
          to: Math.max(...own.map((e) => e.to)),
          opens: Math.min(...cycle.map((e) => e.from)),
          neutralises: first.neutralises,
          stays: day.mustStayDry(first),
        },
      ];
    });
  });
}

function faultsBetween(earlier: Run, later: Run, day: DayReading): readonly Unsound[] {
  const facts = {
    later: day.agentName(later.agent.id),
    place: day.grounds.name(later.face),
    at: day.clock(later.opens),
    earlier: day.agentName(earlier.agent.id),
    source: day.grounds.name(earlier.face),
  };
  const surfaces = [...new Set([earlier.face, later.face])];
  if (earlier.stays) return [{ rule: 'stays-on', surfaces, text: say('judge/stays-on', facts) }];
  const after = day.on(earlier.face).filter((e) => e.step !== null && e.step > earlier.step);
  const whole = (wanted: (entry: LogEntry) => boolean) => firstWholeEnd(after.filter(wanted));
  const rinsed =
    earlier.neutralises.length === 0 ? whole((e) => e.act === 'rinse' || e.act === 'wash') : earlier.to;
  const neutralised = needsNeutralising(earlier, day)
    ? whole((e) => e.neutralises.includes(earlier.agent.id))
    : earlier.to;
  const ready = Math.max(rinsed, neutralised);
  const read = Math.min(...after.filter((e) => e.act === 'read' && e.from >= ready).map((e) => e.to));
  const missing = (
    [
      [rinsed, 'rinse'],
      [neutralised, 'neutralising'],
      [read, 'reading'],
    ] as const
  ).find(([end]) => end > later.opens);
  if (!missing) return [];
  const [end, what] = missing;
  const text = Number.isFinite(end)
    ? say(`judge/gate/${what}`, { ...facts, end: day.clock(end) })
    : say(`judge/never/${what}`, facts);
  return [{ rule: 'gate', surfaces, text }];
}

/** When the first step among the entries that covers the whole area has ended. */
function firstWholeEnd(entries: readonly LogEntry[]): number {
  const steps = new Map<number | null, LogEntry[]>();
  for (const entry of entries) steps.set(entry.step, [...(steps.get(entry.step) ?? []), entry]);
  return Math.min(
    ...[...steps.values()]
      .filter((own) => coversAll(own.map((e) => e.share)))
      .map((own) => Math.max(...own.map((e) => e.to))),
  );
}

/** An acid brings nothing to rest on a face that acid dissolves: there it is rinsed and read. */
function needsNeutralising({ agent, face, neutralises }: Run, day: DayReading): boolean {
  if (!agent.neutraliser || neutralises.length > 0) return false;
  const on = day.grounds.face(face);
  if (day.place.catalogue.agent(agent.neutraliser.agent).class !== 'acid' || !on) return true;
  const material = day.place.catalogue.material(on.material);
  return !material.calcareous && !(material.family === 'metal' && on.finish === 'bare');
}
