import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Schedule } from '../sequence/problem.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import type { Stage } from '../treatment/stage.ts';
import { mixKind } from './mix-kind.ts';
import { isPlainRinse } from './plain-rinse.ts';
import type { PlannedOperation, Task } from './work-builder.ts';

/** What one person does in one go: the same, with the same tools and mix, on one side of the property. */
export interface Round {
  /** Of its first operation. */
  readonly id: string;
  readonly person: string;
  /** In the order of time. */
  readonly operations: readonly PlannedOperation[];
  /** Seconds from the start of the visit. */
  readonly start: number;
  readonly finish: number;
}

interface RoundPlan {
  readonly surfaces: readonly TreatedSurface[];
  readonly work: { readonly planned: readonly PlannedOperation[] };
}

/**
 * A decided day as rounds, read off the schedule: what one person does one after the other with the same verb, tools and mix on the same
 * side is one. Nothing is moved by it.
 */
export function rounds({ surfaces, work }: RoundPlan, { placements }: Schedule): readonly Round[] {
  const keyOf = roundKeys(surfaces);
  const planned = new Map(work.planned.map((operation) => [operation.id, operation]));
  const open = new Map<string, { round: Round; key: string }>();
  const found: Round[] = [];
  const close = (person: string) => {
    const last = open.get(person);
    if (last) found.push(last.round);
    open.delete(person);
  };
  for (const { operation: id, person, start, finish } of [...placements].sort(
    (a, b) => a.start - b.start || (a.operation < b.operation ? -1 : 1),
  )) {
    const operation = planned.get(id);
    if (!operation) throw new RangeError(`the schedule places "${id}", which is not planned`);
    const key = keyOf(operation);
    const last = open.get(person);
    const goesOn = last !== undefined && !isBroken(last.round, operation, start);
    if (last && goesOn && (last.key === key || isAtSame(last.round, operation))) {
      const { round } = last;
      last.round = { ...round, operations: [...round.operations, operation], finish };
      continue;
    }
    close(person);
    open.set(person, { key, round: { id, person, operations: [operation], start, finish } });
  }
  for (const person of [...open.keys()]) close(person);
  return found.sort((a, b) => a.start - b.start || (a.person < b.person ? -1 : 1));
}

/** Somebody who waits for others is at something else by then; who only lets it dwell is not. */
function isBroken({ finish }: Round, { task }: PlannedOperation, start: number): boolean {
  return task !== 'finish' && start - finish > 60 * TRADE_DEFAULTS.roundPauseMinutes;
}

/** A place that is worked through is one round, whatever is done there; what is mixed for it alone goes with it. */
function isAtSame({ operations }: Round, { parts }: PlannedOperation): boolean {
  const places = (of: PlannedOperation['parts']) => of.map(({ surface }) => surface).join(' ');
  return parts.length > 0 && operations.every((own) => places(own.parts) === places(parts));
}

/** What each person does for the whole site, or for themselves. */
function isForAll(task: Task): boolean {
  return task === 'set-out' || task === 'lunch' || task === 'clear-up';
}

/** What makes one round of operations, by the stages of the surfaces. */
export function roundKeys(surfaces: readonly TreatedSurface[]): (operation: PlannedOperation) => string {
  const alike = new Alike(surfaces);
  return (operation) => alike.key(operation);
}

class Alike {
  private readonly stages: ReadonlyMap<string, Stage>;
  private readonly sides: ReadonlyMap<string, string>;

  constructor(surfaces: readonly TreatedSurface[]) {
    this.stages = new Map(
      surfaces.flatMap((p) => (p.treatment?.stages ?? []).map((s) => [s.id, s] as const)),
    );
    this.sides = new Map(surfaces.map(({ surface }) => [surface.id, surface.side ?? surface.id]));
  }

  key({ task, parts, stages, standing }: PlannedOperation): string {
    // Once round the property with the hose.
    if (isPlainRinse(task)) return 'rinse';
    // Whatever is mixed, it is done at one place with the same gear on.
    if (task === 'mix' || isForAll(task)) return task;
    if (standing) return standing.act;
    const [surface] = parts.map((part) => part.surface);
    const side = this.sides.get(surface ?? '') ?? '';
    const own = stages.flatMap((id) => {
      const stage = this.stages.get(id);
      return stage && stage.surface === surface ? [stage] : [];
    });
    return [side, ...own.map(actOf)].join(' | ');
  }
}

/** A pre-wet and a reading go with what they are for. */
function actOf(stage: Stage): string {
  const { kind, task, tool, apply } = stage;
  if (kind === 'reading') return kind;
  const mix = apply ? `${mixKind(stage) ?? ''} ${apply.strengthGramsPerLitre}` : (tool ?? '');
  return [task ?? kind, mix].join(' ');
}
