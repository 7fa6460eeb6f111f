import { NO_SET_UP } from './problem.ts';
import type { Hold, Lag, Operation, Placement, SequenceProblem, SetUp, Watch } from './problem.ts';
import { seededRandom } from './seeded-random.ts';

const SIDES = ['north', 'east', 'south', 'west'] as const;
const CREW = ['a', 'b', 'c', 'd'] as const;
const MACHINES = { hose: 2, sprayer: 6, 'pressure-washer': 1 };
const SET_UP_SECONDS = { place: 120, tool: 60, mix: 60 };
/** Of whoever is not left alone with a machine: from the fourth to the fifth hour it is silent. */
const QUIET = { from: 4 * 3600, to: 5 * 3600 };
const DAY_SECONDS = 400 * 3600;

/** Numbers and choices out of one seed. */
function chooser(seed: number) {
  const random = seededRandom(seed);
  const between = (low: number, high: number) => Math.round(low + random() * (high - low));
  const one = <Item>(items: readonly Item[]): Item => {
    const item = items[Math.floor(random() * items.length)];
    if (item === undefined) throw new RangeError('nothing to choose from');
    return item;
  };
  return { random, between, one };
}

/** The parts of a problem while it is made. */
interface Parts {
  readonly operations: Operation[];
  readonly lags: Lag[];
  readonly watches: Watch[];
  readonly holds: Hold[];
}

const problemOf = (
  { operations, lags, watches, holds }: Parts,
  people: readonly string[],
  apart: SequenceProblem['apart'],
): SequenceProblem => ({
  operations,
  lags,
  watches,
  holds,
  fronts: [],
  pins: [],
  soon: [],
  hours: [],
  apart,
  people,
  machines: MACHINES,
  stayingSeconds: 90,
  roundWorthSeconds: 0,
  roundPauseSeconds: 600,
  setUpSeconds: SET_UP_SECONDS,
  ways: [],
  watchesPerPerson: 2,
});

const after = (from: string, to: string, rule: string, minSeconds = 0): Lag => ({
  from,
  anchor: 'finish',
  to,
  minSeconds,
  maxSeconds: null,
  rule,
});

/**
 * A visit of about so many operations, shaped like a real one: everybody sets out and clears up; surfaces on the sides of a property are
 * cleared, pre-treated, misted where that is due, finished within their dwell, washed and rinsed; what is above comes first; machines
 * are few, silent for an hour, and some are held. The same seed, the same visit.
 */
export function visitProblem(seed: number, count: number): SequenceProblem {
  const { random, between, one } = chooser(seed);
  const people = CREW.slice(0, count < 25 ? 2 : between(2, 4));
  const parts: Parts = { operations: [], lags: [], watches: [], holds: [] };
  const apart: [string, string][] = [];
  const add = (id: string, cluster: string, seconds: number, more: Partial<Operation>) => {
    parts.operations.push({
      id,
      cluster,
      seconds,
      machines: [],
      zone: 'site',
      place: 'site',
      people: null,
      starts: null,
      begins: NO_SET_UP,
      ends: NO_SET_UP,
      round: id,
      ...more,
    });
    return id;
  };
  const setOut = people.map((p) =>
    add(`set-out-${p}`, `set-out-${p}`, 60 * between(15, 40), { people: [p] }),
  );
  const ends: string[] = [];
  let above: { readonly place: string; readonly last: string } | null = null;
  for (let n = 0; parts.operations.length < count - people.length; n += 1) {
    const side = one(SIDES);
    const place = `surface-${n}`;
    const set = (tool: string, mix: string | null = null): SetUp => ({
      ...NO_SET_UP,
      place: side,
      tool,
      mix,
    });
    const at = (tool: string, mix?: string) => ({
      zone: side,
      place,
      begins: set(tool, mix),
      ends: set(tool, mix),
    });
    const noisy = (seconds: number) =>
      random() < 0.5
        ? {
            starts: [
              { from: 0, to: QUIET.from - seconds },
              { from: QUIET.to, to: DAY_SECONDS },
            ],
          }
        : {};
    let last: string | null = null;
    const then = (id: string, minSeconds = 0) => {
      for (const earlier of last === null ? setOut : [last])
        parts.lags.push(after(earlier, id, 'order', minSeconds));
      if (last === null && above && random() < 0.4)
        parts.lags.push(after(above.last, id, 'gravity', 60 * between(0, 10)));
      last = id;
    };
    if (random() < 0.4)
      then(add(`clear-${n}`, `clear-${n}`, 60 * between(3, 15), { ...at('broom'), round: `clear ${side}` }));
    const mix = one(['A', 'B', 'C']);
    const cluster = `cycle-${n}`;
    const apply = 60 * between(2, 12);
    const finish = 60 * between(3, 20);
    then(
      add(`apply-${n}`, cluster, apply, {
        ...at('sprayer', mix),
        machines: ['sprayer'],
        round: `${mix} on ${side}`,
      }),
    );
    const dwell = apply + 60 * between(3, 15);
    const freedom = 60 * between(2, 12);
    if (random() < 0.3) {
      add(`mist-${n}`, cluster, 30, at('sprayer', mix));
      const latest = dwell - apply;
      parts.lags.push({
        from: `apply-${n}`,
        anchor: 'finish',
        to: `mist-${n}`,
        minSeconds: 0,
        maxSeconds: latest,
        rule: 'keep-wet',
      });
    }
    add(`finish-${n}`, cluster, finish, { ...at('hose'), machines: ['hose'], round: `rinse ${side}` });
    parts.lags.push({
      from: `apply-${n}`,
      anchor: 'start',
      to: `finish-${n}`,
      minSeconds: dwell,
      maxSeconds: dwell + freedom,
      rule: 'dwell',
    });
    parts.watches.push({ from: `apply-${n}`, to: `finish-${n}`, zone: side });
    if (random() < 0.3) parts.holds.push({ from: `apply-${n}`, to: `finish-${n}`, machine: 'sprayer' });
    last = `finish-${n}`;
    if (random() < 0.4) {
      const wash = 60 * between(5, 25);
      then(
        add(`wash-${n}`, `wash-${n}`, wash, {
          ...at('jet'),
          ...noisy(wash),
          machines: ['pressure-washer'],
          round: `wash ${side}`,
        }),
      );
      then(
        add(`rinse-${n}`, `rinse-${n}`, 60 * between(2, 10), {
          ...at('hose'),
          machines: ['hose'],
          round: `rinse ${side}`,
        }),
        60 * between(0, 5),
      );
    }
    if (above && random() < 0.15) apart.push([above.place, place]);
    above = { place, last };
    ends.push(last);
  }
  for (const p of people) {
    const id = add(`clear-up-${p}`, `clear-up-${p}`, 60 * between(10, 30), { people: [p] });
    for (const end of ends) parts.lags.push(after(end, id, 'last'));
  }
  return problemOf(parts, people, apart);
}

