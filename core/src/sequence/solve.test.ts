import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { scheduleViolations } from './check.ts';
import { Contradiction } from './contradiction.ts';
import { lowerBound } from './lower-bound.ts';
import { operation, problem } from './small-problem.ts';
import { NO_SET_UP } from './problem.ts';
import type { Hold, Lag, Operation, Pin, SequenceProblem, WorkedFront } from './problem.ts';
import { solve } from './solve.ts';

/** Two strips: applied at, finished at, mists at. */
const STRIPS = [
  [0, 80],
  [20, 120],
] as const;
const best = (p: SequenceProblem, budget = 6) => {
  const last = [...solve(p, { seed: 1, budget })].findLast((s) => s !== null);
  if (!last) throw new Error('no schedule');
  return last;
};

/** A random visit: cycles of apply and rinse with a dwell between, some after others, some below others. */
const cycle = fc.record({
  apply: fc.integer({ min: 20, max: 300 }),
  rinse: fc.integer({ min: 20, max: 600 }),
  earliest: fc.integer({ min: 0, max: 900 }),
  freedom: fc.integer({ min: 0, max: 400 }),
  zone: fc.constantFrom('north', 'east'),
  place: fc.constantFrom('roof', 'wall', 'yard'),
  mist: fc.boolean(),
  afterNth: fc.option(fc.nat(10)),
  /** Who of the crew may begin it, as bits; nobody is anybody. */
  mayBegin: fc.integer({ min: 0, max: 15 }),
  /** Begun only in the first so many seconds of every half hour. */
  hours: fc.option(fc.integer({ min: 60, max: 1200 })),
  holds: fc.boolean(),
  tool: fc.constantFrom('brush', 'jet', null),
  pinned: fc.boolean(),
  mixed: fc.boolean(),
});
const CREW = ['a', 'b', 'c', 'd'] as const;
const HALF_HOUR = 1800;
const MIXED_WITHIN = 1200;
const visit = fc
  .record({
    cycles: fc.array(cycle, { minLength: 1, maxLength: 14 }),
    crew: fc.integer({ min: 1, max: 4 }),
    hoses: fc.integer({ min: 1, max: 2 }),
  })
  .map(({ cycles, crew, hoses }): SequenceProblem => {
    const operations: Operation[] = [];
    const lags: Lag[] = [];
    const holds: Hold[] = [];
    const pins: Pin[] = [];
    cycles.forEach((c, i) => {
      const id = String(i);
      const at = { zone: c.zone, place: c.place };
      // There is time to take up the hose.
      const start = Math.max(c.earliest, c.apply + 60);
      const able = CREW.slice(0, crew).filter((_, bit) => (c.mayBegin >> bit) % 2 === 1);
      const { hours, tool } = c;
      if (c.mixed) {
        operations.push(operation(`mix-${id}`, id, 120, at));
        lags.push({
          from: `mix-${id}`,
          anchor: 'finish',
          to: `apply-${id}`,
          minSeconds: 0,
          maxSeconds: MIXED_WITHIN,
          rule: 'mix-before-apply',
        });
      }
      operations.push(
        operation(`apply-${id}`, id, c.apply, {
          ...at,
          machines: ['sprayer'],
          people: able.length > 0 ? able : null,
          starts:
            hours === null
              ? null
              : Array.from({ length: 200 }, (_, n) => ({ from: n * HALF_HOUR, to: n * HALF_HOUR + hours })),
          begins: { ...NO_SET_UP, place: c.zone, tool },
          ends: { ...NO_SET_UP, place: c.zone, tool: tool && 'sprayer' },
        }),
      );
      if (c.holds && !c.mist) holds.push({ from: `apply-${id}`, to: `rinse-${id}`, machine: 'sprayer' });
      if (c.pinned && able.length > 1)
        pins.push({ operation: `apply-${id}`, person: able.at(-1) ?? null, start: null });
      if (c.mist && c.earliest > c.apply + 60) {
        operations.push(operation(`mist-${id}`, id, 10, { ...at, machines: ['sprayer'] }));
        lags.push({
          from: `apply-${id}`,
          anchor: 'finish',
          to: `mist-${id}`,
          minSeconds: 0,
          maxSeconds: start - c.apply - 60,
          rule: 'keep-wet',
        });
      }
      operations.push(
        operation(`rinse-${id}`, id, c.rinse, {
          ...at,
          machines: ['hose'],
          begins: { ...NO_SET_UP, place: c.zone, tool: 'jet' },
          ends: { ...NO_SET_UP, place: c.zone, tool: 'jet' },
        }),
      );
      lags.push({
        from: `apply-${id}`,
        anchor: 'start',
        to: `rinse-${id}`,
        minSeconds: start,
        maxSeconds: start + c.freedom,
        rule: 'dwell',
      });
      if (c.afterNth !== null && c.afterNth < i) {
        lags.push({
          from: `rinse-${c.afterNth}`,
          anchor: 'finish',
          to: `rinse-${id}`,
          minSeconds: 0,
          maxSeconds: null,
          rule: 'gravity',
        });
      }
    });
    return problem({
      operations,
      lags,
      watches: cycles.map((c, i) => ({ from: `apply-${i}`, to: `rinse-${i}`, zone: c.zone })),
      apart: [
        ['roof', 'wall'],
        ['wall', 'yard'],
      ],
      holds,
      pins,
      people: CREW.slice(0, crew),
      ways: [{ between: ['east', 'north'], seconds: 90 }],
      setUpSeconds: { place: 45, tool: 15, mix: 0 },
      machines: { hose: hoses, sprayer: 2 },
    });
  });

