import { describe, expect, it } from '@jest/globals';
import { plan } from '../plan/plan.ts';
import type { Survey } from '../survey/survey.ts';
import { demo } from '../test/demo-survey.ts';
import { NOTHING_FIXED, fixedByMove, pinOn, pinsAsTold, workInRound } from './pinned-round.ts';
import type { Fixed, Pinned } from './pinned-round.ts';
import { roundsInWords } from './rounds-in-words.ts';
import type { NamedRound } from './rounds-in-words.ts';
import { whyThen } from './why-then.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 60 };
const stored = (fixed: Fixed, pinned: Pinned, { name }: NamedRound) => ({
  ...fixed,
  ...pinned,
  name,
  why: '',
  by: 'Ada',
  at: '2026-05-01T08:00:00Z',
});
const inHouse = (survey: Survey, house: object): Survey => ({
  ...survey,
  job: { ...survey.job, house: { ...survey.job.house, ...house } },
});

describe('what was told', () => {
  it.each([
    ['hill-observatory', '10:00'],
    ['hill-observatory', '23:00'],
    ['tram-halt', '23:00'],
    ['lock-cottage', '23:00'],
  ])('of %s until %s is kept by whom and when, pairs and shared fronts too', (name, until) => {
    const survey = demo(name);
    const told = plan(survey, OPTIONS);
    const rounds = roundsInWords(told);
    const pins = pinsAsTold(told, survey, rounds, until, stored);
    const kept = plan(inHouse(survey, { pins }), OPTIONS);
    const at = new Map(kept.visit?.schedule.placements.map((placed) => [placed.operation, placed]));
    const [hour = 0] = until.split(':').map(Number);
    const [begins = 0] = survey.job.house.dayStart.split(':').map(Number);
    const first = rounds.filter(({ start }) => start < 3600 * (hour - begins - 1));
    for (const { person, operations } of first)
      for (const { id, parts, task } of operations) {
        if (task !== 'lunch' && (parts.length === 0 || task === 'mix')) continue;
        expect([id, at.get(id)?.person]).toEqual([id, person]);
        const before = told.visit?.schedule.placements.find(({ operation }) => operation === id)?.start ?? 0;
        expect(Math.abs((at.get(id)?.start ?? Infinity) - before)).toBeLessThan(900);
      }
    expect(first.length).toBeGreaterThan(2);
    expect(kept.visit?.schedule.makespan).toBeLessThanOrEqual((told.visit?.schedule.makespan ?? 0) + 900);
  });

  it('is split where others do the rest of the work: one half of a pair is not the other', () => {
    const survey = demo('hill-observatory');
    const told = plan(survey, OPTIONS);
    const rounds = roundsInWords(told);
    const all = rounds.map((round) => workInRound(round, told));
    const ids = all.flatMap(({ work }) => work);
    expect(new Set(ids).size).toBe(ids.length);
    expect(all.flatMap(({ hands }) => hands).length).toBeGreaterThan(0);
    const halves = told.work.planned.filter(({ task }) => task === 'lead' || task === 'follow');
    expect(halves.length).toBeGreaterThan(0);
    for (const { id } of halves) expect(ids).toContain(id);
    // A rinse that is of no stage is known by itself.
    const footRinses = told.work.planned.filter(({ task }) => task === 'foot-rinse');
    expect(footRinses.length).toBeGreaterThan(0);
    for (const { id } of footRinses) expect(ids).toContain(id);
  });
});

describe('a move of a round', () => {
  const survey = demo('tram-halt');
  const told = plan(survey, OPTIONS);
  const rounds = roundsInWords(told);
  const round = rounds.find((one) => workInRound(one, told).work.length > 0);
  if (!round) throw new Error('no round');

  it('later is not before, earlier is begun by, over is by somebody else, and back again nothing', () => {
    const own = { person: round.person, at: '00:00' };
    expect(fixedByMove(round, { ...own, at: '18:00' }, survey)).toEqual({
      ...NOTHING_FIXED,
      notBefore: '18:00',
    });
    expect(fixedByMove(round, { ...own, at: '06:30' }, survey)).toMatchObject({
      notAfter: '06:30',
      notBefore: null,
    });
    const other = survey.job.house.crew.find(({ id }) => id !== round.person)?.id ?? '';
    expect(fixedByMove(round, { ...own, person: other }, survey).person).toBe(other);
  });

  it('is found again on the round that has its work', () => {
    const pin = stored({ ...NOTHING_FIXED, notBefore: '09:00' }, workInRound(round, told), round);
    expect(pinOn(round, inHouse(survey, { pins: [pin] }))).toBe(pin);
    const others = rounds.filter((one) => one.id !== round.id && workInRound(one, told).work.length > 0);
    for (const one of others) expect(pinOn(one, inHouse(survey, { pins: [pin] }))).toBeNull();
  });
});

describe('why setting out and clearing up come then', () => {
  const whys = (survey: Survey) => {
    const made = plan(survey, OPTIONS);
    const named = roundsInWords(made);
    const why = whyThen(made, survey, named);
    return (task: string, person: string) => {
      const round = named.find((one) => one.person === person && one.operations[0]?.task === task);
      return round && why.get(round.id);
    };
  };
  const survey = demo('tram-halt');

  it('tells who comes later and who leaves earlier, and nothing of quiet hours', () => {
    const [one, other] = survey.job.house.crew;
    if (!one || !other) throw new Error('a crew of two');
    const of = whys(inHouse(survey, { crew: [one, { ...other, from: '07:30', until: '08:30' }] }));
    expect(of('set-out', other.id)).toMatch(/ comes at 07:30\.$/);
    expect(of('clear-up', other.id)).toMatch(/ packs up in time to leave\.$/);
  });

  it('tells when the property opens', () => {
    const hours = { from: '08:30', to: '18:00' };
    const of = whys({ ...survey, property: { ...survey.property, hours } });
    expect(of('set-out', survey.job.house.crew[0]?.id ?? '')).toMatch(/^Work begins at 08:30/);
  });
});
