import { say } from '../messages/message.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { WetCyclePlan } from '../wet-cycle/wet-cycle-plan.ts';
import { machinesOf } from './stage-machines.ts';
import type { Group, PlannedOperation, WorkBuilder } from './work-builder.ts';

/** Operations that nothing of a cycle comes before, and those that nothing of it comes after. */
export type Sections = Pick<Group, 'first' | 'last'>;

/** Of one section: spread over it, and long enough to soak. */
export function preWetSeconds(cycle: WetCyclePlan): number {
  if (!cycle.preWet) return 0;
  const spread = (3600 * cycle.sectionSquareMetres) / (cycle.preWet.rate?.squareMetresPerHour ?? 400);
  return Math.max(spread, 60 * (cycle.preWet.minutes ?? 0));
}

/** A cycle that dwells alone: each section is put on, kept wet, looked after and finished, tied by least and greatest lags. */
export function watchedSections(builder: WorkBuilder, cycle: WetCyclePlan, zone: string): Sections {
  const first: string[] = [];
  const last: string[] = [];
  for (let n = 1; n <= cycle.sectionCount; n += 1) {
    const cluster = `${cycle.id}.section-${n}`;
    const common = { cluster, zone, place: cycle.surface };
    const about = {
      surface: cycle.surface,
      cycle: cycle.id,
      section: say('section/one', { number: n, count: cycle.sectionCount }),
      share: { from: (n - 1) / cycle.sectionCount, to: n / cycle.sectionCount },
      areaSquareMetres: cycle.sectionSquareMetres,
    };
    const [preWet] = cycle.preWet
      ? [
          builder.add(
            {
              id: `${cluster}.pre-wet`,
              ...common,
              seconds: preWetSeconds(cycle),
              machines: machinesOf([cycle.preWet]),
            },
            { task: 'pre-wet', stages: [cycle.preWet.id], ...about },
          ),
        ]
      : [];
    const apply = builder.add(
      {
        id: `${cluster}.apply`,
        ...common,
        seconds: 60 * cycle.applyMinutes,
        machines: machinesOf([cycle.apply]),
      },
      { task: 'apply', stages: [cycle.apply.id], ...about },
    );
    if (preWet)
      builder.lags.push({
        from: preWet,
        anchor: 'finish',
        to: apply,
        minSeconds: 0,
        maxSeconds: TRADE_DEFAULTS.preWetToApplySeconds,
        rule: 'apply-onto-wet',
      });
    const mists = mistOperations(builder, cycle, cluster, common, about);
    const finish = builder.add(
      {
        id: `${cluster}.finish`,
        ...common,
        seconds: 60 * cycle.finishMinutes,
        machines: machinesOf(cycle.finishing),
      },
      { task: 'finish', stages: cycle.finishing.map((s) => s.id), ...about },
    );
    bindDwell(builder, cycle, apply, mists, finish);
    builder.watches.push({ from: apply, to: finish, zone });
    first.push(preWet ?? apply);
    last.push(finish);
  }
  return { first, last };
}

function mistOperations(
  builder: WorkBuilder,
  cycle: WetCyclePlan,
  cluster: string,
  common: { readonly cluster: string; readonly zone: string; readonly place: string },
  about: Omit<PlannedOperation, 'id' | 'task' | 'stages'>,
): readonly string[] {
  const { mist } = cycle;
  if (!mist) return [];
  const seconds = (60 * cycle.sectionSquareMetres) / mist.squareMetresPerMinute;
  return Array.from({ length: mist.passes }, (_, i) =>
    builder.add(
      { id: `${cluster}.mist-${i + 1}`, ...common, seconds, machines: machinesOf([cycle.apply]) },
      { task: 'mist', stages: [cycle.apply.id], ...about },
    ),
  );
}

/** The dwell of a section as lags from the start of its application, mist passes spread so that nothing dries. */
function bindDwell(
  builder: WorkBuilder,
  cycle: WetCyclePlan,
  apply: string,
  mists: readonly string[],
  finish: string,
): void {
  const { window, dwell, mist } = cycle;
  if (!window || !dwell) return;
  const earliest = Math.ceil(60 * window.earliest - 1e-6);
  const latest = Math.max(earliest, Math.floor(60 * window.latest + 1e-6));
  builder.lags.push({
    from: apply,
    anchor: 'start',
    to: finish,
    minSeconds: earliest,
    maxSeconds: latest,
    rule: 'dwell',
  });
  builder.dwells.push({
    apply,
    rinse: finish,
    strips: window.strips,
    fromSeconds: Math.floor(60 * dwell.fromMinutes),
    toSeconds: Math.ceil(60 * dwell.latestMinutes),
  });
  if (!mist) return;
  const interval = Math.floor(60 * mist.intervalMinutes);
  const wetAtEnd = Math.floor(interval - 60 * cycle.finishMinutes);
  const mistSeconds = Math.ceil((60 * cycle.sectionSquareMetres) / mist.squareMetresPerMinute);
  const applySeconds = Math.ceil(60 * cycle.applyMinutes);
  mists.forEach((id, i) => {
    // Before the wet window of the pass before ends, and early enough that all passes are done when the rinse may begin;
    // where the dwell is over sooner than that, the rinse waits for them.
    const left = (mists.length - i) * mistSeconds;
    const soonestDone = Math.min(applySeconds + i * mistSeconds, latest - left);
    const due = Math.min((i + 1) * interval, Math.max(earliest - left, soonestDone));
    const soonest = earliest - wetAtEnd - (mists.length - 1 - i) * interval;
    const from = i === 0 ? apply : (mists[i - 1] ?? apply);
    // Between the soonest that still bridges to the rinse and the latest that nothing dries before: halfway.
    const halfway = Math.max(0, Math.floor((Math.min(soonest, due) + due) / 2));
    builder.lags.push({
      from: apply,
      anchor: 'start',
      to: id,
      minSeconds: halfway,
      maxSeconds: due,
      rule: 'keep-wet',
    });
    builder.lags.push({
      from,
      anchor: 'start',
      to: id,
      minSeconds: 0,
      maxSeconds: interval,
      rule: 'keep-wet',
    });
    builder.lags.push({ from, anchor: 'finish', to: id, minSeconds: 0, maxSeconds: null, rule: 'keep-wet' });
  });
  const lastMist = mists.at(-1);
  if (lastMist) {
    builder.lags.push({
      from: lastMist,
      anchor: 'start',
      to: finish,
      minSeconds: 0,
      maxSeconds: wetAtEnd,
      rule: 'keep-wet',
    });
    builder.lags.push({
      from: lastMist,
      anchor: 'finish',
      to: finish,
      minSeconds: 0,
      maxSeconds: null,
      rule: 'keep-wet',
    });
  }
}
