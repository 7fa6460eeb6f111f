import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { AgentClass } from '../catalogue/agent.ts';
import { judgedDay } from './day-judge.ts';
import type { JudgedFace, JudgedPlace, LogEntry } from './day-log.ts';
import { face, place, treatment, rules } from '../test/judged-log.ts';

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
    const log = [...treatment('a', 'caustic', 0), ...treatment('a', 'enzyme-cleaner', 40, 6)];
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
