import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { mixLife } from '../catalogue/data/mix-life.ts';
import { isWet } from '../protection/work-phase.ts';
import type { Stage } from '../treatment/stage.ts';
import type { WetCyclePlan } from '../wet-cycle/wet-cycle-plan.ts';
import { WHOLE } from './work-builder.ts';
import type { Group, PlannedOperation, WorkBuilder } from './work-builder.ts';

type Sections = Pick<Group, 'first' | 'last'>;

function machinesOf(stages: readonly Stage[]): readonly string[] {
  return [...new Set(stages.flatMap((s) => (s.tool === null ? [] : CATALOGUE.tool(s.tool).machines)))];
}

/** A stage that is done over the whole surface, cut into pieces of half an hour at most. */
export function untiedGroup(builder: WorkBuilder, stage: Stage, zone: string): Group {
  const seconds = stage.rate
    ? (3600 * stage.areaSquareMetres) / stage.rate.squareMetresPerHour
    : 60 * (stage.minutes ?? 1);
  const pieces = Math.max(1, Math.ceil(seconds / TRADE_DEFAULTS.longestPieceSeconds));
  const ids = Array.from({ length: pieces }, (_, i) =>
    builder.add(
      {
        id: `${stage.id}.${i + 1}`,
        cluster: `${stage.id}.${i + 1}`,
        seconds: seconds / pieces,
        machines: machinesOf([stage]),
        zone,
        place: stage.surface,
      },
      {
        task: 'work',
        surface: stage.surface,
        stages: [stage.id],
        cycle: null,
        section: pieces > 1 ? `${i + 1} of ${pieces}` : null,
        share: { from: i / pieces, to: (i + 1) / pieces },
        areaSquareMetres: stage.areaSquareMetres / pieces,
      },
    ),
  );
  if (!stage.apply) return { first: ids, last: ids, wet: isWet(stage) };
  const mix = mixOperation(builder, stage, `${stage.id}.mix`, zone, null);
  builder.allAfter(ids, [mix], 'mix-before-apply');
  return { first: [mix, ...ids], last: ids, wet: isWet(stage) };
}

function mixOperation(
  builder: WorkBuilder,
  stage: Stage,
  id: string,
  zone: string,
  cycle: string | null,
): string {
  return builder.add(
    { id, cluster: id, seconds: TRADE_DEFAULTS.mixSeconds, zone, place: stage.surface },
    {
      task: 'mix',
      surface: stage.surface,
      stages: [stage.id],
      cycle,
      section: null,
      share: WHOLE,
      areaSquareMetres: null,
    },
  );
}

/** A wet cycle, section by section, with the mix before it: mixed again before what is mixed has stood too long. */
export function cycleGroup(builder: WorkBuilder, cycle: WetCyclePlan, zone: string): Group {
  const sections =
    cycle.mode === 'watched' ? watchedSections(builder, cycle, zone) : handsOnPieces(builder, cycle, zone);
  const each = sectionsPerMix(cycle, sections.first.length);
  const mixes: string[] = [];
  for (let from = 0; from < sections.first.length; from += each) {
    const id = mixes.length === 0 ? `${cycle.id}.mix` : `${cycle.id}.mix-${mixes.length + 1}`;
    const mix = mixOperation(builder, cycle.apply, id, zone, cycle.id);
    // Not before the last of what was mixed before is begun: it would stand.
    builder.allAfter([mix], sections.first.slice(Math.max(0, from - 1), from), 'mix-fresh');
    builder.allAfter(sections.first.slice(from, from + each), [mix], 'mix-before-apply');
    mixes.push(mix);
  }
  return { first: [...mixes, ...sections.first], last: sections.last, wet: isWet(cycle.apply) };
}

/** How many operations one mix is for, so that the last of them begins before half of its life is over. */
function sectionsPerMix(cycle: WetCyclePlan, operations: number): number {
  const agent = CATALOGUE.agent(cycle.apply.apply.agent);
  if (isReadyToUse(agent)) return operations;
  const minutes =
    cycle.sectionCount *
    (preWetSeconds(cycle) / 60 + cycle.applyMinutes + (cycle.window?.earliest ?? 0) + cycle.finishMinutes);
  const mixes = Math.ceil(minutes / (60 * mixLife(agent.class).hours * TRADE_DEFAULTS.mixLifeShare));
  return Math.max(1, Math.ceil(operations / mixes));
}

function handsOnPieces(builder: WorkBuilder, cycle: WetCyclePlan, zone: string): Sections {
  const stages = [...(cycle.preWet ? [cycle.preWet] : []), cycle.apply, ...cycle.finishing];
  const leaveOn = cycle.mode === 'leave-on';
  const one = leaveOn
    ? 60 * cycle.applyMinutes
    : preWetSeconds(cycle) + 60 * ((cycle.window?.earliest ?? 0) + cycle.finishMinutes);
  const pieces = leaveOn
    ? Math.max(1, Math.ceil(one / TRADE_DEFAULTS.longestPieceSeconds))
    : cycle.sectionCount;
  const seconds = leaveOn ? one / pieces : one;
  const perOperation = Math.max(1, Math.floor(TRADE_DEFAULTS.longestHandsOnSeconds / seconds));
  const ids: string[] = [];
  for (let from = 1; from <= pieces; from += perOperation) {
    const to = Math.min(pieces, from + perOperation - 1);
    const count = to - from + 1;
    const id = `${cycle.id}.section-${from}`;
    ids.push(
      builder.add(
        {
          id,
          cluster: id,
          seconds: seconds * count,
          machines: machinesOf(stages),
          zone,
          place: cycle.surface,
        },
        {
          task: 'hands-on',
          surface: cycle.surface,
          stages: stages.map((s) => s.id),
          cycle: cycle.id,
          section: `${from === to ? String(from) : `${from}–${to}`} of ${pieces}`,
          share: { from: (from - 1) / pieces, to: to / pieces },
          areaSquareMetres: (cycle.areaSquareMetres * count) / pieces,
        },
      ),
    );
  }
  return { first: ids, last: ids };
}

function preWetSeconds(cycle: WetCyclePlan): number {
  if (!cycle.preWet) return 0;
  const spread = (3600 * cycle.sectionSquareMetres) / (cycle.preWet.rate?.squareMetresPerHour ?? 400);
  return Math.max(spread, 60 * (cycle.preWet.minutes ?? 0));
}

function watchedSections(builder: WorkBuilder, cycle: WetCyclePlan, zone: string): Sections {
  const first: string[] = [];
  const last: string[] = [];
  for (let n = 1; n <= cycle.sectionCount; n += 1) {
    const cluster = `${cycle.id}.section-${n}`;
    const common = { cluster, zone, place: cycle.surface };
    const about = {
      surface: cycle.surface,
      cycle: cycle.id,
      section: `${n} of ${cycle.sectionCount}`,
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
