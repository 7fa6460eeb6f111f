import { clockTime } from '../quantity/duration.ts';
import type { JudgedPlace, LogEntry, Share } from './day-log.ts';
import { Grounds } from './grounds.ts';

/** Durations are whole seconds: what ends and what begins may touch by so much. */
export const ROUNDING_SECONDS = 2;
const SHARE_ROUNDING = 1e-6;

/** A log, read once: by face, by time, with the place that it is judged by. */
export class DayReading {
  readonly log: readonly LogEntry[];
  readonly place: JudgedPlace;
  readonly grounds: Grounds;
  private readonly byFace = new Map<string, LogEntry[]>();

  constructor(log: readonly LogEntry[], place: JudgedPlace) {
    this.log = [...log].sort((a, b) => a.from - b.from || a.to - b.to);
    this.place = place;
    this.grounds = new Grounds(place);
    for (const entry of this.log)
      for (const surface of entry.surfaces) {
        const list = this.byFace.get(surface);
        if (list) list.push(entry);
        else this.byFace.set(surface, [entry]);
      }
  }

  get worked(): readonly string[] {
    return [...this.byFace.keys()];
  }

  on(surface: string): readonly LogEntry[] {
    return this.byFace.get(surface) ?? [];
  }

  /** hh:mm of the day. */
  clock(seconds: number): string {
    return clockTime(this.place.dayStartSeconds + seconds).slice(0, 5);
  }

  agentName(id: string): string {
    return this.place.catalogue.agent(id).name.toLowerCase();
  }

  /** Put on after the rinse of its own method, on a surface that need not be dry. */
  isLastCoat({ act, agent, method, step, surfaces }: LogEntry): boolean {
    if (act !== 'apply' || method === null || step === null) return false;
    if (this.place.catalogue.method(method).lastCoat?.agent !== agent) return false;
    return this.log.some(
      (other) =>
        other.act === 'rinse' &&
        other.method === method &&
        (other.step ?? step) < step &&
        other.surfaces.some((surface) => surfaces.includes(surface)),
    );
  }

  /** Left on or filled in, and spoilt by water; a paste under film is not. */
  mustStayDry(entry: LogEntry): boolean {
    const { act, agent, method } = entry;
    if (act === 'fill') return true;
    if (act !== 'apply' || method === null) return false;
    if (this.isLastCoat(entry)) return true;
    return this.place.catalogue
      .method(method)
      .stages.some(
        (stage) => stage.kind === 'apply' && stage.agent === agent && stage.leaveOn && !stage.covered,
      );
  }
}

/** Whether two pieces of a face have anything in common. */
export function overlap(one: Share, other: Share): boolean {
  return one.from < other.to - SHARE_ROUNDING && other.from < one.to - SHARE_ROUNDING;
}

/** Whether pieces leave nothing of a face out. */
export function coversAll(pieces: readonly Share[]): boolean {
  let reached = 0;
  for (const piece of [...pieces].sort((a, b) => a.from - b.from)) {
    if (piece.from > reached + SHARE_ROUNDING) return false;
    reached = Math.max(reached, piece.to);
  }
  return reached >= 1 - SHARE_ROUNDING;
}
