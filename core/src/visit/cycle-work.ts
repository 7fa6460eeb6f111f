import { say } from '../messages/message.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { mixLife } from '../catalogue/data/mix-life.ts';
import { isWet } from '../protection/work-phase.ts';
import type { Stage } from '../treatment/stage.ts';
import type { WetCyclePlan } from '../wet-cycle/wet-cycle-plan.ts';
import { machinesOf } from './stage-machines.ts';
import { frontWork } from './front-work.ts';
import type { FrontEnds } from './front-work.ts';
import { WHOLE } from './work-builder.ts';
import type { Group, WorkBuilder } from './work-builder.ts';

/**
 * Stages that one person does one after the other over a surface, in pieces of half an hour at most; several only where all of them
 * are one piece.
 */
export function untiedGroup(builder: WorkBuilder, stages: readonly Stage[], zone: string): Group {
  const [stage] = stages;
  if (!stage) throw new RangeError('work without a stage');
  const seconds = stages.reduce((sum, one) => sum + stageSeconds(one), 0) + waitSeconds(stages);
  const pieces = stages.length > 1 ? 1 : Math.max(1, Math.ceil(seconds / TRADE_DEFAULTS.longestPieceSeconds));
  const areas = new Set(stages.map((one) => one.areaSquareMetres));
  const ids = Array.from({ length: pieces }, (_, i) =>
    builder.add(
      {
        id: `${stage.id}.${i + 1}`,
        cluster: `${stage.id}.${i + 1}`,
        seconds: seconds / pieces,
        machines: machinesOf(stages),
        zone,
        place: stage.surface,
      },
      {
        task: 'work',
        surface: stage.surface,
        stages: stages.map((one) => one.id),
        cycle: null,
        section: pieces > 1 ? say('section/one', { number: i + 1, count: pieces }) : null,
        share: { from: i / pieces, to: (i + 1) / pieces },
        areaSquareMetres: areas.size === 1 ? stage.areaSquareMetres / pieces : null,
      },
    ),
  );
  builder.inOrder(ids);
  const mixes = stages.flatMap((one) =>
    one.apply ? [mixOperation(builder, one, `${one.id}.mix`, zone, null)] : [],
  );
  builder.allAfter(ids, mixes, 'mix-before-apply');
  return { first: [...mixes, ...ids], last: ids, wet: stages.some(isWet) };
}

/** Stages one after the other that one person does in one go: dry work, or wet work with the readings that end it. */
export function together(stages: readonly Stage[]): readonly (readonly Stage[])[] {
  const groups: Stage[][] = [];
  for (const stage of stages) {
    const group = groups.at(-1);
    const last = group?.at(-1);
    const all = [...(group ?? []), stage];
    const seconds = all.reduce((sum, one) => sum + stageSeconds(one), 0) + waitSeconds(all);
    const goesOn =
      last?.cycle === null &&
      stage.cycle === null &&
      seconds <= TRADE_DEFAULTS.longestPieceSeconds &&
      (isWet(stage) === isWet(last) || stage.kind === 'reading');
    if (group && goesOn) group.push(stage);
    else groups.push([stage]);
  }
  return groups;
}

/** One person, over all of it. */
export function stageSeconds({ rate, areaSquareMetres, minutes }: Stage): number {
  return rate ? (3600 * areaSquareMetres) / rate.squareMetresPerHour : 60 * (minutes ?? 1);
}

/** What is put on to neutralise works for a while before it is read. */
const waitSeconds = (stages: readonly Stage[]) =>
  stages.slice(1).filter(({ kind }) => kind === 'reading').length * TRADE_DEFAULTS.neutraliserWorksSeconds;

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

/** A wet cycle as a front, with the mix before it: mixed again before what is mixed has stood too long. */
export function cycleGroup(builder: WorkBuilder, cycle: WetCyclePlan, zone: string): Group {
  const ends = cycle.front
    ? frontWork(builder, cycle, cycle.front, zone)
    : leaveOnPieces(builder, cycle, zone);
  const each = operationsPerMix(cycle, ends.first.length);
  const mixes: string[] = [];
  for (let from = 0; from < ends.first.length; from += each) {
    const id = mixes.length === 0 ? `${cycle.id}.mix` : `${cycle.id}.mix-${mixes.length + 1}`;
    const mix = mixOperation(builder, cycle.apply, id, zone, cycle.id);
    // Not before the last of what was mixed before is begun: it would stand.
    builder.allAfter([mix], ends.first.slice(Math.max(0, from - 1), from), 'mix-fresh');
    builder.allAfter(ends.first.slice(from, from + each), [mix], 'mix-before-apply');
    mixes.push(mix);
  }
  return { first: [...mixes, ...ends.first], last: ends.last, wet: isWet(cycle.apply) };
}

/** How many operations one mix is for, so that the last of them begins before half of its life is over. */
function operationsPerMix({ apply, minutes }: WetCyclePlan, operations: number): number {
  const agent = CATALOGUE.agent(apply.apply.agent);
  if (isReadyToUse(agent)) return operations;
  const mixes = Math.ceil(minutes / (60 * mixLife(agent.class).hours * TRADE_DEFAULTS.mixLifeShare));
  return Math.max(1, Math.ceil(operations / Math.max(1, mixes)));
}

/** What is left on, in pieces of half an hour at most. */
function leaveOnPieces(builder: WorkBuilder, cycle: WetCyclePlan, zone: string): FrontEnds {
  const stages = [...(cycle.preWet ? [cycle.preWet] : []), cycle.apply, ...cycle.finishing];
  const seconds = 60 * cycle.minutes;
  const pieces = Math.max(1, Math.ceil(seconds / TRADE_DEFAULTS.longestPieceSeconds));
  const ids = Array.from({ length: pieces }, (_, i) => {
    const id = `${cycle.id}.piece-${i + 1}`;
    return builder.add(
      {
        id,
        cluster: id,
        seconds: seconds / pieces,
        machines: machinesOf(stages),
        zone,
        place: cycle.surface,
      },
      {
        task: 'work',
        surface: cycle.surface,
        stages: stages.map((s) => s.id),
        cycle: cycle.id,
        section: pieces === 1 ? null : say('section/one', { number: i + 1, count: pieces }),
        share: { from: i / pieces, to: (i + 1) / pieces },
        areaSquareMetres: cycle.areaSquareMetres / pieces,
      },
    );
  });
  builder.inOrder(ids);
  return { first: ids, last: ids };
}