describe('a solved visit', () => {
  it('breaks no rule: nobody and no machine twice at once, lags, watches, holds, hours, changes, who may and who must', () => {
    const seen = { set: 0, hours: 0, held: 0, pinned: 0, changed: 0, went: 0, fresh: 0 };
    fc.assert(
      fc.property(visit, (p) => {
        const schedule = best(p, 3);
        expect(scheduleViolations(p, schedule)).toEqual([]);
        expect(schedule.makespan).toBeGreaterThanOrEqual(lowerBound(p).seconds);
        if (p.operations.some((o) => o.people !== null)) seen.set += 1;
        if (p.operations.some((o) => o.starts !== null)) seen.hours += 1;
        if (p.holds.length > 0) seen.held += 1;
        if (p.pins.length > 0) seen.pinned += 1;
        if (p.lags.some(({ rule }) => rule === 'mix-before-apply')) seen.fresh += 1;
        if (
          scheduleViolations({ ...p, setUpSeconds: { place: 9999, tool: 9999, mix: 0 } }, schedule).length > 0
        )
          seen.changed += 1;
        const longer = { between: ['north', 'east'], seconds: 9999 } as const;
        if (scheduleViolations({ ...p, ways: [longer] }, schedule).length > 0) seen.went += 1;
      }),
      { numRuns: 200 },
    );
    for (const count of Object.values(seen)) expect(count).toBeGreaterThan(50);
  });

  it('is the same for the same seed, and never worse with a larger budget', () => {
    fc.assert(
      fc.property(visit, (p) => {
        expect(best(p, 4)).toEqual(best(p, 4));
        expect(best(p, 8).makespan).toBeLessThanOrEqual(best(p, 2).makespan);
      }),
      { numRuns: 30 },
    );
  });

  it('uses the dwell of one section for work on another', () => {
    const two = problem({
      operations: ['1', '2'].flatMap((n) => [
        operation(`apply-${n}`, n, 60, { machines: ['sprayer'] }),
        operation(`rinse-${n}`, n, 120, { machines: ['hose'] }),
      ]),
      lags: ['1', '2'].map(
        (n) =>
          ({
            from: `apply-${n}`,
            anchor: 'start',
            to: `rinse-${n}`,
            minSeconds: 600,
            maxSeconds: 900,
            rule: 'dwell',
          }) as const,
      ),
      watches: ['1', '2'].map((n) => ({ from: `apply-${n}`, to: `rinse-${n}`, zone: 'north' })),
    });
    expect(best(two).makespan).toBe(840);
  });

  it('keeps a time free that is fixed to a person, and waits for hours', () => {
    const fixed = problem({
      operations: [
        operation('long', 'l', 900),
        operation('fixed', 'f', 60),
        operation('late', 'h', 60, { starts: [{ from: 2000, to: 2100 }] }),
      ],
      pins: [{ operation: 'fixed', person: 'a', start: 300 }],
    });
    const { placements } = best(fixed);
    expect(placements.map(({ operation: id, start }) => [id, start])).toEqual([
      ['fixed', 300],
      ['long', 360],
      ['late', 2000],
    ]);
  });

  it('leaves a held machine to nobody else', () => {
    const spraying = problem({
      operations: [
        operation('head', 'c', 60, { machines: ['sprayer'] }),
        operation('body', 'c', 60, { machines: ['sprayer'] }),
        operation('other', 'o', 60, { machines: ['sprayer'] }),
      ],
      lags: [{ from: 'head', anchor: 'finish', to: 'body', minSeconds: 300, maxSeconds: 300, rule: 'dwell' }],
      machines: { sprayer: 1 },
      people: ['a', 'b'],
    });
    const held = { ...spraying, holds: [{ from: 'head', to: 'body', machine: 'sprayer' }] };
    expect([best(spraying).makespan, best(held).makespan]).toEqual([420, 480]);
  });

  it('changes place in the time that it takes, and once where it can', () => {
    const at = (place: string) => {
      const stands = { ...NO_SET_UP, place };
      return { begins: stands, ends: stands };
    };
    const walked = problem({
      operations: [
        operation('north-1', '1', 60, at('north')),
        operation('south', '2', 60, at('south')),
        operation('north-2', '3', 60, at('north')),
      ],
      setUpSeconds: { place: 45, tool: 15, mix: 0 },
    });
    expect(best(walked, 12).makespan).toBe(225);
  });

  it('makes what does not keep just before it is needed, by whoever does the work', () => {
    const visit = problem({
      operations: [
        operation('long', 'l', 900, { people: ['a'] }),
        operation('mix', 'c', 60, {}),
        operation('apply', 'c', 60, { people: ['a'] }),
      ],
      lags: [
        { from: 'long', anchor: 'finish', to: 'apply', minSeconds: 0, maxSeconds: null, rule: 'order' },
        { from: 'mix', anchor: 'finish', to: 'apply', minSeconds: 0, maxSeconds: 300, rule: 'fresh' },
      ],
      people: ['a', 'b'],
    });
    const mixed = best(visit).placements.find((p) => p.operation === 'mix');
    expect(mixed?.person).toBe('b');
    expect(mixed?.finish).toBeGreaterThanOrEqual(600);
    expect(best(visit).makespan).toBe(960);
    const alone = { ...visit, people: ['a'] };
    expect(best(alone).makespan).toBe(1020);
    expect(scheduleViolations(alone, best(alone))).toEqual([]);
  });

  it('lets either of its two people watch what dwells', () => {
    const two = problem({
      operations: [
        operation('apply', 'c', 60, { people: ['a'] }),
        operation('rinse', 'c', 60, { people: ['b'] }),
        operation('far', 'f', 300, { people: ['a'], zone: 'south' }),
      ],
      lags: [
        { from: 'apply', anchor: 'finish', to: 'rinse', minSeconds: 300, maxSeconds: 360, rule: 'dwell' },
      ],
      watches: [{ from: 'apply', to: 'rinse', zone: 'north' }],
      people: ['a', 'b'],
    });
    // The one who applied goes on elsewhere, the one who rinses looks at it meanwhile.
    expect(best(two).makespan).toBe(420);
  });

  it('of nothing ends at once', () => {
    expect(best(problem({})).makespan).toBe(0);
  });

  it('names what waits for each other', () => {
    const lag = (from: string, to: string): Lag => ({
      from,
      anchor: 'finish',
      to,
      minSeconds: 0,
      maxSeconds: null,
      rule: 'gravity',
    });
    const loop = problem({
      operations: [operation('x', 'x', 1), operation('y', 'y', 1)],
      lags: [lag('x', 'y'), lag('y', 'x')],
    });
    expect(() => best(loop)).toThrow(Contradiction);
  });

  it('says which machine is not there', () => {
    expect(() => best(problem({ operations: [operation('wash', 'w', 60, { machines: ['lift'] })] }))).toThrow(
      'there is no lift',
    );
  });

  it('says who is missing, and what is fixed where nobody is free', () => {
    const wash = operation('wash', 'w', 60, { people: ['z'] });
    expect(() => best(problem({ operations: [wash] }))).toThrow('nobody of the crew may do wash');
    const early = operation('wash', 'w', 60, { starts: [{ from: 0, to: 10 }] });
    const first = operation('first', 'f', 600);
    const lags: Lag[] = [
      { from: 'first', anchor: 'finish', to: 'wash', minSeconds: 0, maxSeconds: null, rule: 'chain-order' },
    ];
    expect(() => best(problem({ operations: [first, early], lags }))).toThrow(
      'wash after first (chain-order); wash begun by 10 s',
    );
  });
});

