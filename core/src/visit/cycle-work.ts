import { say } from '../messages/message.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { mixLife } from '../catalogue/data/mix-life.ts';
import { isWet } from '../protection/work-phase.ts';
import type { Stage } from '../treatment/stage.ts';
import type { WetCyclePlan } from '../wet-cycle/wet-cycle-plan.ts';
import { machinesOf } from './stage-machines.ts';
import { preWetSeconds, watchedSections } from './watched-sections.ts';
import type { Sections } from './watched-sections.ts';
import { WHOLE } from './work-builder.ts';
import type { Group, WorkBuilder } from './work-builder.ts';

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
        section: pieces > 1 ? say('section/one', { number: i + 1, count: pieces }) : null,
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
          section:
            from === to
              ? say('section/one', { number: from, count: pieces })
              : say('section/several', { from, to, count: pieces }),
          share: { from: (from - 1) / pieces, to: to / pieces },
          areaSquareMetres: (cycle.areaSquareMetres * count) / pieces,
        },
      ),
    );
  }
  return { first: ids, last: ids };
}
