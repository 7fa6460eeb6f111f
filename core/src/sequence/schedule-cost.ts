import type { Board } from './board.ts';
import type { CompiledOperation, CompiledProblem } from './compiled-problem.ts';
import { fewestRounds } from './fewest-rounds.ts';
import { headsAndTails } from './heads-tails.ts';

/** What a second of the mean finish counts beside a second of the finish of the visit: it leads on where many are equal. */
const MEAN_FINISH_WEIGHT = 0.02;

/** What a whole schedule is judged by. */
export interface ScheduleCost {
  readonly makespan: number;
  /** Its finish, its rounds, and what is wanted sooner, s. */
  readonly total: number;
  /** The same with a little of the mean finish. */
  readonly cost: number;
}

export function scheduleCost({ operations, problem, soon }: CompiledProblem, board: Board): ScheduleCost {
  let makespan = 0;
  let sum = 0;
  for (let i = 0; i < operations.length; i += 1) {
    const finish = (board.start[i] ?? 0) + (operations[i]?.seconds ?? 0);
    sum += finish;
    if (finish > makespan) makespan = finish;
  }
  let rounds = 0;
  for (const day of board.days) rounds += day.rounds(problem.roundPauseSeconds);
  const late = soon.length === 0 ? 0 : lateness({ operations, soon }, board);
  const total = makespan + problem.roundWorthSeconds * rounds + late;
  return { makespan, total, cost: total + (MEAN_FINISH_WEIGHT * sum) / Math.max(1, operations.length) };
}

/** By how much what is wanted soon comes later than that, s. */
function lateness(
  { operations, soon }: Pick<CompiledProblem, 'operations' | 'soon'>,
  { start }: Board,
): number {
  let seconds = 0;
  for (const { after, then, within } of soon) {
    let from = 0;
    for (const index of after) from = Math.max(from, (start[index] ?? 0) + (operations[index]?.seconds ?? 0));
    seconds += Math.max(0, (start[then] ?? 0) - from - within);
  }
  return seconds;
}

/** What a schedule costs at least, by those of its operations that stand: what is left waits as long as its lags say, and makes few rounds. */
export class LeastCost {
  private readonly heads: Int32Array;
  /** By operation, from its start to the end of the visit at least, s. */
  private readonly tails: Int32Array;
  private readonly share: number;
  private readonly least: number;
  private makespan = 0;
  private rest = 0;

  constructor({ operations, problem }: CompiledProblem) {
    const byId = new Map(headsAndTails(problem).map((own) => [own.operation.id, own]));
    this.heads = Int32Array.from(operations, ({ id }) => byId.get(id)?.head ?? 0);
    this.tails = Int32Array.from(operations, ({ id, seconds }) => seconds + (byId.get(id)?.tail ?? 0));
    this.share = MEAN_FINISH_WEIGHT / Math.max(1, operations.length);
    const finishes = operations.reduce(
      (sum, { index, seconds }) => sum + (this.heads[index] ?? 0) + seconds,
      0,
    );
    this.least = problem.roundWorthSeconds * fewestRounds(operations) + this.share * finishes;
  }

  begin(): void {
    this.makespan = 0;
    this.rest = this.least;
  }

  place({ index }: CompiledOperation, start: number): void {
    this.makespan = Math.max(this.makespan, start + (this.tails[index] ?? 0));
    this.rest += this.share * (start - (this.heads[index] ?? 0));
  }

  /** s */
  get seconds(): number {
    return this.makespan + this.rest;
  }
}