describe('the checker', () => {
  const p = problem({
    operations: [
      operation('apply', 'c', 60),
      operation('rinse', 'c', 60),
      operation('other', 'o', 60, { zone: 'east' }),
    ],
    lags: [{ from: 'apply', anchor: 'start', to: 'rinse', minSeconds: 600, maxSeconds: 700, rule: 'dwell' }],
    watches: [{ from: 'apply', to: 'rinse', zone: 'north' }],
    fronts: [
      {
        id: 'front',
        cycle: 'cycle',
        strips: [
          {
            apply: [{ operation: 'apply', from: 0, to: 60 }],
            finish: [{ operation: 'rinse', from: 0, to: 60 }],
            mists: [],
          },
        ],
        leastSeconds: 540,
        mostSeconds: 760,
        dryAfterSeconds: null,
      },
    ],
  });
  const schedule = (apply: number, rinse: number, other: number, person = 'a') => ({
    placements: [
      { operation: 'apply', person: 'a', start: apply, finish: apply + 60 },
      { operation: 'rinse', person: 'a', start: rinse, finish: rinse + 60 },
      { operation: 'other', person, start: other, finish: other + 60 },
    ],
    makespan: Math.max(rinse, other) + 60,
  });
  it.each<[string, ReturnType<typeof schedule>, string[]]>([
    ['passes a good schedule', schedule(0, 600, 660), []],
    ['sees a late rinse', schedule(0, 800, 860), ['dwell', 'late-rinse']],
    ['sees a short dwell', schedule(0, 500, 560), ['dwell', 'dwell-too-short']],
    ['sees a section left alone', schedule(0, 600, 100), ['watches']],
    ['sees a person in two places', schedule(0, 600, 630), ['one-place']],
    ['sees a stranger', schedule(0, 600, 660, 'z'), ['people']],
    ['sees a wrong end', { ...schedule(0, 600, 660), makespan: 1 }, ['makespan']],
    ['sees missing work', { placements: [], makespan: 0 }, ['all', 'all', 'all']],
  ])('%s', (_, given, rules) => {
    expect(scheduleViolations(p, given).map((v) => v.rule)).toEqual(rules);
  });

  const held = { from: 'apply', to: 'rinse', machine: 'hose' };
  const inHours = (id: string, starts: Operation['starts']) => ({
    operations: p.operations.map((o) => (o.id === id ? { ...o, starts } : o)),
  });
  const withTools = {
    operations: p.operations.map((o) => {
      const own = { ...NO_SET_UP, tool: o.id };
      return { ...o, begins: own, ends: own };
    }),
    setUpSeconds: { place: 0, tool: 30, mix: 0 },
  };
  const passedOver = {
    operations: withTools.operations.map((o) =>
      o.id === 'rinse' ? { ...o, begins: NO_SET_UP, ends: NO_SET_UP } : o,
    ),
    setUpSeconds: withTools.setUpSeconds,
  };
  it.each<[string, Partial<SequenceProblem>, string[]]>([
    ['passes what is fixed as it is', { pins: [{ operation: 'rinse', person: 'a', start: 600 }] }, []],
    ['sees who should have done it', { pins: [{ operation: 'rinse', person: 'b', start: null }] }, ['pin']],
    [
      'sees when it should have been done',
      { pins: [{ operation: 'rinse', person: null, start: 610 }] },
      ['pin'],
    ],
    [
      'passes work within its hours',
      inHours('rinse', [
        { from: 0, to: 9 },
        { from: 600, to: 600 },
      ]),
      [],
    ],
    ['sees work outside its hours', inHours('rinse', [{ from: 0, to: 599 }]), ['start-window']],
    ['passes a machine that is held', { holds: [held] }, []],
    ['sees one that is held and used', { holds: [held, { ...held }] }, ['machines', 'machines']],
    ['sees no time to change', withTools, ['set-up']],
    ['sees no time to change from what was before', passedOver, ['set-up']],
  ])('%s', (_, more, rules) => {
    expect(scheduleViolations({ ...p, ...more }, schedule(0, 600, 660)).map((v) => v.rule)).toEqual(rules);
  });

  const watching = (keepers: readonly string[], watchesPerPerson: number) =>
    problem({
      operations: keepers.flatMap((_, i) => [
        operation(`apply-${i}`, `${i}`, 60),
        operation(`rinse-${i}`, `${i}`, 60),
      ]),
      watches: keepers.map((_, i) => ({ from: `apply-${i}`, to: `rinse-${i}`, zone: 'north' })),
      people: ['a', 'b'],
      watchesPerPerson,
    });
  it.each<[string, readonly string[], number, string[]]>([
    ['one of two people', ['a', 'b'], 1, []],
    ['those who finish', ['a b', 'a b'], 1, []],
    ['nobody where there are too many', ['a b', 'a b', 'a b'], 1, ['watches']],
    ['two each', ['a b', 'a b', 'a b', 'a'], 2, []],
    ['the one who is left, however it was shared out before', ['a b', 'a'], 1, []],
  ])('finds what dwells watched by %s', (_, keepers, most, rules) => {
    const placements = keepers.flatMap((people, i) => {
      const [applies = 'a', finishes = applies] = people.split(' ');
      return [
        { operation: `apply-${i}`, person: applies, start: 60 * i, finish: 60 * i + 60 },
        { operation: `rinse-${i}`, person: finishes, start: 600 + 60 * i, finish: 660 + 60 * i },
      ];
    });
    const makespan = 600 + 60 * keepers.length;
    expect(scheduleViolations(watching(keepers, most), { placements, makespan }).map((v) => v.rule)).toEqual(
      rules,
    );
  });

  const front = (more: Partial<WorkedFront> = {}, strips: readonly (readonly number[])[] = STRIPS) =>
    problem({
      operations: [operation('front', 'c', 240)],
      fronts: [
        {
          id: 'front',
          cycle: 'cycle',
          strips: strips.map(([apply = 0, finish = 0, ...mists]) => ({
            apply: [{ operation: 'front', from: apply, to: apply + 20 }],
            finish: [{ operation: 'front', from: finish, to: finish + 40 }],
            mists: mists.map((at) => ({ operation: 'front', from: at, to: at + 10 })),
          })),
          leastSeconds: 40,
          mostSeconds: 140,
          dryAfterSeconds: null,
          ...more,
        },
      ],
    });
  /** The same on two surfaces, within one operation. */
  const twoSurfaces = (second: readonly [number, number]) => {
    const [one] = front({}, [[0, 80]]).fronts;
    const [other] = front({ id: 'other' }, [second]).fronts;
    return { ...front(), fronts: [one, other].flatMap((f) => f ?? []) };
  };
  it.each<[string, SequenceProblem, string[]]>([
    ['passes a good front', front(), []],
    ['sees a strip that is finished too soon', front({ leastSeconds: 70 }), ['dwell-too-short']],
    ['sees one that is on too long', front({ mostSeconds: 100 }), ['late-rinse', 'late-rinse']],
    ['sees one that dries', front({ dryAfterSeconds: 50 }), ['keep-wet', 'keep-wet']],
    [
      'sees it kept wet',
      front({ dryAfterSeconds: 50 }, [
        [0, 80, 60],
        [20, 120, 70],
      ]),
      [],
    ],
    [
      'sees two strips at once',
      front({}, [
        [0, 80],
        [30, 110],
      ]),
      ['one-place'],
    ],
    [
      'sees a strip beyond its work',
      front({}, [
        [0, 80],
        [20, 230],
      ]),
      ['front', 'late-rinse'],
    ],
    ['passes two surfaces in one front', twoSurfaces([20, 120]), []],
    ['sees somebody at two surfaces at once', twoSurfaces([20, 100]), ['one-place']],
  ])('%s', (_, given, rules) => {
    const placements = [{ operation: 'front', person: 'a', start: 0, finish: 240 }];
    expect(scheduleViolations(given, { placements, makespan: 240 }).map((v) => v.rule)).toEqual(rules);
  });
});
