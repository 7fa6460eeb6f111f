import { CATALOGUE } from '../catalogue/catalogue.ts';
import { mixMinutes } from '../mixing/mix-lasts.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import type { WorkedStrip } from '../sequence/problem.ts';
import type { Stage } from '../treatment/stage.ts';
import type { Front, PairFront } from '../wetting/front.ts';
import type { CycleFront } from '../wetting/cycle-front.ts';
import type { FrontPiece } from '../wetting/front-pieces.ts';
import { stripsInWords } from '../wet-cycle/front-words.ts';
import type { JoinedFront } from '../wet-cycle/joined-front.ts';
import { pieceStrips } from '../wet-cycle/piece-strips.ts';
import type { WetCyclePlan } from '../wet-cycle/wet-cycle-plan.ts';
import type { Piece } from './front-piece.ts';
import { spansIn, wholeSeconds } from './front-spans.ts';
import { machinesOf } from './stage-machines.ts';
import { workedWith } from './stage-set-up.ts';
import { WHOLE } from './work-builder.ts';
import type { Group, PlannedOperation, WorkBuilder } from './work-builder.ts';

/** Operations that nothing of a cycle comes before, and those that nothing of it comes after. */
export type FrontEnds = Pick<Group, 'first' | 'last'>;

/** The front of a cycle, piece by piece: each is the work of one person or of a pair, or left to dwell where that is worth the absence. */
export function frontWork(
  builder: WorkBuilder,
  cycle: WetCyclePlan,
  front: CycleFront,
  zone: string,
): FrontEnds {
  let done = 0;
  const ends = front.pieces.map((piece, i) => {
    const stripsBefore = done;
    done += piece.strips;
    return pieceWork(
      builder,
      onePiece(cycle, front, piece, stripsBefore, `${cycle.id}.front-${i + 1}`),
      zone,
    );
  });
  const first = ends.map((end) => end.first);
  builder.inOrder(first);
  return { first, last: ends.map((end) => end.last) };
}

/** One front over several surfaces, each of them a strip. */
export function joinedWork(builder: WorkBuilder, joined: JoinedFront, zone: string): FrontEnds {
  const [first] = joined.cycles;
  if (!first) throw new RangeError('a front of no surface');
  const { front, strips, spare, leftAlone, soakMinutes } = joined;
  const { first: begin, last } = pieceWork(
    builder,
    {
      id: `${first.id}.joined`,
      parts: joined.cycles.map((cycle, i) => {
        const { from, limit } = joined.limits[i] ?? { from: 0, limit: 0 };
        const about = { surface: cycle.surface, cycle: cycle.id, share: WHOLE };
        return {
          cycle,
          about: { ...about, areaSquareMetres: cycle.areaSquareMetres },
          strips: 1,
          limits: { from, limit, window: null },
        };
      }),
      section: () => null,
      front,
      strips,
      spare,
      leftAlone,
      soakMinutes,
    },
    zone,
  );
  return { first: [begin], last: [last] };
}

function onePiece(
  cycle: WetCyclePlan,
  front: CycleFront,
  piece: FrontPiece,
  before: number,
  id: string,
): Piece {
  const { stripCount, soakMinutes } = front;
  const { from, limit, mist } = front.strips;
  const isWhole = piece.strips === stripCount;
  const some = isWhole ? undefined : { from: before + 1, to: before + piece.strips };
  const about = {
    surface: cycle.surface,
    cycle: cycle.id,
    share: { from: before / stripCount, to: (before + piece.strips) / stripCount },
    areaSquareMetres: piece.strips * front.stripSquareMetres,
  };
  return {
    id,
    parts: [{ cycle, about, strips: piece.strips, limits: { from, limit, window: mist?.window ?? null } }],
    section: (units) => (stripCount === 1 ? null : stripsInWords(front, units, some)),
    front: piece.front,
    strips: pieceStrips(front, piece),
    spare: limit - piece.front.exposure,
    leftAlone: piece.leftAlone,
    soakMinutes,
  };
}

interface Ends {
  readonly first: string;
  readonly last: string;
}

/** A piece with what its operations have in common. */
interface PieceWork extends Piece {
  /** Whole seconds that the surface drinks before. */
  readonly soak: number;
  readonly common: { readonly cluster: string; readonly zone: string; readonly place: string };
  readonly wetting: readonly Stage[];
  readonly finishing: readonly Stage[];
}

function pieceWork(builder: WorkBuilder, piece: Piece, zone: string): Ends {
  const cycles = piece.parts.map(({ cycle }) => cycle);
  const work: PieceWork = {
    ...piece,
    soak: wholeSeconds(piece.soakMinutes),
    common: { cluster: piece.id, zone, place: cycles[0]?.surface ?? '' },
    wetting: cycles.flatMap(({ preWet, apply }) => [...(preWet ? [preWet] : []), apply]),
    finishing: cycles.flatMap(({ finishing }) => finishing),
  };
  if (piece.front.mode === 'pair') return pairWork(builder, work, piece.front);
  return piece.leftAlone ? leftWork(builder, work, piece.front) : oneWork(builder, work, piece.front);
}

/** One person, from the first strip to the last. */
function oneWork(builder: WorkBuilder, work: PieceWork, { duration }: Front): Ends {
  const { id, soak, strips, common, wetting, finishing } = work;
  const stages = [...wetting, ...finishing];
  const operation = builder.add(
    { id, ...common, seconds: soak + wholeSeconds(duration), ...workedWith(stages, common.zone) },
    { task: 'front', stages: stages.map((s) => s.id), ...aboutPiece(work, builder.units) },
  );
  const within = spansIn(operation, (minutes) => soak + wholeSeconds(minutes));
  addFronts(
    builder,
    work,
    strips.map(({ apply, finish, mists }) => ({
      apply: within(apply),
      finish: within(finish),
      mists: within(mists),
    })),
  );
  return { first: operation, last: operation };
}

