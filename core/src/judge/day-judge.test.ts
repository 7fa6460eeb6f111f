import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { AgentClass } from '../catalogue/agent.ts';
import { testSurface } from '../test/entities.ts';
import { judgedDay } from './day-judge.ts';
import type { JudgedFace, JudgedPlace, LogEntry } from './day-log.ts';

const face = (id: string, more: Partial<JudgedFace> = {}): JudgedFace => ({
  ...testSurface('concrete'),
  id: id,
  name: id,
  side: null,
  band: 'wall',
  drainsOnto: [],
  beside: [],
  zoneOf: null,
  tiltDegrees: 90,
  footMetres: 0,
  topMetres: 2,
  ...more,
});
const place = (faces: readonly JudgedFace[], more: Partial<JudgedPlace> = {}): JudgedPlace => ({
  faces,
  windMetresPerSecond: 1,
  catalogue: CATALOGUE,
  dayStartSeconds: 8 * 3600,
  earlier: [],
  ...more,
});
const entry = (
  minute: number,
  minutes: number,
  surface: string,
  act: LogEntry['act'],
  more: Partial<LogEntry> = {},
): LogEntry => ({
  from: 60 * minute,
  to: 60 * (minute + minutes),
  people: ['ada'],
  surfaces: [surface],
  share: { from: 0, to: 1 },
  act,
  agent: null,
  mix: null,
  vessel: null,
  wets: act !== 'read' && act !== 'clear' && act !== 'fill' && act !== 'mix',
  step: null,
  cycle: null,
  method: null,
  neutralises: [],
  dwell: null,
  ...more,
});

/** One agent on one face from its mixing to its reading: 40 minutes from the given one on. */
function treatment(
  surface: string,
  agent: string,
  at: number,
  step = 0,
  more: Partial<LogEntry> = {},
): LogEntry[] {
  const { neutraliser } = CATALOGUE.agent(agent);
  const cycle = `${surface}-${step}`;
  const mix = `${surface} ${agent}`;
  const rest = `${surface} ${neutraliser?.agent}`;
  return [
    entry(at, 2, surface, 'mix', { agent, mix }),
    entry(at + 2, 3, surface, 'pre-wet', { step, cycle }),
    entry(at + 5, 5, surface, 'apply', { agent, mix, step: step + 1, cycle, vessel: agent, ...more }),
    entry(at + 15, 5, surface, 'rinse', { step: step + 2, cycle }),
    ...(neutraliser
      ? [
          entry(at + 21, 2, surface, 'mix', { agent: neutraliser.agent, mix: rest }),
          entry(at + 24, 4, surface, 'neutralise', {
            agent: neutraliser.agent,
            mix: rest,
            step: step + 3,
            neutralises: [agent],
          }),
        ]
      : []),
    entry(at + 30, 5, surface, 'rinse', { step: step + 4 }),
    entry(at + 36, 2, surface, 'read', { step: step + 5 }),
  ];
}
const rules = (log: readonly LogEntry[], on: JudgedPlace) => judgedDay(log, on).map((u) => u.rule);

/** An agent of each class that has one that opposes it. */
const OPPOSED = CATALOGUE.agents
  .filter((a) => !a.leaveOn && a.class !== 'neutraliser' && a.specialistOnly === null)
  .flatMap((a, _, all) =>
    all
      .filter((b) => a.opposedTo.includes(b.class))
      .slice(0, 20)
      .map((b) => [a.class, b.class, a.id, b.id] as const),
  );
const PAIRS = OPPOSED.filter(
  ([one, other], i) => OPPOSED.findIndex(([a, b]) => a === one && b === other) === i,
);

