import { SET_UP_KINDS } from '../../core/src/sequence/problem.ts';
import type { Operation, SequenceProblem, Watch } from '../../core/src/sequence/problem.ts';
import { setUpChange } from '../../core/src/sequence/set-up-change.ts';

/**
 * A visit as a model in MiniZinc, said from the problem alone and apart from our search: starts `s`, people `p` and the keeper `k` of each
 * watch; the least finish is asked for. Times are counted in the largest unit that divides all of them. Of a mix that somebody takes up
 * again after work without any the change is left out, so that the model may be a little freer than the visit: what it proves is a bound
 * in any case, and the best where its answer passes our checker.
 */
export interface ClauseModel {
  readonly text: string;
  readonly unitSeconds: number;
}

/** With more operations what is taken up again has too many cases. */
const MOST_FOR_MIXES = 30;

/** @throws RangeError for what the visits of the bench do not have: fronts, pins, hours of people, what is wanted soon */
export function clauseModel(problem: SequenceProblem, horizonSeconds: number): ClauseModel {
  const { operations, lags, fronts, pins, hours, soon } = problem;
  if (fronts.length + pins.length + hours.length + soon.length > 0)
    throw new RangeError('only visits without fronts, pins, hours of people and wishes are modelled');
  const unit = [
    ...operations.flatMap(({ seconds, starts }) => [
      seconds,
      ...(starts ?? []).flatMap(({ from, to }) => [from, to]),
    ]),
    ...lags.flatMap(({ minSeconds, maxSeconds }) => [minSeconds, maxSeconds ?? 0]),
    ...Object.values(problem.setUpSeconds),
  ].reduce(greatestDivisor, 0);
  const horizon = Math.ceil(horizonSeconds / unit);
  const model = new Model(problem, unit, horizon);
  const lines = [
    'include "cumulative.mzn";',
    `array[1..${operations.length}] of var 0..${horizon}: s;`,
    `array[1..${operations.length}] of var 1..${problem.people.length}: p;`,
    `array[1..${problem.watches.length}] of var 1..${problem.people.length}: k;`,
    `var 0..${horizon}: finish;`,
    ...model.ends(),
    ...model.who(),
    ...model.lags(),
    ...model.oneAtATime(),
    ...(operations.length <= MOST_FOR_MIXES ? model.mixesTakenUpAgain() : []),
    ...model.apart(),
    ...model.machines(),
    ...model.watches(),
    'solve minimize finish;',
  ];
  return { text: lines.join('\n'), unitSeconds: unit };
}

const greatestDivisor = (a: number, b: number): number => (b === 0 ? a : greatestDivisor(b, a % b));

class Model {
  private readonly problem: SequenceProblem;
  private readonly unit: number;
  private readonly horizon: number;
  private readonly numbers: ReadonlyMap<string, number>;

  constructor(problem: SequenceProblem, unit: number, horizon: number) {
    this.problem = problem;
    this.unit = unit;
    this.horizon = horizon;
    this.numbers = new Map(problem.operations.map(({ id }, i) => [id, i + 1]));
  }

  private number(id: string): number {
    return this.numbers.get(id) ?? 0;
  }

  private length({ seconds }: Operation): number {
    return seconds / this.unit;
  }

  private start(operation: Operation): string {
    return `s[${this.number(operation.id)}]`;
  }

  private end(operation: Operation): string {
    return `${this.start(operation)} + ${this.length(operation)}`;
  }

  ends(): readonly string[] {
    return this.problem.operations.map((o) => `constraint ${this.end(o)} <= finish;`);
  }

  who(): readonly string[] {
    return this.problem.operations.flatMap((operation): readonly string[] => {
      const n = this.number(operation.id);
      const able = operation.people?.map((person) => this.problem.people.indexOf(person) + 1);
      const spans = operation.starts?.map(
        ({ from, to }) =>
          `(s[${n}] >= ${Math.ceil(from / this.unit)} /\\ s[${n}] <= ${Math.floor(to / this.unit)})`,
      );
      return [
        ...(able ? [`constraint p[${n}] in {${able.join(', ')}};`] : []),
        ...(spans ? [`constraint ${spans.join(' \\/ ')};`] : []),
      ];
    });
  }

  lags(): readonly string[] {
    return this.problem.lags.flatMap(({ from, anchor, to, minSeconds, maxSeconds }) => {
      const earlier = this.problem.operations.find(({ id }) => id === from);
      const anchored = earlier && anchor === 'finish' ? this.length(earlier) : 0;
      const [a, b] = [this.number(from), this.number(to)];
      return [
        `constraint s[${b}] - s[${a}] >= ${anchored + minSeconds / this.unit};`,
        ...(maxSeconds === null
          ? []
          : [`constraint s[${b}] - s[${a}] <= ${anchored + maxSeconds / this.unit};`]),
      ];
    });
  }

  /** What one person does, with the time to change between any two. */
  oneAtATime(): readonly string[] {
    const { operations, people } = this.problem;
    const all = `cumulative(s, [${operations.map((o) => this.length(o)).join(', ')}], [${operations.map(() => 1).join(', ')}], ${people.length})`;
    return [
      `constraint ${all};`,
      ...this.pairs().flatMap(([one, other]) => {
        const both = (one.people ?? people).some((person) => (other.people ?? people).includes(person));
        if (!both) return [];
        const [a, b] = [this.number(one.id), this.number(other.id)];
        const then = (x: Operation, y: Operation) =>
          `${this.end(x)} + ${this.change(x, y)} <= ${this.start(y)}`;
        return [`constraint p[${a}] = p[${b}] -> (${then(one, other)} \\/ ${then(other, one)});`];
      }),
    ];
  }