/** One applies and mists, the other finishes behind: begun so long after each other as the dwell takes. */
function pairWork(builder: WorkBuilder, work: PieceWork, pair: PairFront): Ends {
  const { id, soak, strips, common, wetting, finishing, spare } = work;
  const { lead, duration, leaderFree } = pair;
  const about = aboutPiece(work, builder.units);
  const leader = builder.add(
    {
      id: `${id}.lead`,
      ...common,
      seconds: soak + wholeSeconds(leaderFree),
      ...workedWith(wetting, common.zone),
    },
    { task: 'lead', stages: wetting.map((s) => s.id), ...about },
  );
  const follower = builder.add(
    {
      id: `${id}.follow`,
      ...common,
      seconds: wholeSeconds(duration) - wholeSeconds(lead),
      ...workedWith(finishing, common.zone),
    },
    { task: 'follow', stages: finishing.map((s) => s.id), ...about },
  );
  const soonest = soak + wholeSeconds(lead);
  const isDrying = work.parts.some(({ limits }) => limits.window !== null);
  builder.lags.push({
    from: leader,
    anchor: 'start',
    to: follower,
    minSeconds: soonest,
    // What dries is finished to the minute.
    maxSeconds: soonest + (isDrying ? 0 : Math.max(0, Math.floor(60 * spare))),
    rule: 'pair',
  });
  const led = spansIn(leader, (minutes) => soak + wholeSeconds(minutes));
  const followed = spansIn(follower, (minutes) => wholeSeconds(minutes) - wholeSeconds(lead));
  addFronts(
    builder,
    work,
    strips.map(({ apply, finish, mists }) => ({
      apply: led(apply),
      finish: followed(finish),
      mists: led(mists),
    })),
  );
  return { first: leader, last: follower };
}

/** Applied ahead, left to dwell, and gone on with: its first finish may wait as long as the limit lets it. */
function leftWork(builder: WorkBuilder, work: PieceWork, { out, firstWait, duration }: Front): Ends {
  const { id, soak, strips, common, wetting, finishing, spare } = work;
  const { zone } = common;
  const headMinutes = strips[out - 1]?.apply.at(-1)?.to ?? 0;
  const bodyFrom = headMinutes + firstWait;
  const about = aboutPiece(work, builder.units);
  const head = builder.add(
    {
      id: `${id}.apply`,
      ...common,
      seconds: soak + wholeSeconds(headMinutes),
      ...workedWith(wetting, common.zone),
    },
    { task: 'apply', stages: wetting.map((s) => s.id), ...about },
  );
  const isAppliedLater = strips.length > out;
  const mixSpare =
    Math.min(...work.parts.map(({ cycle: { apply } }) => mixMinutes(CATALOGUE.agent(apply.apply.agent)))) -
    soak / 60 -
    duration;
  const bodyStages = isAppliedLater ? [...wetting, ...finishing] : finishing;
  const body = builder.add(
    {
      id: `${id}.finish`,
      ...common,
      seconds: wholeSeconds(duration) - wholeSeconds(bodyFrom),
      ...workedWith(bodyStages, common.zone),
    },
    { task: 'finish', stages: bodyStages.map((s) => s.id), ...about },
  );
  const soonest = wholeSeconds(bodyFrom) - wholeSeconds(headMinutes);
  builder.lags.push({
    from: head,
    anchor: 'finish',
    to: body,
    minSeconds: soonest,
    maxSeconds: Math.max(
      soonest,
      Math.floor(60 * (firstWait + (isAppliedLater ? Math.min(spare, mixSpare) : spare))),
    ),
    rule: 'dwell',
  });
  builder.watches.push({ from: head, to: body, zone });
  // The sprayer stands with what is mixed in it for the strips that are left.
  if (isAppliedLater)
    for (const machine of machinesOf(wetting.filter(({ apply }) => apply !== null)))
      builder.holds.push({ from: head, to: body, machine });
  const inHead = spansIn(head, (minutes) => soak + wholeSeconds(minutes));
  const inBody = spansIn(body, (minutes) => wholeSeconds(minutes) - wholeSeconds(bodyFrom));
  addFronts(
    builder,
    work,
    strips.map(({ apply, finish }, i) => ({
      apply: i < out ? inHead(apply) : inBody(apply),
      finish: inBody(finish),
      mists: [],
    })),
  );
  return { first: head, last: body };
}

function aboutPiece(
  { parts, section }: PieceWork,
  units: UnitSystem,
): Omit<PlannedOperation, 'id' | 'task' | 'stages'> {
  return {
    parts: parts.map(({ about }) => about),
    section: section(units),
    areaSquareMetres: parts.reduce((sum, { about }) => sum + (about.areaSquareMetres ?? 0), 0),
  };
}

/** Of each surface its own strips. */
function addFronts(builder: WorkBuilder, { id, parts }: PieceWork, strips: readonly WorkedStrip[]): void {
  let from = 0;
  for (const { cycle, strips: count, limits } of parts) {
    builder.fronts.push({
      id: parts.length === 1 ? id : `${id}.${cycle.id}`,
      cycle: cycle.id,
      strips: strips.slice(from, from + count),
      leastSeconds: Math.floor(60 * limits.from),
      mostSeconds: Math.ceil(60 * limits.limit),
      dryAfterSeconds: limits.window === null ? null : Math.ceil(60 * limits.window),
    });
    from += count;
  }
}
