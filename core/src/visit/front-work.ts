import type { UnitSystem } from '../quantity/unit-system.ts';
import type { StripSpan, WorkedStrip } from '../sequence/problem.ts';
import type { Span } from '../wetting/front-strips.ts';
import type { CycleFront, FrontPiece } from '../wet-cycle/cycle-front.ts';
import { stripsInWords } from '../wet-cycle/front-words.ts';
import { pieceStrips } from '../wet-cycle/piece-strips.ts';
import type { WetCyclePlan } from '../wet-cycle/wet-cycle-plan.ts';
import { machinesOf } from './stage-machines.ts';
import type { Group, PlannedOperation, WorkBuilder } from './work-builder.ts';

/** Operations that nothing of a cycle comes before, and those that nothing of it comes after. */
export type FrontEnds = Pick<Group, 'first' | 'last'>;

/** The front of a cycle, piece by piece: each is one person's work, or left to dwell where that is worth the absence. */
export function frontWork(
  builder: WorkBuilder,
  cycle: WetCyclePlan,
  front: CycleFront,
  zone: string,
): FrontEnds {
  const first: string[] = [];
  const last: string[] = [];
  let done = 0;
  front.pieces.forEach((piece, i) => {
    const ends = pieceWork(builder, {
      cycle,
      front,
      piece,
      before: done,
      zone,
      id: `${cycle.id}.front-${i + 1}`,
    });
    first.push(ends.first);
    last.push(ends.last);
    done += piece.strips;
  });
  builder.inOrder(first);
  return { first, last };
}

interface PieceInput {
  readonly cycle: WetCyclePlan;
  readonly front: CycleFront;
  readonly piece: FrontPiece;
  /** Strips in pieces before it. */
  readonly before: number;
  readonly zone: string;
  readonly id: string;
}

function pieceWork(
  builder: WorkBuilder,
  input: PieceInput,
): { readonly first: string; readonly last: string } {
  const { cycle, front, piece, zone, id } = input;
  const soak = wholeSeconds(front.soakMinutes);
  const strips = pieceStrips(front, piece);
  const common = { cluster: id, zone, place: cycle.surface };
  const wetting = [...(cycle.preWet ? [cycle.preWet] : []), cycle.apply];
  if (!piece.leftAlone) {
    const operation = builder.add(
      {
        id,
        ...common,
        seconds: soak + wholeSeconds(piece.front.duration),
        machines: machinesOf([...wetting, ...cycle.finishing]),
      },
      {
        task: 'front',
        stages: [...wetting, ...cycle.finishing].map((s) => s.id),
        ...aboutPiece(input, builder.units),
      },
    );
    const within = spansIn(operation, (minutes) => soak + wholeSeconds(minutes));
    addFront(
      builder,
      input,
      strips.map(({ apply, finish, mists }) => ({
        apply: within(apply),
        finish: within(finish),
        mists: within(mists),
      })),
    );
    return { first: operation, last: operation };
  }
  // Applied ahead, left to dwell, and gone on with: its first finish may wait as long as the limit lets it.
  const { out, firstWait, duration, exposure } = piece.front;
  const headMinutes = out * front.strips.apply;
  const bodyFrom = headMinutes + firstWait;
  const head = builder.add(
    {
      id: `${id}.apply`,
      ...common,
      seconds: soak + wholeSeconds(headMinutes),
      machines: machinesOf(wetting),
    },
    { task: 'apply', stages: wetting.map((s) => s.id), ...aboutPiece(input, builder.units) },
  );
  const bodyStages = piece.strips > out ? [...wetting, ...cycle.finishing] : cycle.finishing;
  const body = builder.add(
    {
      id: `${id}.finish`,
      ...common,
      seconds: wholeSeconds(duration) - wholeSeconds(bodyFrom),
      machines: machinesOf(bodyStages),
    },
    { task: 'finish', stages: bodyStages.map((s) => s.id), ...aboutPiece(input, builder.units) },
  );
  const soonest = wholeSeconds(bodyFrom) - wholeSeconds(headMinutes);
  builder.lags.push({
    from: head,
    anchor: 'finish',
    to: body,
    minSeconds: soonest,
    maxSeconds: Math.max(soonest, Math.floor(60 * (firstWait + front.strips.limit - exposure))),
    rule: 'dwell',
  });
  builder.watches.push({ from: head, to: body, zone });
  const inHead = spansIn(head, (minutes) => soak + wholeSeconds(minutes));
  const inBody = spansIn(body, (minutes) => wholeSeconds(minutes) - wholeSeconds(bodyFrom));
  addFront(
    builder,
    input,
    strips.map(({ apply, finish }, i) => ({
      apply: i < out ? inHead(apply) : inBody(apply),
      finish: inBody(finish),
      mists: [],
    })),
  );
  return { first: head, last: body };
}

function spansIn(operation: string, at: (minutes: number) => number) {
  return (spans: readonly Span[]): readonly StripSpan[] =>
    spans.map(({ from, to }) => ({ operation, from: at(from), to: at(to) }));
}

/** Rounded alike wherever a moment of a front stands, so that what touches goes on touching. */
const wholeSeconds = (minutes: number) => Math.round(60 * minutes);

function aboutPiece(
  { cycle, front, piece, before }: PieceInput,
  units: UnitSystem,
): Omit<PlannedOperation, 'id' | 'task' | 'stages'> {
  const { stripCount } = front;
  const some = { from: before + 1, to: before + piece.strips };
  return {
    surface: cycle.surface,
    cycle: cycle.id,
    section:
      stripCount === 1 ? null : stripsInWords(front, units, piece.strips === stripCount ? undefined : some),
    share: { from: before / stripCount, to: (before + piece.strips) / stripCount },
    areaSquareMetres: piece.strips * front.stripSquareMetres,
  };
}

function addFront(
  builder: WorkBuilder,
  { cycle, front, id }: PieceInput,
  strips: readonly WorkedStrip[],
): void {
  const { from, limit, mist } = front.strips;
  builder.fronts.push({
    id,
    cycle: cycle.id,
    strips,
    leastSeconds: Math.floor(60 * from),
    mostSeconds: Math.ceil(60 * limit),
    dryAfterSeconds: mist ? Math.ceil(60 * mist.window) : null,
  });
}