describe('opposed chemistries', () => {
  const floor = { band: 'floor', tiltDegrees: 0, topMetres: 0 } as const;
  const meetings: readonly (readonly [string, JudgedPlace])[] = [
    [
      'two faces on one drain',
      place([face('a', { drainsOnto: ['gully'] }), face('b', { drainsOnto: ['gully'] })]),
    ],
    ['the one above the other', place([face('a', { drainsOnto: ['b'] }), face('b')])],
    ['side by side', place([face('a'), face('b', { beside: ['a'] as unknown as JudgedFace['beside'] })])],
    ['a zone and its surface', place([face('a'), face('b', { zoneOf: 'a' })])],
    [
      'spray in a wind',
      place([face('a', { side: 'n', drainsOnto: ['x'] }), face('b', { side: 'n', drainsOnto: ['y'] })], {
        windMetresPerSecond: 4,
      }),
    ],
    [
      'the splash of a washed floor',
      place([
        face('a', { side: 'n', drainsOnto: ['x'] }),
        face('b', { side: 'n', drainsOnto: ['y'], ...floor }),
      ]),
    ],
  ];
  const washed = (log: readonly LogEntry[]) =>
    log.map((e) => (e.surfaces[0] === 'b' && e.act === 'rinse' ? { ...e, act: 'wash' as const } : e));

  it('are known for every pair of classes of the catalogue', () => {
    const classes = new Set(PAIRS.map(([one, other]) => `${one} ${other}`));
    for (const [one, other] of [
      ['hypochlorite', 'acid'],
      ['hypochlorite', 'peroxide'],
      ['caustic', 'acid'],
      ['mild-alkaline', 'acid'],
    ] as readonly (readonly [AgentClass, AgentClass])[])
      expect(classes).toContain(`${one} ${other}`);
  });

  it.each(PAIRS)(
    '%s before %s over one face: only when it is rinsed, neutralised and read',
    (_, __, a, b) => {
      const on = place([face('a')]);
      const sound = [...treatment('a', a, 0), ...treatment('a', b, 40, 6)];
      expect(rules(sound, on)).toEqual([]);
      const dropped = (wanted: (e: LogEntry) => boolean) =>
        sound.filter((e) => !(wanted(e) && e.from < 40 * 60));
      expect(
        rules(
          dropped((e) => e.act === 'read'),
          on,
        ),
      ).toContain('gate');
      expect(
        rules(
          dropped((e) => e.act === 'rinse'),
          on,
        ),
      ).toContain('gate');
      if (CATALOGUE.agent(a).neutraliser)
        expect(
          rules(
            dropped((e) => e.act === 'neutralise'),
            on,
          ),
        ).toContain('gate');
      // The gate stands in the list, but after the pre-wet on the clock: the day that a list calls sound.
      const late = sound.map((e) =>
        e.act === 'read' && e.from < 40 * 60
          ? { ...e, from: e.from + 360, to: e.to + 420, people: ['bo'] }
          : e,
      );
      expect(rules(late, on)).toContain('gate');
    },
  );

  it.each(PAIRS)('%s and %s of two faces, wherever they can meet', (_, __, a, b) => {
    for (const [where, on] of meetings) {
      const sound = washed([...treatment('a', a, 0), ...treatment('b', b, 40)]);
      expect([where, rules(sound, on)]).toEqual([where, []]);
      const once = washed([
        ...treatment('a', a, 0),
        ...treatment('b', b, 20).map((e) => ({ ...e, people: ['bo'] })),
      ]);
      expect([where, rules(once, on).includes('gate')]).toEqual([where, true]);
    }
    const elsewhere = place([face('a', { drainsOnto: ['x'] }), face('b', { drainsOnto: ['y'] })]);
    const once = [...treatment('a', a, 0), ...treatment('b', b, 20).map((e) => ({ ...e, people: ['bo'] }))];
    expect(rules(once, elsewhere)).toEqual([]);
  });

  it('are told with what meets what, where and when', () => {
    const log = [...treatment('yard', 'hypochlorite', 0), ...treatment('yard', 'oxalic-acid', 30, 6)].map(
      (e) => ({ ...e, people: [String(e.from)] }),
    );
    expect(judgedDay(log, place([face('yard', { name: 'Service yard' })]))[0]?.text).toBe(
      'oxalic acid on Service yard at 08:32, before the reading of sodium hypochlorite on Service yard at 08:38',
    );
  });

  it('ask for no acid to bring caustic to rest on a face that acid dissolves', () => {
    const stone = place([face('a', { material: 'limestone' })]);
    const log = [...treatment('a', 'caustic', 0), ...treatment('a', 'quaternary-biocide', 40, 6)];
    const without = log.filter((e) => e.act !== 'neutralise');
    expect(rules(without, stone)).toEqual([]);
    expect(rules(without, place([face('a')]))).toEqual(['gate']);
  });

  it('never share a sprayer', () => {
    const on = place([face('a', { drainsOnto: ['x'] }), face('b', { drainsOnto: ['y'] })]);
    const one = [...treatment('a', 'hypochlorite', 0), ...treatment('b', 'oxalic-acid', 40)].map((e) =>
      e.vessel ? { ...e, vessel: 'one' } : e,
    );
    expect(rules(one, on)).toEqual(['vessel']);
  });
});

