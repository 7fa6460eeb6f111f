import { say } from '../messages/message.ts';
import { mixLife } from '../catalogue/data/mix-life.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import type { LogEntry, Unsound } from './day-log.ts';
import type { DayReading } from './day-reading.ts';

/** Nobody is in two places at once. */
export function twoPlaceFaults(day: DayReading): readonly Unsound[] {
  const busy = new Map<string, LogEntry>();
  return day.log.flatMap((entry) =>
    entry.people.flatMap((person): Unsound[] => {
      const earlier = busy.get(person);
      if (!earlier || entry.to > earlier.to) busy.set(person, entry);
      if (!earlier || entry.from >= earlier.to) return [];
      const at = day.clock(entry.from);
      const text = say('judge/two-places', { person, before: earlier.act, act: entry.act, at });
      return [{ rule: 'two-places', surfaces: [...earlier.surfaces, ...entry.surfaces], text }];
    }),
  );
}

/** Nobody works below somebody who works overhead. */
export function belowFaults(day: DayReading): readonly Unsound[] {
  const onSite = day.log.filter(({ act }) => act !== 'mix' && act !== 'other');
  return onSite.flatMap((one, i) => {
    const found: Unsound[] = [];
    for (const other of onSite.slice(i + 1)) {
      if (other.from >= one.to) break;
      if (one.people.every((person) => other.people.includes(person))) continue;
      const [a, b] = [one.surfaces[0] ?? '', other.surfaces[0] ?? ''];
      const [high, low] = day.grounds.isOverhead(a, b) ? [a, b] : [b, a];
      if (!day.grounds.isOverhead(high, low)) continue;
      const text = say('judge/below', {
        low: day.grounds.name(low),
        at: day.clock(other.from),
        high: day.grounds.name(high),
      });
      found.push({ rule: 'below', surfaces: [high, low], text });
    }
    return found;
  });
}

/** What is put on was mixed by somebody before, and not too long before. */
export function mixFaults(day: DayReading): readonly Unsound[] {
  const mixings = new Map<string, LogEntry[]>();
  for (const entry of day.log)
    if (entry.act === 'mix' && entry.mix !== null)
      mixings.set(entry.mix, [...(mixings.get(entry.mix) ?? []), entry]);
  return day.log.flatMap((entry): Unsound[] => {
    if (entry.act === 'mix' || entry.agent === null || entry.mix === null) return [];
    const own = (mixings.get(entry.mix) ?? []).filter((mix) => mix.to <= entry.from);
    const facts = {
      agent: day.agentName(entry.agent),
      places: entry.surfaces.map((s) => day.grounds.name(s)).join(', '),
      at: day.clock(entry.from),
    };
    const last = own.at(-1);
    if (!last) return [{ rule: 'mix', surfaces: entry.surfaces, text: say('judge/not-mixed', facts) }];
    const agent = day.place.catalogue.agent(entry.agent);
    const { hours } = mixLife(agent);
    if (isReadyToUse(agent) || entry.to - last.to <= hours * 3600) return [];
    return [
      {
        rule: 'mix',
        surfaces: entry.surfaces,
        text: say('judge/mixed-too-long', { ...facts, mixed: day.clock(last.from), hours }),
      },
    ];
  });
}

/** One sprayer never carries two agents that oppose each other. */
export function vesselFaults(day: DayReading): readonly Unsound[] {
  const carried = new Map<string, Set<string>>();
  return day.log.flatMap((entry) => {
    if (entry.vessel === null || entry.agent === null || entry.act === 'mix') return [];
    const agent = day.place.catalogue.agent(entry.agent);
    const mixes = carried.get(entry.vessel) ?? new Set<string>();
    carried.set(entry.vessel, mixes.add(agent.id));
    const opposed = [...mixes].find((id) => {
      const other = day.place.catalogue.agent(id);
      return other.opposedTo.includes(agent.class) || agent.opposedTo.includes(other.class);
    });
    if (opposed === undefined) return [];
    const text = say('judge/vessel', {
      before: day.agentName(opposed),
      at: day.clock(entry.from),
      agent: day.agentName(agent.id),
    });
    return [{ rule: 'vessel' as const, surfaces: entry.surfaces, text }];
  });
}
