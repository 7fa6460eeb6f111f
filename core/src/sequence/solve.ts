import { Contradiction, contradiction } from './contradiction.ts';
import { Annealing } from './annealing.ts';
import type { Move } from './annealing.ts';
import { compiled } from './compiled-problem.ts';
import { Decoder, NoPlace, TooManyPieces } from './decode.ts';
import { OneByOneDecoder } from './decode-one-by-one.ts';
import { EveryOrder, isSmall } from './every-order.ts';
import { byPriority } from './priority-order.ts';
import type { Schedule, SequenceProblem } from './problem.ts';
import { seededRandom } from './seeded-random.ts';

/** Orders that are tried in which something finds no place, before it is said that there is none. */
const MOST_MISSED = 40;
/** Moves that are given up before it is given up altogether. */
const MOVES_IN_VAIN = 2;
/** Schedules by the length of the way to the end, the first as it is, the others with that varied, before what is best is bettered. */
export const FIRST_SCHEDULES = 8;

export interface SolveOptions {
  /** Same seed, same schedule. */
  readonly seed: number;
  /** Schedules to build at most; the search counts moves, its caller owns the clock. */
  readonly budget: number;
  /** Starts that are tried for one schedule before it is given up. */
  readonly mostTrials?: number | undefined;
  /** It goes on although nothing better is to be expected: for long runs by which others are measured. */
  readonly isRestless?: boolean | undefined;
}

/**
 * Ever better valid schedules of one visit, the first after one pass; null after a move that brought no better one, and
 * several times within a long one, so that the caller can stop soon. A move that takes too long is given up.
 *
 * Serial placement of clusters by priority: longest way to the end first, then nearest to the end of its wait, then
 * seeded variations; then annealing over the order and over who does what, with clusters placed whole or operation by operation, until long
 * coolings bring nothing better. The
 * objective is the finish of the visit, how many rounds it takes and how late comes what is wanted soon, each as the problem weighs it;
 * then that work ends earlier; ties keep the earlier found.
 *
 * @throws Contradiction, CircularWait, NoPlace when no schedule exists, TooManyPieces when none was found in the time that is given to it
 */
export function* solve(
  problem: SequenceProblem,
  { seed, budget, mostTrials, isRestless = false }: SolveOptions,
): Generator<Schedule | null, void> {
  const contradicts = contradiction(problem);
  if (contradicts) throw new Contradiction(contradicts);
  const of = compiled(problem);
  const decoder = new Decoder(of, mostTrials);
  const oneByOne = new OneByOneDecoder(decoder);
  const annealing = new Annealing(of, seededRandom(seed));
  let missed = 0;
  const everyOrder = isSmall(of) ? new EveryOrder(of, new Decoder(of, mostTrials)) : null;
  let orders = everyOrder?.goThrough(() => annealing.total);
  for (let move = 0; move < Math.max(1, budget); move += 1) {
    if (everyOrder && orders && annealing.hasCooled && move % 2 === 0) {
      const { done, value } = orders.next();
      const isBetter = value && annealing.judgeOther(value);
      yield isBetter ? everyOrder.schedule(annealing.makespan) : null;
      if (!done) continue;
      if (everyOrder.isThrough && of.clusters.length === of.operations.length) return;
      orders = undefined;
    }
    const isFirst = move < FIRST_SCHEDULES || !annealing.hasAny;
    const found = yield* placed(
      decoder,
      oneByOne,
      isFirst ? annealing.firstMove(move) : annealing.nextMove(),
    );
    const isBest = annealing.judge(typeof found === 'number' ? decoder.board : null);
    yield isBest ? decoder.schedule(Number(found)) : null;
    if (annealing.isSettled && !isRestless) return;
    if (annealing.hasAny) continue;
    if (found instanceof NoPlace) {
      missed += 1;
      if (found.isCertain || missed > MOST_MISSED) throw found;
      annealing.urge(found.cluster);
      // What has no schedule yet has used up nothing.
      move -= 1;
    } else if (move >= MOVES_IN_VAIN - 1) throw new TooManyPieces('no move came to its end');
  }
}

/**
 * When what was placed ends; null after every so many trials, so that the caller can stop, and in the end where it takes too many or
 * ends too late; what found no place.
 */
function* placed(
  decoder: Decoder,
  oneByOne: OneByOneDecoder,
  { keys, people, isOneByOne, limit }: Move,
): Generator<null, number | NoPlace | null> {
  const placing = isOneByOne
    ? oneByOne.place(keys, people, limit)
    : decoder.place(byPriority(decoder.of.clusters, keys), people, limit);
  try {
    let step = placing.next();
    while (!step.done) {
      yield null;
      step = placing.next();
    }
    return step.value;
  } catch (error) {
    if (error instanceof TooManyPieces) return null;
    if (error instanceof NoPlace) return error;
    throw error;
  }
}