describe('a day by the clock', () => {
  const soft = (surface: string, at: number, more: Partial<LogEntry> = {}) =>
    treatment(surface, 'neutral-detergent', at, 0, {
      dwell: { leastSeconds: 300, mostSeconds: 900, strips: 1 },
      ...more,
    });
  const wall = face('wall', { drainsOnto: ['path'] });
  const path = face('path', { band: 'floor', tiltDegrees: 0, topMetres: 0 });
  const moved = (log: readonly LogEntry[], wanted: (e: LogEntry) => boolean, minutes: number) =>
    log.map((e) => (wanted(e) ? { ...e, from: e.from + 60 * minutes, to: e.to + 60 * minutes } : e));

  it('is sound as it is', () => {
    expect(rules([...soft('wall', 0), ...soft('path', 40)], place([wall, path]))).toEqual([]);
  });

  it('lets no rinse run onto what is being treated below', () => {
    const log = [...soft('wall', 0), ...soft('path', 40)];
    const late = moved(log, (e) => e.surfaces[0] === 'wall' && e.act === 'rinse' && e.step === 4, 20).map(
      (e) => ({ ...e, people: [String(e.from)] }),
    );
    expect(rules(late, place([wall, path]))).toContain('run-down');
    expect(rules(late, place([{ ...wall, drainsOnto: ['x'] }, path]))).not.toContain('run-down');
  });

  it('keeps stages in their order, and each dwell within its bounds', () => {
    const log = soft('wall', 0);
    const on = place([wall, path]);
    expect(
      rules(
        moved(log, (e) => e.step === 4, -20),
        on,
      ),
    ).toContain('chain');
    expect(
      rules(
        moved(log, (e) => e.step === 2, -4),
        on,
      ),
    ).toContain('dwell');
    expect(
      rules(
        moved(log, (e) => e.step === 2, 9),
        on,
      ),
    ).toContain('dwell');
  });

  it('is worked with mixes that somebody has made, not too long before', () => {
    const log = treatment('wall', 'percarbonate', 0);
    const on = place([wall, path]);
    expect(rules(log, on)).toEqual([]);
    expect(
      rules(
        log.filter((e) => e.act !== 'mix'),
        on,
      ),
    ).toContain('mix');
    expect(
      rules(
        moved(log, (e) => e.act !== 'mix', 5 * 60),
        on,
      ),
    ).toContain('mix');
  });

  it('has nobody in two places, and nobody below work overhead', () => {
    const roof = face('roof', { band: 'roof', topMetres: 8, drainsOnto: ['path'] });
    const log = [entry(0, 10, 'roof', 'clear', { step: 0 }), entry(5, 10, 'path', 'clear', { step: 0 })];
    expect(rules(log, place([roof, path]))).toEqual(['two-places']);
    const two = log.map((e) => ({ ...e, people: [e.surfaces[0] ?? ''] }));
    expect(rules(two, place([roof, path]))).toEqual(['below']);
    expect(rules(two, place([{ ...roof, topMetres: 2 }, path]))).toEqual([]);
  });
});

describe('what must stay dry', () => {
  const biocide = (surface: string, at: number) =>
    entry(at, 10, surface, 'apply', {
      agent: 'quaternary-biocide',
      method: 'leave-on-biocide',
      step: 0,
      mix: 'q',
    });
  const mixed = entry(0, 2, 'wall', 'mix', { agent: 'quaternary-biocide', mix: 'q' });
  const wall = face('wall');
  const roof = face('roof', { drainsOnto: ['wall'] });
  const on = place([roof, wall]);

  it('is wetted by nothing on the day, before or after, on it, above it or beside it', () => {
    expect(rules([mixed, biocide('wall', 10)], on)).toEqual([]);
    for (const minute of [4, 30])
      expect(rules([mixed, biocide('wall', 10), entry(minute, 4, 'roof', 'rinse')], on)).toEqual(['dry']);
    expect(rules([mixed, biocide('wall', 10), entry(30, 4, 'wall', 'rinse')], on)).toEqual(['dry']);
    expect(rules([mixed, biocide('wall', 10), entry(30, 4, 'roof', 'clear')], on)).toEqual([]);
    expect(
      rules([mixed, biocide('wall', 10), entry(30, 4, 'roof', 'rinse')], place([face('roof'), wall])),
    ).toEqual([]);
  });

  it('comes so many days after anything wet as its method asks for', () => {
    const fill = entry(5, 10, 'wall', 'fill', { method: 'fill-dry-sand', step: 0 });
    const after = (daysBefore: number) => ({
      ...on,
      earlier: [{ daysBefore, surface: 'roof', act: 'rinse' as const }],
    });
    expect(rules([fill], after(1))).toEqual(['dry']);
    expect(rules([fill], after(2))).toEqual([]);
  });

  it('may be misted by its own method, as stabilised sand is, and by no other', () => {
    const fill = entry(5, 10, 'wall', 'fill', { method: 'fill-stabilised-sand', step: 0 });
    const mist = (method: string) => entry(16, 5, 'wall', 'rinse', { method, step: 1 });
    expect(rules([fill, mist('fill-stabilised-sand')], on)).toEqual([]);
    expect(rules([fill, mist('paving-wash')], on)).toEqual(['dry']);
  });
});
