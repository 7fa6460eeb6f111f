import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { told as telling } from '../messages/message.ts';
import type { Message } from '../messages/message.ts';
import type { OrderEntry } from './order-entry.ts';

/** Said once to each person: what holds every time from then on. */
const ONCE: readonly Message['id'][] = ['order/mix/how', 'order/pour/how', 'order/does'];

interface Line {
  readonly text: string;
  readonly message: Message | undefined;
}

/**
 * A person's entries in order of time, each with only what differs from what the same person was told before: what to put on beside what
 * they wear, a tool where the last such work had another one or another distance, checks and rules that are new to them. What is read and
 * written down is asked for every time, and how long it dwells is told every time.
 */
export function onlyWhatDiffers(entries: readonly OrderEntry[]): readonly OrderEntry[] {
  const told = new Set<string>();
  let worn: readonly string[] = [];
  const lastBy = new Map<unknown, string>();
  const isNew = (text: string) => {
    if (told.has(text)) return false;
    told.add(text);
    return true;
  };
  return entries.map((entry): OrderEntry => {
    const { said, readings = [], force, stopWhen, ifNotEnough } = entry;
    // What comes off for lunch is put on again.
    if (entry.task === 'lunch') worn = [];
    const lines = entry.how.flatMap((line, i): readonly Line[] => {
      const message = said?.how[i];
      const id = message?.id;
      const asItIs: Line = { text: line, message };
      if (id === 'order/wear') {
        const what = String(message?.params['what']).split(', ');
        const more = what.filter((item) => !worn.includes(item));
        const isMore = more.length < what.length;
        worn = what;
        if (more.length === 0) return [];
        const also = telling(isMore ? 'order/wear/also' : 'order/wear', { what: more.join(', ') });
        return [{ text: also.text, message: { id: also.id, params: also.params } }];
      }
      if (id === 'order/with-tool') {
        const verb = message?.params['verb'];
        const isAsBefore = lastBy.get(verb) === line;
        lastBy.set(verb, line);
        return isAsBefore ? [] : [asItIs];
      }
      return id === undefined || !ONCE.includes(id) || isNew(line) ? [asItIs] : [];
    });
    const drawn =
      force &&
      Math.max(...force.kilopascals) >= TRADE_DEFAULTS.forceWorthDrawing * force.limitKilopascal &&
      isNew(`${entry.place} ${JSON.stringify(force)}`)
        ? force
        : null;
    return {
      ...entry,
      how: lines.map(({ text }) => text),
      ...(said ? { said: { ...said, how: lines.flatMap(({ message }) => message ?? []) } } : {}),
      force: drawn,
      checks: entry.checks.filter((check) => isNew(check) || readings.includes(check)),
      stopWhen: stopWhen !== null && isNew(`${entry.mix} ${stopWhen}`) ? stopWhen : null,
      ifNotEnough: ifNotEnough !== null && isNew(`${entry.mix} ${ifNotEnough}`) ? ifNotEnough : null,
      cautions: entry.cautions.filter(isNew),
    };
  });
}