/**
 * A visit behind which a schedule is hidden in which everybody is busy from the first second to the last, so that none is shorter; its
 * lags and hours leave the hidden one so much room and no more.
 * @returns the visit, and the hidden schedule's finish in seconds
 */
export function packedVisit(
  seed: number,
  count: number,
): { readonly problem: SequenceProblem; readonly makespan: number } {
  const { random, between, one } = chooser(seed);
  const people = CREW.slice(0, between(2, 3));
  const each = Math.ceil(count / people.length);
  const lengths = people.map(() => Array.from({ length: each }, () => 60 * between(2, 30)));
  const makespan = Math.max(...lengths.map((own) => own.reduce((sum, seconds) => sum + seconds, 0)));
  const hidden: (Placement & { readonly seconds: number })[] = [];
  lengths.forEach((own, i) => {
    let start = 0;
    own.forEach((seconds, k) => {
      const isLast = k === own.length - 1;
      const length = isLast ? makespan - start : seconds;
      const person = people[i] ?? '';
      hidden.push({ operation: `${i}-${k}`, person, start, finish: start + length, seconds: length });
      start += length;
    });
  });
  const parts: Parts = { operations: [], lags: [], watches: [], holds: [] };
  const free = new Set(hidden.map(({ operation }) => operation));
  const clusterOf = new Map<string, string>();
  const inTime = [...hidden].sort((a, b) => a.start - b.start);
  inTime.forEach((first, n) => {
    if (!free.has(first.operation)) return;
    free.delete(first.operation);
    clusterOf.set(first.operation, `c${n}`);
    if (random() < 0.5) return;
    const later = inTime.filter(
      ({ operation, start }) => free.has(operation) && start >= first.finish && start < first.finish + 3600,
    );
    if (later.length === 0) return;
    const second = one(later);
    free.delete(second.operation);
    clusterOf.set(second.operation, `c${n}`);
    const gap = second.start - first.start;
    parts.lags.push({
      from: first.operation,
      anchor: 'start',
      to: second.operation,
      minSeconds: Math.max(first.seconds, gap - 60 * between(0, 10)),
      maxSeconds: gap + 60 * between(0, 10),
      rule: 'dwell',
    });
  });
  for (const { operation: id, person, seconds } of inTime)
    parts.operations.push({
      id,
      cluster: clusterOf.get(id) ?? id,
      seconds,
      machines: [],
      zone: 'site',
      place: `place-${id}`,
      people: random() < 0.3 ? [person] : null,
      starts: null,
      begins: NO_SET_UP,
      ends: NO_SET_UP,
      round: id,
    });
  for (let n = 0; n < count / 3; n += 1) {
    const [one_, other] = [one(inTime), one(inTime)];
    if (one_.finish <= other.start && clusterOf.get(one_.operation) !== clusterOf.get(other.operation))
      parts.lags.push(after(one_.operation, other.operation, 'order'));
  }
  return { problem: problemOf(parts, people, []), makespan };
}