  /** After work without any mix another one than before that takes its change as well. */
  mixesTakenUpAgain(): readonly string[] {
    const { operations } = this.problem;
    const mixing = operations.filter(({ begins, ends }) => begins.mix !== null || ends.mix !== null);
    return mixing.flatMap((later) =>
      mixing.flatMap((earlier) => {
        const mixChange = setUpChange(this.problem, 'mix', earlier.ends.mix, later.begins.mix) / this.unit;
        if (earlier === later || mixChange === 0) return [];
        const same = (one: Operation) => `p[${this.number(one.id)}] = p[${this.number(later.id)}]`;
        const between = (one: Operation) =>
          `${this.start(earlier)} < ${this.start(one)} /\\ ${this.start(one)} < ${this.start(later)}`;
        const others = mixing
          .filter((other) => other !== earlier && other !== later)
          .map((other) => `(${same(other)} /\\ ${between(other)})`);
        return operations
          .filter((own) => !mixing.includes(own))
          .map((own) => {
            const all = this.change(own, later) + mixChange;
            return `constraint (${same(earlier)} /\\ ${same(own)} /\\ ${between(own)}) -> (${[`${this.end(own)} + ${all} <= ${this.start(later)}`, ...others].join(' \\/ ')});`;
          });
      }),
    );
  }

  private change(from: Operation, to: Operation): number {
    const seconds = SET_UP_KINDS.reduce(
      (sum, kind) => sum + setUpChange(this.problem, kind, from.ends[kind], to.begins[kind]),
      0,
    );
    return seconds / this.unit;
  }

  private pairs(): readonly (readonly [Operation, Operation])[] {
    const { operations } = this.problem;
    return operations.flatMap((one, i) => operations.slice(i + 1).map((other) => [one, other] as const));
  }

  apart(): readonly string[] {
    return this.problem.apart.flatMap(([x, y]) => {
      const at = (place: string) => this.problem.operations.filter((own) => own.place === place);
      return at(x).flatMap((one) =>
        at(y).map(
          (other) =>
            `constraint ${this.end(one)} <= ${this.start(other)} \\/ ${this.end(other)} <= ${this.start(one)};`,
        ),
      );
    });
  }

  /** In use by work, or held between two operations. */
  machines(): readonly string[] {
    return Object.entries(this.problem.machines).flatMap(([machine, count], m) => {
      const working = this.problem.operations.filter(({ machines }) => machines.includes(machine));
      const held = this.problem.holds.flatMap((hold) => {
        const from = this.problem.operations.find(({ id }) => id === hold.from);
        return hold.machine === machine && from ? [{ from, to: this.number(hold.to) }] : [];
      });
      if (working.length + held.length <= count) return [];
      const starts = [...working.map((o) => this.start(o)), ...held.map(({ from }) => this.end(from))];
      const lengths = [
        ...working.map((o) => String(this.length(o))),
        ...held.map((_, i) => `held_${m}_${i}`),
      ];
      const ones = starts.map(() => 1).join(', ');
      return [
        ...held.map(
          ({ from, to }, i) =>
            `var 0..${this.horizon}: held_${m}_${i};\nconstraint held_${m}_${i} = s[${to}] - ${this.start(from)} - ${this.length(from)};`,
        ),
        `constraint cumulative([${starts.join(', ')}], [${lengths.join(', ')}], [${ones}], ${count});`,
      ];
    });
  }

  /** Each is kept by one of its two people, who works in no other zone meanwhile and keeps no more than may be, all in one zone. */
  watches(): readonly string[] {
    const { operations, watches, watchesPerPerson } = this.problem;
    return watches.flatMap((watch, w) => {
      const own = `k[${w + 1}]`;
      const [from, to] = [this.number(watch.from), this.number(watch.to)];
      const elsewhere = operations.filter(({ zone }) => zone !== watch.zone);
      const others = watches.map((other, v) => ({ other, v })).filter(({ v }) => v !== w);
      const atItsStart = others
        .filter(({ other }) => other.zone === watch.zone)
        .map(
          ({ other, v }) =>
            `bool2int(k[${v + 1}] = ${own} /\\ s[${this.number(other.from)}] <= s[${from}] /\\ s[${from}] < s[${this.number(other.to)}])`,
        );
      return [
        `constraint ${own} = p[${from}] \\/ ${own} = p[${to}];`,
        ...elsewhere.map(
          (o) =>
            `constraint p[${this.number(o.id)}] = ${own} -> (${this.end(o)} <= s[${from}] \\/ ${this.start(o)} >= s[${to}]);`,
        ),
        ...others
          .filter(({ other, v }) => v > w && other.zone !== watch.zone)
          .map(({ other, v }) => this.disjointWhereKept(own, watch, `k[${v + 1}]`, other)),
        ...(atItsStart.length >= watchesPerPerson
          ? [`constraint ${atItsStart.join(' + ')} <= ${watchesPerPerson - 1};`]
          : []),
      ];
    });
  }

  private disjointWhereKept(own: string, watch: Watch, others: string, other: Watch): string {
    const span = ({ from, to }: Watch) => [`s[${this.number(from)}]`, `s[${this.number(to)}]`] as const;
    const [a, b] = [span(watch), span(other)];
    return `constraint ${own} = ${others} -> (${a[1]} <= ${b[0]} \\/ ${b[1]} <= ${a[0]});`;
  }
}
